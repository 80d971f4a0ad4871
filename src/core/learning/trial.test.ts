import { planted, TUB } from '../../../tests/builders/plantings';
import { entry } from '../../../tests/builders/careWorld';
import { hash01 } from '../random/hash';
import { applyEdit } from '../plantings/edits';
import { askingKey, askingOn, type Difference, type Question } from '../plantings/trial';
import { plantingSchema } from '../plantings/schema';
import { toldBy, trialsOf, type Trial } from './trialResult';
import { setUpTrial, type TrialAsk } from './trialSetUp';

const IT = planted(
  [
    ['petunia-white', -12, 0],
    ['petunia-white', 12, 0],
    ['lobelia-blue', 0, 12],
  ],
  { container: TUB, plantedWeek: 20, endWeek: 40 },
);
const ASK: TrialAsk = {
  id: 'feed-or-not',
  name: 'Feed or not',
  difference: { what: 'feed' },
  pots: 10,
  questions: ['height'],
  everyDays: 7,
};
const fresh = () => {
  let count = 0;
  return () => `pot-${(count += 1)}`;
};
const setUp = (change: Partial<TrialAsk> = {}, it = IT) => {
  const made = setUpTrial(it, { ...ASK, ...change }, fresh());
  if ('fault' in made) throw new Error(made.fault);
  return made;
};
const faultOf = (change: Partial<TrialAsk>, it = IT) => {
  const made = setUpTrial(it, { ...ASK, ...change }, fresh());
  return 'fault' in made ? made.fault : null;
};
const differing = (difference: Difference) => {
  const { plantings } = setUp({ difference });
  const [plain, other] = [0, 1].map((half) => plantings.find(({ trial }) => trial!.half === half)!);
  return [plain!, other!] as const;
};

test('ten pots: every pair of neighbours has one of each half, each can be kept, none has the past of the first', () => {
  const past = applyEdit(IT.planting, { kind: 'rename', name: 'Older' });
  const it = {
    ...IT,
    planting: { ...past, shelfId: 'tub', follows: 'before', whatIf: 'b' },
  };
  const { plantings, spots } = setUp({}, it);
  expect(plantings).toHaveLength(10);
  expect(spots).toEqual([]);
  for (let pair = 0; pair < 5; pair += 1) {
    const halves = plantings.slice(2 * pair, 2 * pair + 2).map(({ trial }) => trial!.half);
    expect([...halves].sort()).toEqual([0, 1]);
  }
  for (const one of plantings) {
    expect(plantingSchema.parse(one)).toEqual(one);
    expect(one).not.toHaveProperty('follows');
    expect(one).not.toHaveProperty('whatIf');
    expect(one.shelfId).toBeNull();
    // The name tells the place, not the half: whoever looks need not know.
    expect(one.name).toBe(`Place ${one.trial!.place}, Feed or not`);
  }
  expect(new Set(plantings.map(({ id }) => id)).size).toBe(10);
  expect(plantings.map(({ care }) => care.feeding === 'none')).toEqual(
    plantings.map(({ trial }) => trial!.half === 1),
  );
});

test('lots are fair: over many trials each place is in each half about as often', () => {
  const TRIALS = 400;
  const second = Array.from({ length: 10 }, () => 0);
  for (let n = 0; n < TRIALS; n += 1)
    setUp({ id: `trial-${n}` }).plantings.forEach(({ trial }, i) => {
      second[i]! += trial!.half;
    });
  // Four standard errors either way.
  for (const times of second) expect(Math.abs(times / TRIALS - 0.5)).toBeLessThan(0.1);
});

test('halves differ in the one thing asked for, and in nothing else', () => {
  const same = ({ places, container, care, spotId }: (typeof IT)['planting']) => ({
    kinds: places.map(({ kindId }) => kindId),
    at: places.map(({ xCm, zCm }) => [xCm, zCm]),
    mix: container.mix,
    care,
    spotId,
  });
  const differences: readonly [Difference, readonly string[]][] = [
    [{ what: 'spacing', factor: 1.2 }, ['at']],
    [{ what: 'kind', from: 'lobelia-blue', to: 'alyssum-white', size: '9cm' }, ['kinds']],
    [{ what: 'mix', mix: 'loam-based' }, ['mix']],
    [{ what: 'feed' }, ['care']],
    [{ what: 'pinch' }, []],
    [{ what: 'drip' }, ['spotId']],
  ];
  for (const [difference, keys] of differences) {
    const [plain, other] = differing(difference).map(same);
    const unlike = Object.keys(plain!).filter(
      (key) => JSON.stringify(plain![key as 'at']) !== JSON.stringify(other![key as 'at']),
    );
    expect([difference.what, unlike]).toEqual([difference.what, keys]);
  }
  const { spots } = setUp({ difference: { what: 'drip' } });
  expect(spots.map(({ waters }) => waters.by)).toEqual(['drip']);
});

