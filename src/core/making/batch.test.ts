import fc from 'fast-check';
import { planted } from '../../../tests/builders/plantings';
import type { Entry, What } from '../log/entry';
import { plantingSchema } from '../plantings/schema';
import {
  madeFrom,
  minutesFor,
  paceOf,
  plantsPer,
  recipeNow,
  runsOf,
  salePriceMinor,
  shortfallOf,
  stationsOf,
  traysOf,
} from './batch';

const { planting: design } = planted([
  ['coleus-lime', 0, 0],
  ['lobelia-blue', -8, 4],
  ['lobelia-blue', 8, 4],
]);
let count = 0;
const entry = (what: What, of: Entry['of']): Entry => ({
  id: String((count += 1)).padStart(4, '0'),
  at: '2026-05-14T09:00:00+01:00',
  zone: 'Europe/London',
  of,
  what,
});

test('forty of one design are forty plantings, each with lasting plants of its own and the same recipe', () => {
  const pots = Array.from({ length: 40 }, (_, i) =>
    madeFrom(design, { runId: 'r1', nth: i + 1, plantedWeek: 24 }),
  );
  for (const pot of pots) expect(plantingSchema.safeParse(pot).success).toBe(true);
  expect(new Set(pots.map(({ id }) => id)).size).toBe(40);
  expect(new Set(pots.flatMap(({ places }) => places.map(({ id }) => id))).size).toBe(120);
  expect(pots[7]).toMatchObject({ plantedWeek: 24, madeIn: { designId: design.id, runId: 'r1' } });
  expect(plantsPer(pots[39]!)).toEqual(plantsPer(design));
});

test('what ran out is swapped from then on; what was made before keeps its recipe', () => {
  const swaps = [{ from: 'lobelia-blue', to: 'lobelia-white', size: '9cm' }] as const;
  expect(plantsPer(recipeNow(design, swaps))).toEqual(
    new Map([
      ['coleus-lime', 1],
      ['lobelia-white', 2],
    ]),
  );
  expect(recipeNow(design, [])).toBe(design);
});

test('a run is reckoned from the log: what is made, and what was taken back is not', () => {
  const run = { runId: 'r1' };
  const begun = entry({ did: 'run begun', recipes: [{ plantingId: design.id, count: 40 }] }, run);
  const one = (nth: number) =>
    entry(
      { did: 'planted', plants: [] },
      { ...run, plantingId: madeFrom(design, { ...run, nth, plantedWeek: 24 }).id },
    );
  const made = [one(1), one(2), one(3)];
  const back = { ...entry({ did: 'taken back' }, run), takesBack: made[2]!.id };
  const designOf = (id: string) => (id.startsWith(design.id) ? design.id : null);
  const [found] = runsOf([begun, ...made, back], designOf);
  expect(found!.made.get(design.id)).toBe(2);
  expect(runsOf(made, designOf)).toEqual([]);
});

test('37 of 40: what reaches for 37 makes 37 whole, and the rest is shared out', () => {
  const per = new Map([
    ['coleus-lime', 1],
    ['lobelia-blue', 2],
  ]);
  const short = shortfallOf(per, 40, new Map([['lobelia-blue', 76]]));
  expect(short).toMatchObject({
    whole: 38,
    short: [{ kindId: 'lobelia-blue', wanted: 80, there: 76 }],
  });
  expect(shortfallOf(per, 40, new Map([['lobelia-blue', 80]]))).toMatchObject({
    whole: 40,
    short: [],
  });
  const odd = shortfallOf(per, 40, new Map([['lobelia-blue', 75]]));
  expect(odd.whole).toBe(37);
  expect(odd.shares.map((share) => share.get('lobelia-blue'))).toEqual([1, 0, 0]);
});

