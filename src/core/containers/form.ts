import type * as z from 'zod';
import type { shapeFields } from './fields';
import type { Section } from './section';

/**
 * Inside of a container, centimetres, as it was measured. Every answer (volume, plan, elevation, packing) reads it through its form,
 * so a new shape is one member of the schema, one case in {@link build} and one in {@link offset}.
 */
export type Shape = Readonly<z.infer<typeof shapeFields>>;

/** A shape as level cuts. Heights are above the inside base, 0 to the depth; outside that the nearest counts. */
export interface Form {
  readonly depthCm: number;
  /** Heights at which the wall bends or steps, from 0 to the depth: what a drawing joins by straight lines. */
  readonly levelsCm: readonly number[];
  readonly sectionAt: (heightCm: number) => Section;
  /** Heights at which the wall juts inward, as a neck or a slot does: straight and bulging walls have none. */
  readonly jutsCm: readonly number[];
  /** Volume below a height, litres, in closed form. */
  readonly volumeBelowL: (heightCm: number) => number;
}
