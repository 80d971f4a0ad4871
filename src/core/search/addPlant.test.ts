import { applyEdit } from '../plantings/edits';
import { kindOf } from '../plants/book/index';
import { planted } from '../../../tests/builders/plantings';
import { addPlant } from './addPlant';

const PUTS: readonly (readonly [string, number, number])[] = [
  ['petunia-white', -8, 6],
  ['petunia-white', 8, 6],
  ['coleus-lime', 0, 0],
];
const white = kindOf('petunia-white')!;

test('a locked plant stays to the millimetre where it is; the others give way', () => {
  const free = planted(PUTS);
  const locked = {
    ...free,
    planting: applyEdit(free.planting, { kind: 'lock', places: ['p2'], locked: true }),
  };
  const it = {
    ...locked,
    plants: locked.planting.places.map((place) => ({ ...place, kind: kindOf(place.kindId)! })),
  };
  const { places } = addPlant(it, white);
  const [before, after] = [it.planting.places[2]!, places[2]!];
  expect([after.xCm, after.zCm]).toEqual([before.xCm, before.zCm]);
  expect(places).toHaveLength(4);
});

test('it has the size of its sisters, and an id of its own however often one is added', () => {
  let it = planted(PUTS);
  for (let i = 0; i < 3; i += 1) {
    const { id, places } = addPlant(it, white);
    expect(places.filter((place) => place.id === id)).toMatchObject([
      { kindId: 'petunia-white', size: it.planting.places[0]!.size },
    ]);
    const planting = { ...it.planting, places };
    it = {
      ...it,
      planting,
      plants: places.map((place) => ({ ...place, kind: kindOf(place.kindId)! })),
    };
  }
  expect(new Set(it.planting.places.map(({ id }) => id)).size).toBe(6);
});
