import type { DaySun } from './reckoning';
import { lightLabel, lightSpells, sunWhenOf } from './lightLabel';

/** A day with so many hours of direct sun, half of them before noon. */
const day = (hours: number): DaySun => ({
  directAmMin: hours * 30,
  directPmMin: hours * 30,
  dappledAmMin: 0,
  dappledPmMin: 0,
  dappledEffectiveMin: 0,
  dayLengthMin: 900,
});
const year = (hours: (d: number) => number) => Array.from({ length: 365 }, (_, d) => day(hours(d)));
const days = (from: number, to: number) =>
  Array.from({ length: to - from + 1 }, (_, i) => from + i);
const spells = (hours: (d: number) => number, from = 0, to = 364) =>
  lightSpells(year(hours), days(from, to), 'plain').map(
    ({ label, fromDay, toDay }) => [label, fromDay, toDay] as const,
  );

test('light is named by the mean of eleven days: a step is told where that mean crosses the limit', () => {
  // From five hours to seven and a bit: six of the eleven days must be new ones.
  expect(spells((d) => (d < 100 ? 5 : 7.1), 40, 200)).toEqual([
    ['part sun', 40, 99],
    ['full sun', 100, 200],
  ]);
  // From five to twelve two are enough, and the step is told four days before it.
  expect(spells((d) => (d < 100 ? 5 : 12), 40, 200)).toEqual([
    ['part sun', 40, 95],
    ['full sun', 96, 200],
  ]);
});

test('one bright day makes no spell, nor do a few; what lasts does', () => {
  expect(spells((d) => (d === 120 ? 14 : 5), 40, 200)).toEqual([['part sun', 40, 200]]);
  expect(spells((d) => (d >= 120 && d < 128 ? 7 : 5), 40, 200)).toEqual([['part sun', 40, 200]]);
  expect(spells((d) => (d >= 120 && d < 140 ? 7 : 5), 40, 200)).toEqual([
    ['part sun', 40, 119],
    ['full sun', 120, 139],
    ['part sun', 140, 200],
  ]);
});

test('a season over the year’s end is told in days of the year', () => {
  expect(spells(() => 3, 350, 380)).toEqual([['part shade', 350, 15]]);
});

test('sun is of the morning or the afternoon when nearly two thirds of it are, on both sides of the limit', () => {
  const when = (directAmH: number) => sunWhenOf({ directAmH, directPmH: 10 - directAmH });
  expect([6.4, 6.39, 3.61, 3.6].map(when)).toEqual(['morning', 'spread', 'spread', 'afternoon']);
  expect(sunWhenOf({ directAmH: 0, directPmH: 0 })).toBe('spread');
});

test('each habit names the hours its own way, from its limit on', () => {
  const named = (habit: 'plain' | 'british' | 'american' | 'kitchen') =>
    [1.9, 2, 3, 4, 5, 6, 8].map((directH) =>
      lightLabel(
        { directAmH: directH, directPmH: 0, directH, dappledH: 0, effectiveH: directH },
        habit,
      ),
    );
  const [no, half, part, full] = ['shade', 'part shade', 'part sun', 'full sun'] as const;
  expect(named('plain')).toEqual([no, half, half, part, part, full, full]);
  expect(named('british')).toEqual([no, no, part, part, part, full, full]);
  expect(named('american')).toEqual([no, no, no, part, part, full, full]);
  expect(named('kitchen')).toEqual([no, no, half, half, part, part, full]);
});