test('what cannot be set up is refused with its reason', () => {
  expect(faultOf({ pots: 9 })).toBe('pots');
  expect(faultOf({ pots: 2 })).toBe('pots');
  expect(faultOf({ pots: 4 })).toBeNull();
  expect(faultOf({ pots: 24 })).toBeNull();
  expect(faultOf({ pots: 26 })).toBe('pots');
  expect(faultOf({ questions: [] })).toBe('questions');
  const kind = (from: string, to: string) =>
    faultOf({ difference: { what: 'kind', from, to, size: '9cm' } });
  expect(kind('rose-red', 'alyssum-white')).toBe('no such kind');
  expect(kind('lobelia-blue', 'lobelia-blue')).toBe('same kind');
  const { mix } = IT.planting.container;
  expect(faultOf({ difference: { what: 'mix', mix } })).toBe('same mix');
  const touching = planted(
    [
      ['petunia-white', -4, 0],
      ['petunia-white', 4, 0],
    ],
    { container: TUB, plantedWeek: 20, endWeek: 40 },
  );
  expect(faultOf({ difference: { what: 'spacing', factor: 0.7 } }, touching)).toBe(
    'no room nearer',
  );
  const far = planted(
    [
      ['petunia-white', -18, 0],
      ['petunia-white', 18, 0],
    ],
    { container: TUB, plantedWeek: 20, endWeek: 40 },
  );
  expect(faultOf({ difference: { what: 'spacing', factor: 1.5 } }, far)).toBe('no room apart');
});

const DAY = askingOn('2026-07-10', 7);
/** A trial of so many pots with what each answered on one day. */
function answered(pots: number, heightOf: (half: 0 | 1, place: number) => number) {
  const { plantings } = setUp({ pots });
  const [trial] = trialsOf(plantings);
  const log = plantings.map((planting) =>
    entry({ ...IT, planting }, DAY, {
      did: 'asked',
      trialId: trial!.id,
      question: askingKey('height', DAY),
      answer: String(heightOf(planting.trial!.half, planting.trial!.place)),
    }),
  );
  return { trial: trial!, log, plantings };
}
const height = ({ trial, log }: { trial: Trial; log: ReturnType<typeof answered>['log'] }) =>
  toldBy(trial, log).find(({ question }) => question === ('height' satisfies Question))!;

test('a difference is told by pairs: what both of a pair have does not hide it', () => {
  // Places grow darker along the row by far more than the halves differ.
  const told = height(
    answered(10, (half, place) => 60 - 4 * Math.ceil(place / 2) + (half ? 3 : 0)),
  );
  expect(told).toMatchObject({ pairs: 5, verdict: 'more' });
  expect(told.more!.mean).toBeCloseTo(3);
  expect(height(answered(10, (half) => (half ? 20 : 26))).verdict).toBe('less');
});

test('three pairs are the least; a lost pot takes its pair away; what was taken back is not counted', () => {
  const two = height(answered(4, (half) => (half ? 30 : 20)));
  expect(two.verdict).toBe('too few');
  // Two already have a mean and a doubt, which is wide.
  expect(two.more!.mean).toBeCloseTo(10, 9);
  expect(two.more!.to - two.more!.from).toBeGreaterThan(1);
  const six = answered(6, (half) => (half ? 30 : 20));
  expect(height(six).verdict).toBe('more');
  const [lost, ...rest] = six.plantings;
  const [left] = trialsOf(rest);
  expect(height({ trial: left!, log: six.log })).toMatchObject({ pairs: 2, verdict: 'too few' });
  const back = {
    ...entry({ ...IT, planting: lost! }, DAY, { did: 'taken back' }),
    takesBack: six.log[0]!.id,
  };
  expect(height({ ...six, log: [...six.log, back] }).pairs).toBe(2);
});

test('what is no answer to what is asked is not counted: out of range, no number, another question, another trial', () => {
  const six = answered(6, (half) => (half ? 30 : 20));
  const asked = (change: Readonly<Partial<Record<string, string>>>) => ({
    ...six,
    log: six.log.map((one, i) =>
      i === 0 ? { ...one, what: { ...one.what, ...change } as typeof one.what } : one,
    ),
  });
  for (const change of [
    { answer: '1e9' },
    { answer: '-1' },
    { answer: 'tall' },
    { question: `toString ${DAY}` },
    { question: 'height' },
    { trialId: 'other' },
  ])
    expect(height(asked(change)).pairs).toBe(2);
  expect(height(asked({ answer: '400' })).pairs).toBe(3);
});

test('the doubt holds the truth in nine trials of ten, and nine of ten that differ in nothing are told so', () => {
  const TRIALS = 1200;
  const normal = (seed: number, a: number, b: number) =>
    Math.sqrt(-2 * Math.log(1 - hash01(seed, a, b, 1))) *
    Math.cos(2 * Math.PI * hash01(seed, a, b, 2));
  const run = (truth: number) => {
    let holds = 0;
    let alarms = 0;
    const { trial, log, plantings } = answered(10, () => 0);
    for (let n = 0; n < TRIALS; n += 1) {
      const measured = log.map((one, i) => {
        const { half, place } = plantings[i]!.trial!;
        const light = 6 * normal(n, Math.ceil(place / 2), 77);
        const cm = 60 + light + half * truth + 4 * normal(n, place, half);
        return {
          ...one,
          what: { ...one.what, answer: String(Math.round(cm)) } as typeof one.what,
        };
      });
      const { more, verdict } = height({ trial, log: measured });
      if (more!.from <= truth && truth <= more!.to) holds += 1;
      if (verdict === 'more' || verdict === 'less') alarms += 1;
    }
    return { holds: holds / TRIALS, alarms: alarms / TRIALS };
  };
  const none = run(0);
  expect(none.holds).toBeGreaterThan(0.87);
  expect(none.holds).toBeLessThan(0.95);
  expect(none.alarms).toBeLessThan(0.13);
  const some = run(8);
  expect(some.holds).toBeGreaterThan(0.87);
  // Twice the scatter of one pot is found by ten in most trials.
  expect(some.alarms).toBeGreaterThan(0.8);
});
