import { weeksBetween } from '../units/units';
import { HALT } from '../../../tests/builders/halt';
import { planted, SUNNY } from '../../../tests/builders/plantings';
import { worstShortfallCm, FIT_TOLERANCE_CM } from '../placing/fit';
import { BOOK } from '../plants/book/index';
import { changesFrom, frameThrough, pocketsOf, type PocketSeason } from './pockets';

const named = Object.fromEntries(
  (['spring', 'summer', 'autumn', 'winter'] as const).map((season) => [
    season,
    { id: `of-${season}`, name: `Tub, ${season}` },
  ]),
) as Record<PocketSeason, { id: string; name: string }>;
const basket = HALT.find(({ planting }) => planting.name === 'Basket 2')!;
const year = pocketsOf(basket, { from: 29, frame: null, named }, BOOK);
const SOUTH = { ...SUNNY, site: { ...SUNNY.site, latitudeDeg: -38 } };

test('the next four changes follow each other round the year, in both hemispheres; one that is near now is not among the first', () => {
  for (const spot of [SUNNY, SOUTH])
    for (let week = 1; week <= 52; week += 1) {
      const changes = changesFrom(week, spot);
      expect(new Set(changes.map(({ season }) => season)).size).toBe(4);
      changes.forEach(({ endWeek }, i) => expect(endWeek).toBe(changes[(i + 1) % 4]!.plantedWeek));
    }
  expect(changesFrom(29, SUNNY)[0]).toMatchObject({ season: 'autumn', plantedWeek: 38 });
  expect(changesFrom(29, SOUTH)[0]).toMatchObject({ season: 'spring', plantedWeek: 37 });
  expect(changesFrom(35, SUNNY)[0]!.season).toBe('autumn');
  expect(changesFrom(36, SUNNY)[0]!.season).toBe('winter');
});

test('a basket keeps its ivy through four changes: it is not bought again and grows older, and pockets differ from season to season', () => {
  expect(year.frame).toEqual(frameThrough(basket, changesFrom(29, basket.spot)));
  expect(
    new Set(year.frame.map((id) => basket.plants.find((one) => one.id === id)!.kindId)),
  ).toEqual(new Set(['ivy-white-edge']));
  expect(year.changes).toHaveLength(4);
  let [before, follows] = [0, basket.planting.id];
  let last: readonly string[] = [];
  for (const { it, comes, cost, plantedWeek, endWeek } of year.changes) {
    expect(it.planting).toMatchObject({ plantedWeek, endWeek, follows, demo: false });
    follows = it.planting.id;
    const ages = Object.entries(it.weeksBefore);
    expect(ages.map(([id]) => id).sort()).toEqual([...year.frame].sort());
    // As old as the weeks that have gone by since it went in, to the week.
    const sincePlanted = weeksBetween(basket.planting.plantedWeek, plantedWeek);
    for (const [id, weeks] of ages) {
      expect(weeks).toBeGreaterThan(before);
      expect(weeks % 52).toBe(sincePlanted % 52);
      const place = it.planting.places.find((one) => one.id === id)!;
      const first = basket.planting.places.find((one) => one.id === id)!;
      expect(place).toMatchObject({ xCm: first.xCm, zCm: first.zCm, kindId: first.kindId });
    }
    before = ages[0]![1];
    expect(comes.length).toBeGreaterThan(0);
    expect(cost).toBeGreaterThan(0);
    expect(comes.filter((id) => last.includes(id))).toEqual([]);
    last = comes;
    expect(worstShortfallCm(it.planting.container, it.plants)).toBeLessThanOrEqual(
      FIT_TOLERANCE_CM,
    );
    // Woody plants that only keep their leaves belong to a frame.
    for (const { kind } of it.plants.filter(({ id }) => !year.frame.includes(id)))
      expect(kind.cycle === 'shrub' && kind.bloom === null).toBe(false);
  }
});

test('another way for one change leaves those before it as they were', () => {
  const other = pocketsOf(basket, { from: 29, frame: year.frame, picks: [0, 1], named }, BOOK);
  const [first, second] = [0, 1].map((i) => ({ was: year.changes[i]!, is: other.changes[i]! }));
  expect(first!.is.it.planting).toEqual(first!.was.it.planting);
  if (second!.was.ways > 1) expect(second!.is.comes).not.toEqual(second!.was.comes);
  else expect(second!.is.comes).toEqual(second!.was.comes);
});

test('where nothing can stay all year there is no frame', () => {
  const it = planted([['petunia-white', 0, 0]], { plantedWeek: 20 });
  expect(pocketsOf(it, { from: 29, frame: null, named }, BOOK)).toEqual({ frame: [], changes: [] });
});
