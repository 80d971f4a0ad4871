import { MOST_PARTS, PHOTO_MOST_BYTES, PHOTO_PART, inParts, photoUrl } from './photo';
import fc from 'fast-check';
import { planted } from '../../../tests/builders/plantings';
import { holding, unionOf, type Entry, type What } from './entry';
import { byPlanting, lifeOf, STAGES, weeksStanding } from './life';
import { entrySchema } from './schema';
import { asItStands, chainOf, isReused, sinceOf, storyOf, weeksBeforeOf } from './story';

let count = 0;
const entry = (at: string, what: What, rest: Partial<Entry> = {}): Entry => ({
  id: `${String((count += 1)).padStart(6, '0')}`,
  at,
  zone: 'Europe/London',
  of: { plantingId: 'tub' },
  what,
  ...rest,
});
const plants = [{ placeId: 'a', kindId: 'alyssum-white', size: '9cm', xCm: 0, zCm: 0 }] as const;
const lifeFrom = (log: readonly Entry[]) => lifeOf(byPlanting(log).get('tub') ?? []);

test('a planting goes from idea to over, each stage on its local day', () => {
  const log = [
    entry('2026-05-01T09:00:00+01:00', { did: 'chosen' }),
    entry('2026-05-02T09:00:00+01:00', {
      did: 'bought',
      key: 'alyssum-white 9cm',
      got: 1,
      wanted: 1,
      paidMinor: 250,
      stop: null,
    }),
    entry('2026-05-14T00:30:00+01:00', { did: 'planted', plants }),
    entry('2026-05-20T09:00:00+01:00', { did: 'put out' }),
    entry('2026-10-20T09:00:00+01:00', { did: 'ended', why: 'frost' }),
  ];
  const stages = log.map((_, i) => lifeFrom(log.slice(0, i)).stage);
  expect([...stages, lifeFrom(log).stage]).toEqual([...STAGES]);
  // Half past midnight in London is still the day before in UTC.
  expect(lifeFrom(log).plantedOn).toBe('2026-05-14');
  expect(weeksStanding(lifeFrom(log), '2026-05-13')).toBeNull();
  expect(weeksStanding(lifeFrom(log), '2026-05-21')).toBe(1);
});

test('what was never planted does not stand, whatever else was told', () => {
  expect(lifeFrom([entry('2026-05-20T09:00:00+01:00', { did: 'put out' })]).stage).toBe('idea');
});

test('putting right: the entry that names another one takes its place', () => {
  const wrong = entry('2026-05-14T09:00:00+01:00', { did: 'planted', plants });
  const right = entry(
    '2026-05-17T09:00:00+01:00',
    { did: 'planted', plants },
    {
      takesBack: wrong.id,
    },
  );
  expect(lifeFrom([wrong, right]).plantedOn).toBe('2026-05-17');
  const back = entry('2026-05-18T09:00:00+01:00', { did: 'taken back' }, { takesBack: right.id });
  expect(lifeFrom([wrong, right, back]).plantedOn).toBe('2026-05-14');
});

const whats = fc.oneof(
  fc.constant<What>({ did: 'chosen' }),
  fc.constant<What>({ did: 'planted', plants }),
  fc.constant<What>({ did: 'put out' }),
  fc.constant<What>({ did: 'ended', why: 'over' }),
  fc.record({ did: fc.constant('watered' as const), litres: fc.integer({ min: 0, max: 9 }) }),
  fc.record({
    did: fc.constant('died' as const),
    why: fc.constantFrom('frost' as const, 'eaten' as const),
  }),
);
const logs = fc
  .array(
    fc.record({
      what: whats,
      day: fc.integer({ min: 1, max: 28 }),
      planting: fc.constantFrom('tub', 'box'),
      back: fc.option(fc.nat(30), { nil: undefined }),
    }),
    { maxLength: 14 },
  )
  .map((list) =>
    list.map(({ what, day, planting, back }, i): Entry => ({
      id: String(i).padStart(3, '0'),
      at: `2026-06-${String(day).padStart(2, '0')}T10:00:00+01:00`,
      zone: 'Europe/London',
      of: { plantingId: planting, placeIds: ['a'] },
      what,
      ...(back !== undefined && back < i ? { takesBack: String(back).padStart(3, '0') } : {}),
    })),
  );
/** As text: comparing ten thousand of them thing by thing takes most of the time. */
const told = (log: readonly Entry[]) =>
  JSON.stringify(
    [...byPlanting(log)].map(([id, held]) => [
      id,
      { ...lifeOf(held), gone: [...lifeOf(held).gone] },
    ]),
  );

