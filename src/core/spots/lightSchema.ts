import * as z from 'zod';
import { ENDLESS_CM } from './runs';

/** A number with its name, unit and bounds in the message. */
export const bounded = (label: string, unit: string, least: number, most: number) =>
  z
    .number({
      error: (issue) =>
        `${label} must be a number${unit ? ` of ${unit}` : ''}; got ${String(issue.input)}.`,
    })
    .refine((v) => Number.isFinite(v) && v >= least && v <= most, {
      error: (issue) =>
        `${label} must be ${least}–${most}${unit ? ` ${unit}` : ''}; got ${String(issue.input)}.`,
    });

const bearing = (label: string) => bounded(label, '°', 0, 360);
const week = (label: string) =>
  z
    .number()
    .int(`${label} must be a whole week, 1–52.`)
    .min(1, `${label} must be a whole week, 1–52.`)
    .max(52, `${label} must be a whole week, 1–52.`);
const id = z.string().min(1).max(40);

/** Runs of a wall or roof to either hand, cm; 5000 stands for “as far as matters”. */
const run = (label: string) => bounded(label, 'cm', 0, ENDLESS_CM);

const leaves = {
  evergreen: z.boolean(),
  leafOnWeek: week('Leaves out'),
  leafOffWeek: week('Leaves down'),
  /** Share of light let through in leaf, and bare. */
  letsThrough: bounded('Light let through in leaf', '', 0, 1),
  bareLetsThrough: bounded('Light let through when bare', '', 0, 1),
};

const facing = {
  /** Bearing of the nearest point, square on. */
  bearingDeg: bearing('Bearing'),
  distanceCm: bounded('Distance', 'cm', 5, 20000),
  heightCm: bounded('Height', 'cm', 10, 10000),
  leftCm: run('Run to the left'),
  rightCm: run('Run to the right'),
};

export const obstacleSchema = z
  .discriminatedUnion(
    'kind',
    [
      /** The building the spot stands against: higher than matters, and endless. */
      z.object({ id, kind: z.literal('building'), facingDeg: bearing('Facing') }),
      z.object({ id, kind: z.literal('wall'), ...facing }),
      z.object({ id, kind: z.literal('hedge'), ...facing, ...leaves }),
      z.object({
        id,
        kind: z.literal('eave'),
        facingDeg: bearing('Facing'),
        depthCm: bounded('Depth past the plants', 'cm', 0, 2000),
        backCm: bounded('Depth behind the plants', 'cm', 0, 5000),
        heightCm: bounded('Height', 'cm', 50, 5000),
        leftCm: run('Run to the left'),
        rightCm: run('Run to the right'),
      }),
      z.object({
        id,
        kind: z.literal('tree'),
        bearingDeg: bearing('Bearing'),
        distanceCm: bounded('Distance', 'cm', 20, 20000),
        heightCm: bounded('Height', 'cm', 50, 6000),
        clearCm: bounded('Clear stem', 'cm', 0, 4000),
        widthCm: bounded('Crown width', 'cm', 20, 4000),
        ...leaves,
      }),
      z.object({
        id,
        kind: z.literal('skyline'),
        fromDeg: bearing('Skyline from'),
        toDeg: bearing('Skyline to'),
        altitudeDeg: bounded('Skyline altitude', '°', 0, 80),
      }),
    ],
    { error: 'What stands around must be a building, wall, hedge, eave, tree or skyline.' },
  )
  .superRefine((obstacle, context) => {
    const fault = (path: string, message: string) =>
      context.addIssue({ code: 'custom', path: [path], message });
    if (obstacle.kind === 'tree' && obstacle.clearCm >= obstacle.heightCm)
      fault(
        'clearCm',
        `Clear stem must be below the top (${obstacle.heightCm} cm); got ${obstacle.clearCm}.`,
      );
    if (
      (obstacle.kind === 'wall' || obstacle.kind === 'hedge' || obstacle.kind === 'eave') &&
      obstacle.leftCm + obstacle.rightCm < 10
    )
      fault(
        'rightCm',
        `Left and right together must be at least 10 cm; got ${obstacle.leftCm + obstacle.rightCm}.`,
      );
    if (
      (obstacle.kind === 'tree' || obstacle.kind === 'hedge') &&
      !obstacle.evergreen &&
      obstacle.bareLetsThrough < obstacle.letsThrough
    )
      fault(
        'bareLetsThrough',
        `Bare twigs must let through at least what leaves do (${obstacle.letsThrough}); got ${obstacle.bareLetsThrough}.`,
      );
    if (obstacle.kind === 'skyline' && obstacle.fromDeg === obstacle.toDeg)
      fault('toDeg', 'Skyline must reach from one bearing to another.');
  });
