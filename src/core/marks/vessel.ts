import { mixHeightCm, type Container } from '../containers/container';
import { MATERIALS } from '../containers/materials';
import { insetCm, sectionAt, type Section } from '../containers/shape';
import { unit, type Vec3 } from '../geometry/vec3';

/** What a plant feels of its container: rim, soil, wall and the floor beneath. World axes, y = 0 at the outside base. */
export interface Vessel {
  readonly soilY: number;
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
  const wall = MATERIALS[container.material].wallCm;
  const { shape } = container;
  const rim = sectionAt(shape, shape.depthCm);
  const grow = (s: Section): Section => (s.kind === 'disc' ? { kind: 'disc', radiusCm: s.radiusCm + wall } : { kind: 'rect', halfLengthCm: s.halfLengthCm + wall, halfWidthCm: s.halfWidthCm + wall });
  return {
    soilY: wall + mixHeightCm(container),
    rimY: wall + shape.depthCm,
    floorY: hung ? -OPEN_DROP_CM : 0,
    insideCm: (x, y, z) => insetCm(grow(sectionAt(shape, y - wall)), x, z),
    outward: (x, z) => outwardFrom(rim, x, z),
    rimShare: (x, z) => rimShareOf(rim, x, z),
  };
}

/** Off the long edge in a box unless an end is clearly nearer; straight out from the middle of a round one. */
function outwardFrom(rim: Section, x: number, z: number): Vec3 {
  if (rim.kind === 'disc') return Math.hypot(x, z) < 0.5 ? [0, 0, 1] : unit([x, 0, z]);
  const endGap = rim.halfLengthCm - Math.abs(x);
  const sideGap = rim.halfWidthCm - Math.abs(z);
  const ends = Math.max(0, 1 - endGap / 12) * Math.sign(x);
  // A plant in the middle row of a box spills to the front, where it is seen.
  return unit([ends * (endGap < sideGap ? 1.4 : 0.5), 0, z < -rim.halfWidthCm * 0.35 ? -1 : 1]);
}

function rimShareOf(rim: Section, x: number, z: number): number {
  if (rim.kind === 'disc') return Math.min(1, Math.hypot(x, z) / rim.radiusCm);
  return Math.min(1, Math.max(Math.abs(z) / rim.halfWidthCm, (Math.abs(x) / rim.halfLengthCm) ** 3));
}
