import { COMPANIES } from '../plants/terms';
import * as z from 'zod';
import { nameSchema, textSchema } from '../records/textSchema';
import { colourSchema } from '../colour/schema';
import { COLOUR_SCHEMES, NAMED_MOST, PLAIN_SCHEMES } from '../colour/schemes';
import { containerSchema } from '../containers/schema';
import { NURSERY_SIZE_IDS } from '../plants/nursery';
import { weeksBetween } from '../units/units';
import { USUAL_CARE } from './care';
import { SCHOOL_IDS } from './schoolId';
import { HIGHEST_CM } from './heights';
import { supportSchema } from './supportSchema';
import { trialSchema } from './trialSchema';

const id = (label: string) =>
  z.string().min(1, `${label} must not be empty.`).max(80, `${label} must be at most 80 letters.`);
const week = (label: string) =>
  z
    .number()
    .int(`${label} must be a whole week, 1–52.`)
    .min(1, `${label} must be a whole week, 1–52.`)
    .max(52, `${label} must be a whole week, 1–52.`);

/** One plant's place. Plan axes from the container's middle: x right, z toward the front. Centimetres. */
export const placeSchema = z.object({
  id: id('Place id'),
  kindId: id('Plant id'),
  xCm: z
    .number()
    .min(-300, 'Place must lie within 300 cm of the middle.')
    .max(300, 'Place must lie within 300 cm of the middle.'),
  zCm: z
    .number()
    .min(-300, 'Place must lie within 300 cm of the middle.')
    .max(300, 'Place must lie within 300 cm of the middle.'),
  size: z.enum(NURSERY_SIZE_IDS, {
    error: (issue) =>
      `Nursery size must be one of ${NURSERY_SIZE_IDS.join(', ')}; got ${String(issue.input)}.`,
  }),
  /** Makes this plant differ in detail from its sisters, and stay itself. */
  seed: z.number().int().min(0).max(0xffffffff),
  /** Planted at a slant: by how much, and which way from straight outward (0: away from the middle, 90: to the right of that). Left out: upright. */
  lean: z
    .object({
      tiltDeg: z.number().min(0, 'A plant leans 0–45°.').max(45, 'A plant leans 0–45°.'),
      turnDeg: z
        .number()
        .min(-180, 'A lean is turned −180–180°.')
        .max(180, 'A lean is turned −180–180°.'),
    })
    .optional(),
  /** Turned about its own stem, clockwise from above: a trailing plant spills that much aside. Left out: as it comes. */
  turnDeg: z
    .number()
    .min(-180, 'A plant is turned −180–180°.')
    .max(180, 'A plant is turned −180–180°.')
    .optional(),
  /** Stays where it is, whatever is moved or settled. */
  locked: z.boolean().optional(),
});

/** One plant in a hole or pocket of the side. Rows are counted from the lowest, holes of a row as they go round; both from 0. */
export const sidePlaceSchema = z.object({
  id: id('Place id'),
  kindId: id('Plant id'),
  size: placeSchema.shape.size,
  seed: placeSchema.shape.seed,
  row: z
    .number()
    .int()
    .min(0, 'A row of side holes is 0–19.')
    .max(19, 'A row of side holes is 0–19.'),
  hole: z.number().int().min(0, 'A side hole is 0–59.').max(59, 'A side hole is 0–59.'),
});

export const schemeSchema = z.discriminatedUnion(
  'kind',
  [
    z.object({ kind: z.enum(PLAIN_SCHEMES) }),
    z.object({ kind: z.enum(COLOUR_SCHEMES), colour: colourSchema }),
    z.object({
      kind: z.literal('palette'),
      colours: z
        .array(colourSchema)
        .min(1, 'A palette has at least one colour.')
        .max(12, 'A palette has at most 12 colours.')
        .readonly(),
    }),
    z.object({
      kind: z.literal('named'),
      colours: z
        .array(colourSchema)
        .min(1, 'At least one colour must be named.')
        .max(NAMED_MOST, `At most ${NAMED_MOST} colours can be named.`)
        .readonly(),
    }),
  ],
  {
    error: `Colour scheme must be ${PLAIN_SCHEMES.join(', ')}; ${COLOUR_SCHEMES.join(', ')} with a colour; palette with colours; or named with up to ${NAMED_MOST} colours.`,
  },
);

/** What a gardener may ask of most of the plants. */
export const LIKES = [
  'wildlife',
  'scent',
  'evening scent',
  'berries',
  'movement',
  'touch',
  'comes back',
  'herbs',
  'salad',
  'fruit',
] as const;
export type Like = (typeof LIKES)[number];

const heightSchema = (which: string) =>
  z
    .number(`The ${which} height must be a number of cm.`)
    .min(0, `The ${which} height must be 0–${HIGHEST_CM} cm.`)
    .max(HIGHEST_CM, `The ${which} height must be 0–${HIGHEST_CM} cm.`);

