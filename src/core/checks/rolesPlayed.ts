import { insetCm, reachOf } from '../containers/section';
import { rimSection } from '../containers/shape';
import type { Role } from '../plants/kind';
import type { Reading } from './reading';

/** The role each plant plays here: its height against the rest and its place against the rim, within what its kind can do. */
export function rolesPlayed(
  reading: Pick<Reading, 'plants' | 'grown' | 'planting' | 'spot' | 'school' | 'house'>,
): readonly Role[] {
  const sizes = reading.grown();
  const tallest = Math.max(0, ...sizes.map((size) => size.heightCm));
  const asked = new Set(
    reading.school
      .parts({ container: reading.planting.container, spot: reading.spot, house: reading.house })
      .map(({ role }) => role),
  );
  const rim = rimSection(reading.planting.container.shape);
  const { acrossCm, deepCm } = reachOf(rim);
  const half = Math.min(acrossCm, deepCm);
  const tall = (i: number) => sizes[i]!.heightCm > tallest * NEARLY_TALLEST;
  // What is first of all a lead leads, what is first of all an edge edges; something else does so only where there is none.
  const born = reading.plants.some(
    ({ kind }, i) => kind.roles[0] === 'lead' && sizes[i]!.heightCm > tallest * 0.6,
  );
  const edged = reading.plants.some(({ kind }) => kind.roles[0] === 'edge');
  return reading.plants.map(({ kind, xCm, zCm }, i) => {
    const can = kind.roles.filter((role) => asked.has(role));
    const roles = can.length > 0 ? can : kind.roles;
    if (roles.length === 1) return roles[0]!;
    if (roles.includes('lead') && tall(i) && (kind.roles[0] === 'lead' || !born)) return 'lead';
    const low = sizes[i]!.heightCm < tallest * LOW;
    const atRim =
      insetCm(rim, xCm, zCm) < half * AT_RIM &&
      (reading.spot.view !== 'one side' || zCm > deepCm * IN_FRONT);
    const trails = sizes[i]!.trailCm > 0;
    if (
      roles.includes('edge') &&
      (!roles.includes('body') ||
        (kind.roles[0] === 'edge' ? trails || atRim : atRim && (trails || (low && !edged))))
    )
      return 'edge';
    return roles.includes('body') ? 'body' : roles[0]!;
  });
}

/** As tall as the tallest, but for this; low enough to edge; near enough to the rim. Shares. Ours. */
const NEARLY_TALLEST = 0.85;
const LOW = 0.75;
const AT_RIM = 0.62;
const IN_FRONT = 0.3;
