import { fromHex, type Oklch } from '@/core/colour/oklch';
import type { Scheme } from '@/core/colour/schemes';
import type { Container } from '@/core/containers/container';
import { containerSchema } from '@/core/containers/schema';
import { halfDepthCm, insideDepthCm } from '@/core/containers/shape';
import { parseWith } from '@/core/files/parse';
import type { House } from '@/core/plantings/house';
import { HIGHEST_CM } from '@/core/plantings/heights';
import { wishesSchema, type Like } from '@/core/plantings/schema';
import { THRESHOLDS } from '@/core/spots/lightLabel';
import { spotSchema } from '@/core/spots/schema';
import type { Spot } from '@/core/spots/spot';
import { toCm } from '@/core/units/units';
import { containerOf } from './containerOf';
import { needsColour, type StartForm, type StartReading } from './startForm';

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
  'eyes[0].sill.heightCm': 'sill',
  'eyes[0].floorCm': 'sill',
  'shape.projectionCm': 'width',
  'scheme.colour': 'colour',
  'scheme.colours': 'named',
  'tallestCm[0]': 'high',
  'tallestCm[1]': 'high',
  tallestCm: 'high',
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
  const lengths = {
    top: cm(form.top),
    base: cm(form.base),
    depth: cm(form.depth),
    length: cm(form.length),
    width: cm(form.width),
    drop: cm(form.drop),
  };
  const budget = form.budget.trim() === '' ? null : Number(form.budget.replace(',', '.'));
  const container = fromShelf
    ? ({ ok: true, value: fromShelf } as const)
    : parseWith(containerSchema, inHouse(containerOf(form.have, lengths, form.material), house));
  const spot = parseWith(spotSchema, {
    ...(typeof at === 'string'
      ? { id: at, lightHabit: house.sun, exposure: EXPOSED[form.have] ?? 'open' }
      : at),
    name: form.spotName.trim() || usualSpotName(form),
    sunHours: form.sunHours,
    sunWhen: form.sunWhen,
    ...seenFrom(form, container.ok ? container.value : null, cm),
    pets: form.pets,
    children: form.children,
    underCover: form.underCover,
    dropCm: lengths.drop,
  });
  const likes = likesOf(form);
  const wishes = parseWith(wishesSchema, {
    scheme: schemeOf(form),
    ...(form.scheme === 'any' ? { anyColours: true } : {}),
    fullInWeeks: form.fullInWeeks,
    budget,
    kitchen: form.kitchen,
    school: form.school,
    must: form.must,
    never: form.never,
    ...(form.height === 'any' ? {} : { tallestCm: heights(form.height, cm(form.high)) }),
    ...(form.company === 'any' ? {} : { company: form.company }),
    ...(likes.length > 0 ? { likes } : {}),
  });
  if (container.ok && spot.ok && wishes.ok)
    return { ok: true, container: container.value, spot: spot.value, wishes: wishes.value };
  const faults: Partial<Record<keyof StartForm, string>> = {};
  for (const parsed of [container, spot, wishes])
    if (!parsed.ok)
      for (const { field, message } of parsed.faults) faults[FIELD_OF[field] ?? 'top'] ??= message;
  return { ok: false, faults };
}

/** What most of the plants should have. */
function likesOf(form: StartForm): readonly Like[] {
  return [
    ...(form.wildlife ? (['wildlife'] as const) : []),
    ...(form.scent ? (['scent'] as const) : []),
    ...(form.eveningScent ? (['evening scent'] as const) : []),
    ...(['berries', 'movement', 'touch'] as const).filter((like) => form[like]),
    ...(form.comesBack ? (['comes back'] as const) : []),
    ...(form.kitchen && form.pick !== 'any' ? [form.pick] : []),
  ];
}

/** Where the eye of somebody at a window is, cm: the edges of the sill by their distance from it, and the gap behind the sill. */
const AT_WINDOW = { nearCm: 40, farCm: 58, gapCm: 4 } as const;

/** From where it is looked at, as a spot tells it. Over a sill: the sill is level with what the container stands on outside. */
function seenFrom(
  form: StartForm,
  container: Container | null,
  cm: (value: number) => number,
): Partial<Spot> {
  if (form.view !== 'over a sill') return { view: form.view };
  const heightCm = cm(form.sill);
  return {
    view: 'one side',
    exposure: 'sill',
    eyes: [
      {
        id: 'indoors',
        name: 'From indoors',
        kind: form.eye,
        // The front of the planting is the side toward the window.
        bearingDeg: 0,
        distanceCm:
          AT_WINDOW.farCm + AT_WINDOW.gapCm + (container ? halfDepthCm(container.shape) : 10),
        floorCm: cm(form.drop) - heightCm,
        sill: { heightCm, nearCm: AT_WINDOW.nearCm, farCm: AT_WINDOW.farCm },
        weight: 1,
      },
    ],
  };
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

/** How what is planted usually stands in the wind, at a spot of which nothing else is told. */
const EXPOSED: Readonly<Partial<Record<StartForm['have'], Spot['exposure']>>> = {
  box: 'sill',
  saddle: 'balcony',
  basket: 'hanging',
  cone: 'hanging',
};

/** What a place is called by what stands there. */
const PLACE_OF: Readonly<Partial<Record<StartForm['have'], string>>> = {
  box: 'window',
  saddle: 'rail',
  basket: 'hook',
  cone: 'hook',
  wall: 'wall',
};

function usualSpotName(form: StartForm): string {
  const { full, shade } = THRESHOLDS.plain;
  const half = form.sunHours >= shade ? 'Half-shady' : 'Shady';
  const sun = form.sunHours >= full ? 'Sunny' : half;
  return `${sun} ${PLACE_OF[form.have] ?? 'corner'}`;
}

const heights = (height: 'low' | 'tall', cm: number): readonly [number, number] =>
  height === 'low' ? [0, cm] : [cm, HIGHEST_CM];

const coloursIn = (hexes: readonly string[]): readonly Oklch[] =>
  hexes.flatMap((hex) => {
    const one = fromHex(hex);
    return one ? [one] : [];
  });

function schemeOf({ scheme, colour, named, palette }: StartForm): Scheme {
  if (scheme === 'any') return { kind: 'warm' };
  const from = fromHex(colour) ?? ([0.47, 0.15, 301] as Oklch);
  if (scheme === 'palette')
    return { kind: scheme, colours: palette.length > 0 ? coloursIn(palette) : [from] };
  if (scheme === 'named') return { kind: scheme, colours: coloursIn(named) };
  return needsColour(scheme) ? { kind: scheme, colour: from } : { kind: scheme };
}
