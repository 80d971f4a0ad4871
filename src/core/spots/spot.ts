import { z } from 'zod';

export const SUN_WHEN = ['morning', 'afternoon', 'spread'] as const;
export const VIEWS = ['one side', 'all round', 'from below'] as const;
export type View = (typeof VIEWS)[number];

/** Where containers stand: what light they get, from where they are seen, and who can reach them. */
export const spotSchema = z.object({
  id: z.string().min(1).max(80),
  name: z.string().trim().min(1, 'Spot name must not be empty.').max(80, 'Spot name must be at most 80 letters.'),
  /** Direct sun at midsummer, hours a day. */
  sunHours: z.number().min(0, 'Hours of sun must be 0–16.').max(16, 'Hours of sun must be 0–16.'),
  sunWhen: z.enum(SUN_WHEN),
  view: z.enum(VIEWS),
  pets: z.boolean(),
  children: z.boolean(),
  /** Roof, canopy or eave that keeps rain off. */
  underCover: z.boolean(),
  /** Free drop below the container, cm: 0 when it stands on the ground, a sill's or hook's height otherwise. */
  dropCm: z.number().min(0, 'Drop must be 0–1000 cm.').max(1000, 'Drop must be 0–1000 cm.'),
});
export type Spot = Readonly<z.infer<typeof spotSchema>>;

/** Drop from which trails hang free rather than lie on the ground, cm. */
const FREE_DROP_CM = 20;

/** Is a container here off the ground, so that trails hang free below it? */
export function hangsFree(spot: Pick<Spot, 'dropCm'>): boolean {
  return spot.dropCm >= FREE_DROP_CM;
}
