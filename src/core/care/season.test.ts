import { entry, PLANTED, world } from '../../../tests/builders/careWorld';
import { BASKET, planted, TUB } from '../../../tests/builders/plantings';
import type { Container } from '../containers/container';
import type { Spot } from '../spots/spot';
import { usualSpot } from '../spots/spot';
import { addDays } from '../calendar/day';
import type { Entry } from '../log/entry';
import { spotWeather, usualDay } from './spotWeather';
import { tasksOf } from './tasks/index';
import { weatherFrom } from './world';
import { WILTS } from './outlook';
import { isKept, seasonWater } from './season';

const USUAL = usualSpot({ id: 's', name: 'S' });
const of = (container: Container, waters: Partial<Spot['waters']> = {}, spot: Partial<Spot> = {}) =>
  planted(
    [
      ['petunia-white', 0, 0],
      ['petunia-white', 9, 3],
      ['petunia-white', -9, 3],
    ],
    { container, plantedWeek: 20, endWeek: 40 },
    { ...spot, waters: { ...USUAL.waters, ...waters } },
  );
const season = (...asked: Parameters<typeof of>) => seasonWater(world(of(...asked), '2026-06-20'));

test('a basket in full sun is not kept by a can every third day, a tub on a drip line is; more visits or a reservoir never keep it worse', () => {
  const hung = { exposure: 'hanging', sunHours: 14 } as const;
  const seldom = season(BASKET, { everyDays: 3 }, hung);
  expect(seldom.unkept).not.toBeNull();
  expect(seldom.unkept!.from >= '2026-06-20').toBe(true);
  expect(seldom.unkept!.to <= '2026-10-20').toBe(true);
  expect(seldom.unkept!.timesADay).toBeGreaterThan(1 / 3);
  expect(season(BASKET, { everyDays: 0.25 }, hung).unkept).toBeNull();
  expect(season(TUB, { everyDays: 7, by: 'drip' }).unkept).toBeNull();
  expect(season(BASKET, { everyDays: 3, reservoirL: 30 }, hung).unkept).toBeNull();
});

test('what is kept, on both sides of wilting', () => {
  const pot = { capL: 10, reservoirL: 2 };
  const last = 12 - WILTS * 10;
  expect(isKept(pot, last - 0.01)).toBe(true);
  expect(isKept(pot, last + 0.01)).toBe(false);
});

test('water of the season: what was poured is counted, what is ahead shrinks as the season goes, and rain spares some of it', () => {
  const it = of(TUB);
  const told = [entry(it, '2026-06-01', { did: 'watered', litres: 3 })];
  const poured = (more: typeof told) => seasonWater(world(it, '2026-06-20', more)).pouredL;
  expect(poured(told) - poured([])).toBeCloseTo(3, 9);
  const aheads = ['2026-06-20', '2026-08-01', '2026-09-25'].map(
    (day) => seasonWater(world(it, day)).aheadL,
  );
  expect(aheads[0]).toBeGreaterThan(aheads[1]!);
  expect(aheads[1]).toBeGreaterThan(aheads[2]!);
  expect(season(TUB, {}, { underCover: true }).aheadL).toBeGreaterThan(season(TUB).aheadL);
  expect(seasonWater(world(it, PLANTED)).until > '2026-09-20').toBe(true);
});

test('promised every three days a pot is watered sooner than promised every day, and never later', () => {
  const first = (everyDays: number) => {
    const it = of(BASKET, { everyDays }, { exposure: 'hanging', sunHours: 14 });
    return world(it, '2026-06-20', [entry(it, '2026-06-20', { did: 'watered', litres: null })])
      .outlook.wants?.day;
  };
  expect(first(3)! < first(1)!).toBe(true);
  expect(first(0.5)).toBe(first(1));
});

test('a pot that was not watered in time is told to have wilted, on the day on which it may have', () => {
  const it = of(BASKET, {}, { exposure: 'hanging', sunHours: 14 });
  const facts = (more: readonly Entry[]) =>
    tasksOf(world(it, '2026-07-10', more)).find(({ rule }) => rule === 'water')?.facts;
  expect(facts([])).toMatchObject({ wiltedOn: '2026-07-09' });
  const kept = Array.from({ length: 50 }, (_, i) =>
    entry(it, addDays('2026-05-20', i), { did: 'watered', litres: null }),
  );
  expect(facts(kept.slice(0, -1))).toMatchObject({ wiltedOn: null });
});

test('weather with gaps is filled with usual days, and the night on which clocks change is a day like others', () => {
  const it = of(TUB, {}, {});
  const gaps = spotWeather(it.spot, [], '2026-10-26');
  const known = new Map([['2026-10-25', { ...gaps.on('2026-10-25'), rainMm: 3 }]]);
  const weather = weatherFrom(known, new Map(), (day) => usualDay(it.spot, day));
  const one = world(it, '2026-10-26', [], weather.on);
  expect(one.lately.map(({ day }) => day)).toContain('2026-10-25');
  expect(new Set(one.lately.map(({ day }) => day)).size).toBe(one.lately.length);
  for (const { waterL, rainL } of one.lately) {
    expect(Number.isFinite(waterL)).toBe(true);
    expect(rainL).toBeGreaterThanOrEqual(0);
  }
});
