import { RAD_PER_DEG } from '../units/units';
import type { Obstacle } from './obstacle';
import { bearingOf, heightsAt } from './silhouette';

/** By what a thing on the sky strip is taken hold of: as a whole, or by an end. */
export type GripKind = 'body' | 'left' | 'right';

export interface Grip {
  readonly grip: GripKind;
  /** Degrees. */
  readonly bearing: number;
  readonly altitude: number;
}

/** Where a thing without an edge ahead is taken hold of, degrees up. */
const NO_EDGE_DEG = 45;

/** Altitude of the edge that is dragged, straight ahead; `null` when there is none. */
export function edgeOf(obstacle: Obstacle, leafHeightCm: number): number | null {
  if (obstacle.kind === 'building') return null;
  const cover = heightsAt(obstacle, leafHeightCm, bearingOf(obstacle));
  return cover ? cover[obstacle.kind === 'eave' ? 0 : 1] : 2;
}

/** Handles: the middle of the edge, and the ends where there are ends to drag. */
export function gripsOf(obstacle: Obstacle, leafHeightCm: number): readonly Grip[] {
  const at = bearingOf(obstacle);
  const edge = edgeOf(obstacle, leafHeightCm);
  const list: Grip[] = [{ grip: 'body', bearing: at, altitude: edge ?? NO_EDGE_DEG }];
  const end = (run: number, distance: number) => Math.atan2(run, distance) / RAD_PER_DEG;
  if (obstacle.kind === 'wall' || obstacle.kind === 'hedge') {
    list.push({
      grip: 'left',
      bearing: at - end(obstacle.leftCm, obstacle.distanceCm),
      altitude: (edge ?? 0) / 2,
    });
    list.push({
      grip: 'right',
      bearing: at + end(obstacle.rightCm, obstacle.distanceCm),
      altitude: (edge ?? 0) / 2,
    });
  } else if (obstacle.kind === 'skyline')
    list.push(
      { grip: 'left', bearing: obstacle.fromDeg, altitude: obstacle.altitudeDeg / 2 },
      { grip: 'right', bearing: obstacle.toDeg, altitude: obstacle.altitudeDeg / 2 },
    );
  else if (obstacle.kind === 'tree') {
    const cover = heightsAt(obstacle, leafHeightCm, at);
    const level = cover ? (cover[0] + cover[1]) / 2 : 10;
    const half = end(obstacle.widthCm / 2, obstacle.distanceCm);
    list.push(
      { grip: 'left', bearing: at - half, altitude: level },
      { grip: 'right', bearing: at + half, altitude: level },
    );
  }
  return list;
}
