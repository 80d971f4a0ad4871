import { soilHeightCm, insideBaseCm } from '../containers/container';
import type { Size } from '../growth/foresee';
import type { PlantingInSpot } from '../plantings/planting';

/** Leaves close up within this share of a plant's spread: what passes there is hidden. */
const CLOSED = 0.7;
/** The height of a plant that is looked for, as a share of its own. */
const LOOKED_AT = 0.7;

/**
 * Plants that stand between an eye and one plant, by index: those whose leaves the line from its upper part to the eye passes through.
 * Nearest to the eye first.
 * @param sizes of all plants in the week looked at
 */
export function inTheWay(
  { planting: { container }, plants }: Pick<PlantingInSpot, 'planting' | 'plants'>,
  sizes: readonly Size[],
  index: number,
  eye: { readonly azimuthRad: number; readonly pitchRad: number },
): readonly number[] {
  const looked = plants[index];
  if (!looked) return [];
  const base = insideBaseCm(container);
  const [ca, sa] = [Math.cos(eye.azimuthRad), Math.sin(eye.azimuthRad)];
  const along = (i: number) => plants[i]!.xCm * sa + plants[i]!.zCm * ca;
  const across = (i: number) => plants[i]!.xCm * ca - plants[i]!.zCm * sa;
  const foot = (i: number) => base + soilHeightCm(container, plants[i]!.xCm, plants[i]!.zCm);
  const from = foot(index) + sizes[index]!.heightCm * LOOKED_AT;
  return plants
    .map((_, i) => i)
    .filter((i) => {
      const nearer = along(i) - along(index);
      if (i === index || nearer <= 0) return false;
      const radius = (sizes[i]!.spreadCm / 2) * CLOSED;
      if (Math.abs(across(i) - across(index)) >= radius) return false;
      return from + nearer * Math.tan(eye.pitchRad) < foot(i) + sizes[i]!.heightCm;
    })
    .sort((a, b) => along(b) - along(a));
}
