import type * as z from 'zod';
import { mixSurface, type Container } from '../containers/container';
import { insetCm, reachOf } from '../containers/section';
import { clamp } from '../units/units';
import type { SUPPORT_FORMS, supportSchema } from './supportSchema';

export type SupportForm = (typeof SUPPORT_FORMS)[number];
export type Support = Readonly<z.infer<typeof supportSchema>>;

/** From how far a climber is led to a support, cm. Ours: a tied-in shoot of a young plant. */
const LED_CM = 15;
/** Usual height, by how much of the container's width; what stands in a pot looks right at about twice the pot. Ours. */
const USUAL_HEIGHT = 2.2;
/** Room kept between a support's feet and the wall, cm. */
const OFF_WALL_CM = 2;

/** Is a plant near enough to climb it, or be tied to it? */
export function reaches(
  { form, widthCm, xCm, zCm }: Support,
  plant: { readonly xCm: number; readonly zCm: number },
): boolean {
  const [dx, dz] = [Math.abs(plant.xCm - xCm), Math.abs(plant.zCm - zCm)];
  if (form === 'trellis') return dx <= widthCm / 2 + LED_CM && dz <= LED_CM;
  return Math.hypot(dx, dz) <= widthCm / 2 + LED_CM;
}

/** One that suits the container: in the middle, a fan at the back; its feet clear of the wall. */
export function usualSupport(container: Container, form: SupportForm): Support {
  const mix = mixSurface(container);
  const { acrossCm, deepCm } = reachOf(mix);
  const room = Math.max(4, insetCm(mix, 0, 0) - OFF_WALL_CM);
  const heightCm = clamp(
    Math.round((Math.min(acrossCm, deepCm * 1.5) * 2 * USUAL_HEIGHT) / 5) * 5,
    40,
    180,
  );
  if (form === 'trellis')
    return {
      form,
      heightCm,
      widthCm: clamp(Math.round(acrossCm * 1.6), 8, 200),
      xCm: 0,
      zCm: -Math.round(Math.max(0, deepCm - 4)),
    };
  return {
    form,
    heightCm,
    widthCm: clamp(Math.round(Math.min(room * 2 * 0.7, 60)), 8, 200),
    xCm: 0,
    zCm: 0,
  };
}

/** The same support taken to another container: as high as it is, in its usual place there, no wider than goes in. */
export function supportIn(container: Container, { form, heightCm, widthCm }: Support): Support {
  const usual = usualSupport(container, form);
  return { ...usual, heightCm, widthCm: Math.min(widthCm, usual.widthCm) };
}
