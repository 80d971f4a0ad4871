import { ciede2000, toCieLab, type CieLab } from './ciede2000';
import { COLOUR_NAMES, colourName, NAMED_COLOURS } from './names';
import { fromHex } from './oklch';

test.each<[CieLab, CieLab, number]>([
  [[50, 2.6772, -79.7751], [50, 0, -82.7485], 2.0425],
  [[50, 3.1571, -77.2803], [50, 0, -82.7485], 2.8615],
  [[50, -1.3802, -84.2814], [50, 0, -82.7485], 1],
  [[50, -0.9009, -85.5211], [50, 0, -82.7485], 1],
  [[50, 0, 0], [50, -1, 2], 2.3669],
  [[50, 2.49, -0.001], [50, -2.49, 0.0009], 7.1792],
  [[50, 2.49, -0.001], [50, -2.49, 0.0011], 7.2195],
  [[50, 2.5, 0], [73, 25, -18], 27.1492],
  [[50, 2.5, 0], [61, -5, 29], 22.8977],
  [[50, 2.5, 0], [56, -27, -3], 31.903],
  [[50, 2.5, 0], [58, 24, 15], 19.4535],
  [[60.2574, -34.0099, 36.2677], [60.4626, -34.1751, 39.4387], 1.2644],
  [[63.0109, -31.0961, -5.8663], [62.8187, -29.7946, -4.0864], 1.263],
  [[22.7233, 20.0904, -46.694], [23.0331, 14.973, -42.5619], 2.0373],
  [[90.8027, -2.0831, 1.441], [91.1528, -1.6435, 0.0447], 1.4441],
  [[2.0776, 0.0795, -1.135], [0.9033, -0.0636, -0.5514], 0.9082],
])('published pair %p and %p differ by %p', (a, b, apart) => {
  expect(ciede2000(a, b)).toBeCloseTo(apart, 4);
  expect(ciede2000(b, a)).toBeCloseTo(apart, 4);
});

test('screen white, red and mid grey have their known places', () => {
  const at = (hex: string) => toCieLab(fromHex(hex)!).map((v) => Math.round(v * 10) / 10);
  expect(
    at('#ffffff')
      .map(Math.round)
      .map((v) => v + 0),
  ).toEqual([100, 0, 0]);
  expect(at('#ff0000')[0]).toBeCloseTo(53.2, 0);
  expect(at('#ff0000')[1]).toBeCloseTo(80.1, 0);
  expect(at('#777777')[0]).toBeCloseTo(50, 0);
});

test('every named colour is called by its own name, and others by what a gardener would say', () => {
  for (const name of COLOUR_NAMES) expect(colourName(NAMED_COLOURS[name])).toBe(name);
  expect(colourName(fromHex('#b6d632')!)).toBe('lime');
  expect(colourName(fromHex('#2a1420')!)).toBe('black');
  expect(colourName(fromHex('#fdfdf8')!)).toBe('white');
  expect(colourName(fromHex('#e8541c')!)).toMatch(/orange|scarlet/);
});

test('white has lightness 100 and no hue', () => {
  const [L, a, b] = toCieLab(fromHex('#ffffff')!);
  expect(L).toBeCloseTo(100, 3);
  expect(Math.abs(a)).toBeLessThan(0.005);
  expect(Math.abs(b)).toBeLessThan(0.005);
});
