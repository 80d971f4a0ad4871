import { usualContainer } from '../containers/usual';
import { fromHex, fromLab, toLab, deltaE, type Oklch } from '../colour/oklch';
import { freely } from '../growth/conditions';
import { BOOK } from '../plants/book/index';
import type { PlantKind } from '../plants/kind';
import { seedOf } from '../random/hash';
import { weekAfter } from '../units/units';
import { itemBuffer } from './itemBuffer';
import { buildScene, elevation } from './scene';
import type { Picture } from './part';

const WEEKS = 16;
const pot = usualContainer(
  'Pot',
  { kind: 'round', topCm: 14, baseCm: 11, depthCm: 14 },
  'terracotta',
);

/** Mean colour of the cells that leaves, or flowers, of a kind alone fill in its drawing; `null` when it shows none. */
function drawnColour(kind: PlantKind, floral: boolean): Oklch | null {
  const scene = buildScene(
    {
      container: pot,
      hung: kind.trailCm !== null,
      plantedWeek: weekAfter((kind.bloom?.weeks[0] ?? 30) + 4, -WEEKS),
      conditions: freely(8),
      plants: [{ kind, xCm: 0, zCm: 0, seed: seedOf(kind.id), size: kind.sold[0]!.size }],
    },
    WEEKS,
  );
  const picture = elevation(
    scene,
    { azimuthRad: 0.3, pitchRad: 0.2, pxPerCm: 5, originX: 250, originY: 400 },
    'full',
    { widthPx: 500, heightPx: 460 },
  );
  const colours: string[] = [];
  const indexOf = new Map<string, number>();
  const byColour: Picture = {
    ...picture,
    // Every part counts under its own colour; stems and outlines count for nothing, as a record says nothing of them.
    layers: picture.layers.map((layer) => ({
      ...layer,
      drawn: layer.drawn.flatMap((drawn) =>
        drawn.parts
          .filter(({ widthPx, alpha }) => widthPx === 0 && alpha === 1)
          .map((part) => {
            if (
              drawn.plant < 0 ||
              Boolean(drawn.floral) !== floral ||
              typeof part.colour !== 'string'
            )
              return { ...drawn, plant: -1, floral: false, parts: [part] };
            let plant = indexOf.get(part.colour);
            if (plant === undefined) {
              plant = colours.push(part.colour) - 1;
              indexOf.set(part.colour, plant);
            }
            return { ...drawn, plant, floral: false, parts: [part] };
          }),
      ),
    })),
  };
  const { ids } = itemBuffer(byColour, 0.5);
  const sum = [0, 0, 0];
  let cells = 0;
  for (const id of ids) {
    const hex = id === 0 ? undefined : colours[id - 1];
    if (!hex) continue;
    toLab(fromHex(hex)!).forEach((value, axis) => (sum[axis]! += value));
    cells += 1;
  }
  return cells < 20 ? null : fromLab([sum[0]! / cells, sum[1]! / cells, sum[2]! / cells]);
}

/** Distance in the a–b plane and in lightness: shade darkens what is drawn, and must not turn its hue. */
const apart = (drawn: Oklch, record: Oklch) => {
  const [d, r] = [toLab(drawn), toLab(record)];
  return { chroma: Math.hypot(d[1] - r[1], d[2] - r[2]), light: d[0] - r[0] };
};

/** Kinds of one plain leaf colour: what is patterned has no single colour to be held against. Every third, for time. */
const PLAIN = BOOK.filter(({ foliage }) => foliage.pattern === 'plain' && !foliage.under).filter(
  (_, i) => i % 3 === 0,
);

test('leaves as drawn, averaged, keep the hue and chroma of the record: within .02 for nineteen of twenty, .05 for all', () => {
  const far = PLAIN.map((kind) => ({
    id: kind.id,
    drawn: drawnColour(kind, false),
    record: kind.foliage.main,
  }))
    .filter(({ drawn }) => drawn !== null)
    .map(({ id, drawn, record }) => ({ id, ...apart(drawn!, record) }))
    .sort((a, b) => b.chroma - a.chroma);
  expect(far.length).toBeGreaterThan(60);
  expect(far[0]).toEqual({ ...far[0], chroma: Math.min(0.05, far[0]!.chroma) });
  expect(far[Math.floor(far.length / 20)]!.chroma).toBeLessThan(0.02);
  // In its own shade a plant is darker than a leaf in the hand, by a fifth at most.
  const mean = far.reduce((sum, { light }) => sum + light, 0) / far.length;
  expect(mean).toBeLessThan(0);
  expect(mean).toBeGreaterThan(-0.2);
});

test('flowers of one colour, averaged, are within .08 of the record for nine of ten, lightness and all', () => {
  const flowers = BOOK.filter(
    ({ bloom }) => bloom && !bloom.eye && !bloom.second && bloom.cover >= 0.2,
  ).filter((_, i) => i % 3 === 0);
  const far = flowers
    .map((kind) => ({ id: kind.id, drawn: drawnColour(kind, true), record: kind.bloom!.main }))
    .filter(({ drawn }) => drawn !== null)
    .map(({ id, drawn, record }) => ({ id, far: deltaE(drawn!, record) }))
    .sort((a, b) => b.far - a.far);
  expect(far.length).toBeGreaterThan(20);
  expect(far[Math.floor(far.length / 10)]!.far).toBeLessThan(0.08);
});
