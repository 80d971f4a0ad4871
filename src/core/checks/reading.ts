import { mixAreaCm2, mixSurface, visibleHeightCm } from '../containers/container';
import { insetCm, reachOf, type Section } from '../containers/section';
import { isHung } from '../containers/shape';
import type { Size } from '../growth/foresee';
import { seasonOf } from '../growth/seasonOf';
import { hangsFree } from '../spots/spot';
import {
  allPlants,
  seasonWeeks,
  type PlacedPlant,
  type PlantingInSpot,
} from '../plantings/planting';
import { schoolOf } from '../schools/index';
import type { School } from '../schools/school';
import { estimateSeen } from './estimate';
import type { Seen } from './outlook';
import { isYearRound } from '../suitability/season';
import { once } from '../work/once';

/** A plant with its size in some week. */
export interface PlantGrown {
  readonly plant: PlacedPlant;
  readonly size: Size;
}

/** A planting with what several checks need, worked out once. */
export interface Reading extends PlantingInSpot {
  /** Weeks from planting to the end of the season. */
  readonly weeks: number;
  /** Every plant, those in the sides after those in the mix: for questions about kinds. */
  readonly all: readonly PlacedPlant[];
  readonly surface: Section;
  readonly mixCm2: number;
  readonly potHeightCm: number;
  /** Hung up, or on a sill, with a drop below. */
  readonly hung: boolean;
  /** The way of composing it is judged by. */
  readonly school: School;
  /** Every plant's size some weeks after planting; worked out once per week. */
  readonly sizesAt: (weeks: number) => readonly Size[];
  /** The same with those of the sides after them, in the order of `all`. */
  readonly allSizesAt: (weeks: number) => readonly Size[];
  /** Sizes in the week by which plants are as large as they will be this season. */
  readonly grown: () => readonly Size[];
  /** Sizes of the plants in the sides. */
  readonly sidesAt: (weeks: number) => readonly Size[];
  /** The same as rows, in the order of the plants. */
  readonly rowsAt: (weeks: number) => readonly PlantGrown[];
  readonly grownRows: () => readonly PlantGrown[];
  readonly grownWeek: number;
  /** What is seen of each plant in a week. */
  readonly seenAt: (weeks: number) => Seen;
}

/** What is seen as counted on the drawing, by week; where a week is missing it is estimated. */
export type CountedSeen = ReadonlyMap<number, Seen>;

/** Sizes with climbers no higher than what they climb. */
function heldByFrame(it: PlantingInSpot, at: (weeks: number) => readonly Size[]) {
  const { support } = it.planting;
  if (!support) return at;
  const held = new Map<number, readonly Size[]>();
  return (weeks: number): readonly Size[] => {
    let found = held.get(weeks);
    if (!found)
      held.set(
        weeks,
        (found = at(weeks).map((size, i) =>
          it.plants[i]?.kind.support === 'climb' && size.heightCm > support.heightCm
            ? { ...size, heightCm: support.heightCm }
            : size,
        )),
      );
    return found;
  };
}

export function read(it: PlantingInSpot, counted: CountedSeen = new Map()): Reading {
  const weeks = seasonWeeks(it.planting);
  const { at, sidesAt } = seasonOf(it);
  const sizesAt = heldByFrame(it, at);
  const seen = new Map<number, Seen>(counted);
  const grownWeek = grownWeekOf(it, sizesAt);
  const rowsOf = once((sizes: readonly Size[]) =>
    sizes.flatMap((size, i) => {
      const plant = it.plants[i];
      return plant ? [{ plant, size }] : [];
    }),
  );
  const rowsAt = (week: number) => rowsOf(sizesAt(week));
  return {
    ...it,
    weeks,
    all: allPlants(it),
    sidesAt,
    allSizesAt: (week) =>
      it.sides.length === 0 ? sizesAt(week) : [...sizesAt(week), ...sidesAt(week)],
    surface: mixSurface(it.planting.container),
    mixCm2: mixAreaCm2(it.planting.container),
    potHeightCm: visibleHeightCm(it.planting.container),
    hung: isHung(it.planting.container.shape) || hangsFree(it.spot),
    school: schoolOf(it.planting),
    sizesAt,
    grown: () => sizesAt(grownWeek),
    rowsAt,
    grownRows: () => rowsAt(grownWeek),
    grownWeek,
    seenAt: (week) => {
      let found = seen.get(week);
      if (!found) seen.set(week, (found = estimateSeen(it, sizesAt(week))));
      return found;
    },
  };
}

