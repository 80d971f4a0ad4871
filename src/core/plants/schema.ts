import * as z from 'zod';
import { colourSchema } from '../colour/schema';
import {
  COMPANIES,
  FLOWER_FORMS,
  HABITS,
  HARM,
  HARM_PARTS,
  HARM_WAYS,
  LEAF_SHAPES,
  LIME,
  PATTERNS,
  PROPAGATION,
  REMAINS,
  ROLES,
  SALT,
  SURE,
  SURFACES,
  TEXTURES,
  WIND,
} from './terms';
import { NURSERY_SIZE_IDS } from './nursery';

const edge = (label: string, least: number, most: number) =>
  z
    .number({ error: `${label} must be a number.` })
    .min(least, `${label} must be ${least}–${most}.`)
    .max(most, `${label} must be ${least}–${most}.`);

/** Lowest and highest of what people usually see. */
export const range = (label: string, least: number, most: number) =>
  z
    .tuple([edge(label, least, most), edge(label, least, most)], {
      error: `${label} must be two numbers from ${least} to ${most}, the lower first.`,
    })
    .refine(([a, b]) => a <= b, { error: `${label} must have the lower number first.` })
    .readonly();

const week = z.number().int().min(1).max(52);
const weeks = z.tuple([week, week]).readonly();
const names = z.array(z.string().min(2)).readonly();
const summerC = z.number().min(0).max(50);

/** How one sort of creature is harmed: by which parts, and in which way; `null` where no harm is known. */
const harmedBy = z
  .object({ parts: z.array(z.enum(HARM_PARTS)).min(1).readonly(), way: z.enum(HARM_WAYS) })
  .readonly()
  .nullable();

/**
 * The plant record. Sizes in centimetres as grown in a container for one season (or kept at that size), temperatures in °C,
 * weeks of the year for the temperate north (shift by 26 in the south), prices per sale as typical figures without currency.
 */
