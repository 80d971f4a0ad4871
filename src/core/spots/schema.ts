import * as z from 'zod';
import { nameSchema, textSchema } from '../records/textSchema';
import { isTimeZone } from '../sky/clock';
import { dateSchema } from '../climate/daySchema';
import { CLIMATE_IDS } from '../climate/climates';
import { colourSchema } from '../colour/schema';
import { crownOf, overlap } from './obstacle';
import { bounded, obstacleSchema } from './lightSchema';
import { EXPOSURES, EYE_KINDS, LIGHT_FROM, LIGHT_HABITS, REFLECTS, SUN_WHEN, VIEWS } from './terms';
import { USUAL_SPOT } from './usual';

const week = z.number().int().min(1, 'Week must be 1–52.').max(52, 'Week must be 1–52.');
const id = z.string().min(1).max(40);
const unique =
  <T extends { readonly id: string }>(what: string) =>
  (
    list: readonly T[],
    context: {
      addIssue: (issue: { code: 'custom'; path: (string | number)[]; message: string }) => void;
    },
  ) => {
    const seen = new Set<string>();
    list.forEach((one, i) => {
      if (seen.has(one.id))
        context.addIssue({
          code: 'custom',
          path: [i, 'id'],
          message: `${what} id must be used once; got "${one.id}" again.`,
        });
      seen.add(one.id);
    });
  };
const months = (label: string, unit: string, least: number, most: number) =>
  z
    .array(bounded(label, unit, least, most))
    .length(12, `${label} must be twelve months.`)
    .readonly();

const siteSchema = z.object({
  latitudeDeg: bounded('Latitude', '°', -90, 90),
  longitudeDeg: bounded('Longitude', '°', -180, 180),
  /** IANA name of the time zone that clocks here keep. */
  timeZone: z
    .string()
    .min(1, 'Time zone must not be empty.')
    .max(60, 'Time zone must be at most 60 letters.')
    .refine(isTimeZone, {
      error: (issue) => `There is no such time zone; got "${String(issue.input).slice(0, 40)}".`,
    }),
  climate: z.enum(CLIMATE_IDS),
});

/** The gardener's own figures in the place of a climate's. Whatever is `null` stays typical. */
const normalsSchema = z.object({
  minC: months('Mean lowest', '°C', -60, 40).nullable(),
  maxC: months('Mean highest', '°C', -50, 55).nullable(),
  rainMm: months('Rain', 'mm', 0, 2000).nullable(),
  /** Days of the year, from 0, and how they scatter. */
  frost: z
    .object({
      lastDay: bounded('Last frost', '', 0, 364),
      firstDay: bounded('First frost', '', 0, 364),
      spreadDays: bounded('Scatter of frosts', 'days', 1, 60),
    })
    .nullable(),
  coldestC: bounded('Coldest night', '°C', -60, 25).nullable(),
  /** "12 years of daily records", "my own notes". */
  from: z.string().max(120),
});

/** What was seen of the sun on one day, hour by hour of the clock. */
const logSchema = z.object({
  date: dateSchema,
  /** 24 hours from midnight: `null` where nobody looked. */
  hours: z
    .array(z.enum(['sun', 'dappled', 'shade']).nullable())
    .length(24, 'A logged day has 24 hours.')
    .readonly(),
});

/** From where it is looked at. */
const eyeSchema = z
  .object({
    id,
    name: nameSchema('Viewpoint name', 60),
    kind: z.enum(EYE_KINDS),
    /** Bearing from the container to the eye. */
    bearingDeg: bounded('Bearing', '°', 0, 360),
    distanceCm: bounded('Distance', 'cm', 20, 20000),
    /** Floor the eye stands on above the ground at the container; negative when it looks up. */
    floorCm: bounded('Floor', 'cm', -1000, 3000),
    /** A sill or parapet looked over, both edges by their distance from the eye; `null` when there is none. */
    sill: z
      .object({
        heightCm: bounded('Sill height', 'cm', 0, 300),
        nearCm: bounded('Near edge of the sill', 'cm', 1, 20000),
        farCm: bounded('Far edge of the sill', 'cm', 1, 20000),
      })
      .refine(({ nearCm, farCm }) => nearCm <= farCm, {
        error: 'Near edge of the sill must not lie beyond the far edge.',
        path: ['nearCm'],
      })
      .nullable(),
    weight: bounded('Weight', '', 0, 1),
  })
  .superRefine((eye, context) => {
    if (eye.sill && eye.sill.farCm >= eye.distanceCm)
      context.addIssue({
        code: 'custom',
        path: ['sill', 'farCm'],
        message: `The sill must end before the container (${eye.distanceCm} cm); got ${eye.sill.farCm}.`,
      });
  });

