import { planted, TUB } from '../../../tests/builders/plantings';
import { inSpot, type PlantingInSpot } from '../plantings/planting';
import { kindOf } from '../plants/book/index';
import { NURSERY_SIZES } from '../plants/nursery';
import type { MmPoint, SheetMark } from './sheet';
import { boardHoles, rulerMarks, templateOf } from './template';

const WORDS = { title: 'Tub', front: 'front', letterOf: () => 'A', underOf: () => '1 lead' };
const sheetFor = (it: PlantingInSpot, board = false) =>
  templateOf(it, { words: WORDS, drip: false, board });
const it = planted(
  [
    ['canna-bronze', 0, -5, '3L'],
    ['pelargonium-scarlet', -9, 4],
    ['calibrachoa-yellow', 9, 6],
  ],
  { container: TUB },
);
type Line = Extract<SheetMark, { readonly kind: 'line' }>;
type Circle = Extract<SheetMark, { readonly kind: 'circle' }>;
const balls = (marks: readonly SheetMark[]) =>
  marks.filter((mark): mark is Circle => mark.kind === 'circle' && mark.what === 'ball');
const apart = ([ax, ay]: MmPoint, [bx, by]: MmPoint) => Math.hypot(ax - bx, ay - by);

test('balls stand on the template at true size and as far apart as in the pot', () => {
  const drawn = balls(sheetFor(it).marks);
  expect(drawn).toHaveLength(3);
  it.plants.forEach((plant, i) =>
    expect(drawn[i]!.radiusMm).toBeCloseTo(NURSERY_SIZES[plant.size].topCm * 5, 6),
  );
  for (let i = 0; i < 3; i += 1)
    for (let j = 0; j < i; j += 1) {
      const [a, b] = [it.plants[i]!, it.plants[j]!];
      expect(apart(drawn[i]!.at, drawn[j]!.at)).toBeCloseTo(
        10 * Math.hypot(a.xCm - b.xCm, a.zCm - b.zCm),
        6,
      );
    }
});

test('a plant that leans has an arrow whose barbs lie behind its tip, as far from it and on either side of its shaft', () => {
  const lean = { tiltDeg: 20, turnDeg: 60 };
  const leaning = inSpot(
    {
      ...it.planting,
      places: it.planting.places.map((place, i) => (i === 1 ? { ...place, lean } : place)),
    },
    it.spot,
    kindOf,
    it.house,
  );
  const lines = sheetFor(leaning).marks.filter(
    (mark): mark is Line => mark.kind === 'line' && mark.what === 'arrow',
  );
  expect(lines.map(({ points }) => points.length)).toEqual([2, 3]);
  const [[from, tip], [left, at, right]] = lines.map(({ points }) => points) as unknown as [
    [MmPoint, MmPoint],
    [MmPoint, MmPoint, MmPoint],
  ];
  expect(at).toEqual(tip);
  const shaft: MmPoint = [tip[0] - from[0], tip[1] - from[1]];
  const along = ([x, y]: MmPoint) => (x - tip[0]) * shaft[0] + (y - tip[1]) * shaft[1];
  const beside = ([x, y]: MmPoint) => (x - tip[0]) * shaft[1] - (y - tip[1]) * shaft[0];
  expect(apart(left, tip)).toBeCloseTo(apart(right, tip), 9);
  expect(along(left)).toBeLessThan(0);
  expect(along(left)).toBeCloseTo(along(right), 9);
  expect(beside(left)).toBeCloseTo(-beside(right), 9);
  expect(Math.abs(beside(left))).toBeGreaterThan(0);
  // None leans: no arrow.
  expect(sheetFor(it).marks.some(({ what }) => what === 'arrow')).toBe(false);
});

test('a press board tells each hole once, by its width and depth', () => {
  expect(boardHoles(it.plants)).toHaveLength(3);
  const text = sheetFor(it, true)
    .marks.flatMap((mark) => (mark.kind === 'text' ? [mark.text] : []))
    .join(' ');
  for (const { size } of it.plants)
    expect(text).toContain(`ø ${Math.round(NURSERY_SIZES[size].topCm * 10)}`);
});

test('the rulers to lay a tape on are a decimetre and four inches, their ticks where they belong', () => {
  const lines = rulerMarks([5, 7]).filter((mark): mark is Line => mark.kind === 'line');
  const xs = lines.flatMap(({ points }) => points.map(([x]) => Math.round((x - 5) * 100) / 100));
  for (const mm of [0, 10, 50, 100, 25.4, 50.8, 101.6]) expect(xs).toContain(mm);
  expect(Math.min(...xs)).toBe(0);
  expect(Math.max(...xs)).toBeCloseTo(101.6, 6);
});
