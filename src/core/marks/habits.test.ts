import { known, TUB } from '../../../tests/builders/plantings';
import { BOOK } from '../plants/book/index';
import type { PlantKind } from '../plants/kind';
import { growPlant } from './grow';
import type { Mark } from './mark';
import { vesselOf } from './vessel';

const vessel = vesselOf(TUB, false);

function grown(kind: PlantKind): { readonly marks: readonly Mark[]; readonly soilY: number } {
  const soilY = vessel.soilY(0, 0);
  const marks = growPlant(
    { kind, xCm: 0, zCm: 0, seed: 7 },
    {
      share: 1,
      heightCm: kind.heightCm[1],
      spreadCm: kind.spreadCm[1],
      trailCm: kind.trailCm?.[1] ?? 0,
      bloom: 1,
      fruit: 1,
      shaded: 0,
    },
    vessel,
    0,
  );
  return { marks, soilY };
}

const STIFF = [
  'globe cactus',
  'pad cactus',
  'pencil',
  'rush',
  'umbrella',
  'sword',
  'whole frond',
  'cone',
  'threads',
  'head',
] as const;

test.each(STIFF)('%s stands as tall as told, and not twice as wide', (habit) => {
  const kind = BOOK.find((one) => one.habit === habit)!;
  const { marks, soilY } = grown(kind);
  const top = Math.max(
    ...marks.map((mark) =>
      mark.kind === 'strap'
        ? Math.max(...mark.spine.map(([, y]) => y))
        : mark.kind === 'stem'
          ? Math.max(mark.p[1], mark.to[1])
          : mark.kind === 'leaf'
            ? mark.p[1] + Math.max(0, mark.u[1]) * mark.lengthCm
            : mark.p[1],
    ),
  );
  const wide = Math.max(...marks.map(({ p }) => Math.hypot(p[0], p[2])));
  expect([habit, (top - soilY) / kind.heightCm[1] > 0.7]).toEqual([habit, true]);
  expect([habit, (top - soilY) / kind.heightCm[1] < 1.35]).toEqual([habit, true]);
  expect([habit, wide < kind.spreadCm[1]]).toEqual([habit, true]);
});

test('a corkscrew rush winds, a horsetail does not', () => {
  const bends = (id: string) => {
    const strap = grown(known(id)).marks.find((mark) => mark.kind === 'strap');
    if (strap?.kind !== 'strap') throw new Error(`${id} has no straps.`);
    const xs = strap.spine.map(([x]) => x);
    let turns = 0;
    for (let i = 2; i < xs.length; i += 1)
      if ((xs[i]! - xs[i - 1]!) * (xs[i - 1]! - xs[i - 2]!) < 0) turns += 1;
    return turns;
  };
  expect(bends('corkscrew-rush')).toBeGreaterThan(0);
  expect(bends('horsetail-black')).toBe(0);
});

test('tassels hang, spathes stand', () => {
  const plume = grown(known('love-lies-bleeding')).marks.find(({ kind }) => kind === 'plume');
  if (plume?.kind !== 'plume') throw new Error('No tassel was drawn.');
  expect(plume.spine.at(-1)![1]).toBeLessThan(plume.spine[0]![1] - 5);
  const spathe = grown(known('peace-lily')).marks.find(({ kind }) => kind === 'flower');
  if (spathe?.kind !== 'flower') throw new Error('No spathe was drawn.');
  expect(spathe.style.form).toBe('spathe');
  expect(spathe.axis[1]).toBeGreaterThan(0);
});

test('climbers bear their fruit: grapes and squashes', () => {
  for (const id of ['grape-dark', 'squash-small'])
    expect(grown(known(id)).marks.some(({ kind }) => kind === 'fruit')).toBe(true);
});

test('a plant turned a quarter clockwise as seen from above is the same plant: what was to the right is to the front', () => {
  const size = { share: 1, heightCm: 40, spreadCm: 30, trailCm: 0, bloom: 1, fruit: 0, shaded: 0 };
  const kind = known('pelargonium-scarlet');
  const at = { kind, xCm: 5, zCm: -3, seed: 9 };
  const [plain, turned] = [0, 90].map((turnDeg) =>
    growPlant({ ...at, turnDeg }, size, vesselOf(TUB, false), 0),
  );
  expect(turned).toHaveLength(plain!.length);
  plain!.forEach(({ p: [x, y, z] }, i) => {
    const [tx, ty, tz] = turned![i]!.p;
    expect(ty).toBeCloseTo(y, 6);
    expect(tx - 5).toBeCloseTo(-(z + 3), 6);
    expect(tz + 3).toBeCloseTo(x - 5, 6);
  });
});
