import { toHex, type Oklch } from '../colour/oklch';
import { clamp } from '../units/units';
import type { PlantKind } from '../plants/kind';
import { once } from '../work/once';

type Surface = PlantKind['foliage']['surface'];

const I_STEPS = 28;
const JITTER_STEPS = 7;
/** A colour's tones are held for as long as the colour is: records that came with a message go, and their tones with them. */
const tonesOf = once((_base: Oklch): (string | undefined)[] => []);

/**
 * A base colour in a given light, as `#rrggbb`. Shade keeps colour honest: darker, a little greyer, yellow-greens
 * drift toward green and never to blue; whites keep a high floor; saturated petals are not bleached.
 * Held per base colour in 28 steps of light and 7 of jitter.
 * @param light illumination, 0 to about 1.3
 * @param jitter −1 to 1
 */
export function tone(
  base: Oklch,
  light: number,
  jitter: number,
  surface: Surface = 'matt',
): string {
  const i = clamp(Math.round((light / 1.35) * (I_STEPS - 1)), 0, I_STEPS - 1);
  const j = clamp(Math.round(((jitter + 1) / 2) * (JITTER_STEPS - 1)), 0, JITTER_STEPS - 1);
  const felt = surface === 'felted' ? 1 : 0;
  const key = (felt * I_STEPS + i) * JITTER_STEPS + j;
  const held = tonesOf(base);
  return (held[key] ??= toHex(
    shaded(base, (i / (I_STEPS - 1)) * 1.35, (j / (JITTER_STEPS - 1)) * 2 - 1, felt === 1),
  ));
}

/** The hue toward which a colour goes in shade, degrees: yellow-greens to green, greens to blue-green, blues to violet. */
function shadeHue(h: number): number {
  if (h > 95 && h < 128) return 142;
  if (h >= 128 && h < 200) return 190;
  return h >= 200 && h < 330 ? 290 : h;
}

/** The colour itself, uncached. */
export function shaded([L, C, h]: Oklch, I: number, jitter: number, felted: boolean): Oklch {
  let l = L * (felted ? 0.56 + 0.48 * I : 0.5 + 0.54 * I);
  let c = C;
  let hue = h;
  if (L > 0.8) l += 0.17 * Math.min(1, (L - 0.8) / 0.15) * clamp(1 - I, 0, 1);
  if (L < 0.55) l += Math.max(0, I - 0.55) * 0.16 * ((0.55 - L) / 0.15);
  if (I < 0.5) c *= 0.78 + 0.44 * I;
  if (I < 0.6 && C > 0.03) {
    const target = shadeHue(h);
    const pull = (0.6 - I) * (h > 95 && h < 128 ? 34 : 16);
    hue += clamp(target - h, -pull, pull);
  }
  if (I > 0.75 && h > 104 && h < 160) hue -= Math.min(3.5, (I - 0.75) * 14);
  if (I > 0.9) {
    const lift = 0.22 * (I - 0.9) * (1 - L);
    l += C > 0.12 ? Math.min(lift, L * 0.03) : lift;
  }
  return [clamp(l + jitter * (felted ? 0.028 : 0.016), 0.05, 0.985), c, hue + jitter * 2.6];
}
