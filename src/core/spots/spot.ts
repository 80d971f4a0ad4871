import type * as z from 'zod';
import type { spotSchema } from './schema';

export const SUN_WHEN = ['morning', 'afternoon', 'spread'] as const;
export const VIEWS = ['one side', 'all round', 'from below'] as const;
export type View = (typeof VIEWS)[number];

/** Where containers stand: what light they get, from where they are seen, and who can reach them. */
export type Spot = Readonly<z.infer<typeof spotSchema>>;

/** Drop from which trails hang free rather than lie on the ground, cm. */
const FREE_DROP_CM = 20;

/** Is a container here off the ground, so that trails hang free below it? */
export function hangsFree(spot: Pick<Spot, 'dropCm'>): boolean {
  return spot.dropCm >= FREE_DROP_CM;
}
