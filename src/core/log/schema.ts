import * as z from 'zod';
import { NURSERY_SIZE_IDS } from '../plants/nursery';
import { isTimeZone } from '../sky/clock';
import { nameSchema, textSchema } from '../records/textSchema';
import { ANGLES, CAUSES, DEVICES, FELT, LOOKS_BAD, STEP_ANSWERS, WHERE_TO } from './terms';

const id = z.string().min(1, 'An id must not be empty.').max(120, 'An id has at most 120 letters.');
const share = z.number().min(0, 'A share is 0–1.').max(1, 'A share is 0–1.');
const cm = z.number().min(0, 'A length is 0–1000 cm.').max(1000, 'A length is 0–1000 cm.');
const day = z.iso.date({ error: 'A date must be like 2026-07-16.' });
const minor = z
  .number()
  .int('Money is counted in whole pence or cents.')
  .min(0, 'A price must not be below 0.')
  .max(100_000_000, 'A price must be at most 1,000,000.');

/** One plant as it really went in. Plan axes as of a place; centimetres. */
const wentIn = z.object({
  placeId: id,
  kindId: id,
  size: z.enum(NURSERY_SIZE_IDS),
  xCm: z.number().min(-300).max(300),
  zCm: z.number().min(-300).max(300),
});

const did = <D extends string, F extends z.ZodRawShape>(name: D, facts: F) =>
  z.object({ did: z.literal(name), ...facts });

/** What happened, each with its own facts and units. */
export const whatSchema = z.discriminatedUnion(
  'did',
  [
    /** This planting is the one to make. */
    did('chosen', {}),
    /** Something was bought, or was looked for and found short: `got` of `wanted`, in the unit it is sold in. */
    did('bought', {
      key: z.string().max(160),
      got: z.number().int().min(0).max(10_000),
      wanted: z.number().int().min(0).max(10_000),
      /** For all of them together; `null` when it was not told. */
      paidMinor: minor.nullable(),
      stop: z.string().max(40).nullable(),
    }),
    /** A step of making was done or skipped. `minutes`: how long it took, when that is known. */
    did('step', {
      key: z.string().max(160),
      how: z.enum(STEP_ANSWERS),
      minutes: z.number().min(0).max(1440).nullable(),
    }),
    /** All of it stands in its mix. */
    did('planted', { plants: z.array(wentIn).max(200).readonly() }),
    /** Several alike are to be made: how many of each design. */
    did('run begun', {
      recipes: z
        .array(z.object({ plantingId: id, count: z.number().int().min(1).max(10_000) }))
        .min(1)
        .max(40)
        .readonly(),
    }),
    /** From here on the run plants another kind, because one ran out. */
    did('run changed', { from: id, to: id, size: z.enum(NURSERY_SIZE_IDS) }),
    did('put out', {}),
    did('watered', { litres: z.number().min(0).max(1000).nullable() }),
    did('fed', { what: textSchema('The feed', 60), grams: z.number().min(0).max(5000).nullable() }),
    /** How the mix felt under a finger, or what the pot weighed. */
    did('felt', { how: z.enum(FELT) }),
    did('weighed', { kg: z.number().min(0).max(2000) }),
    /** What a probe, a light meter or a scale showed; `value` in the unit of the device. */
    did('reading', { device: z.enum(DEVICES), value: z.number().min(-1000).max(100_000) }),
    did('pinched', {}),
    did('tied', {}),
    did('turned', { byDeg: z.number().min(-180).max(180) }),
    did('trimmed', { share }),
    did('deadheaded', {}),
    did('moved', { from: id.nullable(), to: id }),
    did('covered', {}),
    did('uncovered', {}),
    did('brought in', {}),
    did('taken out again', {}),
    did('wrapped', {}),
    did('in flower', {}),
    did('gone over', {}),
    did('looks bad', { how: z.enum(LOOKS_BAD), words: z.string().max(400) }),
    /** A photograph, which lies beside the log under this id. */
    did('photographed', { photoId: id, angle: z.enum(ANGLES) }),
    /** The order in which containers are to be walked, told by hand. */
    did('round', { order: z.array(id).max(2000).readonly() }),
    /** A task is done in one of the ways above, or by this where none says it. */
    did('task done', { task: z.string().max(160) }),
    did('task skipped', { task: z.string().max(160) }),
    did('task later', { task: z.string().max(160), until: day }),
    /** A question of a trial was answered. */
    did('asked', { trialId: id, question: z.string().max(80), answer: z.string().max(200) }),
    did('measured', {
      heightCm: cm.nullable(),
      spreadCm: cm.nullable(),
      trailCm: cm.nullable(),
    }),
    did('noted', { words: nameSchema('A note', 2000, 'A note must say something.') }),
    did('removed', { why: z.enum(CAUSES), to: z.enum(WHERE_TO) }),
    did('died', { why: z.enum(CAUSES) }),
    /** The planting is over; what stays on goes on in the next one. */
    did('ended', { why: textSchema('The reason', 200) }),
    /** Says only that the entry named by `takesBack` does not hold. */
    did('taken back', {}),
  ],
  { error: 'This version does not know what is said to have happened.' },
);

/** ISO 8601 as the clocks of the place show it, with their distance from UTC: it tells the local day and the instant. */
const instant = z.iso.datetime({
  offset: true,
  error: 'A time must be like 2026-07-16T08:30:00+01:00.',
});

export const entrySchema = z.object({
  id,
  at: instant,
  /** IANA zone of the place where it happened. */
  zone: z.string().max(60).refine(isTimeZone, 'There is no such time zone.'),
  who: nameSchema('A name', 60).optional(),
  of: z.object({
    plantingId: id.optional(),
    /** Of several at once: what was bought for them together. */
    plantingIds: z.array(id).max(500).readonly().optional(),
    containerId: id.optional(),
    placeIds: z.array(id).max(200).readonly().optional(),
    kindId: id.optional(),
    spotId: id.optional(),
    runId: id.optional(),
  }),
  what: whatSchema,
  /** An earlier entry that no longer holds because of this one. */
  takesBack: id.optional(),
});
