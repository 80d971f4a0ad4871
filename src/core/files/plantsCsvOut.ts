import Papa from 'papaparse';
import { toHex } from '../colour/oklch';
import type { PlantKind } from '../plants/kind';
import type { Library } from '../plants/library';
import type { OwnKind } from '../plants/own';
import { PLANT_COLUMNS, type PlantColumn } from './plantColumns';
import { formulaSafe } from './text';

/** Kinds as comma-separated text, safe to open in a spreadsheet. */
export function toPlantsCsv(kinds: readonly PlantKind[], library: Library): string {
  return `${Papa.unparse({ fields: [...PLANT_COLUMNS], data: kinds.map((kind) => cellsOf(kind, library.ownOf(kind.id))) }, { newline: '\n' })}\n`;
}

function cellsOf(kind: PlantKind, own: OwnKind | null): (string | number)[] {
  const {
    heightCm: h,
    spreadCm: s,
    trailCm: t,
    light: { hours },
    bloom,
    sold,
  } = kind;
  const cells: Record<PlantColumn, string | number> = {
    common: formulaSafe(kind.common),
    botanical: formulaSafe(kind.botanical),
    height_least_cm: h[0],
    height_most_cm: h[1],
    spread_least_cm: s[0],
    spread_most_cm: s[1],
    trail_least_cm: t?.[0] ?? '',
    trail_most_cm: t?.[1] ?? '',
    sun_least_h: hours[0],
    sun_most_h: hours[1],
    water: kind.thirst,
    lowest_c: kind.lowestC,
    weeks_to_fill: kind.weeksToFill,
    leaf_colour: toHex(kind.foliage.main),
    flower_colour: bloom ? toHex(bloom.main) : '',
    flower_from_week: bloom?.weeks[0] ?? '',
    flower_to_week: bloom?.weeks[1] ?? '',
    size: sold[0]!.size,
    price: sold[0]!.price,
    owned: own?.owned ?? '',
    favourite: own?.favourite ? 'yes' : '',
    never: formulaSafe(own?.never ?? ''),
    note: formulaSafe(own?.note ?? ''),
  };
  return PLANT_COLUMNS.map((column) => cells[column]);
}
