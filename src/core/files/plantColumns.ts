import { folded } from '../plants/folded';

/** Columns of a plants file, in order. Lengths in cm, temperatures in °C, weeks of the year in the north, colours as #rrggbb. */
export const PLANT_COLUMNS = [
  'common',
  'botanical',
  'height_least_cm',
  'height_most_cm',
  'spread_least_cm',
  'spread_most_cm',
  'trail_least_cm',
  'trail_most_cm',
  'sun_least_h',
  'sun_most_h',
  'water',
  'lowest_c',
  'weeks_to_fill',
  'leaf_colour',
  'flower_colour',
  'flower_from_week',
  'flower_to_week',
  'size',
  'price',
  'owned',
  'favourite',
  'never',
  'note',
] as const;
export type PlantColumn = (typeof PLANT_COLUMNS)[number];

/** Which column of a file stands for which of ours, by place; `null` for none. */
export type PlantMapping = Readonly<Partial<Record<PlantColumn, number | null>>>;

/** Other headings that mean a column. */
const ALIASES: Readonly<Partial<Record<PlantColumn, readonly string[]>>> = {
  common: ['name', 'common name', 'plant'],
  botanical: ['latin', 'latin name', 'botanical name', 'scientific name', 'species'],
  height_most_cm: ['height', 'height cm', 'max height'],
  spread_most_cm: ['spread', 'width', 'spread cm'],
  trail_most_cm: ['trail', 'trail cm'],
  sun_most_h: ['sun', 'hours of sun'],
  water: ['thirst', 'watering'],
  lowest_c: ['hardiness', 'min temp', 'lowest'],
  leaf_colour: ['leaf color', 'foliage colour'],
  flower_colour: ['flower color', 'colour', 'color'],
  owned: ['have', 'quantity', 'qty', 'count'],
  note: ['notes', 'remarks'],
};

/** Our columns by the headings of a file. */
export function guessMapping(headings: readonly string[]): PlantMapping {
  const plain = headings.map((heading) => folded(heading).replace(/[_\s]+/g, ' '));
  return Object.fromEntries(
    PLANT_COLUMNS.map((column) => {
      const names = [column.replaceAll('_', ' '), ...(ALIASES[column] ?? [])];
      const at = plain.findIndex((heading) => names.includes(heading));
      return [column, at < 0 ? null : at];
    }),
  ) as PlantMapping;
}