test('no more is shared out than is there, and no pot gets more than its recipe (seed 40)', () => {
  const stock = fc.record({
    one: fc.integer({ min: 1, max: 6 }),
    there: fc.integer({ min: 0, max: 300 }),
    toMake: fc.integer({ min: 0, max: 60 }),
  });
  fc.assert(
    fc.property(stock, ({ one, there, toMake }) => {
      const found = shortfallOf(new Map([['a', one]]), toMake, new Map([['a', there]]));
      const shared = found.shares.reduce((sum, share) => sum + (share.get('a') ?? 0), 0);
      if (found.short.length > 0)
        expect(found.whole * one + shared).toBe(Math.min(there, toMake * one));
      expect(found.whole + found.shares.length).toBe(toMake);
      for (const share of found.shares) expect(share.get('a') ?? 0).toBeLessThanOrEqual(one);
    }),
    { seed: 40, numRuns: 500 },
  );
});

test('time goes by what earlier ones took, else the later ones are quicker than the first; a price holds its margin', () => {
  expect(minutesFor(40, { oneMinutes: 30, earlier: [11, 9, 40] })).toBe(440);
  expect(minutesFor(1, { oneMinutes: 30, earlier: [] })).toBe(30);
  expect(minutesFor(4, { oneMinutes: 30, earlier: [] })).toBe(90);
  expect(minutesFor(0, { oneMinutes: 30, earlier: [] })).toBe(0);
  for (const [cost, margin] of [
    [1234, 0.4],
    [999, 0],
    [2600, 0.55],
  ] as const) {
    const price = salePriceMinor(cost, margin);
    expect((price - cost) / price).toBeGreaterThanOrEqual(margin - 1e-9);
    expect(price - salePriceMinor(cost, margin - 0.1)).toBeGreaterThanOrEqual(0);
  }
});

test('a line of people: every step once, in order, and no other way of sharing them out is quicker (seed 6)', () => {
  const minutes = fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 1, maxLength: 7 });
  fc.assert(
    fc.property(minutes, fc.integer({ min: 1, max: 4 }), (list, people) => {
      const steps = list.map((one, i) => ({
        key: `s${i}`,
        what: { do: 'label' } as const,
        minutes: one,
        cautions: [],
      }));
      const stations = stationsOf(steps, people);
      expect(stations.flatMap((station) => station.steps)).toEqual(steps);
      expect(stations.length).toBeLessThanOrEqual(people);
      const slowest = Math.max(...stations.map((station) => station.minutes));
      expect(slowest).toBeCloseTo(quickest(list, people), 6);
    }),
    { seed: 6, numRuns: 300 },
  );
});

/** The pace of the best way to share a list out, by trying every place to part it. */
function quickest(list: readonly number[], people: number): number {
  const sum = list.reduce((all, one) => all + one, 0);
  if (people === 1 || list.length <= 1) return sum;
  let best = sum;
  for (let cut = 1; cut < list.length; cut += 1) {
    const first = list.slice(0, cut).reduce((all, one) => all + one, 0);
    best = Math.min(best, Math.max(first, quickest(list.slice(cut), people - 1)));
  }
  return best;
}

test('the pace of a run is what lay between one pot and the next; breaks and pots told at one go are no pace', () => {
  const at = (time: string) => ({
    ...entry(
      {
        did: 'planted',
        plants: [{ placeId: 'a', kindId: 'coleus-lime', size: '9cm', xCm: 0, zCm: 0 }],
      },
      { plantingId: 'pot', runId: 'r1' },
    ),
    at: `2026-05-14T${time}:00+01:00`,
  });
  const log = ['09:00', '09:12', '09:12', '11:30', '11:38'].map(at);
  expect(paceOf(log, 'r1')).toEqual([12, 8]);
  expect(paceOf(log, 'r2')).toEqual([]);
  expect(minutesFor(10, { oneMinutes: 30, earlier: paceOf(log, 'r1') })).toBe(120);
});

test('a tray takes so many of a size, and one more needs another tray', () => {
  expect([traysOf(18, '9cm'), traysOf(19, '9cm'), traysOf(0, '9cm')]).toEqual([1, 2, 0]);
  // Six packs of six cells, or of four.
  expect([traysOf(36, 'six-pack'), traysOf(37, 'six-pack')]).toEqual([1, 2]);
  expect([traysOf(24, 'four-pack'), traysOf(25, 'four-pack')]).toEqual([1, 2]);
});
