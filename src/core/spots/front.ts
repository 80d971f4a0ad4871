import type { Spot } from './spot';

/**
 * The bearing that the front of a container here looks to: toward the weightiest eye that is told, else away from the building it stands
 * against, else toward the noon sun. The plan's front edge and the stand-back view at no turn are on that side.
 */
export function frontBearingDeg({
  eyes,
  obstacles,
  site,
}: Pick<Spot, 'eyes' | 'obstacles' | 'site'>): number {
  const eye = [...eyes].sort((a, b) => b.weight - a.weight)[0];
  if (eye && eye.weight > 0) return eye.bearingDeg;
  const building = obstacles.find(({ kind }) => kind === 'building');
  if (building?.kind === 'building') return building.facingDeg;
  return site.latitudeDeg >= 0 ? 180 : 0;
}
