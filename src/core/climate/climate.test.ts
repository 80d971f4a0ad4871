import fc from 'fast-check';
import { climateAt, CLIMATES, climateOf } from './climates';
import { normalsFrom } from './records';
import { frostDates, growingWeeks, hardinessOf, normalOn } from './season';
import {
  dayNumber,
  isoDate,
  missAt,
  simulatedDay,
  simulatedForecast,
  simulatedSource,
} from './weather';

const COOL = { climate: climateOf('cool-maritime'), latitudeDeg: 51.5, seed: 7 };
const years = (place: typeof COOL, count: number) =>
  Array.from({ length: count * 365 }, (_, i) =>
    simulatedDay(place, isoDate(dayNumber('2001-01-01') + i)),
  );

test('every climate is possible: lowest below highest, warm months when its half of the earth has summer, frost where nights are cold', () => {
  expect(CLIMATES.length).toBeGreaterThanOrEqual(20);
  for (const {
    id,
    minC,
    maxC,
    hemisphere,
    frost,
    coldestC,
    sunShare,
    rainMm,
    rainDays,
  } of CLIMATES) {
    for (let m = 0; m < 12; m += 1)
      expect([
        id,
        m,
        minC[m]! < maxC[m]!,
        sunShare[m]! > 0 && sunShare[m]! < 1,
        rainMm[m]! >= rainDays[m]! * 0.5,
      ]).toEqual([id, m, true, true, true]);
    if (hemisphere !== 'tropics')
      expect([id, Math.sign(maxC[6]! - maxC[0]!)]).toEqual([id, hemisphere === 'north' ? 1 : -1]);
    expect([id, coldestC < Math.min(...minC)]).toEqual([id, true]);
    if (coldestC < -2) expect([id, frost !== null]).toEqual([id, true]);
  }
});

test('a climate moved to the other half of the earth is turned by half a year; the tropics stay', () => {
  const south = climateAt('cool-maritime', -42);
  expect(south.maxC[0]).toBe(climateOf('cool-maritime').maxC[6]);
  expect(frostDates(south)!.last[0.5]).toBe((104 + 182) % 365);
  expect(climateAt('tropical-wet', -5)).toBe(climateOf('tropical-wet'));
  expect(climateAt('southern-temperate', -37)).toBe(climateOf('southern-temperate'));
});

test('normals run through the middle of each month and round the year’s end without a step', () => {
  const { maxC } = climateOf('hot-summer-continental');
  expect(normalOn(maxC, 15.5)).toBeCloseTo(maxC[0], 6);
  expect(normalOn(maxC, 196.5)).toBeCloseTo(maxC[6], 6);
  for (let day = 0; day < 365; day += 1)
    expect(Math.abs(normalOn(maxC, (day + 1) % 365) - normalOn(maxC, day))).toBeLessThan(0.35);
});

test('frost dates: the careful one is later in spring and earlier in autumn, and chances are in order', () => {
  const { last, first, freeDays } = frostDates(climateOf('cool-maritime'))!;
  expect(last[0.1]).toBeGreaterThan(last[0.5]);
  expect(last[0.5]).toBeGreaterThan(last[0.9]);
  expect(first[0.1]).toBeLessThan(first[0.5]);
  expect(freeDays).toBe(312 - 104);
  expect(frostDates(climateOf('tropical-wet'))).toBeNull();
});

test('hardiness as plain degrees and as labels, both sides of a step', () => {
  expect([-28.9, -17.8, -6.7, -1.1, -17.7, -17.9].map((c) => hardinessOf(c).usda)).toEqual([
    '5a',
    '7a',
    '9a',
    '10a',
    '7a',
    '6b',
  ]);
  expect([16, 12, 6, 2, -4.9, -5.1, -12, -19, -25].map((c) => hardinessOf(c).rhs)).toEqual([
    'H1a',
    'H1b',
    'H1c',
    'H2',
    'H3',
    'H4',
    'H5',
    'H6',
    'H7',
  ]);
});

test('growing weeks: all year where it is never cold, few in the north', () => {
  expect(growingWeeks(climateOf('tropical-wet'))).toBe(52);
  expect(growingWeeks(climateOf('subarctic'))).toBeLessThan(24);
});

