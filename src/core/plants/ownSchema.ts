import * as z from 'zod';
import { hasControlLetters } from '../records/letters';
import { colourSchema } from '../colour/schema';
import { NURSERY_SIZE_IDS } from './nursery';
import { range } from './schema';

const text = (what: string, least: number, most: number) =>
  z
    .string()
    .trim()
    .min(least, `${what} must have ${least} letters or more.`)
    .max(most, `${what} must have at most ${most} letters.`)
    .refine((text) => !hasControlLetters(text), `${what} must not hold control letters.`);
const degrees = (what: string) =>
  z
    .number({ error: `${what} must be a number.` })
    .min(-45, `${what} must be −45 °C or more.`)
    .max(20, `${what} must be at most 20 °C.`);
const week = z
  .number({ error: 'A week must be a number.' })
  .int('A week must be a whole number.')
  .min(1, 'Weeks run from 1.')
  .max(52, 'Weeks run to 52.');

/** What a gardener tells of a kind: what a tag says, and colours by eye. What is left out is the book's, or guessed. */
export const toldSchema = z.object({
  common: text('Name', 2, 80).optional(),
  botanical: text('Botanical name', 3, 80).optional(),
  description: text('Description', 8, 200).optional(),
  heightCm: range('Height', 2, 400).optional(),
  spreadCm: range('Spread', 3, 300).optional(),
  trailCm: range('Trail', 3, 300).nullable().optional(),
  weeksToFill: z.number().min(1).max(60).optional(),
  hours: range('Hours of sun', 0, 16).optional(),
  thirst: z
    .enum(['low', 'medium', 'high'], { error: 'Water must be low, medium or high.' })
    .optional(),
  lowestC: degrees('Lowest temperature').optional(),
  leafColour: colourSchema.optional(),
  flowerColour: colourSchema.nullable().optional(),
  flowerWeeks: z.tuple([week, week]).readonly().optional(),
  size: z.enum(NURSERY_SIZE_IDS).optional(),
  price: z
    .number({ error: 'Price must be a number.' })
    .positive('Price must be more than 0.')
    .max(500, 'Price must be at most 500.')
    .optional(),
});

/** A kind of the gardener's own, or what they know better of one in the book; and how they stand to it. */
export const ownKindSchema = z.object({
  /** Of the book's kind it changes, or its own. */
  id: z
    .string()
    .regex(/^[a-z0-9]+(-[a-z0-9]+)*$/, 'Plant id must be small letters, figures and hyphens.'),
  /** Kind of the book from which all that was not told is taken; for one of the book itself. */
  likeId: z.string().min(1),
  told: toldSchema,
  /** Plants of it in the shed. */
  owned: z
    .number({ error: 'How many must be a number.' })
    .int('How many must be a whole number.')
    .min(0, 'How many must be 0 or more.')
    .max(999, 'How many must be at most 999.')
    .default(0),
  note: z.string().max(300, 'A note has at most 300 letters.').default(''),
  favourite: z.boolean().default(false),
  /** Why it is not to be planted again; `null` when it may. */
  never: z.string().max(200, 'A reason has at most 200 letters.').nullable().default(null),
});
