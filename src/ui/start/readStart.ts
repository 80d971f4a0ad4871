import { fromHex, type Oklch } from '@/core/colour/oklch';
import type { Scheme } from '@/core/colour/schemes';
import type { Container } from '@/core/containers/container';
import { MATERIAL_IDS } from '@/core/containers/materials';
import { containerSchema } from '@/core/containers/schema';
import { insideDepthCm, type Shape } from '@/core/containers/shape';
import { usualContainer } from '@/core/containers/usual';
import { parseWith } from '@/core/files/parse';
import type { House } from '@/core/plantings/house';
import { wishesSchema } from '@/core/plantings/schema';
import { THRESHOLDS } from '@/core/spots/lightLabel';
import { spotSchema } from '@/core/spots/schema';
import type { Spot } from '@/core/spots/spot';
import { toCm } from '@/core/units/units';
import {
  MATERIALS_OF,
  needsColour,
  START_SHAPE_NAMES,
  type StartForm,
  type StartReading,
} from './startForm';

/** Field of the form that a field of the records comes from. */
const FIELD_OF: Readonly<Record<string, keyof StartForm>> = {
  'shape.topCm': 'top',
  'shape.baseCm': 'base',
  'shape.depthCm': 'depth',
  'shape.lengthCm': 'length',
  'shape.widthCm': 'width',
  'shape.baseLengthCm': 'length',
  'shape.baseWidthCm': 'width',
  headspaceCm: 'depth',
  sunHours: 'sunHours',
  dropCm: 'drop',
  fullInWeeks: 'fullInWeeks',
  budget: 'budget',
  name: 'spotName',
  'scheme.colour': 'colour',
};

/**
 * Reads the start sheet. Messages name the field, what was given and what is allowed.
 * @param at the spot it is for: one that is there already, or the id of a new one
 * @param house preferences for headspace, drainage and the words for light
 * @param fromShelf a container of the shelf, in the place of the one the sheet describes
 */
export function readStart(
  form: StartForm,
  at: string | Spot,
  fromShelf: Container | null = null,
  house: House,
): StartReading {
  const cm = (value: number) => Math.round(toCm(value, form.unit) * 100) / 100;
  const shape: Shape =
    form.shape === 'round'
      ? { kind: 'round', topCm: cm(form.top), baseCm: cm(form.base), depthCm: cm(form.depth) }
      : form.shape === 'basket'
        ? { kind: 'basket', topCm: cm(form.top), depthCm: cm(form.depth) }
        : // Window boxes narrow a little toward the base; the usual taper is taken.
          {
            kind: 'box',
            lengthCm: cm(form.length),
            widthCm: cm(form.width),
            baseLengthCm: cm(form.length) * 0.97,
            baseWidthCm: cm(form.width) * 0.9,
            depthCm: cm(form.depth),
          };
  const material =
    MATERIAL_IDS.includes(form.material) && MATERIALS_OF[form.shape].includes(form.material)
      ? form.material
      : MATERIALS_OF[form.shape][0]!;
  const budget = form.budget.trim() === '' ? null : Number(form.budget.replace(',', '.'));
  const container = fromShelf
    ? ({ ok: true, value: fromShelf } as const)
    : parseWith(
        containerSchema,
        inHouse(usualContainer(START_SHAPE_NAMES[form.shape], shape, material), house),
      );
  const spot = parseWith(spotSchema, {
    ...(typeof at === 'string' ? { id: at, lightHabit: house.sun } : at),
    name: form.spotName.trim() || usualSpotName(form),
    sunHours: form.sunHours,
    sunWhen: form.sunWhen,
    view: form.view,
    pets: form.pets,
    children: form.children,
    underCover: form.underCover,
    dropCm: cm(form.drop),
  });
  const wishes = parseWith(wishesSchema, {
    scheme: schemeOf(form),
    fullInWeeks: form.fullInWeeks,
    budget,
    kitchen: form.kitchen,
    school: form.school,
    must: form.must,
    never: form.never,
    ...(form.company === 'any' ? {} : { company: form.company }),
    ...(form.wildlife || form.scent
      ? {
          likes: [...(form.wildlife ? ['wildlife'] : []), ...(form.scent ? ['scent'] : [])],
        }
      : {}),
  });
  if (container.ok && spot.ok && wishes.ok)
    return { ok: true, container: container.value, spot: spot.value, wishes: wishes.value };
  const faults: Partial<Record<keyof StartForm, string>> = {};
  for (const parsed of [container, spot, wishes])
    if (!parsed.ok)
      for (const { field, message } of parsed.faults) faults[FIELD_OF[field] ?? 'top'] ??= message;
  return { ok: false, faults };
}

/** Headspace and what lies over the holes, as this house has them. A share of the depth, so that shallow ones keep mix enough. */
function inHouse(container: Container, { headspace, drainage }: House): Container {
  const headspaceCm =
    headspace === 'usual'
      ? container.headspaceCm
      : Math.min(headspace === 'shallow' ? 1 : 3, insideDepthCm(container.shape) / 4);
  return {
    ...container,
    headspaceCm,
    ...(drainage === 'coarse layer' && container.shape.kind !== 'basket'
      ? { foot: 'coarse' as const, footCm: Math.min(3, insideDepthCm(container.shape) / 8) }
      : {}),
  };
}

function usualSpotName(form: StartForm): string {
  const { full, shade } = THRESHOLDS.plain;
  const half = form.sunHours >= shade ? 'Half-shady' : 'Shady';
  const sun = form.sunHours >= full ? 'Sunny' : half;
  return `${sun} ${form.shape === 'box' ? 'window' : form.shape === 'basket' ? 'hook' : 'corner'}`;
}

function schemeOf({ scheme, colour, palette }: StartForm): Scheme {
  const from = fromHex(colour) ?? ([0.47, 0.15, 301] as Oklch);
  if (scheme === 'palette')
    return {
      kind: scheme,
      colours:
        palette.length > 0
          ? palette.flatMap((hex) => {
              const one = fromHex(hex);
              return one ? [one] : [];
            })
          : [from],
    };
  return needsColour(scheme) ? { kind: scheme, colour: from } : { kind: scheme };
}
