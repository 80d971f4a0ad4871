import { isLong, mixSurface, type Container } from '../containers/container';
import { reachOf } from '../containers/section';
import { tierShares } from './tiers';
import type { Role } from '../plants/kind';
import type { House } from '../plantings/house';
import type { View } from '../spots/spot';

/** Where plants of each role would stand before they are settled: roles in order, places as wished. */
export interface Spotting {
  readonly xCm: number;
  readonly zCm: number;
}

/**
 * Places for so many plants of one role.
 * One side view: lead behind the middle and off-centre, body between, edge along the front. All round and from below:
 * lead in the middle, body in a ring, edge round the rim. Boxes: lead behind, body in a zigzag, edge in front.
 */
export function spotRole(
  container: Container,
  view: View,
  role: Role,
  count: number,
  others: { readonly leads: number; readonly lead: House['lead'] },
): Spotting[] {
  const surface = mixSurface(container);
  const { acrossCm, deepCm } = reachOf(surface);
  // What is longer than wide, or flat at the back, is planted like a box.
  if (surface.kind === 'rect' || container.shape.kind === 'wall' || isLong(container)) {
    if (acrossCm >= deepCm) return spotBox(acrossCm, deepCm, view, role, count, others.leads);
    return spotBox(deepCm, acrossCm, view, role, count, others.leads).map(({ xCm, zCm }) => ({
      xCm: zCm,
      zCm: xCm,
    }));
  }
  const R = Math.min(acrossCm, deepCm);
  const arc = (fromRad: number, toRad: number, radius: number) =>
    Array.from({ length: count }, (_, i) => {
      const angle =
        count === 1 ? (fromRad + toRad) / 2 : fromRad + ((toRad - fromRad) * i) / (count - 1);
      return { xCm: Math.sin(angle) * radius, zCm: Math.cos(angle) * radius };
    });
  const tiers = tierShares(container);
  const ring = (radius: number, turn: number) =>
    Array.from({ length: count }, (_, i) => ({
      xCm: Math.sin((i / count) * 2 * Math.PI + turn) * radius,
      zCm: Math.cos((i / count) * 2 * Math.PI + turn) * radius,
    }));
  if (tiers) {
    if (role === 'lead') return count === 1 ? [{ xCm: 0, zCm: 0 }] : ring(R * tiers.top, 0.5);
    return ring(
      R * (role === 'body' ? tiers.middle : tiers.low),
      role === 'body' ? 0.2 : 0.2 + Math.PI / Math.max(3, count),
    );
  }
  if (role === 'lead' && count === 1 && others.lead !== 'by view')
    return [
      {
        centre: { xCm: 0, zCm: 0 },
        back: { xCm: 0, zCm: -R * 0.5 },
        'a third over': { xCm: -R * 0.33, zCm: view === 'one side' ? -R * 0.3 : 0 },
      }[others.lead],
    ];
  if (view !== 'one side') {
    if (role === 'lead') return count === 1 ? [{ xCm: 0, zCm: 0 }] : ring(R * 0.22, 0.5);
    if (role === 'body') return ring(others.leads > 0 ? R * 0.52 : R * 0.34, 0.2);
    return ring(R * 0.8, 0.2 + Math.PI / Math.max(3, count));
  }
  if (role === 'lead')
    return count === 1
      ? [{ xCm: -R * 0.1, zCm: -R * 0.42 }]
      : arc(Math.PI - 0.5, Math.PI + 0.5, R * 0.45);
  if (role === 'body') return arc(-1.95, 1.95, R * 0.5);
  return arc(-1.25, 1.25, R * 0.82);
}

function spotBox(
  l: number,
  w: number,
  view: View,
  role: Role,
  count: number,
  leads: number,
): Spotting[] {
  const along = (i: number, reach: number) =>
    count === 1 ? 0 : -reach + ((i + 0.5) / count) * reach * 2;
  return Array.from({ length: count }, (_, i) => {
    if (role === 'lead')
      return {
        xCm: count === 1 ? -l * 0.12 : along(i, l * 0.92),
        zCm: view === 'all round' ? 0 : -w * 0.45,
      };
    if (role === 'body')
      return {
        xCm: along(i, l * 0.96),
        zCm: leads > 0 ? (i % 2 ? -w * 0.1 : w * 0.2) : i % 2 ? -w * 0.4 : 0,
      };
    return { xCm: along(i, l * 0.98), zCm: view === 'all round' && i % 2 ? -w * 0.6 : w * 0.6 };
  });
}
