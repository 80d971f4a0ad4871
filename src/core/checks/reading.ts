import { mixAreaCm2, mixSurface, visibleHeightCm } from '../containers/container';
import { insetCm, reachOf, type Section } from '../containers/section';
import { isHung } from '../containers/shape';
import { lightFactor, sizeAt, type Size } from '../growth/growth';
import { bookWeek, hangsFree } from '../spots/spot';
import { seasonWeeks, type PlantingInSpot } from '../plantings/planting';

/** A planting with what several checks need, worked out once. */
export interface Reading extends PlantingInSpot {
  /** Weeks from planting to the end of the season. */
  readonly weeks: number;
  readonly surface: Section;
  readonly mixCm2: number;
  readonly potHeightCm: number;
  /** Hung up, or on a sill, with a drop below. */
  readonly hung: boolean;
  /** Every plant's size some weeks after planting; worked out once per week. */
  readonly sizesAt: (weeks: number) => readonly Size[];
  /** Sizes in the week by which plants are as large as they will be this season. */
  readonly grown: () => readonly Size[];
}

export function read(it: PlantingInSpot): Reading {
  const weeks = seasonWeeks(it.planting);
  const held = new Map<number, readonly Size[]>();
  const light = it.plants.map(({ kind }) => lightFactor(kind, it.spot));
  const sizesAt = (week: number) => {
    let sizes = held.get(week);
    if (!sizes) held.set(week, (sizes = it.plants.map(({ kind, size }, i) => sizeAt(kind, { size, week: bookWeek(it.planting.plantedWeek, it.spot) }, week, light[i]!))));
    return sizes;
  };
  return {
    ...it,
    weeks,
    surface: mixSurface(it.planting.container),
    mixCm2: mixAreaCm2(it.planting.container),
    potHeightCm: visibleHeightCm(it.planting.container),
    hung: isHung(it.planting.container.shape) || hangsFree(it.spot),
    sizesAt,
    grown: () => sizesAt(Math.round(weeks * 0.75)),
  };
}

/** Sample points over the mix's surface, about 220, evenly spread. */
export function surfacePoints(surface: Section): readonly (readonly [x: number, z: number])[] {
  const points: [number, number][] = [];
  if (surface.kind === 'disc') {
    for (let i = 0; i < 220; i += 1) {
      const r = surface.radiusCm * Math.sqrt((i + 0.5) / 220);
      points.push([r * Math.sin(i * 2.399963), r * Math.cos(i * 2.399963)]);
    }
    return points;
  }
  const { acrossCm, deepCm } = reachOf(surface);
  const columns = Math.max(6, Math.round(Math.sqrt((220 * acrossCm) / deepCm)));
  const rows = Math.max(4, Math.round(220 / columns));
  for (let i = 0; i < columns; i += 1)
    for (let j = 0; j < rows; j += 1) points.push([-acrossCm + ((i + 0.5) / columns) * acrossCm * 2, -deepCm + ((j + 0.5) / rows) * deepCm * 2]);
  return surface.kind === 'polygon' ? points.filter(([x, z]) => insetCm(surface, x, z) > 0) : points;
}

/** Share of the mix hidden by leaves some weeks after planting, 0–1. */
export function coverAt(reading: Reading, weeks: number): number {
  const points = surfacePoints(reading.surface);
  const sizes = reading.sizesAt(weeks);
  let covered = 0;
  for (const [x, z] of points) if (reading.plants.some((p, i) => (p.xCm - x) ** 2 + (p.zCm - z) ** 2 <= (sizes[i]!.spreadCm / 2) ** 2)) covered += 1;
  return covered / points.length;
}

/** Cover at which the mix counts as hidden. */
export const FULL_COVER = 0.9;

/**
 * The first week in which the mix is hidden.
 * @returns `null` when it never is this season
 */
export function fullWeek(reading: Reading): number | null {
  // Cover only grows, so the first full week is found by halving.
  if (coverAt(reading, reading.weeks) < FULL_COVER) return null;
  let [low, high] = [0, reading.weeks];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (coverAt(reading, middle) >= FULL_COVER) high = middle;
    else low = middle + 1;
  }
  return low;
}
