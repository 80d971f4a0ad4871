import type { PlanPoint } from './section';
import { reachOf } from './section';
import { insideDepthCm, halfDepthCm, halfFrontCm, rimSection, type Shape } from './shape';

/** A shape of another kind about as large as one there is: something to measure from. */
export function turnedInto(kind: Shape['kind'], from: Shape): Shape {
  const tenth = (cm: number) => Math.round(cm * 10) / 10;
  const across = tenth(2 * reachOf(rimSection(from)).acrossCm || 2 * halfFrontCm(from));
  const deep = tenth(2 * halfDepthCm(from));
  const depth = tenth(Math.max(8, insideDepthCm(from)));
  const round = tenth(Math.max(16, Math.min(200, Math.sqrt(across * deep))));
  const basket = tenth(Math.min(100, round));
  switch (kind) {
    case 'round':
      return { kind, topCm: round, baseCm: tenth(round * 0.74), depthCm: depth };
    case 'square':
      return { kind, topCm: round, baseCm: tenth(round * 0.85), depthCm: depth };
    case 'cylinder':
      return { kind, topCm: round, depthCm: depth };
    case 'barrel':
      return { kind, topCm: round, baseCm: tenth(round * 0.84), depthCm: depth };
    case 'bowl':
      return { kind, topCm: round, depthCm: tenth(Math.min(depth, round / 2, 100)) };
    case 'basket':
      return { kind, topCm: basket, depthCm: tenth(Math.max(8, Math.min(depth, basket / 2, 60))) };
    case 'cone':
      return { kind, topCm: basket, depthCm: Math.min(80, depth) };
    case 'urn':
      return {
        kind,
        profile: [
          { heightCm: 0, widthCm: tenth(round * 0.5) },
          { heightCm: tenth(depth * 0.5), widthCm: tenth(round * 0.9) },
          { heightCm: depth, widthCm: round },
        ],
      };
    case 'box':
      return {
        kind,
        lengthCm: Math.max(20, across),
        widthCm: Math.max(12, deep),
        baseLengthCm: tenth(Math.max(20, across) * 0.97),
        baseWidthCm: tenth(Math.max(12, deep) * 0.9),
        depthCm: depth,
      };
    case 'saddle': {
      const [length, width, high] = [Math.max(30, across), Math.max(22, deep), Math.max(16, depth)];
      return {
        kind,
        lengthCm: length,
        widthCm: width,
        baseLengthCm: tenth(length * 0.95),
        baseWidthCm: tenth(width * 0.9),
        depthCm: high,
        slotWidthCm: 6,
        slotHeightCm: 8,
      };
    }
    case 'wall':
      return {
        kind,
        widthCm: Math.min(150, Math.max(20, across)),
        projectionCm: tenth(Math.min(80, Math.max(10, across / 2))),
        depthCm: Math.min(80, depth),
      };
    case 'tiered':
      return {
        kind,
        tiers: [1, 0.68, 0.42].map((share) => ({
          topCm: tenth(Math.max(40, round) * share),
          baseCm: tenth(Math.max(40, round) * share * 0.75),
          depthCm: tenth(Math.max(12, depth * 0.5)),
        })),
      };
    case 'bag':
      return {
        kind,
        lengthCm: Math.min(200, Math.max(40, across)),
        widthCm: Math.min(100, Math.max(25, deep)),
        depthCm: tenth(Math.min(25, depth, Math.max(25, deep) * 0.8)),
      };
    case 'outline': {
      const [x, z] = [tenth(across / 2), tenth(Math.max(8, deep / 2))];
      const corners: PlanPoint[] = [
        [-x, -z],
        [x * 0.8, -z],
        [x, 0],
        [x * 0.8, z],
        [-x, z],
      ];
      return {
        kind,
        points: corners.map(([a, b]): [number, number] => [tenth(a), tenth(b)]),
        shares: [0.7, 0.9, 1],
        depthCm: depth,
      };
    }
  }
}
