import { GOOD, planting } from '../../../tests/builders/plantings';
import { applyEdit } from './edits';
import { branchOf, bringBack, FIRST_PLAN, freeName, type Kept } from './kept';
import { keptSchema } from './keptSchema';
import { gatheringSchema } from './gatheringSchema';
import { withMember } from './gathering';

const kept = (change: Partial<Kept> = {}): Kept => ({
  id: 'k',
  plantingId: 'planting',
  kind: 'version',
  name: 'Cooler',
  at: '2026-05-18T10:00:00Z',
  from: null,
  planting: planting([['viola-white', 0, 0]], { name: 'Old name', plantedWeek: 12 }),
  ...change,
});

test('a version brings back what was composed, under the name it has now and on the branch it is on', () => {
  const now = { ...planting(GOOD), whatIf: 'What if 1' };
  const back = applyEdit(now, bringBack(kept()));
  expect(back).toMatchObject({
    id: 'planting',
    name: 'Planting',
    plantedWeek: 12,
    whatIf: 'What if 1',
  });
  expect(back.places).toEqual(kept().planting.places);
});

test('a version brings its own support back, or none where it had none', () => {
  const obelisk = { form: 'obelisk', heightCm: 90, widthCm: 20, xCm: 0, zCm: 0 } as const;
  const withOne = planting([['viola-white', 0, 0]], { support: obelisk });
  expect(applyEdit(planting(GOOD), bringBack(kept({ planting: withOne }))).support).toEqual(
    obelisk,
  );
  expect(applyEdit(withOne, bringBack(kept()))).not.toHaveProperty('support');
  // What is made anew otherwise leaves it standing.
  expect(
    applyEdit(withOne, { kind: 'remake', why: 'propose', change: { places: [] } }).support,
  ).toEqual(obelisk);
});

test('going to a what-if takes its name on, going to the first plan leaves it off', () => {
  const to = (name: string) =>
    applyEdit(planting(GOOD), bringBack(kept({ kind: 'what if', name })));
  expect(branchOf(to('Hotter'))).toBe('Hotter');
  expect(to(FIRST_PLAN)).not.toHaveProperty('whatIf');
  expect(branchOf(to(FIRST_PLAN))).toBe(FIRST_PLAN);
});

test('names are counted on from those that are taken', () => {
  expect([freeName('What if', []), freeName('What if', ['What if 1', 'What if 3'])]).toEqual([
    'What if 1',
    'What if 2',
  ]);
});

test('a kept planting has a name, and a group has each planting once and no stand above 2 m', () => {
  expect(keptSchema.safeParse(kept({ name: '  ' })).error!.issues[0]!.message).toBe(
    'A kept planting must have a name.',
  );
  const member = { plantingId: 'a', atCm: 0, backCm: 0, raisedCm: 0, turnDeg: 0 };
  const group = (members: readonly object[]) =>
    gatheringSchema.safeParse({ id: 'g', name: 'Step', demo: false, members });
  expect(group([member, { ...member, plantingId: 'b' }]).success).toBe(true);
  expect(group([member, member]).error!.issues[0]!.message).toContain(
    'stands in a group once; got "a" again',
  );
  expect(group([{ ...member, raisedCm: 200 }]).success).toBe(true);
  expect(group([{ ...member, raisedCm: 201 }]).error!.issues[0]!.message).toBe(
    'Stand must be 0–200 cm; got 201.',
  );
  expect(
    withMember({ members: [member, { ...member, plantingId: 'b' }] }, 'b', { atCm: 9 }).members.map(
      ({ atCm }) => atCm,
    ),
  ).toEqual([0, 9]);
});