test('taking an entry back equals never having made it, in 10,000 random logs (seed 11)', () => {
  fc.assert(
    fc.property(logs, fc.nat(20), (log, pick) => {
      if (log.length === 0) return;
      const gone = log[pick % log.length]!;
      const back: Entry = { ...gone, id: '999', what: { did: 'taken back' }, takesBack: gone.id };
      expect(told([...log, back])).toBe(told(log.filter((one) => one !== gone)));
    }),
    { seed: 11, numRuns: 10_000 },
  );
});

test('any part of a log is a life, and two devices’ logs are one whatever way they meet (seed 12)', () => {
  fc.assert(
    fc.property(logs, fc.nat(14), fc.nat(14), (log, a, b) => {
      for (const entry of log) expect(entrySchema.parse(entry)).toEqual(entry);
      const life = lifeFrom(log.slice(0, a));
      expect(STAGES).toContain(life.stage);
      expect(life.plantedOn === null).toBe(life.wentIn.length === 0);
      const [mine, yours] = [log.slice(0, a), log.slice(b)];
      expect(unionOf(mine, yours, log)).toEqual(unionOf(log, yours, mine));
      expect(unionOf(log, log)).toEqual([...log]);
      expect(told([...log].reverse())).toBe(told(log));
    }),
    { seed: 12, numRuns: 1000 },
  );
});

test('an entry takes back neither itself nor one written after it', () => {
  const log = [
    entry('2026-05-01T09:00:00+01:00', { did: 'chosen' }, { takesBack: '999999' }),
    {
      ...entry('2026-05-01T09:00:00+01:00', { did: 'put out' }),
      id: '999999',
      takesBack: '999999',
    },
  ];
  expect(holding(log)).toHaveLength(2);
});

test('what it does not know, and zones and times that are none, are refused by name', () => {
  const good = entry('2026-05-01T09:00:00+01:00', { did: 'chosen' });
  const fault = (change: object) =>
    entrySchema.safeParse({ ...good, ...change }).error?.issues[0]?.message;
  expect(fault({ what: { did: 'flew' } })).toContain('does not know');
  expect(fault({ zone: 'Europe/Nowhere' })).toContain('time zone');
  expect(fault({ at: '2026-99-99' })).toContain('A time must be like');
  expect(fault({})).toBeUndefined();
});

test('a container has a story, and what stays on keeps its age', () => {
  const { planting } = planted([['alyssum-white', 0, 0, '9cm']]);
  const summer = { ...planting, id: 'summer', shelfId: 'trough' };
  const winter = { ...planting, id: 'winter', shelfId: 'trough' };
  const idea = { ...planting, id: 'idea', shelfId: 'trough' };
  const log = [
    entry(
      '2026-10-20T09:00:00+01:00',
      { did: 'planted', plants: [...plants, { ...plants[0], placeId: 'b' }] },
      { of: { plantingId: 'winter' } },
    ),
    entry(
      '2026-05-14T09:00:00+01:00',
      { did: 'planted', plants },
      { of: { plantingId: 'summer' } },
    ),
  ];
  const held = byPlanting(log);
  const story = storyOf('trough', [idea, winter, summer], (id) => lifeOf(held.get(id) ?? []));
  expect(story.map((one) => one.planting.id)).toEqual(['summer', 'winter', 'idea']);
  // Of what is not planted yet, each comes after the one it goes on from, in whatever order they lie.
  const [later, last] = [
    { ...idea, id: 'later', follows: 'idea' },
    { ...idea, id: 'a-last', follows: 'later' },
  ];
  expect(
    storyOf('trough', [last, later, idea, winter, summer], (id) => lifeOf(held.get(id) ?? [])).map(
      (one) => one.planting.id,
    ),
  ).toEqual(['summer', 'winter', 'idea', 'later', 'a-last']);
  expect([...sinceOf(story)].map(([place, { day }]) => [place, day])).toEqual([
    ['a', '2026-05-14'],
    ['b', '2026-10-20'],
  ]);
});

test('a container is used again when what stood in it is over, and no other alike is empty', () => {
  const { planting } = planted([['alyssum-white', 0, 0, '9cm']]);
  const was = { ...planting, id: 'was', shelfId: 'trough' };
  const now = { ...planting, id: 'now', shelfId: 'trough' };
  const at = (log: readonly Entry[]) => {
    const held = byPlanting(log);
    return storyOf('trough', [was, now], (id) => lifeOf(held.get(id) ?? []));
  };
  const plantedThen = entry(
    '2025-05-14T09:00:00+01:00',
    { did: 'planted', plants },
    { of: { plantingId: 'was' } },
  );
  const over = entry(
    '2025-10-14T09:00:00+01:00',
    { did: 'ended', why: 'frost' },
    { of: { plantingId: 'was' } },
  );
  expect(isReused('now', at([]), 1)).toBe(false);
  expect(isReused('now', at([plantedThen]), 1)).toBe(false);
  expect(isReused('now', at([plantedThen, over]), 1)).toBe(true);
  expect(isReused('now', at([plantedThen, over]), 2)).toBe(false);
});

