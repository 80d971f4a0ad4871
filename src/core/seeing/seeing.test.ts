import { BASKET, BOX, known, planted, TUB } from '../../../tests/builders/plantings';
import { read } from '../checks/reading';
import { withoutCovered } from './covered';
import { extentOf } from './framing';
import { CONTAINER_ID, itemBuffer, seenShares } from './itemBuffer';
import { aim, depthOf, screenX, screenY } from './lens';
import { fill, line, type Picture } from './part';
import { buildScene, elevation, planHoles } from './scene';
import { subjectOf } from './subject';
import { shaded, tone } from './tone';
import { toSvg } from '../../drawing/svg';

const LENS = { azimuthRad: 0, pitchRad: 0.16, pxPerCm: 4, originX: 200, originY: 380 };
const FRAME = { widthPx: 400, heightPx: 400 };

test('axes: right is right, up is up, the front is nearer; turned half round, right is left and the back is nearer', () => {
  const front = aim({ ...LENS, pitchRad: 0 });
  expect(screenX(front, [10, 0, 0])).toBeCloseTo(240);
  expect(screenY(front, [0, 10, 0])).toBeCloseTo(340);
  expect(depthOf(front, [0, 0, 5])).toBeGreaterThan(depthOf(front, [0, 0, -5]));
  const back = aim({ ...LENS, pitchRad: 0, azimuthRad: Math.PI });
  expect(screenX(back, [10, 0, 0])).toBeCloseTo(160);
  expect(depthOf(back, [0, 0, 5])).toBeLessThan(depthOf(back, [0, 0, -5]));
  const plan = aim({ ...LENS, pitchRad: Math.PI / 2 });
  expect(screenY(plan, [0, 0, 10])).toBeCloseTo(420);
});

test('item buffer: a square covers its cells exactly, a later one covers it, a clip cuts it', () => {
  const square = (x: number, w: number) => fill([x, 0, x + w, 0, x + w, 10, x, 10], '#000000');
  const picture = (clip: readonly number[] | null): Picture => ({
    widthPx: 20,
    heightPx: 10,
    layers: [
      {
        clip,
        drawn: [
          { depthCm: 0, plant: 0, parts: [square(0, 10)] },
          { depthCm: 1, plant: 1, parts: [square(5, 10)] },
        ],
      },
    ],
  });
  expect(seenShares(itemBuffer(picture(null), 1), 2)).toEqual([50 / 150, 100 / 150]);
  const cut = itemBuffer(picture([0, 0, 10, 0, 10, 10, 0, 10]), 1);
  expect(seenShares(cut, 2)).toEqual([0.5, 0.5]);
  // A line thinner than a cell is met by as many cells as its area asks, over many lines: 60 lines of 36 × 0.8 px are 108 cells of 4 × 4.
  let met = 0;
  for (let i = 0; i < 60; i += 1)
    met += itemBuffer(
      {
        widthPx: 40,
        heightPx: 80,
        layers: [
          {
            clip: null,
            drawn: [
              {
                depthCm: 0,
                plant: 0,
                parts: [line([2, 20 + i * 0.37, 35, 34 + i * 0.37], '#000000', 0.8)],
              },
            ],
          },
        ],
      },
      0.25,
    ).ids.filter((id) => id === 1).length;
  expect(Math.abs(met / 108 - 1)).toBeLessThan(0.1);
});

test('a short plant behind a tall one is hidden from the front and seen from behind', () => {
  const it = planted([
    ['canna-orange', 0, 8, '2L'],
    ['canna-orange', -8, 6, '2L'],
    ['canna-orange', 8, 6, '2L'],
    ['viola-white', 0, -12],
  ]);
  const scene = buildScene(subjectOf(it), 14);
  const share = (azimuthRad: number) =>
    seenShares(
      itemBuffer(elevation(scene, { ...LENS, azimuthRad, pxPerCm: 3 }, 'flat', FRAME), 0.5),
      4,
    )[3]!;
  expect(share(Math.PI)).toBeGreaterThan(share(0) * 1.3);
});

test('flat and full drawings show the same plants in nearly the same shares', () => {
  const it = planted([
    ['flax-bronze', 0, -8, '1L'],
    ['petunia-magenta', -9, 8],
    ['coleus-lime', 9, 6],
  ]);
  const scene = buildScene(subjectOf(it), 10);
  const shares = (detail: 'flat' | 'full') =>
    seenShares(itemBuffer(elevation(scene, LENS, detail, FRAME), 0.25), 3);
  shares('flat').forEach((flat, i) =>
    expect(Math.abs(flat - shares('full')[i]!)).toBeLessThan(0.06),
  );
});

