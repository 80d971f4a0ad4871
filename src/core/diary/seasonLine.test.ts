import { entry, mild, PLANTED } from '../../../tests/builders/careWorld';
import { planted } from '../../../tests/builders/plantings';
import { addDays, daysBetween } from '../calendar/day';
import { read } from '../checks/reading';
import { seasonLine } from './seasonLine';

const it = planted([
  ['petunia-white', 0, 0],
  ['coral-bells-plum', 9, 3],
]);
const reading = read(it);
const weather = { plantedOn: PLANTED, weatherOn: mild() } as const;

test('each week has its own seven days of weather: the mean of their highest, and all their rain', () => {
  // From the day of planting on each day is a degree warmer and a millimetre wetter than the day before.
  const nth = (day: string) => daysBetween(PLANTED, day);
  const line = seasonLine(reading, [], {
    plantedOn: PLANTED,
    weatherOn: (day) => mild({ maxC: nth(day), rainMm: nth(day) })(day),
  });
  expect(line.days.slice(0, 3)).toEqual([PLANTED, addDays(PLANTED, 7), addDays(PLANTED, 14)]);
  expect(line.days).toHaveLength(reading.weeks + 1);
  expect(line.maxC.slice(0, 3)).toEqual([3, 10, 17]);
  expect(line.rainMm.slice(0, 3)).toEqual([21, 70, 119]);
});

test('the band of height lies about the tallest plant of the week, as far up as down', () => {
  const { heightCm } = seasonLine(reading, [], weather);
  heightCm.forEach(([low, high], week) => {
    const tallest = Math.max(...reading.sizesAt(week).map((size) => size.heightCm));
    expect((low + high) / 2).toBeCloseTo(tallest, 6);
    expect((high - low) / tallest).toBeCloseTo(0.36, 6);
  });
});

test('flower is the share of what could flower, weighed by the room plants take; leaves alone count for nothing', () => {
  const { flower } = seasonLine(reading, [], weather);
  flower.forEach((share, week) => {
    expect(share).toBeGreaterThanOrEqual(0);
    expect(share).toBeLessThanOrEqual(1);
    const sizes = reading.allSizesAt(week);
    const blooms = reading.all.map(({ kind }, i) => (kind.bloom ? sizes[i]!.bloom : 0));
    const inFlower = reading.all.filter(({ kind }) => kind.bloom).map((_, i) => blooms[i]!);
    expect(share).toBeLessThanOrEqual(Math.max(...inFlower) + 1e-9);
  });
  expect(Math.max(...flower)).toBeGreaterThan(0.5);
  // By itself the petunia's flowers are all there can be.
  const alone = read(planted([['petunia-white', 0, 0]]));
  const one = seasonLine(alone, [], weather).flower;
  one.forEach((share, week) => expect(share).toBeCloseTo(alone.allSizesAt(week)[0]!.bloom, 9));
  const leaves = seasonLine(read(planted([['ivy-green', 0, 0]])), [], weather).flower;
  expect(Math.max(...leaves)).toBe(0);
});

test('what was seen or befell is marked in its week, with what was measured; what is done every day is counted', () => {
  const held = [
    entry(it, addDays(PLANTED, 6), { did: 'watered', litres: 2, runThrough: null } as never),
    entry(it, addDays(PLANTED, 6), {
      did: 'measured',
      heightCm: 22,
      spreadCm: null,
      trailCm: null,
    }),
    entry(it, addDays(PLANTED, 7), { did: 'in flower' }),
    entry(it, addDays(PLANTED, 8), { did: 'watered', litres: 2, runThrough: null } as never),
    entry(it, addDays(PLANTED, 20), { did: 'gone over' }),
    entry(it, addDays(PLANTED, 21), { did: 'fed', product: '' } as never),
  ];
  const line = seasonLine(reading, held, weather);
  expect(line.marks).toEqual([
    { day: addDays(PLANTED, 6), week: 0, did: 'measured', heightCm: 22 },
    { day: addDays(PLANTED, 7), week: 1, did: 'in flower', heightCm: null },
    { day: addDays(PLANTED, 20), week: 2, did: 'gone over', heightCm: null },
  ]);
  expect([line.watered, line.fed, line.spentMinor]).toEqual([2, 1, 0]);
});
