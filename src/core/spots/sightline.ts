import { EYE_HEIGHT_CM, type Eye, type Spot } from './spot';

/**
 * Least height above the mix that shows over a sill, cm. The eye looks over both edges of the sill; the one that hides more decides.
 * Heights from the ground at the container, distances from the eye.
 * @param soilCm height of the mix above the ground at the container
 * @returns 0 when all of the plant is seen
 */
export function leastVisibleCm(
  eye: Pick<Eye, 'kind' | 'floorCm' | 'distanceCm' | 'sill'>,
  soilCm: number,
): number {
  if (!eye.sill) return 0;
  const eyeCm = eye.floorCm + EYE_HEIGHT_CM[eye.kind];
  const edgeCm = eye.floorCm + eye.sill.heightCm;
  const over = (edgeAtCm: number) => eyeCm + ((edgeCm - eyeCm) * eye.distanceCm) / edgeAtCm;
  return Math.max(0, Math.max(over(eye.sill.nearCm), over(eye.sill.farCm)) - soilCm);
}

/** Someone this near passes underneath, cm; and room kept above a head, cm above the eyes: a crown is about 12 above, the rest is ease. Ours. */
const UNDER_CM = 100;
const ABOVE_EYES_CM = 15;

/**
 * How far trails may hang below the container before they meet the ground, or the head of someone who passes under it, cm.
 * `by` tells which; `null` when the container stands on the ground, where trails lie down.
 */
export function hangRoom({ dropCm, eyes }: Pick<Spot, 'dropCm' | 'eyes'>): {
  readonly roomCm: number;
  readonly by: 'ground' | 'head';
} | null {
  if (dropCm <= 0) return null;
  const heads = eyes
    .filter(({ distanceCm, sill }) => distanceCm <= UNDER_CM && sill === null)
    .map((eye) => dropCm - (eye.floorCm + EYE_HEIGHT_CM[eye.kind] + ABOVE_EYES_CM));
  const head = Math.min(Infinity, ...heads);
  return head < dropCm
    ? { roomCm: Math.max(0, head), by: 'head' }
    : { roomCm: dropCm, by: 'ground' };
}
