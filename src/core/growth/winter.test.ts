import { known, planted, SUNNY } from '../../../tests/builders/plantings';
import { nextPlanting, staysOn } from '../suitability/nextPlanting';
import { inSpot } from '../plantings/planting';
import { kindOf } from '../plants/book/index';
import { buildScene } from '../seeing/scene';
import { subjectOf } from '../seeing/subject';
import { conditionsAt } from './conditions';
import { foresee } from './foresee';
import { seasonOf } from './seasonOf';

/** Grown at a usual spot from April on, over two years and more. */
function grown(id: string, size: '9cm' | '1L' | 'bulb' = '1L', plantedWeek = 16) {
  const it = planted([[id, 0, 0, size]]);
  const conditions = conditionsAt(SUNNY, {
    container: it.planting.container,
    plantedWeek,
    feeding: 'as usual',
    trims: [],
  });
  const season = foresee([{ kind: known(id), size, xCm: 0, zCm: 0 }], conditions, plantedWeek);
  return (week: number) => season.at(week)[0]!;
}

test('a perennial dies back in winter, and next year is sooner as large as before than in its first', () => {
  const hosta = grown('hosta-white-edge');
  const summer = hosta(20).share;
  expect(hosta(42).share).toBeLessThan(summer / 5);
  expect(hosta(52 + 10).share).toBeGreaterThan(hosta(10).share);
  expect(hosta(52 + 20).share).toBeGreaterThan(summer * 0.95);
});

test('frost takes a tender bedding plant for good; an evergreen one stands; what lives once has its time', () => {
  const petunia = grown('petunia-white', '9cm', 21);
  expect(petunia(16).share).toBeGreaterThan(0.8);
  for (const week of [40, 60, 80]) expect(petunia(week).share).toBeLessThan(0.05);
  const box = grown('box-ball');
  expect(box(42).share).toBeGreaterThanOrEqual(box(20).share);
  const annual = grown('poached-egg-plant', '9cm', 14);
  expect([annual(12).share > 0.5, annual(52 + 12).share < 0.05]).toEqual([true, true]);
});

test('within the season it was chosen for, nothing dies back: checks tell of that', () => {
  const it = planted([['hosta-white-edge', 0, 0, '1L']], { plantedWeek: 40, endWeek: 12 });
  const { at } = seasonOf(it);
  expect(at(20)[0]!.share).toBeGreaterThanOrEqual(at(0)[0]!.share);
});

test('what comes next keeps what lives through winters there, as old and as large as it has become', () => {
  const it = planted([
    ['box-ball', 0, 0, '1L'],
    ['petunia-white', 12, 0, '9cm'],
  ]);
  expect(it.plants.map((plant) => staysOn(plant, it))).toEqual([true, false]);
  const next = nextPlanting(it, { id: 'next', plantedWeek: 42 });
  expect(next.places).toEqual([{ ...it.planting.places[0]!, locked: true }]);
  expect([next.follows, next.plantedWeek]).toEqual([it.planting.id, 42]);
  const { id } = next.places[0]!;
  const young = seasonOf(inSpot(next, it.spot, kindOf, it.house)).at(0)[0]!;
  const old = inSpot(next, it.spot, kindOf, it.house, { [id]: 60 });
  const aged = seasonOf(old).at(0)[0]!;
  expect(aged.spreadCm).toBeGreaterThan(young.spreadCm * 1.1);
  // Drawings are as large as what is judged.
  expect(buildScene(subjectOf(old), 0).sizes[0]).toEqual(aged);
});
