import type * as z from 'zod';
import type { spotSchema } from './schema';
import { weekAfter, WEEKS_PER_YEAR } from '../units/units';
import type { EYE_KINDS, REFLECTS } from './terms';
import { USUAL_SPOT } from './usual';

export * from './terms';

/** Where containers stand: what light they get, from where they are seen, and who can reach them. */
export type Spot = Readonly<z.infer<typeof spotSchema>>;
export type Eye = Spot['eyes'][number];
export type LogDay = Spot['sunLog'][number];

/** Heights of eyes above the floor they stand on, cm: the middle of usual ranges. */
export const EYE_HEIGHT_CM: Readonly<Record<(typeof EYE_KINDS)[number], number>> = {
  standing: 160,
  sitting: 118,
  child: 100,
};

/** Sun thrown back by what lies beside, as a share added to the heat. Ours: light stone and pale paving throw back a fifth to a third of what they get, some of it toward the leaves. */
export const REFLECTED_SHARE: Readonly<Record<(typeof REFLECTS)[number], number>> = {
  nothing: 0,
  paving: 0.08,
  wall: 0.12,
  both: 0.2,
};

/** A spot of which only this is known. */
export function usualSpot(told: Partial<Spot> & Pick<Spot, 'id' | 'name'>): Spot {
  return { ...USUAL_SPOT, ...told };
}

/** The week of the book that stands for every week where there is no winter and no summer: one early in summer. Ours. */
const SEASONLESS_WEEK = 26;

/** Is one week there like another? */
export function isSeasonless({ site }: Pick<Spot, 'site'>): boolean {
  return site.climate.startsWith('tropical');
}

/**
 * The week of the northern year, in which the book tells its weeks, that a week is where the spot lies; and, outside the
 * tropics, the other way round.
 */
export function bookWeek(week: number, spot: Pick<Spot, 'site'>): number {
  if (isSeasonless(spot)) return SEASONLESS_WEEK;
  const { site } = spot;
  return site.latitudeDeg >= 0 ? week : weekAfter(week, WEEKS_PER_YEAR / 2);
}

/** Drop from which trails hang free rather than lie on the ground, cm. */
const FREE_DROP_CM = 20;

/** Is a container here off the ground, so that trails hang free below it? */
export function hangsFree(spot: Pick<Spot, 'dropCm'>): boolean {
  return spot.dropCm >= FREE_DROP_CM;
}