export const wishesSchema = z.object({
  scheme: schemeSchema,
  /** Colours are left open: `scheme` is not looked at, a planting is judged by the idea of colour it comes nearest to. */
  anyColours: z.boolean().optional(),
  /** How high the tallest plant shall and may stand over the mix, cm; left out: as suits the container. */
  tallestCm: z
    .tuple([heightSchema('least'), heightSchema('most')])
    .refine(([least, most]) => least < most, 'The least height must be under the most.')
    .readonly()
    .optional(),
  /** When the mix should be hidden, weeks from planting. */
  fullInWeeks: z
    .number()
    .int('Full in weeks must be a whole number, 2–26.')
    .min(2, 'Full in weeks must be 2–26.')
    .max(26, 'Full in weeks must be 2–26.'),
  /** Money for plants, in the gardener's currency; `null` for no limit. */
  budget: z
    .number()
    .positive('Budget must be more than 0.')
    .max(100000, 'Budget must be at most 100000.')
    .nullable(),
  /** Only plants with something to eat. */
  kitchen: z.boolean(),
  /** Way of composing; `any` leaves it to the search, which tries those that suit. */
  school: z.enum(['any', ...SCHOOL_IDS]).default('any'),
  /** Kinds that must be among the plants, and kinds that must not. */
  must: z.array(id('Plant id')).max(8, 'At most 8 plants can be a must.').readonly().default([]),
  never: z
    .array(id('Plant id'))
    .max(200, 'At most 200 plants can be left out.')
    .readonly()
    .default([]),
  /** The community to plant from; left out: any that suits. */
  company: z.enum(COMPANIES).optional(),
  /** What the plants should have, most of them; left out: nothing is asked. */
  likes: z.array(z.enum(LIKES)).max(LIKES.length).readonly().optional(),
});

/** Stems of one plant cut back, weeks after planting, by a share of its size. */
export const trimSchema = z.object({
  place: id('Plant'),
  weeks: z
    .number()
    .int('A trim falls in a whole week after planting.')
    .min(1, 'A trim falls 1–52 weeks after planting.')
    .max(52, 'A trim falls 1–52 weeks after planting.'),
  cut: z
    .number()
    .min(0.1, 'A trim takes off 0.1–0.8 of a plant.')
    .max(0.8, 'A trim takes off 0.1–0.8 of a plant.'),
});

/** How it is to be looked after, as far as growth depends on it. */
export const careSchema = z.object({
  feeding: z.enum(['as usual', 'none']),
  trims: z.array(trimSchema).max(100, 'At most 100 trims are planned.').readonly(),
});

/** What a file told of a plant is carried as it is, as long as it is no burden. */
function isSmall(told: Readonly<Record<string, unknown>>): boolean {
  return JSON.stringify(told).length <= 4000;
}

/** What is taken where a kind is not to be had, chosen beforehand. */
export const secondChoiceSchema = z.object({
  insteadOf: id('Plant id'),
  kindId: id('Plant id'),
  size: placeSchema.shape.size,
});

/** A kind that a file named and this book does not have, with what the file said of it. */
export const strangerSchema = z.object({
  kindId: id('Plant id'),
  name: textSchema('The name of a plant', 120),
  told: z
    .record(z.string().max(80), z.unknown())
    .refine(isSmall, 'What was told of a plant must be at most 4000 letters.'),
});

export const plantingSchema = z
  .object({
    id: id('Planting id'),
    name: nameSchema('Planting name'),
    spotId: id('Spot id'),
    container: containerSchema,
    /** The container of the shelf it stands in; `null` for one described only here. */
    shelfId: z.string().max(80).nullable().default(null),
    wishes: wishesSchema,
    plantedWeek: week('Planting week'),
    endWeek: week('Last week'),
    care: careSchema.default(USUAL_CARE),
    places: z.array(placeSchema).max(200, 'A planting holds at most 200 plants.').readonly(),
    /** What stands in its side holes; left out: nothing. */
    sides: z
      .array(sidePlaceSchema)
      .max(200, 'A planting holds at most 200 plants in its sides.')
      .readonly()
      .optional(),
    /** Kinds sown round the rim, where they are to grow; left out: none. They are bought and sown, and not foreseen. */
    rimSeeds: z
      .array(id('Plant id'))
      .max(4, 'At most 4 kinds are sown round a rim.')
      .readonly()
      .optional(),
    /** What to take where a kind is not to be had, one for each; left out: nothing was chosen. */
    secondChoices: z
      .array(secondChoiceSchema)
      .max(40, 'At most 40 second choices are kept.')
      .readonly()
      .optional(),
    /** Something to climb that stands in it; left out: nothing. */
    support: supportSchema.optional(),
    strangers: z.array(strangerSchema).readonly(),
    /** Checks the gardener has answered with "I mean it". */
    meant: z.array(z.string()).readonly(),
    demo: z.boolean(),
    /** The design it was made from and the run in which it was; left out: it is a design itself. */
    madeIn: z.object({ designId: id('Design id'), runId: id('Run id') }).optional(),
    /** The planting whose container this one goes on in: plants that stay keep their place and age. Left out: it begins anew. */
    follows: id('Planting id').optional(),
    /** The trial it stands in; left out: none. */
    trial: trialSchema.optional(),
    /** Name of the what-if being worked on; left out on the first plan. */
    whatIf: z.string().min(1).max(80).optional(),
  })
  .superRefine((planting, context) => {
    const seen = new Set<string>();
    for (const list of ['places', 'sides'] as const)
      planting[list]?.forEach((place, index) => {
        if (seen.has(place.id))
          context.addIssue({
            code: 'custom',
            path: [list, index, 'id'],
            message: `Place id must be used once; got "${place.id}" again.`,
          });
        seen.add(place.id);
      });
    const holes = new Set<string>();
    planting.sides?.forEach(({ row, hole }, index) => {
      if (holes.has(`${row} ${hole}`))
        context.addIssue({
          code: 'custom',
          path: ['sides', index, 'hole'],
          message: `A side hole takes one plant; row ${row}, hole ${hole} has two.`,
        });
      holes.add(`${row} ${hole}`);
    });
    if (weeksBetween(planting.plantedWeek, planting.endWeek) < 2)
      context.addIssue({
        code: 'custom',
        path: ['endWeek'],
        message: `Last week must be at least 2 weeks after planting (week ${planting.plantedWeek}); got ${planting.endWeek}.`,
      });
  });