test('simulated years come out at their climate’s normals', () => {
  const days = years(COOL, 24);
  const months = Array.from({ length: 12 }, (_, m) =>
    days.filter(({ date }) => Number(date.slice(5, 7)) === m + 1),
  );
  const mean = (list: readonly number[]) => list.reduce((a, b) => a + b, 0) / list.length;
  for (let m = 0; m < 12; m += 1) {
    expect(Math.abs(mean(months[m]!.map(({ maxC }) => maxC)) - COOL.climate.maxC[m]!)).toBeLessThan(
      1.2,
    );
    const rain =
      (months[m]!.reduce((sum, { rainMm }) => sum + rainMm, 0) / months[m]!.length) * 30.4;
    expect(Math.abs(rain / COOL.climate.rainMm[m]! - 1)).toBeLessThan(0.35);
  }
  expect(days.every(({ minC, maxC }) => minC <= maxC)).toBe(true);
});

test('warm and wet days come in spells', () => {
  const days = years(COOL, 6).filter(({ date }) => /-(06|07|08)-/.test(date));
  const wet = days.map(({ rainMm }) => rainMm > 0);
  const after =
    wet.slice(1).filter((w, i) => w && wet[i]).length / wet.slice(0, -1).filter(Boolean).length;
  const any = wet.filter(Boolean).length / wet.length;
  expect(after).toBeGreaterThan(any + 0.1);
});

test('the same place and seed have the same weather, whichever day is asked first; another seed has another', () => {
  const day = simulatedDay(COOL, '2026-05-18');
  simulatedDay(COOL, '2026-07-01');
  expect(simulatedDay(COOL, '2026-05-18')).toEqual(day);
  expect(simulatedDay({ ...COOL, seed: 8 }, '2026-05-18')).not.toEqual(day);
});

test('forecasts miss by more the further they look, and come as a source', async () => {
  const miss = (lead: number) => {
    let sum = 0;
    for (let i = 0; i < 400; i += 1) {
      const { maxC, date } = simulatedForecast(COOL, isoDate(20_000 + i), lead);
      sum += Math.abs(maxC - simulatedDay(COOL, date).maxC);
    }
    return sum / 400;
  };
  expect([miss(1) < miss(4), miss(4) < miss(7), missAt(7) > missAt(1)]).toEqual([true, true, true]);
  const source = simulatedSource(COOL);
  const week = await source.forecast('2026-05-18', 7);
  expect(week.map(({ date }) => date)).toEqual(
    (await source.observed('2026-05-19', 7)).map(({ date }) => date),
  );
  expect(week.map(({ leadDays }) => leadDays)).toEqual([1, 2, 3, 4, 5, 6, 7]);
});

test('daily records give back the normals and the frosts they were made from', () => {
  const normals = normalsFrom(years(COOL, 20), 51.5);
  expect(normals.years).toBe(20);
  for (let m = 0; m < 12; m += 1)
    expect(Math.abs(normals.maxC![m]! - COOL.climate.maxC[m]!)).toBeLessThan(1.4);
  expect(normals.frost!.lastDay).toBeGreaterThan(75);
  expect(normals.frost!.lastDay).toBeLessThan(140);
  expect(normals.frost!.firstDay).toBeGreaterThan(275);
  expect(normals.coldestC).toBeLessThan(-3);
});

test('frosts of a southern winter are counted round its midsummer', () => {
  const day = (date: string, minC: number) => ({
    date,
    minC,
    maxC: 20,
    rainMm: 0,
    windMs: null,
    radiationMJ: null,
  });
  const records = Array.from({ length: 365 * 4 }, (_, i) => {
    const date = isoDate(dayNumber('2010-07-01') + i);
    return day(date, /-(09-20|05-10)$/.test(date) ? -1 : 5);
  });
  expect(normalsFrom(records, -40).frost).toMatchObject({ lastDay: 262, firstDay: 129 });
});

test('too little is said to be too little', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 200 }), (count) => {
      const normals = normalsFrom(years(COOL, 1).slice(0, count), 51.5);
      expect([normals.minC, normals.frost, normals.coldestC]).toEqual([null, null, null]);
    }),
    { seed: 131, numRuns: 10 },
  );
});

test('wet days have less between night and day than dry ones, and all days together as much as the normals say', () => {
  const days = years(COOL, 12);
  const range = (list: typeof days) =>
    list.reduce((sum, { minC, maxC }) => sum + maxC - minC, 0) / list.length;
  const [wet, dry] = [
    days.filter(({ rainMm }) => rainMm > 0),
    days.filter(({ rainMm }) => rainMm === 0),
  ];
  expect(range(wet) / range(dry)).toBeGreaterThan(0.65);
  expect(range(wet) / range(dry)).toBeLessThan(0.85);
  const { minC, maxC } = COOL.climate;
  const normal = minC.reduce((sum, low, m) => sum + maxC[m]! - low, 0) / 12;
  expect(range(days) / normal).toBeGreaterThan(0.93);
  expect(range(days) / normal).toBeLessThan(1.07);
});
