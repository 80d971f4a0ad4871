import { GOOD, planting, SUNNY } from '../../../tests/builders/plantings';
import { openHere } from '../../../tests/builders/store';
import { toPlantingFile } from '@/core/files/plantingFile';
import { kindOf } from '@/core/plants/book/index';
import { bringIn } from './bringIn';

const file = toPlantingFile({ ...planting(GOOD), name: 'Tub by the clock' }, SUNNY, kindOf);
let count = 0;
const opened = async () => (await openHere(`bring-in-${(count += 1)}`)).store;

test('a planting comes in under its own name, with its spot', async () => {
  const store = await opened();
  expect(await bringIn(store, file, kindOf)).toEqual({ name: 'Tub by the clock', strangers: 0 });
  const [it] = await store.plantings.all();
  expect(it).toMatchObject({ id: 'planting', name: 'Tub by the clock', spotId: SUNNY.id });
  expect((await store.spots.all()).map(({ id }) => id)).toEqual([SUNNY.id]);
});

test('brought in again it stands beside the first, which stays as it is; the spot is shared', async () => {
  const store = await opened();
  await bringIn(store, file, kindOf);
  await store.plantings.edit('planting', { kind: 'rename', name: 'Renamed since' });
  await bringIn(store, file, kindOf);
  const all = await store.plantings.all();
  expect(all.map(({ name }) => name).sort()).toEqual([
    'Renamed since',
    'Tub by the clock (from file)',
  ]);
  expect(new Set(all.map(({ id }) => id)).size).toBe(2);
  expect(await store.spots.all()).toHaveLength(1);
});

test('a spot that is another one under the same id comes in beside it', async () => {
  const store = await opened();
  await bringIn(store, file, kindOf);
  const elsewhere = toPlantingFile(
    { ...planting(GOOD), id: 'second' },
    { ...SUNNY, name: 'North wall', sunHours: 1 },
    kindOf,
  );
  await bringIn(store, elsewhere, kindOf);
  const spots = await store.spots.all();
  expect(spots.map(({ name }) => name).sort()).toEqual(['North wall', 'Spot']);
  const second = (await store.plantings.all()).find(({ id }) => id === 'second')!;
  expect(spots.find(({ id }) => id === second.spotId)!.name).toBe('North wall');
});
