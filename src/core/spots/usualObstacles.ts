import type { Obstacle, ObstacleKind } from './obstacle';

/** Leaf dates of a cool temperate year, and what crowns let through: between the ranges usually measured (leaf-on .1–.3, bare .4–.75). */
const LEAVES = {
  evergreen: false,
  leafOnWeek: 17,
  leafOffWeek: 44,
  letsThrough: 0.2,
  bareLetsThrough: 0.6,
} as const;

/** A thing of a kind as it is first put down, at a bearing: usual sizes, to be changed. */
export function usualObstacle(kind: ObstacleKind, id: string, bearingDeg: number): Obstacle {
  switch (kind) {
    case 'building':
      return { id, kind, facingDeg: bearingDeg };
    case 'wall':
      return { id, kind, bearingDeg, distanceCm: 200, heightCm: 180, leftCm: 200, rightCm: 200 };
    case 'hedge':
      return {
        id,
        kind,
        bearingDeg,
        distanceCm: 300,
        heightCm: 200,
        leftCm: 300,
        rightCm: 300,
        ...LEAVES,
        evergreen: true,
      };
    case 'eave':
      return {
        id,
        kind,
        facingDeg: bearingDeg,
        depthCm: 40,
        backCm: 30,
        heightCm: 250,
        leftCm: 300,
        rightCm: 300,
      };
    case 'tree':
      return {
        id,
        kind,
        bearingDeg,
        distanceCm: 700,
        heightCm: 700,
        clearCm: 200,
        widthCm: 450,
        ...LEAVES,
      };
    case 'skyline':
      return {
        id,
        kind,
        fromDeg: (bearingDeg + 335) % 360,
        toDeg: (bearingDeg + 25) % 360,
        altitudeDeg: 10,
      };
  }
}
