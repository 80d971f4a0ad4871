import { kindOf } from '../plants/book/index';
import type { PlantKind } from '../plants/kind';
import { within } from '../plants/season';
import { borneC, unhelpedC } from '../plants/tender';
import { usualSpot } from '../spots/spot';
import { CLIMATE_IDS, climateAt, type ClimateId } from '../climate/climates';
import { planted } from '../../../tests/builders/plantings';
import { kindsThere, kindThere } from './kindThere';

const LATITUDES = { north: 40, south: -30, tropics: 5 } as const;

const at = (climate: ClimateId) =>
  usualSpot({
    id: 'spot',
    name: 'Spot',
    site: {
      latitudeDeg: LATITUDES[climateAt(climate, 40).hemisphere],
      longitudeDeg: 0,
      timeZone: 'Europe/London',
      climate,
    },
  });
const NONE_TOLD = { minC: null, maxC: null, rainMm: null, frost: null, from: '' };
const kind = (id: string): PlantKind => kindOf(id)!;
const winters = (id: string) =>
  CLIMATE_IDS.filter((climate) => kindThere(kind(id), at(climate)).weeksThere);

test('the desert has its bedding from autumn to spring, in the shops before it, and none of it at midsummer', () => {
  for (const id of ['petunia-magenta', 'alyssum-white', 'snapdragon-white', 'pansy-blue']) {
    const { inLeaf, inShops, bloom } = kindThere(kind(id), at('hot-desert'));
    for (const week of [46, 52, 8, 12]) {
      expect([id, week, within(inLeaf, week)]).toEqual([id, week, true]);
      expect([id, week, within(bloom!.weeks, week)]).toEqual([id, week, true]);
    }
    expect([id, within(inLeaf, 28)]).toEqual([id, false]);
    expect([id, within(inShops[0]!, 42), within(inShops[0]!, 26)]).toEqual([id, true, false]);
  }
  // Once more in early spring, eight weeks before it is over.
  const { inLeaf, inShops } = kindThere(kind('petunia-magenta'), at('hot-desert'));
  expect(inShops.map(([, to]) => (inLeaf[1] - to + 52) % 52)).toEqual([8]);
});

test('a winter of flowers wants mild days: cool bedding has it on warm coasts, what likes warmth in the subtropics only', () => {
  const cool = winters('alyssum-white');
  const warm = winters('petunia-magenta');
  for (const climate of ['mediterranean-coast', 'cool-summer-coast', 'hot-desert'] as const)
    expect(cool).toContain(climate);
  for (const climate of ['hot-desert', 'warm-humid-subtropical', 'southern-subtropical'] as const)
    expect(warm).toContain(climate);
  expect(warm).not.toContain('mediterranean-coast');
  for (const climate of [
    'cool-maritime',
    'mild-maritime',
    'cold-continental',
    'tropical-wet',
  ] as const)
    expect([...cool, ...warm]).not.toContain(climate);
});

test('what is of the cool half of the year has its summer off, even by a cool sea, and hot nights end it', () => {
  const polyanthus = kind('polyanthus-red');
  for (const climate of ['cool-summer-coast', 'southern-subtropical'] as const) {
    const there = kindThere(polyanthus, at(climate));
    expect([climate, there.weeksThere, within(there.inLeaf, 3)]).toEqual([climate, true, true]);
    expect([climate, within(there.inLeaf, 34)]).toEqual([climate, false]);
  }
  // What is of both halves stands on through a cool summer, but not through hot nights.
  const lobelia = (climate: ClimateId) => kindThere(kind('lobelia-blue'), at(climate)).inLeaf;
  expect(within(lobelia('cool-summer-coast'), 34)).toBe(true);
  expect(within(lobelia('southern-subtropical'), 30)).toBe(false);
});

test('shrubs, bulbs and plants of years keep the weeks of the book, and so does what was laid out for a place already', () => {
  const desert = at('hot-desert');
  for (const id of ['lavender-pink', 'cotton-lavender', 'hosta-lime'])
    expect(kindThere(kind(id), desert)).toBe(kind(id));
  const there = kindThere(kind('alyssum-white'), desert);
  expect(kindThere(there, desert)).toBe(there);
  // Equal places give the same record, so that what is kept by it is kept.
  expect(kindThere(kind('alyssum-white'), at('hot-desert'))).toBe(there);
});

test('the other side of the world has the same winter, in the book’s weeks', () => {
  const north = at('hot-desert');
  const south = { ...north, site: { ...north.site, latitudeDeg: -33 } };
  const [from, to] = kindThere(kind('alyssum-white'), south).inLeaf;
  const [was, until] = kindThere(kind('alyssum-white'), north).inLeaf;
  expect([Math.abs(from - was) <= 1, Math.abs(to - until) <= 1]).toEqual([true, true]);
});

test('what planted in autumn hardens, frost may still take; what chill hurts has no such winter', () => {
  const there = kindThere(kind('petunia-magenta'), at('hot-desert'));
  expect(borneC(there)).toBeLessThan(borneC(kind('petunia-magenta')));
  // Whoever could cover it is still asked to in time.
  expect(unhelpedC(there)).toBe(unhelpedC(kind('petunia-magenta')));
  const cold = { ...at('hot-desert'), normals: { ...NONE_TOLD, coldestC: -6 } };
  expect(kindThere(kind('petunia-magenta'), cold).weeksThere).toBeUndefined();
  expect(winters('busy-lizzie-coral').includes('hot-desert')).toBe(false);
});

test('flowers that come in one flush have it once and no longer', () => {
  const { bloom, inLeaf } = kindThere(kind('stock-lilac'), at('hot-desert'));
  expect(within(inLeaf, bloom!.weeks[0])).toBe(true);
  expect(bloom!.weeks[1] - bloom!.weeks[0] + (bloom!.weeks[1] < bloom!.weeks[0] ? 52 : 0)).toBe(10);
});

test('a search and the planting it is judged as have one and the same record of a kind', () => {
  const spot = at('hot-desert');
  const kinds = ['petunia-magenta', 'hosta-lime'].map(kind);
  const there = kindsThere(kinds, spot);
  const it = planted(
    kinds.map(({ id }, i) => [id, 9 * i, 0] as const),
    {},
    spot,
  );
  expect(it.plants.map((plant) => plant.kind)).toEqual(there);
  it.plants.forEach((plant, i) => expect(plant.kind).toBe(there[i]));
  expect(kindsThere(kinds, at('hot-desert'))).toBe(there);
  expect(kindsThere(kinds, at('cool-maritime'))).toBe(kinds);
});

test('what frost at zero takes does not harden, whatever the autumn', () => {
  for (const climate of CLIMATE_IDS) {
    const lizzie = kindThere(kind('busy-lizzie-coral'), at(climate));
    expect([climate, borneC(lizzie)]).toEqual([climate, 0]);
  }
});