export const kindSchema = z.object({
  id: z
    .string()
    .regex(/^[a-z0-9]+(-[a-z0-9]+)*$/, 'Plant id must be small letters, figures and hyphens.'),
  botanical: z.string().min(3),
  common: z.string().min(2),
  /** Other common names, and those of British or American use alone. */
  alsoCalled: names,
  british: names,
  american: names,
  /** Botanical names of the same plant that are still met with. */
  synonyms: names,
  /** Botanical names of other plants under which it is sold by mistake. */
  misapplied: names,
  description: z.string().min(8),
  habit: z.enum(HABITS),
  roles: z.array(z.enum(ROLES)).min(1).readonly(),
  heightCm: range('Height', 2, 400),
  spreadCm: range('Spread', 3, 300),
  /** Length of stems past the rim; `null` when it does not trail. */
  trailCm: range('Trail', 3, 300).nullable(),
  /** Weeks from planting to about nine tenths of its full size in a warm season. */
  weeksToFill: z.number().min(1).max(60),
  /** 1 holds its place – 5 overruns its neighbours. */
  vigour: z.number().int().min(1).max(5),
  light: z
    .object({
      /** Direct sun it thrives in, hours a day at midsummer. */
      hours: range('Hours of sun', 0, 16),
      afternoon: z.enum(['wants', 'bears', 'scorches']),
    })
    .readonly(),
  thirst: z.enum(['low', 'medium', 'high']),
  /** Must dry between waterings, or rots. */
  dryBetween: z.boolean(),
  feed: z.enum(['none', 'light', 'medium', 'heavy']),
  /** Lowest temperature the top survives, °C. */
  lowestC: z.number().min(-45).max(20),
  /** Night temperature at which to bring it in; `null` when it stays out. */
  bringInC: z.number().min(-5).max(18).nullable(),
  cycle: z.enum([
    'annual',
    'biennial',
    'perennial',
    'tender perennial',
    'shrub',
    'tender shrub',
    'bulb',
    'succulent',
    'desert succulent',
  ]),
  /** Weeks in leaf out of doors, temperate north; it rests in the others. First later than last: over the year's end. */
  inLeaf: weeks,
  /** The week in which it has gone over, and what then stands in the pot; `null` for what looks well all year. */
  goneOver: z
    .object({ week, remains: z.enum(REMAINS) })
    .readonly()
    .nullable(),
  /** Weeks in which shops have it growing in a pot, temperate north. */
  inShops: z.array(weeks).min(1).readonly(),
  /** Communities it is really grown in. */
  company: z.array(z.enum(COMPANIES)).min(1).max(3).readonly(),
  /** Lowest temperature the roots in a pot survive, °C: the ball has no ground about it. */
  rootsC: z.number().min(-30).max(20),
  /** Nights below this check its growth, °C; `null` where cool nights do not. */
  sulksC: z.number().min(0).max(18).nullable(),
  /** Mean daily maximum of the warmest month, °C: what it needs to perform, and bears in dry and in humid heat (`null`: any). */
  summer: z
    .object({ leastC: summerC, dryC: summerC.nullable(), humidC: summerC.nullable() })
    .readonly(),
  /** Wind and salt it stands, and what lime in mix or water does to it. */
  bears: z.object({ wind: z.enum(WIND), salt: z.enum(SALT), lime: z.enum(LIME) }).readonly(),
  /** What a woody plant adds to its height in one season in a pot, as a share; `null` for what is not woody. */
  woodGrows: z.number().min(0.02).max(2).nullable(),
  foliage: z
    .object({
      main: colourSchema,
      second: colourSchema.nullable(),
      vein: colourSchema.nullable(),
      stem: colourSchema,
      under: colourSchema.nullable(),
      pattern: z.enum(PATTERNS),
      texture: z.enum(TEXTURES),
      shape: z.enum(LEAF_SHAPES),
      lengthCm: z.number().min(0.2).max(150),
      surface: z.enum(SURFACES),
      evergreen: z.boolean(),
    })
    .readonly(),
  /** `null` for plants grown for their leaves. */
  bloom: z
    .object({
      main: colourSchema,
      eye: colourSchema.nullable(),
      second: colourSchema.nullable(),
      form: z.enum(FLOWER_FORMS),
      /** Width of one flower, or of the head or spike's length for cluster, spike, plume and globe. */
      sizeCm: z.number().min(0.2).max(60),
      weeks: z.tuple([week, week]).readonly(),
      continuous: z.boolean(),
      deadhead: z.boolean(),
      pinch: z.boolean(),
      /** Share of the plant covered by flower at its best, 0–1. */
      cover: z.number().min(0.02).max(0.9),
    })
    .readonly()
    .nullable(),
  /** Fruit worth looking at or eating; `null` when none. */
  fruit: z
    .object({
      colour: colourSchema,
      sizeCm: z.number().min(0.3).max(30),
      /** Across, of what is longer than wide: pods, cucumbers. Left out: a ball. */ wideCm: z
        .number()
        .min(0.3)
        .max(15)
        .optional(),
      weeks: z.tuple([week, week]).readonly(),
    })
    .readonly()
    .nullable(),
  scent: z.enum(['none', 'flower', 'leaf', 'both']),
  wildlife: z.array(z.enum(['bees', 'butterflies', 'moths', 'birds', 'hoverflies'])).readonly(),
  /** Parts people eat; `null` when nothing should be eaten. */
  edible: z.string().nullable(),
  /** Of a kind that is eaten, the parts that must not be; `null` when none is known. */
  notEdible: z.string().nullable(),
  toxicity: z
    .object({
      people: z.enum(HARM),
      cats: z.enum(HARM),
      dogs: z.enum(HARM),
      horses: z.enum(HARM),
      note: z.string(),
      by: z
        .object({ people: harmedBy, cats: harmedBy, dogs: harmedBy, horses: harmedBy })
        .readonly(),
    })
    .readonly(),
  irritant: z.object({ skin: z.enum(['no', 'yes', 'unsure']), note: z.string() }).readonly(),
  /** Where it is known to run wild; `null` when no report is widely known. */
  runsWild: z.string().nullable(),
  sold: z
    .array(
      z
        .object({
          size: z.enum(NURSERY_SIZE_IDS),
          price: z.number().positive().max(500),
          /** Plants in one sale of this kind; left out: as its size. */
          perSale: z.number().int().min(1).max(100).optional(),
        })
        .readonly(),
    )
    .min(1)
    .readonly(),
  /** In what those who raise plants themselves buy it, and when that is bought or sown, temperate north; left out: in nothing earlier. */
  early: z
    .array(
      z
        .object({
          size: z.enum(['seed', 'plug', 'bare-root']),
          price: z.number().positive().max(500),
          perSale: z.number().int().min(1).max(100).optional(),
          weeks,
        })
        .readonly(),
    )
    .min(1)
    .max(8)
    .readonly()
    .optional(),
  support: z.enum(['none', 'stake', 'climb']),
  /** Ways to make more of it, the best first. */
  propagation: z.array(z.enum(PROPAGATION)).min(1).readonly(),
  /** How sure the book is of each group of facts. */
  confidence: z
    .object({
      growing: z.enum(SURE),
      cold: z.enum(SURE),
      heat: z.enum(SURE),
      harm: z.enum(SURE),
    })
    .readonly(),
});
