import { parseWith, type Settings } from '@/core/files/plantingFile';
import type { Container } from '@/core/containers/container';
import { MATERIAL_IDS, type MaterialId } from '@/core/containers/materials';
import { containerSchema } from '@/core/containers/schema';
import { depthOf, type Shape } from '@/core/containers/shape';
import { USUAL_HOUSE, type House } from '@/core/plantings/house';
import type { Oklch } from '@/core/colour/oklch';
import { fromHex } from '@/core/colour/oklch';
import { COLOUR_SCHEMES, type Scheme, type SchemeKind } from '@/core/colour/schemes';
import type { Wishes } from '@/core/plantings/planting';
import { wishesSchema } from '@/core/plantings/schema';
import { usualContainer } from '@/core/containers/usual';
import { spotSchema } from '@/core/spots/schema';
import type { Spot, View } from '@/core/spots/spot';
import { CM_PER_INCH, toCm } from '@/core/units/units';

type LengthUnit = Settings['length'];

/** Shapes that the start sheet itself describes; any other comes from the shelf. */
export type SheetShape = 'round' | 'box' | 'basket';

/** The start sheet as it is filled in: lengths as typed, in its unit. */
export interface StartForm {
  readonly unit: LengthUnit;
  readonly shape: SheetShape;
  readonly material: MaterialId;
  readonly top: number;
  readonly base: number;
  readonly depth: number;
  readonly length: number;
  readonly width: number;
  readonly sunHours: number;
  readonly sunWhen: Spot['sunWhen'];
  readonly view: View;
  readonly drop: number;
  readonly underCover: boolean;
  readonly scheme: SchemeKind;
  readonly colour: string;
  /** Colours of a palette brought in, `#rrggbb`. */
  readonly palette: readonly string[];
  readonly school: Wishes['school'];
  readonly must: readonly string[];
  readonly never: readonly string[];
  readonly fullInWeeks: number;
  readonly budget: string;
  readonly pets: boolean;
  readonly children: boolean;
  readonly kitchen: boolean;
  readonly plantedWeek: number;
  readonly spotName: string;
}

export const SHAPE_NAMES: Readonly<Record<SheetShape, string>> = { round: 'Round pot', box: 'Window box', basket: 'Hanging basket' };

/** Materials that each shape is made of. */
export const MATERIALS_OF: Readonly<Record<SheetShape, readonly MaterialId[]>> = {
  round: ['terracotta', 'glazed', 'plastic', 'oak', 'metal', 'fibreglass', 'concrete', 'stone'],
  box: ['softwood', 'plastic', 'terracotta', 'metal', 'fibreglass', 'stone', 'concrete', 'oak'],
  basket: ['coir'],
};

/** What each shape starts from: a common size, in cm. */
const STARTS: Readonly<Record<SheetShape, Partial<StartForm>>> = {
  round: { material: 'terracotta', top: 38, base: 28, depth: 34, view: 'one side', drop: 0 },
  box: { material: 'softwood', length: 80, width: 20, depth: 18, view: 'one side', drop: 90 },
  basket: { material: 'coir', top: 36, depth: 18, view: 'from below', drop: 180 },
};

export const FIRST_FORM: StartForm = {
  unit: 'cm', shape: 'round', material: 'terracotta', top: 38, base: 28, depth: 34, length: 80, width: 20, sunHours: 6, sunWhen: 'afternoon', view: 'one side', drop: 0, underCover: false,
  scheme: 'warm', colour: '#6a3fa0', palette: [], school: 'any', must: [], never: [], fullInWeeks: 8, budget: '', pets: false, children: false, kitchen: false, plantedWeek: 20, spotName: '',
};

/** The form with another shape: its usual size and standing, the rest kept. */
export function withShape(form: StartForm, shape: SheetShape): StartForm {
  return withUnit({ ...withUnit(form, 'cm'), ...STARTS[shape], shape }, form.unit);
}

const LENGTHS = ['top', 'base', 'depth', 'length', 'width', 'drop'] as const;

/** The form in another unit of length: the same sizes, to half an inch or half a centimetre. */
export function withUnit(form: StartForm, unit: LengthUnit): StartForm {
  if (form.unit === unit) return form;
  const turned = (value: number) => Math.round((unit === 'in' ? value / CM_PER_INCH : value * CM_PER_INCH) * 2) / 2;
  return { ...form, unit, ...Object.fromEntries(LENGTHS.map((field) => [field, turned(form[field])])) };
}

/** What the form means, or what is wrong with which field. */
export type StartReading =
  | { readonly ok: true; readonly container: Container; readonly spot: Spot; readonly wishes: Wishes }
  | { readonly ok: false; readonly faults: Readonly<Partial<Record<keyof StartForm, string>>> };

/** Field of the form that a field of the records comes from. */
const FIELD_OF: Readonly<Record<string, keyof StartForm>> = {
  'shape.topCm': 'top', 'shape.baseCm': 'base', 'shape.depthCm': 'depth', 'shape.lengthCm': 'length', 'shape.widthCm': 'width', 'shape.baseLengthCm': 'length', 'shape.baseWidthCm': 'width',
  headspaceCm: 'depth', sunHours: 'sunHours', dropCm: 'drop', fullInWeeks: 'fullInWeeks', budget: 'budget', name: 'spotName', 'scheme.colour': 'colour',
};

