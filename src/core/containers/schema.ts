import * as z from 'zod';
import { colourSchema } from '../colour/schema';
import { MATERIAL_IDS, MIX_IDS } from './materials';

/** An inside dimension, centimetres. */
const cm = (label: string, least: number, most: number) =>
  z
    .number({ error: (issue) => `${label} must be a number of centimetres; got ${String(issue.input)}.` })
    .refine((v) => Number.isFinite(v) && v >= least && v <= most, {
      error: (issue) => `${label} must be ${least}–${most} cm; got ${String(issue.input)}.`,
    });

export const roundShape = z.object({
  kind: z.literal('round'),
  topCm: cm('Inner top width', 5, 200),
  baseCm: cm('Inner base width', 3, 200),
  depthCm: cm('Inner depth', 5, 200),
});

export const boxShape = z.object({
  kind: z.literal('box'),
  lengthCm: cm('Inner length', 10, 400),
  widthCm: cm('Inner width', 8, 200),
  baseLengthCm: cm('Inner base length', 8, 400),
  baseWidthCm: cm('Inner base width', 5, 200),
  depthCm: cm('Inner depth', 5, 200),
});

export const basketShape = z.object({
  kind: z.literal('basket'),
  topCm: cm('Inner top width', 15, 100),
  depthCm: cm('Inner depth', 8, 60),
});

export const shapeSchema = z
  .discriminatedUnion('kind', [roundShape, boxShape, basketShape], {
    error: 'Container shape must be one of round, box, basket.',
  })
  .superRefine((shape, context) => {
    const fault = (path: string, message: string) => context.addIssue({ code: 'custom', path: [path], message });
    if (shape.kind === 'round' && shape.baseCm > shape.topCm * 1.6)
      fault('baseCm', `Inner base width must be at most 1.6 times the top (${shape.topCm} cm); got ${shape.baseCm}.`);
    if (shape.kind === 'box' && shape.baseLengthCm > shape.lengthCm)
      fault('baseLengthCm', `Inner base length must not pass the top length (${shape.lengthCm} cm); got ${shape.baseLengthCm}.`);
    if (shape.kind === 'box' && shape.baseWidthCm > shape.widthCm)
      fault('baseWidthCm', `Inner base width must not pass the top width (${shape.widthCm} cm); got ${shape.baseWidthCm}.`);
    if (shape.kind === 'basket' && shape.depthCm > shape.topCm / 2 + 1e-9)
      fault('depthCm', `A bowl-shaped basket is at most half as deep as wide (${shape.topCm / 2} cm); got ${shape.depthCm}.`);
  });

export const containerSchema = z.object({
  name: z.string().trim().min(1, 'Container name must not be empty.').max(80, 'Container name must be at most 80 letters.'),
  shape: shapeSchema,
  material: z.enum(MATERIAL_IDS, { error: (issue) => `Container material must be one of ${MATERIAL_IDS.join(', ')}; got ${String(issue.input)}.` }),
  colour: colourSchema,
  drainHoles: z.number().int('Drain holes must be a whole number.').min(0, 'Drain holes must be 0 or more.').max(60, 'Drain holes must be at most 60.'),
  headspaceCm: z.number().min(0.5, 'Headspace must be at least 0.5 cm.').max(10, 'Headspace must be at most 10 cm.'),
  mix: z.enum(MIX_IDS),
}).superRefine((container, context) => {
  if (container.headspaceCm > container.shape.depthCm / 2)
    context.addIssue({ code: 'custom', path: ['headspaceCm'], message: `Headspace must leave at least half the depth (${container.shape.depthCm} cm) for mix; got ${container.headspaceCm}.` });
});
