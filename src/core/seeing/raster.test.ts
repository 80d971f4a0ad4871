import { hash01 } from '../random/hash';
import { fill, line, type Layer, type Part } from './part';
import { Raster } from './raster';
import { finished } from '../work/steps';

const SIZE = 24;

function painted(
  parts: readonly Part[],
  { density = 1, clip = null }: { density?: number; clip?: Layer['clip'] } = {},
): Raster {
  const onto = new Raster(SIZE * density, SIZE * density);
  finished(
    onto.paint(
      {
        widthPx: SIZE,
        heightPx: SIZE,
        layers: [{ clip, drawn: [{ depthCm: 0, plant: 0, parts }] }],
      },
      density,
    ),
  );
  return onto;
}
const pixel = ({ bytes, width }: Raster, x: number, y: number) => [
  ...bytes.slice((y * width + x) * 4, (y * width + x) * 4 + 4),
];
const covered = ({ bytes }: Raster) =>
  bytes.reduce((sum, byte, i) => sum + (i % 4 === 3 ? byte / 255 : 0), 0);

test('a pixel is covered by as much as the outline cuts of it', () => {
  const box = painted([fill([1.25, 2.5, 3.5, 2.5, 3.5, 4, 1.25, 4], '#336699')]);
  expect(pixel(box, 2, 3)).toEqual([0x33, 0x66, 0x99, 255]);
  expect(pixel(box, 1, 3)[3]).toBeCloseTo(0.75 * 255, -0.5);
  expect(pixel(box, 1, 2)[3]).toBeCloseTo(0.75 * 0.5 * 255, -0.5);
  expect(pixel(box, 3, 2)[3]).toBeCloseTo(0.25 * 255, -0.5);
  expect(pixel(box, 4, 3)).toEqual([0, 0, 0, 0]);
});

test('outlines of any shape, whichever way round and however far outside, cover what a fine count of points inside them says', () => {
  const FINE = 9;
  for (let seed = 1; seed <= 60; seed += 1) {
    const corners = 3 + (seed % 6);
    // From within the picture to well beyond it on every side.
    const xy = Array.from({ length: corners * 2 }, (_, i) => -10 + (SIZE + 20) * hash01(seed, i));
    const { bytes } = painted([fill(xy, '#000000')]);
    let worst = 0;
    let total = 0;
    for (let y = 0; y < SIZE; y += 1)
      for (let x = 0; x < SIZE; x += 1) {
        let inside = 0;
        for (let k = 0; k < FINE * FINE; k += 1)
          if (
            winding(xy, x + ((k % FINE) + 0.5) / FINE, y + (Math.floor(k / FINE) + 0.5) / FINE) !==
            0
          )
            inside += 1;
        const off = Math.abs(bytes[(y * SIZE + x) * 4 + 3]! / 255 - inside / FINE ** 2);
        total += off;
        worst = Math.max(worst, off);
      }
    expect(total / SIZE ** 2).toBeLessThan(0.01);
    // Where an outline crosses itself within one pixel, areas of opposite sense may cancel in that pixel alone.
    expect(corners > 3 ? 0 : worst).toBeLessThan(0.12);
  }
});

function winding(xy: readonly number[], x: number, y: number): number {
  let turns = 0;
  for (let i = 0, j = xy.length - 2; i < xy.length; j = i, i += 2) {
    const [x0, y0, x1, y1] = [xy[j]!, xy[j + 1]!, xy[i]!, xy[i + 1]!];
    if (y0 <= y === y1 <= y) continue;
    if (x0 + ((y - y0) / (y1 - y0)) * (x1 - x0) > x) turns += y1 > y0 ? 1 : -1;
  }
  return turns;
}

