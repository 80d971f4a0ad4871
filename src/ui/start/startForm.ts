import type { Company } from '@/core/plants/terms';
import type { Settings } from '@/core/files/plantingFile';
import type { Container } from '@/core/containers/container';
import type { MaterialId } from '@/core/containers/materials';
import { HAVE, type Have } from './haves';
import { COLOUR_SCHEMES, type SchemeKind } from '@/core/colour/schemes';
import type { Wishes } from '@/core/plantings/planting';
import type { Spot, View } from '@/core/spots/spot';
import { CM_PER_INCH } from '@/core/units/units';

/** From where it is looked at: as a spot tells it, or from indoors over the sill it stands on. */
export type SeenFrom = View | 'over a sill';

type LengthUnit = Settings['length'];

/** The start sheet as it is filled in: lengths as typed, in its unit. */
export interface StartForm {
  readonly unit: LengthUnit;
  readonly have: Have;
  readonly material: MaterialId;
  readonly top: number;
  readonly base: number;
  readonly depth: number;
  readonly length: number;
  readonly width: number;
  /** How much sun comes before noon, around it and after it; `null` where the hours were told by themselves. */
  readonly sunAt: SunAt | null;
  readonly sunHours: number;
  readonly sunWhen: Spot['sunWhen'];
  readonly view: SeenFrom;
  /** Inner sill above the floor one looks from, and who looks, where it is seen over a sill. */
  readonly sill: number;
  readonly eye: 'standing' | 'sitting';
  readonly drop: number;
  readonly underCover: boolean;
  /** `any`: left open, several take turns. */
  readonly scheme: SchemeKind | 'any';
  readonly colour: string;
  /** Colours that were named, `#rrggbb`. */
  readonly named: readonly string[];
  /** Colours of a palette brought in, `#rrggbb`. */
  readonly palette: readonly string[];
  /** How high the tallest shall be: as suits the container, at most or at least `high`. */
  readonly height: 'any' | 'low' | 'tall';
  readonly high: number;
  readonly school: Wishes['school'];
  readonly company: Company | 'any';
  readonly wildlife: boolean;
  readonly scent: boolean;
  readonly eveningScent: boolean;
  readonly berries: boolean;
  readonly movement: boolean;
  readonly touch: boolean;
  readonly comesBack: boolean;
  readonly must: readonly string[];
  readonly never: readonly string[];
  readonly fullInWeeks: number;
  readonly budget: string;
  readonly pets: boolean;
  readonly children: boolean;
  readonly kitchen: boolean;
  /** Of what is to be eaten, what most. */
  readonly pick: 'any' | 'herbs' | 'salad' | 'fruit';
  readonly plantedWeek: number;
  readonly spotName: string;
}

export const FIRST_FORM: StartForm = {
  unit: 'cm',
  have: 'round',
  material: 'terracotta',
  top: 38,
  base: 28,
  depth: 34,
  length: 80,
  width: 20,
  sunAt: ['none', 'some', 'all'],
  sunHours: 6,
  sunWhen: 'afternoon',
  view: 'one side',
  sill: 90,
  eye: 'standing',
  drop: 0,
  underCover: false,
  scheme: 'any',
  colour: '#6a3fa0',
  named: ['#6a3fa0', '#ee7d1d'],
  palette: [],
  height: 'any',
  high: 60,
  school: 'any',
  company: 'any',
  wildlife: false,
  scent: false,
  eveningScent: false,
  berries: false,
  movement: false,
  touch: false,
  comesBack: false,
  must: [],
  never: [],
  fullInWeeks: 8,
  budget: '',
  pets: false,
  children: false,
  kitchen: false,
  pick: 'any',
  plantedWeek: 20,
  spotName: '',
};

/** The form for something else to plant: its usual size and standing, the rest kept. */
export function withHave(form: StartForm, have: Have): StartForm {
  const usual = { ...withUnit(form, 'cm'), ...HAVE[have].start, have };
  return withUnit(usual, form.unit);
}

/** Parts of a day that are asked for, and how much sun each may bring. */
export const SUN_PARTS = ['before noon', 'around noon', 'after noon'] as const;
export const SUN_SHARES = ['none', 'some', 'all'] as const;
export type SunAt = readonly [SunShare, SunShare, SunShare];
type SunShare = (typeof SUN_SHARES)[number];

/** Hours of sun in June of each part, by its share: twelve in all, as much as a spot without anything around it gets at most. */
const PART_HOURS: Readonly<Record<SunShare, number>> = { none: 0, some: 2, all: 4 };

/** The form with the sun told by parts of the day: its hours, and when most of them come. */
export function withSun(form: StartForm, sunAt: SunAt): StartForm {
  const [before, noon, after] = sunAt.map((share) => PART_HOURS[share]) as [number, number, number];
  return {
    ...form,
    sunAt,
    sunHours: before + noon + after,
    sunWhen: before > after ? 'morning' : after > before ? 'afternoon' : 'spread',
  };
}

const LENGTHS = ['top', 'base', 'depth', 'length', 'width', 'drop', 'sill', 'high'] as const;

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
      sunAt: null,
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
export function needsColour(kind: StartForm['scheme']): kind is (typeof COLOUR_SCHEMES)[number] {
  return (COLOUR_SCHEMES as readonly StartForm['scheme'][]).includes(kind);
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
