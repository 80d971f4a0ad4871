import type { Oklch } from '../colour/oklch';
import { unit, type Vec3 } from '../geometry/vec3';
import type { Support, SupportForm } from '../plantings/support';
import { mix } from '../units/units';
import { UNLIT, type StemMark } from './mark';
import type { Vessel } from './vessel';

/** A straight bar from foot to head, world cm. */
export interface Bar {
  readonly from: Vec3;
  readonly to: Vec3;
  readonly thickCm: number;
}

/** Belongs to no plant: it counts as container. */
const NO_PLANT = -1;
/** Bars are cut this short, so that leaves before and behind them sort right, cm. */
const PIECE_CM = 6;

const COLOURS: Readonly<Record<SupportForm, Oklch>> = {
  obelisk: [0.36, 0.012, 240],
  wigwam: [0.7, 0.07, 82],
  trellis: [0.56, 0.055, 66],
};
/** Rings round an obelisk, and bars across a fan, as shares of the height. */
const RINGS = [0.22, 0.48, 0.74];
const WIGWAM_CANES = 5;
const FAN_LATHS = 5;
/** How far apart the legs still are at the head, of their gap at the foot. */
const HEAD_SHARE: Readonly<Record<SupportForm, number>> = {
  obelisk: 0.08,
  wigwam: 0.1,
  trellis: 1,
};
/** The foot of a fan, of its top. */
const FAN_FOOT = 0.3;

/** What plants climb: the legs of a support, from the mix upward. */
export function legsOf(support: Support, vessel: Pick<Vessel, 'soilY'>): readonly Bar[] {
  const { form, xCm, zCm, heightCm, widthCm } = support;
  const y = vessel.soilY(xCm, zCm);
  const at = (x: number, up: number, z: number): Vec3 => [xCm + x, y + up, zCm + z];
  if (form === 'trellis')
    return Array.from({ length: FAN_LATHS }, (_, i) => {
      const share = i / (FAN_LATHS - 1) - 0.5;
      // The outer laths of a fan are shorter: its top is bowed.
      return {
        from: at(share * widthCm * FAN_FOOT, -2, 0),
        to: at(share * widthCm, heightCm * (1 - 0.5 * share * share), 0),
        thickCm: 1.1,
      };
    });
  const count = form === 'obelisk' ? 4 : WIGWAM_CANES;
  const half = form === 'obelisk' ? widthCm / Math.SQRT2 : widthCm / 2;
  return Array.from({ length: count }, (_, i) => {
    const angle = ((i + 0.5) / count) * Math.PI * 2;
    const [cx, cz] = [Math.sin(angle) * half, Math.cos(angle) * half];
    const head = HEAD_SHARE[form];
    // Canes cross where they are tied, a little below their ends.
    return form === 'wigwam'
      ? { from: at(cx, -2, cz), to: at(-cx * head, heightCm, -cz * head), thickCm: 0.9 }
      : { from: at(cx, -2, cz), to: at(cx * head, heightCm * 0.94, cz * head), thickCm: 1.2 };
  });
}

/** The marks of a support: its legs, what ties them, and an obelisk's ball on top. */
export function growSupport(support: Support, vessel: Pick<Vessel, 'soilY'>): StemMark[] {
  const legs = legsOf(support, vessel);
  const bars: Bar[] = [...legs];
  const along = ({ from, to }: Bar, share: number): Vec3 => [
    mix(from[0], to[0], share),
    mix(from[1], to[1], share),
    mix(from[2], to[2], share),
  ];
  const tie = (share: number, thickCm: number, round: boolean) =>
    legs.forEach((leg, i) => {
      const next = legs[i + 1] ?? (round ? legs[0] : undefined);
      if (next) bars.push({ from: along(leg, share), to: along(next, share), thickCm });
    });
  if (support.form === 'wigwam') tie(0.9, 0.8, true);
  else for (const share of RINGS) tie(share, 0.8, support.form === 'obelisk');
  const colour = COLOURS[support.form];
  const marks = bars.flatMap((bar) => pieces(bar, colour));
  if (support.form === 'obelisk') {
    const top: Vec3 = [
      support.xCm,
      vessel.soilY(support.xCm, support.zCm) + support.heightCm,
      support.zCm,
    ];
    const foot: Vec3 = [top[0], top[1] - support.heightCm * 0.06, top[2]];
    // Lines end round: one hardly longer than it is thick is a ball.
    marks.push(
      ...pieces({ from: foot, to: top, thickCm: 1.2 }, colour),
      ...pieces({ from: [top[0], top[1] - 0.4, top[2]], to: top, thickCm: 3.4 }, colour),
    );
  }
  return marks;
}

function pieces({ from, to, thickCm }: Bar, colour: Oklch): StemMark[] {
  const [dx, dy, dz] = [to[0] - from[0], to[1] - from[1], to[2] - from[2]];
  const count = Math.max(1, Math.round(Math.hypot(dx, dy, dz) / PIECE_CM));
  const at = (i: number): Vec3 => [
    from[0] + (dx * i) / count,
    from[1] + (dy * i) / count,
    from[2] + (dz * i) / count,
  ];
  // A bar is lit from the side that looks away from the ground and toward the viewer: it has no inside.
  const env = unit([0, 0.4, 1]);
  return Array.from({ length: count }, (_, i): StemMark => ({
    kind: 'stem',
    plant: NO_PLANT,
    p: at(i),
    to: at(i + 1),
    env,
    jitter: 0,
    ao: UNLIT,
    sun: UNLIT,
    widthCm: thickCm,
    colour,
  }));
}
