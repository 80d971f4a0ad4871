import { USUAL_HOUSE } from '@/core/plantings/house';
import { kindOf } from '@/core/plants/book/index';
import { mixSurface, type Container } from '@/core/containers/container';
import { reachOf } from '@/core/containers/section';
import { usualContainer } from '@/core/containers/usual';
import type { Scheme } from '@/core/colour/schemes';
import { settle } from '@/core/placing/settle';
import { inSpot, type Place, type PlantingInSpot } from '@/core/plantings/planting';
import { plantingSchema } from '@/core/plantings/schema';
import type { SchoolId } from '@/core/plantings/schoolId';
import { middle, type PlantKind, type Role } from '@/core/plants/kind';
import { NURSERY_SIZES, type NurserySizeId } from '@/core/plants/nursery';
import { usualSpot, type Spot } from '@/core/spots/spot';
import { known } from './plantings';

/**
 * Plantings composed by hand for Rillbank Halt and its neighbours, as a good gardener would: kinds, counts and places are chosen here, not
 * by the search. Places come from the plain layout below, which is not the engine's; balls are then eased apart.
 */
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

const CONTAINERS = {
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

const SPOTS = {
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
  child: { sunHours: 6.5, sunWhen: 'spread', children: true },
} satisfies Record<string, Partial<Spot>>;

const HEX = {
  violet: [0.5, 0.19, 293],
  blue: [0.52, 0.17, 268],
  pink: [0.72, 0.14, 0],
  red: [0.57, 0.22, 27],
  orange: [0.72, 0.18, 55],
  yellow: [0.88, 0.16, 98],
  wine: [0.38, 0.11, 10],
  lime: [0.82, 0.17, 118],
} as const;
const one = (name: keyof typeof HEX): Scheme => ({ kind: 'one-and-white', colour: HEX[name] });
const by = (
  kind: 'opposites' | 'loved' | 'tonal' | 'neighbours' | 'triad',
  name: keyof typeof HEX,
): Scheme => ({ kind, colour: HEX[name] });
const plain = (
  kind: 'warm' | 'cool' | 'hot' | 'pastel' | 'jewel' | 'dark-and-lime' | 'green-and-white',
): Scheme => ({ kind });

interface Composed {
  readonly name: string;
  readonly it: PlantingInSpot;
}

type Weeks = readonly [planted: number, end: number];
const SUMMER: Weeks = [21, 41];
const WINTER: Weeks = [41, 19];
const SPRING: Weeks = [6, 21];
const AUTUMN: Weeks = [35, 47];

/** "kind kind*2 kind*3:1L": kinds with how many and, where it matters, from which nursery size. */
type Row = readonly [
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

const ROWS: readonly Row[] = [
  [
    'Canna and coleus by the waiting room',
    'large',
    'sun',
    'thriller',
    plain('hot'),
    SUMMER,
    'canna-bronze:3L',
    'dahlia-dark-leaf-red coleus-rust*2',
    'calibrachoa-coral*2 creeping-jenny-gold',
  ],
  [
    'Flax, salvia and apricot petunias',
    'tub',
    'sun',
    'thriller',
    by('opposites', 'blue'),
    SUMMER,
    'flax-bronze:2L',
    'salvia-mealy-violet*2 petunia-apricot',
    'calibrachoa-apricot*2',
  ],
  [
    'Purple grass with marguerites',
    'tub',
    'sun',
    'thriller',
    by('loved', 'wine'),
    SUMMER,
    'fountain-grass-purple:2L',
    'marguerite-pink*2',
    'calibrachoa-plum*2',
  ],
  [
    'Red cabbage palm and scarlet',
    'pot',
    'sun',
    'thriller',
    plain('hot'),
    SUMMER,
    'cabbage-palm-red:1L',
    'pelargonium-scarlet*2',
    'calibrachoa-yellow*2',
  ],
  [
    'White tobacco and lime',
    'tub',
    'half',
    'thriller',
    plain('green-and-white'),
    SUMMER,
    'tobacco-white',
    'coleus-lime*2',
    'ivy-white-edge*3',
  ],
  [
    'Bush fuchsia in coral',
    'tub',
    'half',
    'thriller',
    by('loved', 'pink'),
    SUMMER,
    'fuchsia-bush-coral:1L',
    'new-guinea-balsam-pink*2',
    'fuchsia-trailing-white-pink',
  ],
  [
    'Blue salvia with silver',
    'pot',
    'sun',
    'thriller',
    plain('cool'),
    SUMMER,
    'salvia-mealy-violet',
    'heliotrope-purple silver-ragwort*2',
    'scaevola-blue',
  ],
  [
    'Dark dahlia with yellow',
    'pot',
    'sun',
    'thriller',
    plain('warm'),
    SUMMER,
    'dahlia-dark-leaf-yellow:1L',
    'cuphea-red*2',
    'bidens-gold',
  ],
  [
    'Gaura over pink',
    'tub',
    'sun',
    'thriller',
    plain('pastel'),
    SUMMER,
    'gaura-white:1L',
    'silver-ragwort nemesia-pink*2',
    'baby-blue-eyes*3',
  ],
  [
    'Persian shield and wishbone',
    'pot',
    'half',
    'thriller',
    plain('cool'),
    SUMMER,
    'persian-shield:1L',
    'heliotrope-purple',
    'wishbone-flower-blue*3',
  ],
  [
    'Angelonia, white and violet',
    'pot',
    'hot',
    'thriller',
    one('violet'),
    SUMMER,
    'angelonia-lavender*3',
    'cloud-spurge-white',
    'verbena-white*2',
  ],
  [
    'Heat lovers in gold',
    'pot',
    'hot',
    'thriller',
    plain('warm'),
    SUMMER,
    'salvia-small-leaf-red:1L',
    'lantana-gold',
    'creeping-zinnia-gold*3',
  ],
  [
    'Astilbe and ferns',
    'tub',
    'shade',
    'thriller',
    by('loved', 'pink'),
    SUMMER,
    'astilbe-pink:1L',
    'painted-fern*2',
    'ivy-white-edge*3',
  ],
  [
    'Begonia cane in the entrance',
    'pot',
    'shade',
    'thriller',
    plain('warm'),
    SUMMER,
    'begonia-cane-wine:1L',
    'begonia-tuberous-red*2',
    'begonia-sutherland-orange',
  ],
  [
    'Black elephant ear with lime',
    'large',
    'half',
    'thriller',
    plain('dark-and-lime'),
    SUMMER,
    'elephant-ear-black:3L',
    'coleus-lime*3',
    'potato-vine-bronze-cut*2',
  ],
  [
    'Snapdragons and stock',
    'pot',
    'sun',
    'thriller',
    plain('pastel'),
    SUMMER,
    'snapdragon-yellow*3',
    'silver-ragwort*3',
    'baby-blue-eyes*3',
  ],
  [
    'Spider flower in pink and white',
    'large',
    'sun',
    'thriller',
    one('pink'),
    SUMMER,
    'spider-flower-pink*2',
    'marguerite-white*2',
    'petunia-white*2',
  ],
  [
    'Velvet salvia, jewel',
    'tub',
    'sun',
    'thriller',
    plain('jewel'),
    SUMMER,
    'salvia-gentian:1L',
    'petunia-violet*2',
    'verbena-crimson*2',
  ],
  [
    'Three by the wheel',
    'tub',
    'sun',
    'thriller',
    by('triad', 'red'),
    SUMMER,
    'dahlia-dark-leaf-red:1L',
    'tickseed-gold*2',
    'blue-pimpernel*2',
  ],
  [
    'Neighbours from red to gold',
    'grey',
    'sun',
    'thriller',
    by('neighbours', 'orange'),
    SUMMER,
    'zinnia-red*3',
    'blanket-flower*2',
    'calibrachoa-coral*2',
  ],
  [
    'Tulips over violas',
    'pot',
    'half',
    'thriller',
    by('loved', 'wine'),
    SPRING,
    'tulip-plum*5:bulb',
    'pansy-red*6',
    'viola-black*6',
  ],
  [
    'Winter tub with skimmia',
    'pot',
    'half',
    'thriller',
    plain('green-and-white'),
    WINTER,
    'skimmia-white-bud:2L',
    'heather-winter-white*2',
    'ivy-white-edge*2',
  ],
  [
    'Autumn grass and chrysanthemums',
    'tub',
    'sun',
    'thriller',
    plain('warm'),
    AUTUMN,
    'blood-grass:1L',
    'mum-bronze*2',
    'viola-orange*4',
  ],
  [
    'Petunias in three colours',
    'bowl',
    'square',
    'dome',
    plain('cool'),
    SUMMER,
    '',
    'petunia-violet*2 petunia-white petunia-black*2',
    'lobelia-white*3',
  ],
  [
    'A dome of begonias',
    'bowl',
    'shade',
    'dome',
    one('pink'),
    SUMMER,
    '',
    'begonia-bedding-pink*3 begonia-bedding-white*3',
    'saxifrage-mossy-pink*3',
  ],
  [
    'Basket of calibrachoa',
    'basket',
    'hook',
    'dome',
    plain('warm'),
    SUMMER,
    '',
    'nemesia-white*2',
    'calibrachoa-yellow*2 calibrachoa-coral*2',
  ],
  [
    'Nemesia dome',
    'pot',
    'square',
    'dome',
    plain('pastel'),
    SUMMER,
    '',
    'nemesia-pink*3 nemesia-white*2',
    'bacopa-lilac*3',
  ],
  [
    'Cape daisies for the square',
    'bowl',
    'square',
    'dome',
    by('loved', 'violet'),
    SUMMER,
    '',
    'osteospermum-purple*3 cape-daisy-white*2',
    'alyssum-purple*3',
  ],
  [
    'Busy lizzies under the porch',
    'bowl',
    'deep',
    'dome',
    by('tonal', 'pink'),
    SUMMER,
    '',
    'busy-lizzie-rose*2 busy-lizzie-white*2',
    'baby-tears*2',
  ],
  [
    'Kitchen sill of marguerites',
    'long',
    'inside',
    'screen',
    one('yellow'),
    SUMMER,
    'salvia-mealy-white*3 marguerite-yellow*3',
    '',
    '',
  ],
  [
    'Sill of grasses and cosmos',
    'long',
    'inside',
    'screen',
    plain('green-and-white'),
    SUMMER,
    'cosmos-white*3 feather-grass*2',
    '',
    '',
  ],
  [
    'Sill of salvia and snapdragon',
    'long',
    'inside',
    'screen',
    by('opposites', 'violet'),
    SUMMER,
    'salvia-mealy-violet*3 snapdragon-yellow*3',
    '',
    '',
  ],
  [
    'Box in red and white',
    'long',
    'sill',
    'repeat-run',
    one('red'),
    SUMMER,
    'pelargonium-scarlet*3',
    'cloud-spurge-white*2',
    'petunia-white*2 calibrachoa-white*2',
  ],
  [
    'Box in violet and lime',
    'long',
    'sill',
    'repeat-run',
    plain('cool'),
    SUMMER,
    'angelonia-lavender*3',
    'heliotrope-purple*2',
    'calibrachoa-violet*2 bacopa-lilac*2',
  ],
  [
    'Shady box of ferns',
    'box',
    'sillHalf',
    'repeat-run',
    plain('green-and-white'),
    SUMMER,
    'flax-lily-white*2:1L',
    'coral-bells-lime*2',
    'ivy-white-edge*3',
  ],
  [
    'Sunny box of marigolds',
    'box',
    'sill',
    'repeat-run',
    plain('hot'),
    SUMMER,
    'salvia-scarlet*3',
    'french-marigold-mahogany*2',
    'calibrachoa-yellow*3',
  ],
  [
    'Spring box',
    'box',
    'sillHalf',
    'repeat-run',
    plain('cool'),
    SPRING,
    'tulip-white*5:bulb',
    'pansy-blue*4',
    'viola-violet-yellow*6',
  ],
  [
    'Winter box of heather',
    'long',
    'sill',
    'repeat-run',
    by('loved', 'pink'),
    WINTER,
    'box-ball*2:1L',
    'heather-bud-pink*4',
    'heather-winter-pink*5',
  ],
  [
    'Meadow in a tub',
    'large',
    'sun',
    'shares',
    plain('warm'),
    SUMMER,
    'quaking-grass coneflower-orange',
    'blanket-flower*2 tickseed-gold',
    'creeping-zinnia-gold*6',
  ],
  [
    'Silver meadow',
    'large',
    'sun',
    'shares',
    plain('cool'),
    SUMMER,
    'salvia-mealy-white*2',
    'silver-ragwort*2 heliotrope-purple',
    'alyssum-white*6',
  ],
  [
    'Woodland drift',
    'tub',
    'shade',
    'shares',
    plain('green-and-white'),
    SUMMER,
    'lady-fern:1L',
    'foamflower*2',
    'sandwort-moss*3 ivy-white-edge',
  ],
  [
    'Coleus and its echoes',
    'pot',
    'half',
    'leaf-led',
    plain('warm'),
    SUMMER,
    'coleus-rust',
    'coral-bells-amber*2',
    'creeping-jenny-gold*2',
  ],
  [
    'Bronze and lime leaves',
    'pot',
    'half',
    'leaf-led',
    plain('warm'),
    SUMMER,
    'flax-bronze:1L',
    'coral-bells-lime*2',
    'bugle-bronze*3',
  ],
  [
    'Painted leaves in shade',
    'pot',
    'shade',
    'leaf-led',
    by('loved', 'wine'),
    SUMMER,
    'begonia-cane-wine:1L',
    'painted-fern coral-bells-black',
    'ivy-white-edge*3',
  ],
  [
    'Grey and plum',
    'pot',
    'half',
    'leaf-led',
    by('loved', 'wine'),
    SUMMER,
    'flax-bronze:1L',
    'coral-bells-plum*2',
    'lambs-ear*2',
  ],
  [
    'Dish of rosettes',
    'dish',
    'hot',
    'clustered-odds',
    plain('dark-and-lime'),
    SUMMER,
    'aeonium-black:9cm',
    'echeveria-lime*4',
    'stonecrop-gold',
  ],
  [
    'Stone trough of houseleeks',
    'trough',
    'hot',
    'clustered-odds',
    plain('warm'),
    SUMMER,
    'jade-tree:1L',
    'houseleek-red*3 crassula-flame*4',
    'stonecrop-gold stonecrop-red',
  ],
  [
    'Dry dish in blue',
    'dish',
    'hot',
    'clustered-odds',
    plain('cool'),
    SUMMER,
    'aeonium-green:9cm',
    'chalk-sticks-blue echeveria-blue*2',
    'stonecrop-blue*2',
  ],
  [
    'Station basket, two by two',
    'wide',
    'hook',
    'opposite-pairs',
    plain('cool'),
    SUMMER,
    '',
    'petunia-violet*2 petunia-white*2',
    'lobelia-blue*2 bacopa-white*2',
  ],
  [
    'Basket in the shade, two by two',
    'wide',
    'hookHalf',
    'opposite-pairs',
    one('pink'),
    SUMMER,
    '',
    'begonia-bedding-pink*2 busy-lizzie-white*2',
    'fuchsia-trailing-white-pink*2',
  ],
  [
    'Warm basket, two by two',
    'wide',
    'hook',
    'opposite-pairs',
    plain('warm'),
    SUMMER,
    '',
    'pelargonium-salmon*2',
    'calibrachoa-apricot*2 bidens-gold*2',
  ],
  [
    'One Japanese maple',
    'large',
    'half',
    'specimen',
    by('loved', 'wine'),
    SUMMER,
    'japanese-maple-wine:3L',
    '',
    '',
  ],
  ['One blue hosta', 'pot', 'shade', 'specimen', plain('cool'), SUMMER, 'hosta-blue:2L', '', ''],
  [
    'Box ball with pansies',
    'pot',
    'half',
    'evergreen-frame',
    one('blue'),
    WINTER,
    'box-ball:2L',
    'pansy-white*3',
    'ivy-white-edge*2 pansy-blue*2',
  ],
  [
    'Bay and violas',
    'large',
    'sun',
    'evergreen-frame',
    plain('warm'),
    WINTER,
    'yew-column:3L',
    'wallflower-lemon*6',
    'cotoneaster-trailing*4 viola-orange*6',
  ],
  [
    'Salad tub',
    'tub',
    'sun',
    'kitchen',
    plain('warm'),
    SUMMER,
    'sweet-pepper:1L',
    'basil-green*3 pot-marigold*2',
    'parsley-curled*2 nasturtium-cream',
  ],
  [
    'Chilli and basil',
    'pot',
    'hot',
    'kitchen',
    plain('warm'),
    SUMMER,
    'chilli-red:1L',
    'basil-purple*2',
    'basil-bush*2',
  ],
  [
    'Leaves for the crew',
    'box',
    'sillHalf',
    'kitchen',
    plain('warm'),
    SUMMER,
    'chard-yellow*2',
    'lettuce-speckled*3',
    'strawberry-alpine*3',
  ],
  [
    'Safe pot by the swing',
    'pot',
    'child',
    'thriller',
    plain('warm'),
    SUMMER,
    'zinnia-red*3',
    'pot-marigold*2',
    'creeping-zinnia-gold*3',
  ],
  [
    'Strawberries and thyme',
    'wide',
    'hook',
    'kitchen',
    plain('warm'),
    SUMMER,
    '',
    'basil-purple*2',
    'strawberry*3',
  ],
  [
    'Mum pot, one side of three',
    'small',
    'sun',
    'group',
    plain('warm'),
    AUTUMN,
    '',
    'mum-yellow*2',
    'viola-orange*2',
  ],
  [
    'Hosta pot, one of a group',
    'small',
    'shade',
    'group',
    plain('green-and-white'),
    SUMMER,
    '',
    'hosta-small-white-heart*3',
    'ivy-white-edge',
  ],
];

/** All of them, placed and ready to be judged. */
export function handComposed(): readonly Composed[] {
  return ROWS.map(
    ([name, container, spot, school, scheme, [plantedWeek, endWeek], lead, body, edge]) => {
      const place = usualSpot({ id: 'spot', name: 'Spot', ...SPOTS[spot] } as Spot);
      const pot = CONTAINERS[container];
      const places = layOut(
        pot,
        place,
        {
          lead: parse(lead, 'lead', pot),
          body: parse(body, 'body', pot),
          edge: parse(edge, 'edge', pot),
        },
        school,
      );
      const planting = plantingSchema.parse({
        id: 'hand',
        name: name.slice(0, 80),
        spotId: 'spot',
        container: pot,
        wishes: { scheme, fullInWeeks: 9, budget: null, kitchen: school === 'kitchen', school },
        plantedWeek,
        endWeek,
        places,
        strangers: [],
        meant: [],
        demo: false,
      });
      return { name, it: inSpot(planting, place, kindOf, USUAL_HOUSE) };
    },
  );
}

interface Put {
  readonly kind: PlantKind;
  readonly size: NurserySizeId;
  readonly count: number;
}

function parse(text: string, role: Role, container: Container): readonly Put[] {
  return text
    .split(' ')
    .filter(Boolean)
    .map((word) => {
      const [, id, count = '1', size] = /^([a-z-]+)(?:\*(\d+))?(?::(.+))?$/.exec(word)!;
      const kind = known(id!);
      const { acrossCm, deepCm } = reachOf(mixSurface(container));
      const fitting = kind.sold
        .map((sold) => sold.size)
        .filter((one) => NURSERY_SIZES[one].topCm < Math.min(acrossCm, deepCm) * 1.2)
        .sort((a, b) => NURSERY_SIZES[a].ballL - NURSERY_SIZES[b].ballL);
      const usual = role === 'lead' ? fitting[Math.min(1, fitting.length - 1)] : fitting[0];
      return {
        kind,
        count: Number(count),
        size: (size as NurserySizeId | undefined) ?? usual ?? kind.sold[0]!.size,
      };
    });
}

/** Kinds taking turns from the ends inward: a b b a. */
function turns(puts: readonly Put[]): Put[] {
  const left = puts.map((put) => ({ put, count: put.count }));
  const total = left.reduce((sum, { count }) => sum + count, 0);
  const row = new Array<Put | undefined>(total);
  let [low, high, at] = [0, total - 1, 0];
  const singles: Put[] = [];
  while (left.some(({ count }) => count >= 2)) {
    const item = left[at % left.length]!;
    at += 1;
    if (item.count < 2) continue;
    row[low] = item.put;
    row[high] = item.put;
    item.count -= 2;
    low += 1;
    high -= 1;
  }
  for (const item of left) if (item.count > 0) singles.push(item.put);
  for (let i = low; i <= high; i += 1) row[i] = singles.shift();
  return row as Put[];
}

/** The plain layout of these plantings: behind, between and in front; or middle, ring and rim; or along a box. */
function layOut(
  container: Container,
  { view }: Spot,
  groups: Readonly<Record<Role, readonly Put[]>>,
  school: SchoolId,
): Place[] {
  const { acrossCm, deepCm } = reachOf(mixSurface(container));
  const R = Math.min(acrossCm, deepCm);
  const long = acrossCm > deepCm * 1.6;
  const pairs = school === 'opposite-pairs';
  const drift = school === 'shares' || school === 'clustered-odds';
  const wishes: { put: Put; xCm: number; zCm: number }[] = [];
  (['lead', 'body', 'edge'] as const).forEach((role) => {
    const order = pairs
      ? opposite(groups[role])
      : drift
        ? groups[role].flatMap((put) => Array.from({ length: put.count }, () => put))
        : turns(groups[role]);
    const n = order.length;
    order.forEach((put, i) => {
      const t = n === 1 ? 0.5 : i / (n - 1);
      if (long) {
        const x = ((i + 0.5) / n) * 2 - 1;
        const z =
          school === 'screen'
            ? i % 2
              ? 0.2
              : -0.2
            : role === 'lead'
              ? -0.4
              : role === 'body'
                ? 0
                : 0.6;
        wishes.push({ put, xCm: x * acrossCm * 0.92, zCm: z * deepCm });
      } else if (view === 'one side' && (school !== 'dome' || role === 'edge')) {
        if (role === 'lead')
          wishes.push({ put, xCm: n === 1 ? -R * 0.1 : (t * 2 - 1) * R * 0.4, zCm: -R * 0.5 });
        else if (role === 'body')
          wishes.push({
            put,
            xCm: Math.sin((t * 2 - 1) * 1.5) * R * (n === 1 ? 0 : 0.62),
            zCm: n === 1 ? R * 0.1 : Math.cos((t * 2 - 1) * 1.5) * R * 0.3,
          });
        else
          wishes.push({
            put,
            xCm: Math.sin((t * 2 - 1) * 1.2) * R * 0.82,
            zCm: Math.cos((t * 2 - 1) * 1.2) * R * 0.82,
          });
      } else {
        const ring =
          role === 'lead'
            ? n === 1
              ? 0
              : 0.2
            : role === 'body'
              ? groups.lead.length > 0
                ? 0.55
                : n === 1
                  ? 0
                  : 0.42
              : 0.82;
        const angle =
          (i / n) * 2 * Math.PI +
          (role === 'edge' ? Math.PI / Math.max(n, 3) : 0) +
          (view === 'one side' ? Math.PI / n : 0);
        wishes.push({ put, xCm: Math.sin(angle) * R * ring, zCm: Math.cos(angle) * R * ring });
      }
    });
  });
  const settled = settle(
    container,
    wishes.map(({ put, xCm, zCm }) => ({
      xCm,
      zCm,
      size: put.size,
      spreadRadiusCm: middle(put.kind.spreadCm) / 2,
    })),
  );
  return wishes.map(({ put }, i) => ({
    id: `p${i}`,
    kindId: put.kind.id,
    size: put.size,
    seed: i * 7919 + 11,
    ...settled.places[i]!,
  }));
}

/** First half of the ring and the same again. */
function opposite(puts: readonly Put[]): Put[] {
  const half = puts.flatMap((put) => Array.from({ length: Math.floor(put.count / 2) }, () => put));
  return [...half, ...half];
}
