import * as z from 'zod';
import { MIX_IDS } from '../containers/mixes';
import { NURSERY_SIZE_IDS } from '../plants/nursery';
import { nameSchema } from '../records/textSchema';
import { DIFFERENCES, QUESTIONS } from './trial';

const id = z
  .string()
  .min(1, 'An id must not be empty.')
  .max(80, 'An id must be at most 80 letters.');

/** The one thing that is done otherwise in the second half. */
const differenceSchema = z.discriminatedUnion(
  'what',
  [
    /** Plants stand nearer together or farther apart, by this factor. */
    z.object({
      what: z.literal('spacing'),
      factor: z.number().min(0.6, 'Spacing is 0.6–1.6.').max(1.6, 'Spacing is 0.6–1.6.'),
    }),
    z.object({ what: z.literal('kind'), from: id, to: id, size: z.enum(NURSERY_SIZE_IDS) }),
    z.object({ what: z.literal('mix'), mix: z.enum(MIX_IDS) }),
    /** Fed as usual, and not at all. */
    z.object({ what: z.literal('feed') }),
    /** Pinched once, and not at all. */
    z.object({ what: z.literal('pinch') }),
    /** On the drip where the others are watered by hand, or the other way about. */
    z.object({ what: z.literal('drip') }),
  ],
  { error: `What differs must be one of ${DIFFERENCES.join(', ')}.` },
);

/** Which trial a pot stands in: the same in all its pots, but for place and half. */
export const trialSchema = z.object({
  id,
  name: nameSchema('The name of a trial', 80, 'A trial must have a name.'),
  difference: differenceSchema,
  /** 0: as planned; 1: with the difference. */
  half: z.union([z.literal(0), z.literal(1)], { error: 'A half of a trial is 0 or 1.' }),
  /** Where it stands in the row, from 1. Two neighbours, 1 and 2, 3 and 4, are one of each half. */
  place: z.number().int().min(1, 'A place is 1–24.').max(24, 'A place is 1–24.'),
  questions: z
    .array(z.enum(QUESTIONS, { error: `A question must be one of ${QUESTIONS.join(', ')}.` }))
    .min(1, 'A trial asks at least one question.')
    .max(QUESTIONS.length)
    .readonly(),
  everyDays: z
    .number()
    .int('Days between askings are whole.')
    .min(3, 'A trial asks every 3–42 days.')
    .max(42, 'A trial asks every 3–42 days.'),
});