test('a line covers its length times its width, and a broad one ends round', () => {
  const thin = painted([line([4, 5, 16, 14], '#000000', 0.8)]);
  expect(covered(thin)).toBeCloseTo(15 * 0.8, 0);
  const broad = painted([line([5, 6, 17, 15], '#000000', 4)]);
  expect(Math.abs(covered(broad) - (15 * 4 + Math.PI * 4))).toBeLessThan(1.2);
  // A corner is neither left open nor laid on twice.
  const bent = painted([line([4, 4, 12, 4, 12, 12], '#000000', 2.5)]);
  expect(Math.abs(covered(bent) - (16 * 2.5 + (Math.PI * 2.5 ** 2) / 4))).toBeLessThan(1.5);
  expect(pixel(bent, 11, 4)[3]).toBeGreaterThan(240);
  // One that turns back on itself, or has no length, reaches no farther than half its width.
  expect(covered(painted([line([5, 5, 15, 5, 5, 5.01], '#000000', 3)]))).toBeLessThan(
    10 * 3 + Math.PI * 2.25 + 3,
  );
  expect(covered(painted([line([8, 8, 8, 8], '#000000', 3)]))).toBeLessThan(Math.PI * 2.25 + 1);
});

test('what lies on top hides what is below; what is thin lets it through', () => {
  const whole = [0, 0, SIZE, 0, SIZE, SIZE, 0, SIZE];
  expect(pixel(painted([fill(whole, '#ff0000'), fill(whole, '#00ff00')]), 5, 5)).toEqual([
    0, 255, 0, 255,
  ]);
  expect(pixel(painted([fill(whole, '#ff0000'), fill(whole, '#0000ff', 0.25)]), 5, 5)).toEqual([
    191, 0, 64, 255,
  ]);
  // Over nothing a thin colour keeps its hue and only its opacity is thin.
  expect(pixel(painted([fill(whole, '#ff0000', 0.5)]), 5, 5)).toEqual([255, 0, 0, 128]);
  const [r, g, b, a] = pixel(
    painted([fill(whole, '#ff0000', 0.5), fill(whole, '#0000ff', 0.5)]),
    5,
    5,
  );
  expect(a).toBe(192);
  expect([r, g, b]).toEqual([85, 0, 170]);
  expect(pixel(painted([fill(whole, '#20406080')]), 5, 5)).toEqual([0x20, 0x40, 0x60, 128]);
});

test('a clipping outline lets nothing out, and is gone for the next layer', () => {
  const whole = fill([0, 0, SIZE, 0, SIZE, SIZE, 0, SIZE], '#102030');
  const cut = painted([whole], { clip: [6, 6, 12, 6, 12, 12, 6, 12] });
  expect(covered(cut)).toBeCloseTo(36, 5);
  // A second clip takes the place of the first.
  const twice = new Raster(SIZE, SIZE);
  const layer = (clip: readonly number[]): Layer => ({
    clip,
    drawn: [{ depthCm: 0, plant: 0, parts: [whole] }],
  });
  const free: Layer = {
    clip: null,
    drawn: [{ depthCm: 0, plant: 0, parts: [fill([14, 14, 20, 14, 20, 20, 14, 20], '#102030')] }],
  };
  finished(
    twice.paint(
      {
        widthPx: SIZE,
        heightPx: SIZE,
        layers: [layer([0, 0, 5, 0, 5, 5, 0, 5]), free, layer([10, 10, 13, 10, 13, 13, 10, 13])],
      },
      1,
    ),
  );
  expect(covered(twice)).toBeCloseTo(70, 5);
});

test('a ramp runs from its first colour to its last along its way and is held beyond', () => {
  const ramp = {
    x0: 6,
    y0: 0,
    x1: 18,
    y1: 0,
    stops: [
      { at: 0, colour: '#000000' },
      { at: 0.5, colour: '#ff0000' },
      { at: 1, colour: '#ffffff' },
    ],
  };
  const shaded = painted([fill([0, 0, SIZE, 0, SIZE, SIZE, 0, SIZE], ramp)]);
  expect(pixel(shaded, 2, 9)).toEqual([0, 0, 0, 255]);
  expect(pixel(shaded, 22, 9)).toEqual([255, 255, 255, 255]);
  const reds = Array.from({ length: SIZE }, (_, x) => pixel(shaded, x, 3)[0]!);
  expect(reds).toEqual([...reds].sort((p, q) => p - q));
  expect(Math.abs(pixel(shaded, 9, 3)[0]! - 149)).toBeLessThan(4);
  expect(pixel(shaded, 9, 3)).toEqual(pixel(shaded, 9, 20));
});

