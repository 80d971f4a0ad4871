import fc from 'fast-check';
import { meet, type Standing } from './meeting';
import { bothSeen, contentOf, orderOf, type Seen } from './stamp';

const tub = {
  id: 'tub',
  name: 'Tub',
  places: [
    { id: 'a', xCm: 0 },
    { id: 'b', xCm: 5 },
  ],
};
const moved = {
  ...tub,
  places: [
    { id: 'a', xCm: 3 },
    { id: 'b', xCm: 5 },
  ],
};
const renamed = { ...tub, name: 'Tub by the door' };
const standing = (record: Standing['record'], seen: Seen | null): Standing => ({ record, seen });
const base = standing(tub, { phone: 1 });
const fine = () => true;

describe('which state is later', () => {
  const seen = fc.dictionary(
    fc.constantFrom('phone', 'desk', 'shed'),
    fc.integer({ min: 1, max: 4 }),
  );
  test('a state is never later than what has seen it; two ways of asking agree', () => {
    const turned = { same: 'same', apart: 'apart', later: 'earlier', earlier: 'later' } as const;
    fc.assert(
      fc.property(seen, seen, (a, b) => {
        expect(orderOf(b, a)).toBe(turned[orderOf(a, b)]);
        expect(['same', 'earlier']).toContain(orderOf(a, bothSeen(a, b)));
      }),
    );
  });
  test('content is the same whatever the order of fields, and differs by one figure', () => {
    expect(contentOf({ a: 1, b: { c: 2, d: 3 } })).toBe(contentOf({ b: { d: 3, c: 2 }, a: 1 }));
    expect(contentOf(tub)).not.toBe(contentOf(moved));
  });
});

describe('two devices meet', () => {
  test('what only one changed is taken from it, what it took away is gone', () => {
    const here = standing(tub, { phone: 1 });
    expect(meet(here, standing(moved, { phone: 1, desk: 1 }), base, fine)).toEqual({
      is: 'there',
      record: moved,
    });
    expect(meet(here, standing(null, { phone: 1, desk: 1 }), base, fine)).toEqual({
      is: 'there',
      record: null,
    });
    expect(meet(standing(moved, { phone: 2 }), here, base, fine)).toEqual({ is: 'here' });
    expect(meet(standing(null, { phone: 2 }), here, base, fine)).toEqual({ is: 'here' });
  });

  test('both changed something else: both changes stand', () => {
    const met = meet(
      standing(moved, { phone: 2 }),
      standing(renamed, { phone: 1, desk: 1 }),
      base,
      fine,
    );
    expect(met).toEqual({ is: 'both', record: { ...moved, name: renamed.name } });
  });

  test('both changed the same, or together it could not stand: the gardener is asked', () => {
    const here = standing({ ...tub, name: 'Left tub' }, { phone: 2 });
    const there = standing(renamed, { phone: 1, desk: 1 });
    expect(meet(here, there, base, fine)).toMatchObject({
      is: 'choice',
      differences: [{ at: ['name'], was: 'Left tub', is: 'Tub by the door' }],
    });
    const apart = [standing(moved, { phone: 2 }), there] as const;
    expect(meet(...apart, base, () => false).is).toBe('choice');
  });

  test('a beginning that the other never saw is no beginning: nothing is laid together on it', () => {
    // Sent out from here as phone 2, and never taken in there.
    const sent = standing(moved, { phone: 2 });
    const here = standing({ ...moved, name: 'Tub 1' }, { phone: 3 });
    expect(meet(here, standing(renamed, { phone: 1, desk: 1 }), sent, fine).is).toBe('choice');
  });

  test('taken away on one side and changed on the other: asked', () => {
    expect(meet(standing(null, { phone: 2 }), standing(moved, { desk: 1 }), base, fine).is).toBe(
      'choice',
    );
  });

  test('a file that tells nothing of what it saw adds what is new, and takes nobody’s place', () => {
    const here = standing(tub, { phone: 1 });
    expect(meet(here, standing(renamed, null), base, fine).is).toBe('choice');
    expect(meet(here, standing(null, null), base, fine).is).toBe('here');
    expect(meet(standing(null, null), standing(tub, null), null, fine)).toEqual({
      is: 'there',
      record: tub,
    });
    expect(meet(here, standing({ ...tub }, null), null, fine).is).toBe('same');
  });
});
