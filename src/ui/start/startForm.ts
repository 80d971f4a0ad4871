import type { Company } from '@/core/plants/terms';
import type { Settings } from '@/core/files/plantingFile';
import type { Container } from '@/core/containers/container';
import type { MaterialId } from '@/core/containers/materials';
import { COLOUR_SCHEMES, type SchemeKind } from '@/core/colour/schemes';
import type { Wishes } from '@/core/plantings/planting';
import type { Spot, View } from '@/core/spots/spot';
import { CM_PER_INCH } from '@/core/units/units';

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
  readonly company: Company | 'any';
  readonly wildlife: boolean;
  readonly scent: boolean;
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

export const START_SHAPE_NAMES: Readonly<Record<SheetShape, string>> = {
  round: 'Round pot',
  box: 'Window box',
  basket: 'Hanging basket',
};

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
  unit: 'cm',
  shape: 'round',
  material: 'terracotta',
  top: 38,
  base: 28,
  depth: 34,
  length: 80,
  width: 20,
  sunHours: 6,
  sunWhen: 'afternoon',
  view: 'one side',
  drop: 0,
  underCover: false,
  scheme: 'warm',
  colour: '#6a3fa0',
  palette: [],
  school: 'any',
  company: 'any',
  wildlife: false,
  scent: false,
  must: [],
  never: [],
  fullInWeeks: 8,
  budget: '',
  pets: false,
  children: false,
  kitchen: false,
  plantedWeek: 20,
  spotName: '',
};

/** The form with another shape: its usual size and standing, the rest kept. */
export function withShape(form: StartForm, shape: SheetShape): StartForm {
  return withUnit({ ...withUnit(form, 'cm'), ...STARTS[shape], shape }, form.unit);
}

const LENGTHS = ['top', 'base', 'depth', 'length', 'width', 'drop'] as const;

/** The form in another unit of length: the same sizes, to half an inch or half a centimetre. */
export function withUnit(form: StartForm, unit: LengthUnit): StartForm {
  if (form.unit === unit) return form;
  const turned = (value: number) =>
    Math.round((unit === 'in' ? value / CM_PER_INCH : value * CM_PER_INCH) * 2) / 2;
  return {
    ...form,
    unit,
    ...Object.fromEntries(LENGTHS.map((field) => [field, turned(form[field])])),
  };
}

/** What the form means, or what is wrong with which field. */
export type StartReading =
  | {
      readonly ok: true;
      readonly container: Container;
      readonly spot: Spot;
      readonly wishes: Wishes;
    }
  | { readonly ok: false; readonly faults: Readonly<Partial<Record<keyof StartForm, string>>> };

/** The sheet for a spot that is there already: its light, view, reach and drop. */
export function withSpot(form: StartForm, spot: Spot): StartForm {
  const inCm = withUnit(form, 'cm');
  return withUnit(
    {
      ...inCm,
      sunHours: spot.sunHours,
      sunWhen: spot.sunWhen,
      view: spot.view,
      drop: spot.dropCm,
      underCover: spot.underCover,
      pets: spot.pets,
      children: spot.children,
      spotName: spot.name,
    },
    form.unit,
  );
}

/** Does the scheme start from a colour? */
export function needsColour(kind: SchemeKind): kind is (typeof COLOUR_SCHEMES)[number] {
  return (COLOUR_SCHEMES as readonly SchemeKind[]).includes(kind);
}

/** Colours to start a scheme from: flowers and leaves people ask for. */
export const LOVED_COLOURS: readonly { readonly name: string; readonly hex: string }[] = [
  { name: 'violet', hex: '#6a3fa0' },
  { name: 'blue', hex: '#3f66c8' },
  { name: 'lavender', hex: '#a48fd8' },
  { name: 'magenta', hex: '#d1228f' },
  { name: 'pink', hex: '#f29bb8' },
  { name: 'red', hex: '#d32a2f' },
  { name: 'coral', hex: '#f0765c' },
  { name: 'orange', hex: '#ee7d1d' },
  { name: 'gold', hex: '#f2b632' },
  { name: 'yellow', hex: '#f5d93c' },
  { name: 'lime', hex: '#b5d334' },
  { name: 'wine', hex: '#6e2236' },
];
