import * as z from 'zod';
import { nameSchema } from '../records/textSchema';
import { colourSchema } from '../colour/schema';
import { FINISHES, POT_PATTERNS, STYLE_WORDS } from './looks';
import { MATERIAL_IDS } from './materials';
import { MIX_IDS, MIX_PART_IDS } from './mixes';

/** An inside dimension, centimetres. */
const cm = (label: string, least: number, most: number) =>
  z
    .number({
      error: (issue) => `${label} must be a number of centimetres; got ${String(issue.input)}.`,
    })
    .refine((v) => Number.isFinite(v) && v >= least && v <= most, {
      error: (issue) => `${label} must be ${least}–${most} cm; got ${String(issue.input)}.`,
    });

const top = cm('Inner top width', 5, 200);
const base = cm('Inner base width', 3, 200);
const depth = cm('Inner depth', 5, 200);
const length = cm('Inner length', 10, 400);
const width = cm('Inner width', 8, 200);
const baseLength = cm('Inner base length', 8, 400);
const baseWidth = cm('Inner base width', 5, 200);

const roundShape = z.object({ kind: z.literal('round'), topCm: top, baseCm: base, depthCm: depth });
const cylinderShape = z.object({ kind: z.literal('cylinder'), topCm: top, depthCm: depth });
const bowlShape = z.object({
  kind: z.literal('bowl'),
  topCm: cm('Inner top width', 10, 200),
  depthCm: cm('Inner depth', 4, 100),
});
/** Widths at heights above the inside base, lowest first; straight between them. */
const urnShape = z.object({
  kind: z.literal('urn'),
  profile: z
    .array(z.object({ heightCm: cm('Height', 0, 200), widthCm: cm('Inner width', 3, 200) }))
    .min(2, 'An urn needs its width at 2 heights or more.')
    .max(12, 'An urn is told by at most 12 widths.'),
});
const squareShape = z.object({
  kind: z.literal('square'),
  topCm: top,
  baseCm: base,
  depthCm: depth,
});
const boxShape = z.object({
  kind: z.literal('box'),
  lengthCm: length,
  widthCm: width,
  baseLengthCm: baseLength,
  baseWidthCm: baseWidth,
  depthCm: depth,
});
/** Sits astride a rail: a slot from below, all along the middle. */
const saddleShape = z.object({
  kind: z.literal('saddle'),
  lengthCm: length,
  widthCm: width,
  baseLengthCm: baseLength,
  baseWidthCm: baseWidth,
  depthCm: depth,
  slotWidthCm: cm('Slot width', 1, 60),
  slotHeightCm: cm('Slot height', 1, 100),
});
const barrelShape = z.object({
  kind: z.literal('barrel'),
  topCm: top,
  baseCm: base,
  depthCm: depth,
});
const wallShape = z.object({
  kind: z.literal('wall'),
  widthCm: cm('Inner width', 10, 150),
  projectionCm: cm('Inner projection', 6, 80),
  depthCm: cm('Inner depth', 6, 80),
});
const basketShape = z.object({
  kind: z.literal('basket'),
  topCm: cm('Inner top width', 15, 100),
  depthCm: cm('Inner depth', 8, 60),
});
const coneShape = z.object({
  kind: z.literal('cone'),
  topCm: cm('Inner top width', 15, 100),
  depthCm: cm('Inner depth', 8, 80),
});
/** Pots stacked on each other's mix, the lowest first. */
const tieredShape = z.object({
  kind: z.literal('tiered'),
  tiers: z
    .array(z.object({ topCm: top, baseCm: base, depthCm: depth }))
    .min(2, 'A tiered vessel has 2 tiers or more.')
    .max(5, 'A tiered vessel has at most 5 tiers.'),
});
/** A growing bag laid flat, full: its edges bulge by half its depth. */
const bagShape = z.object({
  kind: z.literal('bag'),
  lengthCm: cm('Length', 20, 200),
  widthCm: cm('Width', 15, 100),
  depthCm: cm('Depth', 5, 60),
});
/** A plan outline, and how wide it is at equal steps from the floor to the rim as shares of the outline; the last is 1. */
const outlineShape = z.object({
  kind: z.literal('outline'),
  points: z
    .array(z.tuple([z.number().min(-300).max(300), z.number().min(-300).max(300)]))
    .min(3, 'An outline needs 3 points or more.')
    .max(60, 'An outline has at most 60 points.'),
  shares: z
    .array(
      z
        .number()
        .min(0.05, 'A share of the outline must be 0.05–1.5.')
        .max(1.5, 'A share of the outline must be 0.05–1.5.'),
    )
    .min(2, 'The depth profile needs 2 widths or more.')
    .max(9, 'The depth profile has at most 9 widths.'),
  depthCm: depth,
});

export const SHAPE_KINDS = [
  'round',
  'cylinder',
  'bowl',
  'urn',
  'square',
  'box',
  'saddle',
  'barrel',
  'wall',
  'basket',
  'cone',
  'tiered',
  'bag',
  'outline',
] as const;