/** The sheet for a spot that is there already: its light, view, reach and drop. */
export function withSpot(form: StartForm, spot: Spot): StartForm {
  const inCm = withUnit(form, 'cm');
  return withUnit({ ...inCm, sunHours: spot.sunHours, sunWhen: spot.sunWhen, view: spot.view, drop: spot.dropCm, underCover: spot.underCover, pets: spot.pets, children: spot.children, spotName: spot.name }, form.unit);
}

/**
 * Reads the start sheet. Messages name the field, what was given and what is allowed.
 * @param at the spot it is for: one that is there already, or the id of a new one
 * @param house preferences for headspace, drainage and the words for light
 * @param fromShelf a container of the shelf, in the place of the one the sheet describes
 */
export function readStart(form: StartForm, at: string | Spot, fromShelf: Container | null = null, house: House = USUAL_HOUSE): StartReading {
  const cm = (value: number) => Math.round(toCm(value, form.unit) * 100) / 100;
  const shape: Shape =
    form.shape === 'round'
      ? { kind: 'round', topCm: cm(form.top), baseCm: cm(form.base), depthCm: cm(form.depth) }
      : form.shape === 'basket'
        ? { kind: 'basket', topCm: cm(form.top), depthCm: cm(form.depth) }
        : // Window boxes narrow a little toward the base; the usual taper is taken.
          { kind: 'box', lengthCm: cm(form.length), widthCm: cm(form.width), baseLengthCm: cm(form.length) * 0.97, baseWidthCm: cm(form.width) * 0.9, depthCm: cm(form.depth) };
  const material = MATERIAL_IDS.includes(form.material) && MATERIALS_OF[form.shape].includes(form.material) ? form.material : MATERIALS_OF[form.shape][0]!;
  const budget = form.budget.trim() === '' ? null : Number(form.budget.replace(',', '.'));
  const container = fromShelf ? ({ ok: true, value: fromShelf } as const) : parseWith(containerSchema, inHouse(usualContainer(SHAPE_NAMES[form.shape], shape, material), house));
  const spot = parseWith(spotSchema, { ...(typeof at === 'string' ? { id: at, lightHabit: house.sun } : at), name: form.spotName.trim() || usualSpotName(form), sunHours: form.sunHours, sunWhen: form.sunWhen, view: form.view, pets: form.pets, children: form.children, underCover: form.underCover, dropCm: cm(form.drop) });
  const wishes = parseWith(wishesSchema, { scheme: schemeOf(form), fullInWeeks: form.fullInWeeks, budget, kitchen: form.kitchen, school: form.school, must: form.must, never: form.never });
  if (container.ok && spot.ok && wishes.ok) return { ok: true, container: container.value, spot: spot.value, wishes: wishes.value };
  const faults: Partial<Record<keyof StartForm, string>> = {};
  for (const parsed of [container, spot, wishes]) if (!parsed.ok) for (const { field, message } of parsed.faults) faults[FIELD_OF[field] ?? 'top'] ??= message;
  return { ok: false, faults };
}

/** Headspace and what lies over the holes, as this house has them. A share of the depth, so that shallow ones keep mix enough. */
function inHouse(container: Container, { headspace, drainage }: House): Container {
  const headspaceCm = headspace === 'usual' ? container.headspaceCm : Math.min(headspace === 'shallow' ? 1 : 3, depthOf(container.shape) / 4);
  return { ...container, headspaceCm, ...(drainage === 'coarse layer' && container.shape.kind !== 'basket' ? { foot: 'coarse' as const, footCm: Math.min(3, depthOf(container.shape) / 8) } : {}) };
}

function usualSpotName(form: StartForm): string {
  const sun = form.sunHours >= 6 ? 'Sunny' : form.sunHours >= 2 ? 'Half-shady' : 'Shady';
  return `${sun} ${form.shape === 'box' ? 'window' : form.shape === 'basket' ? 'hook' : 'corner'}`;
}

/** Does the scheme start from a colour? */
export function needsColour(kind: SchemeKind): kind is (typeof COLOUR_SCHEMES)[number] {
  return (COLOUR_SCHEMES as readonly SchemeKind[]).includes(kind);
}

function schemeOf({ scheme, colour, palette }: StartForm): Scheme {
  const from = fromHex(colour) ?? ([0.47, 0.15, 301] as Oklch);
  if (scheme === 'palette') return { kind: scheme, colours: palette.length > 0 ? palette.flatMap((hex) => { const one = fromHex(hex); return one ? [one] : []; }) : [from] };
  return needsColour(scheme) ? { kind: scheme, colour: from } : { kind: scheme };
}

/** Colours to start a scheme from: flowers and leaves people ask for. */
export const LOVED_COLOURS: readonly { readonly name: string; readonly hex: string }[] = [
  { name: 'violet', hex: '#6a3fa0' }, { name: 'blue', hex: '#3f66c8' }, { name: 'lavender', hex: '#a48fd8' }, { name: 'magenta', hex: '#d1228f' },
  { name: 'pink', hex: '#f29bb8' }, { name: 'red', hex: '#d32a2f' }, { name: 'coral', hex: '#f0765c' }, { name: 'orange', hex: '#ee7d1d' },
  { name: 'gold', hex: '#f2b632' }, { name: 'yellow', hex: '#f5d93c' }, { name: 'lime', hex: '#b5d334' }, { name: 'wine', hex: '#6e2236' },
];
