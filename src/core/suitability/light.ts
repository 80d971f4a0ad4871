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
  const dark = Math.max(0, least - spot.sunHours - BORNE_DARK_H);
  const bright = most >= ALL_DAY_H ? 0 : Math.max(0, spot.sunHours - most - BORNE_BRIGHT_H);
  const scorch =
    kind.light.afternoon === 'scorches' && spot.sunWhen === 'afternoon' && spot.sunHours > 3
      ? 0.45
      : 0;
  return {
    score: clamp(1 - dark * 0.3 - bright * 0.2 - scorch, 0, 1),
    fault: dark > 0 ? 'dark' : scorch > 0 ? 'scorched' : bright > 0 ? 'bright' : 'none',
  };
}

/** Hours short, and over, that a kind bears without showing it. Ours. */
const BORNE_DARK_H = 0.5;
const BORNE_BRIGHT_H = 1;

/** Hours from the ends of its range at which a kind is wholly at ease, and beyond which it is not at all. Ours. */
const AT_EASE_H = 1;
const ILL_AT_EASE_H = 2;

/** How much at ease a kind is with the hours of sun there: 1 well inside its range, a half at an end of it, 0 two hours beyond. Ours. */
export function easeInLight(
  { light: { hours } }: Pick<PlantKind, 'light'>,
  { sunHours }: { readonly sunHours: number },
): number {
  const [least, most] = hours;
  const inside = Math.min(
    least <= 0 ? Infinity : sunHours - least,
    most >= ALL_DAY_H ? Infinity : most - sunHours,
  );
  return inside >= 0
    ? 0.5 + 0.5 * Math.min(1, inside / AT_EASE_H)
    : 0.5 * Math.max(0, 1 + inside / ILL_AT_EASE_H);
}