/** Something behind the planting: a wall, a trim, a shrub with its flowering weeks. */
const backgroundSchema = z.object({
  id,
  name: nameSchema('Background name', 60),
  colour: colourSchema,
  weeks: z.tuple([week, week]).readonly().nullable(),
});

/** Every field of a spot; {@link spotSchema} asks besides that they agree. */
export const spotFields = z.object({
  id: z.string().min(1).max(80),
  name: nameSchema('Spot name'),
  /** Direct sun at midsummer, hours a day: the figure in use, whatever it comes from. */
  sunHours: z.number().min(0, 'Hours of sun must be 0–16.').max(24, 'Hours of sun must be 0–24.'),
  sunWhen: z.enum(SUN_WHEN),
  view: z.enum(VIEWS),
  pets: z.boolean(),
  children: z.boolean(),
  /** Roof, canopy or eave that keeps rain off. */
  underCover: z.boolean(),
  /** Free drop below the container, cm: 0 when it stands on the ground, a sill's or hook's height otherwise. */
  dropCm: z.number().min(0, 'Drop must be 0–1000 cm.').max(1000, 'Drop must be 0–1000 cm.'),
  site: siteSchema.default(USUAL_SPOT.site),
  normals: normalsSchema.nullable().default(null),
  lightFrom: z.enum(LIGHT_FROM).default('told'),
  lightHabit: z.enum(LIGHT_HABITS).default('plain'),
  /** Height of the leaves above the ground, for what stands around, cm. */
  leafHeightCm: bounded('Height of the leaves', 'cm', 0, 2000).default(USUAL_SPOT.leafHeightCm),
  obstacles: z
    .array(obstacleSchema)
    .max(24, 'At most 24 things stand around a spot.')
    .readonly()
    .superRefine(unique('Obstacle'))
    .default([]),
  sunLog: z.array(logSchema).max(366, 'At most 366 days are logged.').readonly().default([]),
  exposure: z.enum(EXPOSURES).default('open'),
  reflects: z.enum(REFLECTS).default('nothing'),
  waters: z
    .object({
      who: textSchema('Who waters', 60),
      everyDays: bounded('Watering', 'days', 0.25, 60),
      by: z.enum(['can', 'hose', 'drip']),
      reservoirL: bounded('Reservoir', 'L', 0, 500),
    })
    .default(USUAL_SPOT.waters),
  eyes: z
    .array(eyeSchema)
    .max(8, 'At most 8 viewpoints.')
    .readonly()
    .superRefine(unique('Viewpoint'))
    .default([]),
  background: z
    .array(backgroundSchema)
    .max(8, 'At most 8 layers of background.')
    .readonly()
    .superRefine(unique('Background'))
    .default([]),
  /** Free plan room in front into which leaves may reach, cm; `null` when it does not matter. */
  spillRoomCm: bounded('Room to spill', 'cm', 0, 1000).nullable().default(null),
  /** Load the maker or owner says the hook, rail, sill or floor may bear. */
  ratedLoad: z
    .object({
      kg: bounded('Rated load', 'kg', 0.5, 5000),
      toldBy: nameSchema('Who told the rated load', 80, 'Say who told the rated load.'),
    })
    .nullable()
    .default(null),
});

export const spotSchema = spotFields.superRefine(({ obstacles, leafHeightCm }, context) => {
  obstacles.forEach((obstacle, i) => {
    const fault = (field: string, message: string) =>
      context.addIssue({ code: 'custom', path: ['obstacles', i, field], message });
    const first = obstacles.findIndex((other, j) => j < i && overlap(other, obstacle));
    if (first >= 0)
      fault(
        'kind',
        `This ${obstacle.kind} stands where a ${obstacles[first]!.kind} stands already: number ${first + 1} and number ${i + 1} overlap.`,
      );
    if (obstacle.kind === 'eave' && obstacle.heightCm <= leafHeightCm)
      fault(
        'heightCm',
        `An eave must be above the leaves (${leafHeightCm} cm); got ${obstacle.heightCm}.`,
      );
    if (obstacle.kind === 'tree' && crownOf(obstacle, leafHeightCm).C < 0)
      fault(
        'distanceCm',
        `The leaves (${leafHeightCm} cm up) would stand inside this crown, which begins ${obstacle.clearCm} cm up; got a distance of ${obstacle.distanceCm} cm.`,
      );
  });
});
