import {
  insideBaseCm,
  mixSurface,
  outerSection,
  soilHeightCm,
  surfacesOf,
  visibleHeightCm,
  type Container,
} from '../containers/container';
import { insetCm, reachOf, towardEdge, type Section } from '../containers/section';
import { rimSection } from '../containers/shape';
import { unit, type Vec3 } from '../geometry/vec3';

/** What a plant feels of its container: rim, soil, wall and the floor beneath. World axes, y = 0 at the outside base. */
export interface Vessel {
  /** Height of the mix under a point of the plan. */
  readonly soilY: (x: number, z: number) => number;
  /** Height of the rim round a point of the plan: tiers have one each. */
  readonly rimAt: (x: number, z: number) => number;
  /** The highest rim. */
  readonly rimY: number;
  /** Where trailing stems meet the ground: 0, or far below for hung and sill containers. */
  readonly floorY: number;
  /** How far inside the outer wall a point lies at a height; negative outside. Above the rim it is the rim's. */
  readonly insideCm: (x: number, y: number, z: number) => number;
  /** Level unit vector toward the nearest edge. */
  readonly outward: (x: number, z: number) => Vec3;
  /** Nearness to the rim, 0 in the middle to 1 at the wall. */
  readonly rimShare: (x: number, z: number) => number;
}

/** How far trails may hang when nothing is below, cm. */
const OPEN_DROP_CM = 400;

export function vesselOf(container: Container, hung: boolean): Vessel {
  const foot = insideBaseCm(container);
  const rim = rimSection(container.shape);
  const rimY = visibleHeightCm(container);
  const tiered = surfacesOf(container).length > 1;
  const soilY = (x: number, z: number) => foot + soilHeightCm(container, x, z);
  const inner = mixSurface(container);
  return {
    soilY,
    rimY,
    rimAt: (x, z) => (tiered ? soilY(x, z) + container.headspaceCm : rimY),
    floorY: hung ? -OPEN_DROP_CM : 0,
    insideCm: (x, y, z) => insetCm(outerSection(container, y - foot), x, z),
    outward: (x, z) => outwardFrom(tiered ? inner : rim, x, z),
    rimShare: (x, z) => rimShareOf(tiered ? inner : rim, x, z),
  };
}

/** Off the long edge in a box unless an end is clearly nearer; straight out from the middle of a round one; off the nearest edge of others. */
function outwardFrom(rim: Section, x: number, z: number): Vec3 {
  if (rim.kind === 'disc') return Math.hypot(x, z) < 0.5 ? [0, 0, 1] : unit([x, 0, z]);
  if (rim.kind === 'polygon') {
    const [ox, oz] = towardEdge(rim, x, z);
    // Against a wall or in the middle row a plant spills to the front, where it is seen.
    return insetCm(rim, x, z) > 0 && oz < -0.7 ? [0, 0, 1] : [ox, 0, oz];
  }
  const endGap = rim.halfLengthCm - Math.abs(x);
  const sideGap = rim.halfWidthCm - Math.abs(z);
  const ends = Math.max(0, 1 - endGap / 12) * Math.sign(x);
  // A plant in the middle row of a box spills to the front, where it is seen.
  return unit([ends * (endGap < sideGap ? 1.4 : 0.5), 0, z < -rim.halfWidthCm * 0.35 ? -1 : 1]);
}

function rimShareOf(rim: Section, x: number, z: number): number {
  if (rim.kind === 'disc') return Math.min(1, Math.hypot(x, z) / rim.radiusCm);
  if (rim.kind === 'rect')
    return Math.min(
      1,
      Math.max(Math.abs(z) / rim.halfWidthCm, (Math.abs(x) / rim.halfLengthCm) ** 3),
    );
  const { acrossCm, deepCm } = reachOf(rim);
  return Math.min(1, Math.max(0, 1 - insetCm(rim, x, z) / Math.min(acrossCm, deepCm)));
}
