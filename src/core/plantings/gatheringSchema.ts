import * as z from 'zod';
import { nameSchema } from '../records/textSchema';
import { bounded } from '../spots/lightSchema';

/** One container's place on a terrace: along the line, how far back, on a stand how high, turned how far. */
const gatheredSchema = z.object({
  plantingId: z.string().min(1).max(80),
  atCm: bounded('Place along the line', 'cm', -1000, 1000),
  backCm: bounded('Place back from the line', 'cm', 0, 500),
  raisedCm: bounded('Stand', 'cm', 0, 200),
  turnDeg: bounded('Turn', '°', -180, 180),
});

export const gatheringSchema = z.object({
  id: z.string().min(1).max(80),
  name: nameSchema('The name of a group', 80, 'A group must have a name.'),
  members: z
    .array(gatheredSchema)
    .max(24, 'A group has at most 24 containers.')
    .readonly()
    .superRefine((members, context) => {
      const seen = new Set<string>();
      members.forEach(({ plantingId }, i) => {
        if (seen.has(plantingId))
          context.addIssue({
            code: 'custom',
            path: [i, 'plantingId'],
            message: `A planting stands in a group once; got "${plantingId}" again.`,
          });
        seen.add(plantingId);
      });
    }),
  demo: z.boolean(),
});