test('marks left out while something moves were hidden: no plant loses what was seen of it, and a dense planting loses many', () => {
  const it = planted([
    ['flax-bronze', 0, -8, '1L'],
    ['petunia-magenta', -9, 8],
    ['coleus-lime', 9, 6],
    ['coleus-lime', 0, 2],
  ]);
  const scene = buildScene(subjectOf(it), 14);
  const marks = withoutCovered(scene.marks, LENS, FRAME);
  expect(marks.length).toBeLessThan(scene.marks.length * 0.9);
  const cells = (shown: typeof scene) => {
    const counts = [0, 0, 0, 0];
    itemBuffer(elevation(shown, LENS, 'flat', FRAME), 0.5).ids.forEach(
      (id) => id > 0 && id !== CONTAINER_ID && (counts[id - 1]! += 1),
    );
    return counts;
  };
  const [all, some] = [cells(scene), cells({ ...scene, marks })];
  all.forEach((count, i) =>
    expect(Math.abs(some[i]! - count)).toBeLessThan(0.04 * all.reduce((sum, n) => sum + n, 0)),
  );
});

test('one leaf alone is never left out, nor anything in front of it', () => {
  const one = buildScene(subjectOf(planted([['viola-white', 0, 0]])), 0);
  const nearest = [...one.marks]
    .sort((m, n) => depthOf(aim(LENS), n.p) - depthOf(aim(LENS), m.p))
    .slice(0, 5);
  const kept = withoutCovered(one.marks, LENS, FRAME);
  for (const mark of nearest) expect(kept).toContain(mark);
});

test('the container is drawn, stands on the ground line and is as wide as it is', () => {
  for (const container of [TUB, BOX]) {
    const scene = buildScene(subjectOf(planted([], { container })), 0);
    const lens = { ...LENS, pitchRad: 0, pxPerCm: 3 };
    const { ids, width } = itemBuffer(elevation(scene, lens, 'full', FRAME), 1);
    const columns = new Set<number>();
    ids.forEach((id, i) => id === CONTAINER_ID && columns.add(i % width));
    const outer = (container.shape.kind === 'box' ? container.shape.lengthCm : 40) * 3;
    expect(columns.size).toBeGreaterThan(outer);
    expect(columns.size).toBeLessThan(outer + 26);
  }
});

test('the frame of a planting holds nearly all of its drawing at the end of the season', () => {
  const it = planted([
    ['fountain-grass-purple', -2, -8, '2L'],
    ['pelargonium-scarlet', 8, 2],
    ['ivy-white-edge', -8, 12],
  ]);
  const extent = extentOf(read(it));
  const wide = (extent.leftCm + extent.rightCm) * 3;
  const tall = (extent.aboveCm + extent.belowCm) * 3;
  const scene = buildScene(subjectOf(it), 15);
  const big = { widthPx: wide + 400, heightPx: tall + 400 };
  const buffer = itemBuffer(
    elevation(
      scene,
      { ...LENS, pxPerCm: 3, originX: big.widthPx / 2, originY: 200 + extent.aboveCm * 3 },
      'flat',
      big,
    ),
    0.5,
  );
  let [inside, all] = [0, 0];
  buffer.ids.forEach((id, i) => {
    if (id === 0 || id === CONTAINER_ID) return;
    const [x, y] = [(i % buffer.width) * 2, Math.floor(i / buffer.width) * 2];
    all += 1;
    if (x >= 200 && x <= 200 + wide && y >= 200 && y <= 200 + tall) inside += 1;
  });
  expect(inside / all).toBeGreaterThan(0.97);
});

test('the plan draws one clipped hole for each plant', () => {
  const subject = subjectOf(
    planted([
      ['petunia-magenta', -5, 0],
      ['petunia-white', 5, 0],
    ]),
  );
  const picture = planHoles(buildScene(subject, 6), subject.plants, [4, 4], LENS, 'flat', FRAME);
  expect(picture.layers).toHaveLength(2);
  expect(picture.layers.every(({ clip }) => clip !== null)).toBe(true);
});

test('from below a basket shows no soil', () => {
  const scene = buildScene(
    subjectOf(
      planted(
        [['fuchsia-trailing-red-violet', 0, 0]],
        { container: BASKET },
        { view: 'from below', dropCm: 200 },
      ),
    ),
    8,
  );
  expect(scene.hung).toBe(true);
  const svg = toSvg(elevation(scene, { ...LENS, pitchRad: -0.3 }, 'full', FRAME), {
    title: 'Basket & chains',
    background: '#e2e2e2',
  });
  expect(svg).not.toContain('#3a2e27');
  expect(svg).toContain('<title>Basket &amp; chains</title>');
  expect(svg).not.toMatch(/NaN|undefined/);
});

test('tones: brighter in light, never another hue family, whites not dirty', () => {
  const green = known('petunia-white').foliage.main;
  expect(shaded(green, 1, 0, false)[0]).toBeGreaterThan(shaded(green, 0.3, 0, false)[0]);
  expect(shaded([0.97, 0.01, 100], 0.35, 0, false)[0]).toBeGreaterThan(0.72);
  expect(Math.abs(shaded([0.62, 0.23, 25], 1.2, 0, false)[2] - 25)).toBeLessThan(6);
  expect(tone(green, 0.7, 0)).toMatch(/^#[0-9a-f]{6}$/);
});
