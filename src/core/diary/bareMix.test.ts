import { NAMED_COLOURS, type ColourName } from '../colour/names';
import { toRgb, type Oklch, type Rgb } from '../colour/oklch';
import { hash01 } from '../random/hash';
import { bareMix, type Pixels } from './bareMix';

const SIDE = 90;
/** Peat-free mix as it is photographed, and how much its grains differ in lightness. */
const MIX: Oklch = [0.36, 0.035, 60];
const rgb = (colour: Oklch): Rgb => toRgb(colour);
const named = (name: ColourName) => NAMED_COLOURS[name] as unknown as Oklch;

/** A pot seen from above: mix with grains and shadows, and patches of leaf and flower that hide so much of it. */
function picture(
  hidden: number,
  plants: readonly ColourName[],
  seed: number,
): Pixels & { readonly bare: number } {
  const data = new Uint8ClampedArray(SIDE * SIDE * 4);
  let bare = 0;
  const patch = 6;
  for (let y = 0; y < SIDE; y += 1)
    for (let x = 0; x < SIDE; x += 1) {
      const cell = [Math.floor(x / patch), Math.floor(y / patch)] as const;
      const isPlant = hash01(seed, cell[0], cell[1]) < hidden;
      const [L, C, h] = isPlant
        ? named(plants[Math.floor(hash01(seed, cell[0], cell[1], 5) * plants.length)]!)
        : MIX;
      const grain = (hash01(seed, x, y, 3) - 0.5) * (isPlant ? 0.1 : 0.16);
      const colour = rgb([Math.max(0.05, L + grain), C, h]);
      if (!isPlant) bare += 1;
      for (let k = 0; k < 3; k += 1) data[4 * (y * SIDE + x) + k] = Math.round(255 * colour[k]!);
    }
  return { widthPx: SIDE, heightPx: SIDE, data, bare: bare / (SIDE * SIDE) };
}

const WHOLE = [
  { x: 0, y: 0 },
  { x: 1, y: 0 },
  { x: 1, y: 1 },
  { x: 0, y: 1 },
];

test.each([
  [['green', 'pale green', 'lime']],
  [['dark green', 'white', 'violet']],
  [['silver', 'magenta', 'grey-green']],
  [['green', 'yellow', 'scarlet']],
] as const)('bare mix is told to within its doubt among %j', (plants) => {
  for (const hidden of [0, 0.2, 0.5, 0.8, 1]) {
    const shown = picture(hidden, plants, 7 + Math.round(hidden * 10));
    const found = bareMix(shown, WHOLE, rgb(MIX))!;
    expect(Math.abs(found.share - shown.bare)).toBeLessThanOrEqual(found.off + 0.01);
    expect(found.off).toBeLessThan(0.15);
  }
});

test('only what lies inside the outline counts', () => {
  const data = new Uint8ClampedArray(SIDE * SIDE * 4);
  const [mix, leaf] = [rgb(MIX), rgb(named('green'))];
  for (let i = 0; i < SIDE * SIDE; i += 1)
    for (let k = 0; k < 3; k += 1)
      data[4 * i + k] = Math.round(255 * (i % SIDE < SIDE / 2 ? mix : leaf)[k]!);
  const halved = { widthPx: SIDE, heightPx: SIDE, data };
  const from = (left: number, right: number) => [
    { x: left, y: 0.1 },
    { x: right, y: 0.1 },
    { x: right, y: 0.9 },
    { x: left, y: 0.9 },
  ];
  expect(bareMix(halved, from(0, 0.5), mix)!.share).toBeGreaterThan(0.97);
  expect(bareMix(halved, from(0.5, 1), mix)!.share).toBeLessThan(0.03);
  expect(bareMix(halved, from(0.25, 0.75), mix)!.share).toBeCloseTo(0.5, 1);
  expect(bareMix(halved, from(0.4, 0.4), mix)).toBeNull();
});