test('a planting stands from the day it was planted, without what died; an idea stands as meant', () => {
  const { planting } = planted([
    ['alyssum-white', 0, 0, '9cm'],
    ['lobelia-blue', 5, 0, '9cm'],
  ]);
  const dead = planting.places[1]!.id;
  const log = [
    entry('2026-06-11T09:00:00+01:00', { did: 'planted', plants }),
    entry(
      '2026-07-01T09:00:00+01:00',
      { did: 'died', why: 'too dry' },
      { of: { plantingId: 'tub', placeIds: [dead] } },
    ),
  ];
  const stands = asItStands(planting, lifeFrom(log));
  expect(stands.plantedWeek).toBe(24);
  expect(stands.places.map(({ id }) => id)).toEqual([planting.places[0]!.id]);
  expect(asItStands(planting, lifeFrom([]))).toBe(planting);
});

test('plants that stay have stood from the day they first went in, through every planting they go on from', () => {
  const { planting } = planted([
    ['box-ball', 0, 0, '1L'],
    ['alyssum-white', 5, 0, '9cm'],
  ]);
  const one = (id: string, follows?: string) => ({
    ...planting,
    id,
    ...(follows ? { follows } : {}),
  });
  const all = new Map([one('a'), one('b', 'a'), one('c', 'b')].map((it) => [it.id, it]));
  const chain = chainOf(all.get('c')!, (id) => all.get(id));
  expect(chain.map(({ id }) => id)).toEqual(['a', 'b']);
  expect(chainOf(one('x', 'x'), () => one('x', 'x'))).toEqual([]);
  const box = { placeId: 'p0', kindId: 'box-ball', size: '1L', xCm: 0, zCm: 0 } as const;
  const other = { ...box, placeId: 'p1', kindId: 'lobelia-blue' };
  const log = [
    entry(
      '2025-05-14T09:00:00+01:00',
      { did: 'planted', plants: [box] },
      { of: { plantingId: 'a' } },
    ),
    entry(
      '2025-10-15T09:00:00+01:00',
      { did: 'planted', plants: [box, other] },
      { of: { plantingId: 'b' } },
    ),
  ];
  const held = byPlanting(log);
  const chapters = chain.map((it) => ({ planting: it, life: lifeOf(held.get(it.id) ?? []) }));
  // The second place held another kind: what is meant there now is new.
  expect(weeksBeforeOf(all.get('c')!, '2026-05-13', chapters)).toEqual({ p0: 52 });
  expect(weeksBeforeOf(all.get('c')!, '2025-05-14', chapters)).toEqual({});
});

test('what was told of one moment stands in the order in which it was written, whatever zone it was told in', () => {
  const at = (id: string, told: string): Entry => ({
    id,
    at: told,
    zone: 'Europe/London',
    of: { plantingId: 'p' },
    what: { did: 'noted', words: id },
  });
  const log = [
    at('c', '2026-07-01T09:00:00+01:00'),
    at('d', '2026-07-01T08:00:00Z'),
    at('a', '2026-07-01T10:00:00+02:00'),
    at('b', '2026-07-01T07:59:59Z'),
  ];
  expect(holding(log).map(({ id }) => id)).toEqual(['b', 'a', 'c', 'd']);
  expect(holding([...log].reverse()).map(({ id }) => id)).toEqual(['b', 'a', 'c', 'd']);
});

test('a photograph is kept in parts that make the whole again, none of them empty', () => {
  for (const letters of [1, PHOTO_PART - 1, PHOTO_PART, PHOTO_PART + 1, 3 * PHOTO_PART]) {
    const whole = 'a'.repeat(letters);
    const parts = inParts(whole);
    expect(parts.join('')).toBe(whole);
    expect(parts).toHaveLength(Math.ceil(letters / PHOTO_PART));
    expect(Math.min(...parts.map(({ length }) => length))).toBeGreaterThan(0);
    expect(photoUrl({ jpeg: parts })).toBe(`data:image/jpeg;base64,${whole}`);
  }
});

test('the largest photograph just fills its parts: three bytes are four letters', () => {
  expect((PHOTO_MOST_BYTES / 3) * 4).toBe(PHOTO_PART * MOST_PARTS);
});
