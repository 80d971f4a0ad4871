import * as z from 'zod';
import { colourSchema } from '../colour/schema';
import { containerSchema } from '../containers/schema';
import { NURSERY_SIZE_IDS } from '../plants/nursery';
import { weeksBetween } from '../units/units';

const id = (label: string) => z.string().min(1, `${label} must not be empty.`).max(80, `${label} must be at most 80 letters.`);
const week = (label: string) => z.number().int(`${label} must be a whole week, 1–52.`).min(1, `${label} must be a whole week, 1–52.`).max(52, `${label} must be a whole week, 1–52.`);

/** One plant's place. Plan axes from the container's middle: x right, z toward the front. Centimetres. */
export const placeSchema = z.object({
  id: id('Place id'),
  kindId: id('Plant id'),
  xCm: z.number().min(-300, 'Place must lie within 300 cm of the middle.').max(300, 'Place must lie within 300 cm of the middle.'),
  zCm: z.number().min(-300, 'Place must lie within 300 cm of the middle.').max(300, 'Place must lie within 300 cm of the middle.'),
  size: z.enum(NURSERY_SIZE_IDS, { error: (issue) => `Nursery size must be one of ${NURSERY_SIZE_IDS.join(', ')}; got ${String(issue.input)}.` }),
  /** Makes this plant differ in detail from its sisters, and stay itself. */
  seed: z.number().int().min(0).max(0xffffffff),
});

export const schemeSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.enum(['warm', 'cool', 'hot', 'pastel']) }),
  z.object({ kind: z.enum(['one-and-white', 'opposites', 'loved']), colour: colourSchema }),
], { error: 'Colour scheme must be warm, cool, hot or pastel; or one-and-white, opposites or loved with a colour.' });

export const wishesSchema = z.object({
  scheme: schemeSchema,
  /** When the mix should be hidden, weeks from planting. */
  fullInWeeks: z.number().int('Full in weeks must be a whole number, 2–26.').min(2, 'Full in weeks must be 2–26.').max(26, 'Full in weeks must be 2–26.'),
  /** Money for plants, in the gardener's currency; `null` for no limit. */
  budget: z.number().positive('Budget must be more than 0.').max(100000, 'Budget must be at most 100000.').nullable(),
  /** Only plants with something to eat. */
  kitchen: z.boolean(),
});

/** A kind that a file named and this book does not have, with what the file said of it. */
export const strangerSchema = z.object({ kindId: id('Plant id'), name: z.string().max(120), told: z.record(z.string(), z.unknown()) });

export const plantingSchema = z.object({
  id: id('Planting id'),
  name: z.string().trim().min(1, 'Planting name must not be empty.').max(80, 'Planting name must be at most 80 letters.'),
  spotId: id('Spot id'),
  container: containerSchema,
  /** The container of the shelf it stands in; `null` for one described only here. */
  shelfId: z.string().max(80).nullable().default(null),
  wishes: wishesSchema,
  plantedWeek: week('Planting week'),
  endWeek: week('Last week'),
  places: z.array(placeSchema).max(200, 'A planting holds at most 200 plants.').readonly(),
  strangers: z.array(strangerSchema).readonly(),
  /** Checks the gardener has answered with "I mean it". */
  meant: z.array(z.string()).readonly(),
  demo: z.boolean(),
}).superRefine((planting, context) => {
  const seen = new Set<string>();
  planting.places.forEach((place, index) => {
    if (seen.has(place.id)) context.addIssue({ code: 'custom', path: ['places', index, 'id'], message: `Place id must be used once; got "${place.id}" again.` });
    seen.add(place.id);
  });
  if (weeksBetween(planting.plantedWeek, planting.endWeek) < 2)
    context.addIssue({ code: 'custom', path: ['endWeek'], message: `Last week must be at least 2 weeks after planting (week ${planting.plantedWeek}); got ${planting.endWeek}.` });
});
