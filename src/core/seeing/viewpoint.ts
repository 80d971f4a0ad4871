import { visibleHeightCm, type Container } from '../containers/container';
import { halfDepthCm, isHung } from '../containers/shape';
import { frontBearingDeg } from '../spots/front';
import { EYE_HEIGHT_CM, type Spot } from '../spots/spot';
import { clamp, RAD_PER_DEG } from '../units/units';

export type UsualViewpoint = 'standing' | 'sitting' | 'child' | 'indoors';

/** From where a planting is looked at. Heights above the ground below the container, cm. */
export interface Viewpoint {
  readonly id: string;
  /** What the gardener calls it; `null` for the usual ones, which `words` names. */
  readonly name: string | null;
  readonly eyeCm: number;
  readonly distanceCm: number;
  /** Turned to the right of the front, radians, as a lens is. */
  readonly azimuthRad: number;
  /** Sill or parapet looked over: its height above the ground, its edges by their distance from the eye; `null` when there is none. */
  readonly sill: {
    readonly heightCm: number;
    readonly nearCm: number;
    readonly farCm: number;
  } | null;
}

/** A step back from a pot on the ground; under a basket people stand nearer. Ours. */
const STEP_BACK_CM = 260;
const UNDER_BASKET_CM = 120;
/** Who stands at a sink: its worktop and where the eye is over it, cm. Usual sizes of kitchens. */
const SINK = { topCm: 92, sillAboveTopCm: 14, nearCm: 40, farCm: 58 } as const;
/** Gap from the far edge of the sill to the container's back, cm. */
const BEYOND_SILL_CM = 4;
/** Steepest look down and up, radians. */
const STEEPEST_RAD = 1.15;
/** Drops below which something on a sill is looked at over it from indoors, cm. */
const SILL_DROP_CM = [40, 400] as const;

/** Viewpoints to choose from: those told for the spot first, then the usual ones that make sense here. */
export function viewpointsOf(spot: Spot, container: Container): readonly Viewpoint[] {
  const front = frontBearingDeg(spot);
  const told = spot.eyes.map((eye): Viewpoint => ({
    id: eye.id,
    name: eye.name,
    eyeCm: eye.floorCm + EYE_HEIGHT_CM[eye.kind],
    distanceCm: eye.distanceCm,
    azimuthRad: around(front - eye.bearingDeg) * RAD_PER_DEG,
    sill: eye.sill && {
      heightCm: eye.floorCm + eye.sill.heightCm,
      nearCm: eye.sill.nearCm,
      farCm: eye.sill.farCm,
    },
  }));
  const distanceCm = spot.view === 'from below' ? UNDER_BASKET_CM : STEP_BACK_CM;
  const usual = (['standing', 'sitting', 'child'] as const).map((id): Viewpoint => ({
    id,
    name: null,
    eyeCm: EYE_HEIGHT_CM[id],
    distanceCm,
    azimuthRad: 0,
    sill: null,
  }));
  const onSill =
    spot.exposure === 'sill' &&
    spot.dropCm >= SILL_DROP_CM[0] &&
    spot.dropCm <= SILL_DROP_CM[1] &&
    !isHung(container.shape);
  return [
    ...told,
    ...usual,
    ...(onSill && !told.some(({ sill }) => sill) ? [indoors(spot, container)] : []),
  ];
}

/** Someone at a sink indoors, looking out over the sill on which the container stands outside. */
function indoors(spot: Spot, container: Container): Viewpoint {
  // The inner sill is level with what the container stands on; the floor lies a worktop and a splashback lower.
  const floorCm = spot.dropCm - SINK.topCm - SINK.sillAboveTopCm;
  return {
    id: 'indoors',
    name: null,
    eyeCm: floorCm + EYE_HEIGHT_CM.standing,
    distanceCm: SINK.farCm + BEYOND_SILL_CM + halfDepthCm(container.shape),
    azimuthRad: Math.PI,
    sill: { heightCm: spot.dropCm, nearCm: SINK.nearCm, farCm: SINK.farCm },
  };
}

const around = (deg: number): number => ((((deg + 180) % 360) + 360) % 360) - 180;

/** How far the eye looks down on the rim of a container, radians; negative from below. */
export function pitchOf(
  { eyeCm, distanceCm }: Pick<Viewpoint, 'eyeCm' | 'distanceCm'>,
  container: Container,
  dropCm: number,
): number {
  return clamp(
    Math.atan2(eyeCm - (dropCm + visibleHeightCm(container)), distanceCm),
    -STEEPEST_RAD,
    STEEPEST_RAD,
  );
}

/** Height above the container's foot below which a sill hides everything at the container's middle, cm; `null` without a sill. */
export function hiddenBelowCm(
  { eyeCm, distanceCm, sill }: Pick<Viewpoint, 'eyeCm' | 'distanceCm' | 'sill'>,
  dropCm: number,
): number | null {
  if (!sill) return null;
  const over = (edgeAtCm: number) => eyeCm + ((sill.heightCm - eyeCm) * distanceCm) / edgeAtCm;
  return Math.max(over(sill.nearCm), over(sill.farCm)) - dropCm;
}
