import {
  insideBaseCm,
  outerSection,
  standingSection,
  visibleHeightCm,
  soilHeightCm,
  type Container,
} from '../containers/container';
import { polygonAreaCm2, reachOf } from '../containers/section';
import { formOf, isHung } from '../containers/shape';
import { weightOf } from '../containers/weight';
import type { Size } from '../growth/foresee';

/** Air, kg/m³, and gravity, m/s². */
const AIR_KG_M3 = 1.225;
const GRAVITY = 9.81;
/** Drag of leaves and pot: whole, and as leaves fold away in a strong wind. */
const DRAG = { most: 1, least: 0.5 } as const;
/** Share of a plant's height × spread that meets the wind. Ours: crowns are rounded and let some through. */
const CROWN_SHARE = 0.65;

/** The wind that would tip a planted pot, dry, on level ground, m/s: when leaves stand against it, and when they fold away. */
export interface Tipping {
  readonly leastMs: number;
  readonly mostMs: number;
  /** What meets the wind, m², and its middle above the ground, cm. */
  readonly sailM2: number;
  readonly middleCm: number;
  readonly baseCm: number;
  readonly dryKg: number;
}

interface Placed {
  readonly xCm: number;
  readonly zCm: number;
}

/**
 * Speed at which wind tips a standing container: the force on its sail turns it over its narrower edge when q·Cd·A·z = m·g·b/2,
 * with q = ½·1.225·v². Dry weight governs. Gusts, slopes, walls and corners change it more than the figure is worth: told as a range.
 * @returns `null` for hung containers
 */
export function tippingOf(
  container: Container,
  plants: readonly Placed[],
  sizes: readonly Size[],
): Tipping | null {
  if (isHung(container.shape)) return null;
  const base = reachOf(standingSection(container));
  const baseCm = 2 * Math.min(base.acrossCm, base.deepCm);
  const levels = formOf(container.shape).levelsCm;
  const foot = insideBaseCm(container);
  let area = 0;
  let moment = 0;
  const add = (cm2: number, middle: number) => {
    area += cm2;
    moment += cm2 * middle;
  };
  for (let i = 1; i < levels.length; i += 1) {
    const [low, high] = [levels[i - 1]!, levels[i]!];
    add(
      (reachOf(outerSection(container, low)).acrossCm +
        reachOf(outerSection(container, high)).acrossCm) *
        (high - low),
      foot + (low + high) / 2,
    );
  }
  add(2 * base.acrossCm * foot, foot / 2);
  const crown = crownArea(container, plants, sizes);
  add(crown.cm2, crown.middleCm);
  const foliageM2 =
    sizes.reduce((sum, { spreadCm }) => sum + (Math.PI * (spreadCm / 2) ** 2) / 10000, 0) * 0.5;
  const { dryKg } = weightOf(container, foliageM2);
  const sailM2 = area / 10000;
  const middleCm = area > 0 ? moment / area : visibleHeightCm(container) / 2;
  const at = (drag: number) => tipSpeedMs({ kg: dryKg, baseCm, sailM2, middleCm, drag });
  return { leastMs: at(DRAG.most), mostMs: at(DRAG.least), sailM2, middleCm, baseCm, dryKg };
}

/** v = √(m·g·b / (ρ·Cd·A·z)). */
export function tipSpeedMs({
  kg,
  baseCm,
  sailM2,
  middleCm,
  drag,
}: {
  readonly kg: number;
  readonly baseCm: number;
  readonly sailM2: number;
  readonly middleCm: number;
  readonly drag: number;
}): number {
  return Math.sqrt(
    (kg * GRAVITY * (baseCm / 100)) / (AIR_KG_M3 * drag * sailM2 * (middleCm / 100)),
  );
}

/** Crowns as seen from the front, those that overlap counted once: column by column the highest wins. */
function crownArea(
  container: Container,
  plants: readonly Placed[],
  sizes: readonly Size[],
): { readonly cm2: number; readonly middleCm: number } {
  const step = 2;
  const columns = new Map<number, number>();
  const foot = insideBaseCm(container);
  plants.forEach(({ xCm, zCm }, i) => {
    const { heightCm, spreadCm } = sizes[i]!;
    const top = foot + soilHeightCm(container, xCm, zCm) + heightCm;
    for (
      let column = Math.floor((xCm - spreadCm / 2) / step);
      column <= Math.floor((xCm + spreadCm / 2) / step);
      column += 1
    )
      columns.set(column, Math.max(columns.get(column) ?? 0, top));
  });
  const rim = visibleHeightCm(container);
  let [cm2, moment] = [0, 0];
  for (const top of columns.values()) {
    const strip = Math.max(0, top - rim) * step * CROWN_SHARE;
    cm2 += strip;
    moment += strip * (rim + (top - rim) / 2);
  }
  return { cm2, middleCm: cm2 > 0 ? moment / cm2 : rim };
}

/** Plain words for a wind (Beaufort), by the speed at which each begins, m/s. */
const WINDS = [
  [0, 'a light wind'],
  [5.5, 'a fresh wind'],
  [10.8, 'a strong wind'],
  [17.2, 'a gale'],
  [24.5, 'a storm'],
] as const;

/** What a wind of this speed is called. */
export function windName(ms: number): (typeof WINDS)[number][1] {
  return [...WINDS].reverse().find(([from]) => ms >= from)![1];
}

/** Pressure on the floor under a container, kPa: weight over the area it stands on. Balconies are designed for about 1.9–4.8 spread out; the owner and the code rule. */
export function floorPressureKPa(container: Container, kg: number): number {
  const section = standingSection(container);
  const cm2 =
    section.kind === 'polygon'
      ? polygonAreaCm2(section.points)
      : section.kind === 'disc'
        ? Math.PI * section.radiusCm ** 2
        : 4 * section.halfLengthCm * section.halfWidthCm;
  return (kg * GRAVITY) / (cm2 / 10000) / 1000;
}