/** What a shape is told by; {@link shapeSchema} asks besides that its measures go together. */
export const shapeFields = z.discriminatedUnion(
  'kind',
  [
    roundShape,
    cylinderShape,
    bowlShape,
    urnShape,
    squareShape,
    boxShape,
    saddleShape,
    barrelShape,
    wallShape,
    basketShape,
    coneShape,
    tieredShape,
    bagShape,
    outlineShape,
  ],
  {
    error: `Container shape must be one of ${SHAPE_KINDS.join(', ')}.`,
  },
);

/** Own mix: parts by volume. */
const ownMixSchema = z.object({
  name: nameSchema('The name of the mix', 60, 'The mix must have a name.'),
  parts: z
    .array(
      z.object({
        part: z.enum(MIX_PART_IDS, {
          error: (issue) =>
            `A part of the mix must be one of ${MIX_PART_IDS.join(', ')}; got ${String(issue.input)}.`,
        }),
        share: z
          .number()
          .positive('Parts must be more than 0.')
          .max(100, 'Parts must be at most 100.'),
      }),
    )
    .min(1, 'The mix needs a part.')
    .max(8, 'The mix has at most 8 parts.'),
});

/** What a container is told by; {@link containerSchema} asks besides that it goes together. */
export const containerFields = z.object({
  name: nameSchema('Container name'),
  shape: shapeFields,
  material: z.enum(MATERIAL_IDS, {
    error: (issue) =>
      `Container material must be one of ${MATERIAL_IDS.join(', ')}; got ${String(issue.input)}.`,
  }),
  colour: colourSchema,
  drainHoles: z
    .number()
    .int('Drain holes must be a whole number.')
    .min(0, 'Drain holes must be 0 or more.')
    .max(60, 'Drain holes must be at most 60.'),
  headspaceCm: z
    .number()
    .min(0.5, 'Headspace must be at least 0.5 cm.')
    .max(10, 'Headspace must be at most 10 cm.'),
  mix: z.enum(MIX_IDS),
  /** Mixed by the gardener; stands in the place of `mix`. */
  ownMix: ownMixSchema.nullable().default(null),
  /** Wall thickness, cm; `null`: what is usual for the material. */
  wallCm: z
    .number()
    .positive('Wall thickness must be more than 0.')
    .max(20, 'Wall thickness must be at most 20 cm.')
    .nullable()
    .default(null),
  /** Thickness of an inner liner, cm; 0 for none. */
  linerCm: z
    .number()
    .min(0, 'Liner thickness must be 0–5 cm.')
    .max(5, 'Liner thickness must be 0–5 cm.')
    .default(0),
  /** Feet, a stand or a pedestal under it, cm; 0 for none. */
  feetCm: z
    .number()
    .min(0, 'Feet must be 0–80 cm high.')
    .max(80, 'Feet must be 0–80 cm high.')
    .default(0),
  /** Water kept under the mix, litres; 0 for none. */
  reservoirL: z
    .number()
    .min(0, 'Reservoir must hold 0 litres or more.')
    .max(500, 'Reservoir must hold at most 500 litres.')
    .default(0),
  /** What lies over the drain holes. */
  foot: z
    .enum(['none', 'mesh', 'coarse', 'crocks'], {
      error: (issue) =>
        `What lies over the holes must be none, mesh, coarse or crocks; got ${String(issue.input)}.`,
    })
    .default('none'),
  /** Depth of coarse stuff or crocks, cm. */
  footCm: z
    .number()
    .min(0, 'The coarse layer must be 0–40 cm.')
    .max(40, 'The coarse layer must be 0–40 cm.')
    .default(0),
  /** Gravel or bark over the mix, cm. */
  dressingCm: z
    .number()
    .min(0, 'Dressing must be 0–5 cm.')
    .max(5, 'Dressing must be 0–5 cm.')
    .default(0),
  /** Holes or pockets in the side, by height above the inside base. */
  sideHoles: z
    .array(
      z.object({
        heightCm: cm('Height of side holes', 0, 200),
        count: z
          .number()
          .int('Side holes must be a whole number.')
          .min(1, 'A row has 1 hole or more.')
          .max(40, 'A row has at most 40 holes.'),
      }),
    )
    .max(8, 'At most 8 rows of side holes.')
    .default([])
    .readonly(),
  /** Litres that filled it to the brim when measured. */
  pouredL: z
    .number()
    .positive('Litres poured must be more than 0.')
    .max(5000, 'Litres poured must be at most 5000.')
    .nullable()
    .default(null),
  /** What its litres are taken from: the shape, or what was poured. */
  volumeFrom: z
    .enum(['shape', 'poured'], {
      error: (issue) =>
        `Litres are taken from the shape or from what was poured; got ${String(issue.input)}.`,
    })
    .default('shape'),
  /** Weight of the empty container on a scale, kg; wins over the reckoning. */
  weighedKg: z
    .number()
    .positive('Weight must be more than 0.')
    .max(3000, 'Weight must be at most 3000 kg.')
    .nullable()
    .default(null),
  /** Sold as standing frost; `null`: not told. */
  frostProof: z.boolean().nullable().default(null),
  finish: z.enum(FINISHES).default('matt'),
  pattern: z.enum(POT_PATTERNS).default('plain'),
  secondColour: colourSchema.nullable().default(null),
  style: z.array(z.enum(STYLE_WORDS)).max(4, 'At most 4 style words.').default([]).readonly(),
});
