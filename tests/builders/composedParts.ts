import type { Scheme } from '@/core/colour/schemes';
import type { Container } from '@/core/containers/container';
import { usualContainer } from '@/core/containers/usual';
import type { SchoolId } from '@/core/plantings/schoolId';
import type { Spot } from '@/core/spots/spot';

/** Containers, spots, colours and weeks of the plantings composed by hand, and how one is written down. */
const round = (
  topCm: number,
  baseCm: number,
  depthCm: number,
  material: Parameters<typeof usualContainer>[2],
) => usualContainer('Pot', { kind: 'round', topCm, baseCm, depthCm }, material);
const box = (
  lengthCm: number,
  widthCm: number,
  depthCm: number,
  material: Parameters<typeof usualContainer>[2],
) =>
  usualContainer(
    'Box',
    {
      kind: 'box',
      lengthCm,
      widthCm,
      baseLengthCm: lengthCm - 3,
      baseWidthCm: widthCm - 2,
      depthCm,
    },
    material,
  );

export const CONTAINERS = {
  tub: round(46, 38, 36, 'oak'),
  pot: round(38, 28, 34, 'terracotta'),
  small: round(30, 22, 28, 'terracotta'),
  large: round(52, 40, 46, 'glazed'),
  grey: round(42, 34, 36, 'fibreglass'),
  bowl: usualContainer('Bowl', { kind: 'bowl', topCm: 48, depthCm: 20 }, 'terracotta'),
  long: box(90, 22, 20, 'softwood'),
  box: box(70, 20, 18, 'softwood'),
  basket: usualContainer('Basket', { kind: 'basket', topCm: 36, depthCm: 18 }, 'coir'),
  wide: usualContainer('Basket', { kind: 'basket', topCm: 41, depthCm: 20 }, 'coir'),
  trough: { ...box(70, 36, 20, 'stone'), mix: 'gritty' as const },
  urn: usualContainer(
    'Urn',
    {
      kind: 'urn',
      profile: [
        { heightCm: 0, widthCm: 26 },
        { heightCm: 12, widthCm: 20 },
        { heightCm: 28, widthCm: 40 },
        { heightCm: 42, widthCm: 48 },
      ],
    },
    'stone',
  ),
  barrel: round(60, 52, 40, 'oak'),
  deep: box(90, 32, 34, 'softwood'),
  grit: { ...round(42, 34, 36, 'fibreglass'), mix: 'gritty' as const },
  largeGrit: { ...round(52, 40, 46, 'glazed'), mix: 'gritty' as const },
  deepGrit: { ...box(90, 32, 34, 'softwood'), mix: 'gritty' as const },
  dish: {
    ...usualContainer('Dish', { kind: 'bowl', topCm: 40, depthCm: 14 }, 'terracotta'),
    mix: 'gritty' as const,
  },
} satisfies Record<string, Container>;

const SILL_EYE: Spot['eyes'][number] = {
  id: 'sink',
  name: 'The sink',
  kind: 'standing',
  bearingDeg: 0,
  distanceCm: 220,
  floorCm: 0,
  sill: { heightCm: 100, nearCm: 170, farCm: 195 },
  weight: 1,
};

const site = (climate: Spot['site']['climate'], latitudeDeg: number): Spot['site'] => ({
  latitudeDeg,
  longitudeDeg: 0,
  timeZone: 'UTC',
  climate,
});

export const SPOTS = {
  sun: { sunHours: 7, sunWhen: 'spread' },
  hot: { sunHours: 8.5, sunWhen: 'afternoon' },
  square: { sunHours: 7, sunWhen: 'spread', view: 'all round' },
  half: { sunHours: 4.5, sunWhen: 'morning' },
  halfRound: { sunHours: 4.5, sunWhen: 'morning', view: 'all round' },
  shade: { sunHours: 2, sunWhen: 'morning' },
  deep: { sunHours: 1.2, sunWhen: 'spread' },
  sill: { sunHours: 6.5, sunWhen: 'spread', dropCm: 95 },
  sillHalf: { sunHours: 4, sunWhen: 'morning', dropCm: 95 },
  hook: { sunHours: 6.5, sunWhen: 'spread', view: 'from below', dropCm: 200 },
  hookHalf: { sunHours: 3.5, sunWhen: 'morning', view: 'from below', dropCm: 200 },
  inside: { sunHours: 6, sunWhen: 'spread', dropCm: 58, eyes: [SILL_EYE] },
  tropics: { sunHours: 4, sunWhen: 'morning', site: site('tropical-wet', 3) },
  gulf: { sunHours: 7.5, sunWhen: 'spread', site: site('humid-subtropical', 33) },
  riviera: { sunHours: 9, sunWhen: 'spread', site: site('mediterranean-coast', 42) },
  south: { sunHours: 6.5, sunWhen: 'spread', site: site('southern-temperate', -37) },
  cold: { sunHours: 4.5, sunWhen: 'spread', site: site('cold-continental', 48) },
  foggy: { sunHours: 4.5, sunWhen: 'spread', site: site('cool-summer-coast', 38) },
  child: { sunHours: 6.5, sunWhen: 'spread', children: true },
} satisfies Record<string, Partial<Spot>>;

export const HEX = {
  violet: [0.5, 0.19, 293],
  blue: [0.52, 0.17, 268],
  pink: [0.72, 0.14, 0],
  red: [0.57, 0.22, 27],
  orange: [0.72, 0.18, 55],
  yellow: [0.88, 0.16, 98],
  wine: [0.38, 0.11, 10],
  lime: [0.82, 0.17, 118],
} as const;
export const one = (name: keyof typeof HEX): Scheme => ({
  kind: 'one-and-white',
  colour: HEX[name],
});
export const by = (
  kind: 'opposites' | 'loved' | 'tonal' | 'neighbours' | 'triad',
  name: keyof typeof HEX,
): Scheme => ({ kind, colour: HEX[name] });
export const plain = (
  kind: 'warm' | 'cool' | 'hot' | 'pastel' | 'jewel' | 'dark-and-lime' | 'green-and-white',
): Scheme => ({ kind });

export type Weeks = readonly [planted: number, end: number];
export const SUMMER: Weeks = [21, 41];
export const WINTER: Weeks = [41, 19];
export const SPRING: Weeks = [6, 21];
export const AUTUMN: Weeks = [35, 47];

/** "kind kind*2 kind*3:1L": kinds with how many and, where it matters, from which nursery size. */
export type Row = readonly [
  name: string,
  container: keyof typeof CONTAINERS,
  spot: keyof typeof SPOTS,
  school: SchoolId,
  scheme: Scheme,
  weeks: Weeks,
  lead: string,
  body: string,
  edge: string,
];
