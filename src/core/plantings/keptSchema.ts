import * as z from 'zod';
import { nameSchema } from '../records/textSchema';
import { plantingSchema } from './schema';

/** A pin holds a way from the tray in view; a version is a planting as it once was; a what-if is a branch that can be worked on by turns. */
export const KEPT_KINDS = ['pin', 'version', 'what if'] as const;

export const keptSchema = z.object({
  id: z.string().min(1).max(80),
  /** The planting it was kept of. */
  plantingId: z.string().min(1).max(80),
  kind: z.enum(KEPT_KINDS),
  name: nameSchema('The name of a kept planting', 80, 'A kept planting must have a name.'),
  /** When it was kept, ISO 8601. */
  at: z.string(),
  /** Branch it was kept on. */
  from: z.string().max(80).nullable(),
  planting: plantingSchema,
});
