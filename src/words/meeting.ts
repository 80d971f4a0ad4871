import type { Path } from '@/core/records/difference';
import { countText } from './format';

/** What the first step of a path into a record is called. */
const FIELD: Readonly<Record<string, string>> = {
  name: 'name',
  places: 'plants',
  sides: 'plants in the sides',
  container: 'container',
  spotId: 'spot',
  plantedWeek: 'planting day',
  wishes: 'wishes',
  strangers: 'plants',
  obstacles: 'what stands around',
  sunLog: 'sun log',
  days: 'weather',
  told: 'what you told of it',
  owned: 'how many you have',
};

/** Where two states of a record differ, each part once: "name, plants and other things". */
export function differingText(paths: readonly Path[]): string {
  const parts = new Set(
    paths.map(([first]) => (typeof first === 'string' && FIELD[first]) || 'other things'),
  );
  const listed = [...parts].sort(
    (a, b) => Number(a === 'other things') - Number(b === 'other things'),
  );
  const last = listed.pop();
  return listed.length > 0 ? `${listed.join(', ')} and ${last}` : (last ?? '');
}

/** What a list of records is called, one and many. */
const LIST = {
  plantings: ['planting', 'plantings'],
  spots: ['spot', 'spots'],
  shelf: ['container on the shelf', 'containers on the shelf'],
  kept: ['version kept beside', 'versions kept beside'],
  groups: ['group', 'groups'],
  kinds: ['plant of your own', 'plants of your own'],
  weather: ['list of weather', 'lists of weather'],
} as const;

export function recordsText(table: keyof typeof LIST, count: number): string {
  const [one, many] = LIST[table];
  return countText(count, one, many);
}
