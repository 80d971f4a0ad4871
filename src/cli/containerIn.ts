import * as z from 'zod';
import { type Container } from '@/core/containers/container';
import { MATERIAL_IDS } from '@/core/containers/materials';
import { containerSchema, shapeSchema } from '@/core/containers/schema';
import { parseWith, type Parsed } from '@/core/files/parse';
import { usualContainer } from '@/core/containers/usual';
import { isLengthUnit, toCm, type LengthUnit } from '@/core/units/units';
import { readQuestion } from './answer';

/** A container from its shape and material, the rest as usual; lengths in `unit` when given. */
export function containerIn(data: unknown, unit: unknown): Parsed<Container> {
  const lengthUnit = unit ?? 'cm';
  if (typeof lengthUnit !== 'string' || !isLengthUnit(lengthUnit))
    return {
      ok: false,
      faults: [
        {
          field: 'unit',
          message: `unit must be one of cm, in, mm, m; got ${JSON.stringify(unit)}.`,
        },
      ],
    };
  const given = (typeof data === 'object' && data !== null ? data : {}) as Record<string, unknown>;
  const rawShape = (
    typeof given.shape === 'object' && given.shape !== null ? given.shape : {}
  ) as Record<string, unknown>;
  const scaled = inCm(rawShape, lengthUnit);
  const shape = readQuestion(shapeSchema, scaled);
  if (!shape.ok)
    return {
      ok: false,
      faults: shape.faults.map((fault) => ({
        ...fault,
        field: `container.shape${fault.field ? `.${fault.field}` : ''}`,
      })),
    };
  const material = parseWith(
    z.enum(MATERIAL_IDS, {
      error: (issue) =>
        `material must be one of ${MATERIAL_IDS.join(', ')}; got ${JSON.stringify(issue.input) ?? 'nothing'}.`,
    }),
    given.material,
  );
  if (!material.ok)
    return {
      ok: false,
      faults: material.faults.map((fault) => ({ ...fault, field: 'container.material' })),
    };
  const { shape: _shape, material: _material, ...rest } = given;
  return readQuestion(containerSchema, {
    ...usualContainer('Container', shape.value, material.value),
    ...rest,
  });
}

/** A shape's lengths turned into centimetres, at any depth; shares and names stay. */
function inCm(value: unknown, unit: LengthUnit, name = ''): unknown {
  if (typeof value === 'number')
    return name.endsWith('Cm') || name === 'points' ? toCm(value, unit) : value;
  if (Array.isArray(value)) return value.map((one) => inCm(one, unit, name));
  if (typeof value === 'object' && value !== null)
    return Object.fromEntries(
      Object.entries(value).map(([key, one]) => [key, inCm(one, unit, key)]),
    );
  return value;
}