test('at twice the density there are four times the pixels of the same picture', () => {
  const leaf = fill([3, 12, 9, 5, 20, 11, 10, 17], '#3f7a3a');
  const twice = painted([leaf], { density: 2 });
  expect(twice.width).toBe(SIZE * 2);
  expect(covered(twice) / 4).toBeCloseTo(covered(painted([leaf])), 0);
});

test('nothing is left behind by a part: the next one starts from clear sums', () => {
  const leaf = fill([-5, -5, 40, 3, 12, 40], '#ff0000');
  const beyond = [fill([30, 30, 40, 30, 40, 40], '#00ff00'), line([-9, -9, -3, -3], '#00ff00', 2)];
  expect(
    Buffer.from(painted([leaf, ...beyond]).bytes).equals(Buffer.from(painted([leaf]).bytes)),
  ).toBe(true);
});

test('from the front to the back comes out as from the back to the front would, to a step or two of 255', () => {
  const hex = (seed: number) =>
    `#${[1, 2, 3]
      .map((i) =>
        Math.floor(256 * hash01(seed, i))
          .toString(16)
          .padStart(2, '0'),
      )
      .join('')}`;
  const parts = Array.from({ length: 300 }, (_, n) => {
    const [x, y] = [SIZE * hash01(n, 4), SIZE * hash01(n, 5)];
    const xy = Array.from({ length: 8 }, (_, i) => (i % 2 ? y : x) + 9 * (hash01(n, 6, i) - 0.5));
    return n % 5 === 0
      ? line(xy, hex(n), 0.5 + 2 * hash01(n, 7), n % 3 ? 1 : 0.6)
      : fill(xy, hex(n), n % 4 ? 1 : 0.4);
  });
  const together = painted(parts).bytes;
  const over = new Float64Array(SIZE * SIZE * 4);
  for (const part of parts) {
    const one = painted([part]).bytes;
    for (let i = 0; i < over.length; i += 4) {
      const share = one[i + 3]! / 255;
      for (let k = 0; k < 3; k += 1) over[i + k] = over[i + k]! * (1 - share) + one[i + k]! * share;
      over[i + 3] = over[i + 3]! * (1 - share) + 255 * share;
    }
  }
  let [worst, sum] = [0, 0];
  for (let i = 0; i < over.length; i += 1) {
    // Compared as they would be seen, on black.
    const seen = i % 4 === 3 ? together[i]! : (together[i]! * together[i - (i % 4) + 3]!) / 255;
    worst = Math.max(worst, Math.abs(seen - over[i]!));
    sum += Math.abs(seen - over[i]!);
  }
  expect(worst).toBeLessThan(5);
  expect(sum / over.length).toBeLessThan(1);
});

test('a ground lies under everything, and shows through what is thin', () => {
  const raster = new Raster(SIZE, SIZE);
  const half = fill([0, 0, 12, 0, 12, SIZE, 0, SIZE], '#ff0000', 0.5);
  finished(
    raster.paint(
      {
        widthPx: SIZE,
        heightPx: SIZE,
        layers: [{ clip: null, drawn: [{ depthCm: 0, plant: 0, parts: [half] }] }],
      },
      1,
      '#0000ff',
    ),
  );
  expect(pixel(raster, 5, 5)).toEqual([128, 0, 127, 255]);
  expect(pixel(raster, 20, 5)).toEqual([0, 0, 255, 255]);
});
