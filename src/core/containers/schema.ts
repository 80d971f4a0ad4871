import { containerFields, shapeFields } from './fields';
import { containerRules, shapeRules } from './rules';

export { SHAPE_KINDS } from './fields';

export const shapeSchema = shapeFields.superRefine(shapeRules);

export const containerSchema = containerFields
  .extend({ shape: shapeSchema })
  .superRefine((container, context) => {
    // Of a shape that cannot be, nothing more is worth saying.
    if (shapeSchema.safeParse(container.shape).success) containerRules(container, context);
  });
