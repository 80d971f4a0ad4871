import type { PlantKind } from '../plants/kind';
import { clamp } from '../units/units';

/** Too dark, too bright, scorched by afternoon sun, or content. */
export type LightFault = 'dark' | 'bright' | 'scorched' | 'none';

/** A kind that thrives in this many hours bears all the sun there is, however long the day. */
const ALL_DAY_H = 12;

/** How content one kind is with the light, 0–1, and what is wrong with it. */
export function lightFit(
  kind: PlantKind,
  spot: { readonly sunHours: number; readonly sunWhen: string },
): { readonly score: number; readonly fault: LightFault } {
  const [least, most] = kind.light.hours;
  const dark = Math.max(0, least - spot.sunHours);
  const bright = most >= ALL_DAY_H ? 0 : Math.max(0, spot.sunHours - most);
  const scorch =
    kind.light.afternoon === 'scorches' && spot.sunWhen === 'afternoon' && spot.sunHours > 3
      ? 0.45
      : 0;
  const score = clamp(1 - dark * 0.28 - bright * 0.15 - scorch, 0, 1);
  return {
    score,
    fault: faultOf(dark, scorch, bright),
  };
}

/** Hours short or over that a kind bears without showing it. */
const BORNE_H = 0.4;

function faultOf(darkH: number, scorch: number, brightH: number): LightFault {
  if (darkH > BORNE_H) return 'dark';
  if (scorch > 0) return 'scorched';
  return brightH > BORNE_H ? 'bright' : 'none';
}
