import * as z from 'zod';
import { SUN_WHEN, VIEWS } from './spot';

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