/** Share of a season after which plants are as large as they will be. */
const GROWN_AFTER = 0.75;
/** Share of the largest they get that counts as grown. */
const AS_LARGE = 0.98;

/** The week by which plants are as large as they will be; of what stands for a year, before its rest in winter rather than in it. */
function grownWeekOf(it: PlantingInSpot, sizesAt: Reading['sizesAt']): number {
  const usual = Math.round(seasonWeeks(it.planting) * GROWN_AFTER);
  if (!isYearRound(it.planting)) return usual;
  const sums = Array.from({ length: usual + 1 }, (_, week) =>
    sizesAt(week).reduce((sum, { spreadCm }) => sum + spreadCm, 0),
  );
  const most = Math.max(...sums);
  return sums.findLastIndex((sum) => sum >= most * AS_LARGE);
}

/** Weeks at which a season is looked at: young, midway, grown. */
export function sampledWeeks({
  weeks,
  grownWeek,
}: Pick<Reading, 'weeks' | 'grownWeek'>): readonly number[] {
  return [...new Set([Math.min(6, weeks), Math.round((grownWeek * 2) / 3), grownWeek])];
}

/** Sample points over the mix's surface, about 220, evenly spread and the same on both sides of the middle. */
const surfacePoints = once(spreadPoints);

function spreadPoints(surface: Section): readonly (readonly [x: number, z: number])[] {
  const list: [number, number][] = [];
  if (surface.kind === 'disc') {
    for (let i = 0; i < 110; i += 1) {
      const r = surface.radiusCm * Math.sqrt((i + 0.5) / 110);
      const [x, z] = [r * Math.sin(i * 2.399963), r * Math.cos(i * 2.399963)];
      list.push([x, z], [-x, z]);
    }
    return list;
  }
  const { acrossCm, deepCm } = reachOf(surface);
  const columns = Math.max(6, Math.round(Math.sqrt((220 * acrossCm) / deepCm)));
  const rows = Math.max(4, Math.round(220 / columns));
  for (let i = 0; i < columns; i += 1)
    for (let j = 0; j < rows; j += 1)
      list.push([
        -acrossCm + ((i + 0.5) / columns) * acrossCm * 2,
        -deepCm + ((j + 0.5) / rows) * deepCm * 2,
      ]);
  return surface.kind === 'polygon' ? list.filter(([x, z]) => insetCm(surface, x, z) > 0) : list;
}

/** Share of the mix hidden by leaves some weeks after planting, 0–1. */
export function coverAt(reading: Pick<Reading, 'surface' | 'rowsAt'>, weeks: number): number {
  const all = surfacePoints(reading.surface);
  const discs = reading.rowsAt(weeks).map(({ plant, size }) => ({
    x: plant.xCm,
    z: plant.zCm,
    r2: (size.spreadCm / 2) ** 2,
  }));
  let covered = 0;
  for (const [x, z] of all)
    for (const disc of discs) {
      const dx = disc.x - x;
      const dz = disc.z - z;
      if (dx * dx + dz * dz > disc.r2) continue;
      covered += 1;
      break;
    }
  return covered / all.length;
}

/** Cover at which the mix counts as hidden. */
export const FULL_COVER = 0.9;

/**
 * The first week in which the mix is hidden.
 * @returns `null` when it never is this season
 */
export function fullWeek(reading: Reading): number | null {
  // Cover seldom shrinks, so the first full week is found by halving; where something is trimmed, week by week.
  if (reading.planting.care.trims.length > 0) {
    for (let week = 0; week <= reading.weeks; week += 1)
      if (coverAt(reading, week) >= FULL_COVER) return week;
    return null;
  }
  if (coverAt(reading, reading.weeks) < FULL_COVER) return null;
  let [low, high] = [0, reading.weeks];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (coverAt(reading, middle) >= FULL_COVER) high = middle;
    else low = middle + 1;
  }
  return low;
}
