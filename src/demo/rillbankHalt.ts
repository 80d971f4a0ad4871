import { withSidesPlanted } from '@/core/placing/sides';
import { USUAL_HOUSE } from '@/core/plantings/house';
import { kindOf } from '@/core/plants/book/index';
import type { PlantKind } from '@/core/plants/kind';
import { castOf } from '@/core/search/compose';
import { placeCast } from '@/core/search/place';
import type { Scheme } from '@/core/colour/schemes';
import type { Container } from '@/core/containers/container';
import type { Gathering } from '@/core/plantings/gathering';
import { sidesOf, USUAL_CARE, type Planting } from '@/core/plantings/planting';
import type { SchoolId } from '@/core/plantings/schoolId';
import { usualContainer } from '@/core/containers/usual';
import { shelfKind } from '@/core/shelf/shipped';
import { wentInOf, type Entry } from '@/core/log/entry';
import { addDays, localTime } from '@/core/calendar/day';
import { clockMs } from '@/core/sky/clock';
import { stepId } from '@/core/records/step';
import type { ShelfItem } from '@/core/shelf/shelf';
import { seedOf } from '@/core/random/hash';
import { withLightInUse } from '@/core/spots/light';
import { usualSpot, type Spot } from '@/core/spots/spot';
import { HALT_DIARY } from './haltDiary';

/**
 * The made-up set: Rillbank Halt, a small railway halt kept by volunteers. Two platform tubs, a long window box under the booking-office
 * window, four hanging baskets under the canopy, a stone trough and a kitchen pot by the crew hut.
 */
const LEAVES = {
  evergreen: false,
  leafOnWeek: 17,
  leafOffWeek: 44,
  letsThrough: 0.2,
  bareLetsThrough: 0.6,
} as const;
const passer = {
  id: 'passer',
  name: 'Whoever passes under',
  kind: 'standing',
  bearingDeg: 100,
  distanceCm: 60,
  floorCm: 0,
  sill: null,
  weight: 1,
} as const;

/** A spot whose hours come from what stands around it. */
const stands = (id: string, name: string, told: Partial<Spot>) =>
  withLightInUse(usualSpot({ id, name, lightFrom: 'reckoned', ...told }));

/** Who waters where: two people walk the Halt, each their own part. */
const watering = (who: string, everyDays = 1) =>
  ({ waters: { who, everyDays, by: 'can', reservoirL: 0 } }) as const;
const PLATFORM = watering('Platform crew');
const GARDEN = watering('Garden crew');

const spots: Readonly<Record<'platform' | 'canopy' | 'window' | 'garden' | 'hut', Spot>> = {
  platform: stands('demo-platform', 'Platform', {
    ...PLATFORM,
    obstacles: [
      { id: 'station', kind: 'building', facingDeg: 100 },
      {
        id: 'shed',
        kind: 'wall',
        bearingDeg: 70,
        distanceCm: 900,
        heightCm: 420,
        leftCm: 1500,
        rightCm: 700,
      },
    ],
  }),
  canopy: stands('demo-canopy', 'Under the canopy', {
    ...PLATFORM,
    view: 'from below',
    underCover: true,
    dropCm: 210,
    leafHeightCm: 230,
    exposure: 'hanging',
    eyes: [passer],
    obstacles: [
      { id: 'station', kind: 'building', facingDeg: 100 },
      {
        id: 'canopy',
        kind: 'eave',
        facingDeg: 100,
        depthCm: 100,
        backCm: 150,
        heightCm: 330,
        leftCm: 1500,
        rightCm: 1500,
      },
    ],
  }),
  window: stands('demo-window', 'Booking-office window', {
    ...PLATFORM,
    dropCm: 95,
    leafHeightCm: 125,
    exposure: 'sill',
    background: [{ id: 'brick', name: 'Brick wall', colour: [0.5, 0.08, 35], weeks: null }],
    obstacles: [
      { id: 'office', kind: 'building', facingDeg: 225 },
      {
        id: 'eave',
        kind: 'eave',
        facingDeg: 225,
        depthCm: 45,
        backCm: 30,
        heightCm: 290,
        leftCm: 400,
        rightCm: 400,
      },
      {
        id: 'lime',
        kind: 'tree',
        bearingDeg: 285,
        distanceCm: 1400,
        heightCm: 900,
        clearCm: 220,
        widthCm: 700,
        ...LEAVES,
      },
    ],
  }),
  garden: stands('demo-garden', 'Halt garden', {
    ...GARDEN,
    view: 'all round',
    children: true,
    leafHeightCm: 40,
    obstacles: [
      {
        id: 'hedge',
        kind: 'hedge',
        bearingDeg: 60,
        distanceCm: 150,
        heightCm: 170,
        leftCm: 400,
        rightCm: 500,
        ...LEAVES,
        evergreen: true,
        letsThrough: 0.05,
      },
      {
        id: 'birch',
        kind: 'tree',
        bearingDeg: 265,
        distanceCm: 500,
        heightCm: 900,
        clearCm: 150,
        widthCm: 600,
        ...LEAVES,
      },
    ],
  }),
  hut: stands('demo-hut', 'Crew hut', {
    ...GARDEN,
    pets: true,
    obstacles: [
      { id: 'hut', kind: 'building', facingDeg: 190 },
      {
        id: 'lime',
        kind: 'tree',
        bearingDeg: 250,
        distanceCm: 900,
        heightCm: 1100,
        clearCm: 200,
        widthCm: 900,
        ...LEAVES,
      },
    ],
  }),
};

const tub = usualContainer(
  'Oak half-barrel',
  { kind: 'round', topCm: 46, baseCm: 38, depthCm: 36 },
  'oak',
);
const basket = usualContainer('Hanging basket', { kind: 'basket', topCm: 38, depthCm: 19 }, 'coir');
/** Slits in the liner of a basket whose sides are planted. */
const SLITS = [{ heightCm: 5, count: 6 }] as const;
const windowBox = usualContainer(
  'Long window box',
  { kind: 'box', lengthCm: 110, widthCm: 22, baseLengthCm: 106, baseWidthCm: 19, depthCm: 20 },
  'softwood',
);
const trough: Container = {
  ...usualContainer(
    'Stone trough',
    { kind: 'box', lengthCm: 70, widthCm: 36, baseLengthCm: 66, baseWidthCm: 32, depthCm: 20 },
    'stone',
  ),
  mix: 'gritty',
};
const pot: Container = {
  ...usualContainer(
    'Kitchen pot',
    { kind: 'round', topCm: 40, baseCm: 30, depthCm: 34 },
    'terracotta',
  ),
};

const has = (id: string, container: Container, count: number, kept = ''): ShelfItem => ({
  id,
  container,
  count,
  kept,
  demo: true,
});

/** What the halt's volunteers have: those that are planted, and some that wait in the lamp room. */
const shelf: readonly ShelfItem[] = [
  has('demo-tubs', tub, 2),
  has('demo-baskets', basket, 5, 'lamp room'),
  has('demo-long-box', windowBox, 1),
  has('demo-trough', trough, 1),
  has('demo-kitchen', pot, 1),
  has('demo-barrow', { ...shelfKind('Old barrow'), name: 'Porter’s barrow' }, 1, 'behind the hut'),
  has('demo-urn', { ...shelfKind('Garden urn'), name: 'Stone urn' }, 2, 'lamp room'),
];

interface Design {
  readonly id: string;
  readonly name: string;
  readonly spot: Spot;
  readonly shelfId: string;
  readonly scheme: Scheme;
  readonly lead: string | null;
  readonly bodies: readonly string[];
  readonly edges: readonly string[];
  readonly kitchen?: boolean;
  readonly school?: SchoolId;
  /** Through slits cut in the liner, in turn. */
  readonly sides?: readonly string[];
}

const DESIGNS: readonly Design[] = [
  {
    id: 'demo-tub-1',
    name: 'Platform tub 1',
    spot: spots.platform,
    shelfId: 'demo-tubs',
    scheme: { kind: 'opposites', colour: [0.5, 0.19, 268] },
    lead: 'flax-bronze',
    bodies: ['salvia-mealy-violet', 'coleus-black'],
    edges: ['potato-vine-lime', 'petunia-apricot'],
  },
  {
    id: 'demo-tub-2',
    name: 'Platform tub 2',
    spot: spots.platform,
    shelfId: 'demo-tubs',
    scheme: { kind: 'warm' },
    lead: 'fountain-grass-purple',
    bodies: ['dahlia-dark-leaf-red', 'coleus-rust'],
    edges: ['calibrachoa-coral', 'creeping-jenny-gold'],
  },
  {
    id: 'demo-basket-1',
    name: 'Basket 1',
    school: 'opposite-pairs',
    spot: spots.canopy,
    shelfId: 'demo-baskets',
    scheme: { kind: 'cool' },
    lead: null,
    bodies: ['petunia-violet', 'nemesia-white'],
    edges: ['lobelia-blue', 'bacopa-white'],
    sides: ['lobelia-blue', 'alyssum-white'],
  },
  {
    id: 'demo-basket-2',
    name: 'Basket 2',
    school: 'opposite-pairs',
    spot: spots.canopy,
    shelfId: 'demo-baskets',
    scheme: { kind: 'one-and-white', colour: [0.78, 0.12, 0] },
    lead: null,
    bodies: ['begonia-bedding-pink', 'nemesia-white'],
    edges: ['fuchsia-trailing-white-pink', 'ivy-white-edge'],
  },
  {
    id: 'demo-basket-3',
    name: 'Basket 3',
    school: 'opposite-pairs',
    spot: spots.canopy,
    shelfId: 'demo-baskets',
    scheme: { kind: 'cool' },
    lead: null,
    bodies: ['petunia-violet', 'nemesia-white'],
    edges: ['lobelia-blue', 'bacopa-white'],
  },
  {
    id: 'demo-basket-4',
    name: 'Basket 4',
    school: 'opposite-pairs',
    spot: spots.canopy,
    shelfId: 'demo-baskets',
    scheme: { kind: 'warm' },
    lead: null,
    bodies: ['begonia-tuberous-yellow', 'diascia-coral'],
    edges: ['begonia-bolivian-orange', 'liquorice-lime'],
  },
  {
    id: 'demo-window-box',
    name: 'Long window box',
    school: 'repeat-run',
    spot: spots.window,
    shelfId: 'demo-long-box',
    scheme: { kind: 'one-and-white', colour: [0.62, 0.23, 27] },
    lead: 'pelargonium-scarlet',
    bodies: ['cloud-spurge-white'],
    edges: ['ivy-white-edge', 'alyssum-white'],
  },
  {
    id: 'demo-trough',
    name: 'Stone trough',
    school: 'clustered-odds',
    spot: spots.garden,
    shelfId: 'demo-trough',
    scheme: { kind: 'loved', colour: [0.6, 0.2, 350] },
    lead: 'aeonium-black',
    bodies: ['echeveria-plum', 'houseleek-red'],
    edges: ['ice-plant-magenta'],
  },
  {
    id: 'demo-kitchen-pot',
    name: 'Kitchen pot',
    school: 'kitchen',
    spot: spots.hut,
    shelfId: 'demo-kitchen',
    scheme: { kind: 'warm' },
    lead: 'chilli-red',
    bodies: ['basil-purple', 'pot-marigold'],
    edges: ['strawberry', 'parsley-curled'],
    kitchen: true,
  },
];

/** The tubs and the kitchen pot as they would stand by the platform seat. */
const PLATFORM_GROUP: Gathering = {
  id: 'demo-group',
  name: 'By the platform seat',
  demo: true,
  members: [
    { plantingId: 'demo-tub-1', atCm: -58, backCm: 0, raisedCm: 0, turnDeg: 0 },
    { plantingId: 'demo-tub-2', atCm: 6, backCm: 18, raisedCm: 20, turnDeg: 0 },
    { plantingId: 'demo-kitchen-pot', atCm: 66, backCm: 0, raisedCm: 0, turnDeg: 0 },
  ],
};

function known(id: string): PlantKind {
  const kind = kindOf(id);
  if (!kind) throw new Error(`The demo set names a plant the book does not have: ${id}.`);
  return kind;
}

const ZONE = usualSpot({ id: '', name: '' }).site.timeZone;
/** A Friday morning in July, nine weeks after planting. */
const HALT_DAY = localTime(ZONE, clockMs('2026-07-17', 8.5, ZONE));
/** Still to be made on that day, so that there is something to buy and to pot up: the second go of the pot by the hut. */
const STILL_TO_MAKE: ReadonlySet<string> = new Set(['demo-kitchen-pot']);

/** Mornings on which a container was watered: baskets daily of late, the others as they came round. */
function wateringsOf({ container }: Planting): readonly string[] {
  const every = container.shape.kind === 'basket' ? 1 : container.shape.kind === 'box' ? 2 : 3;
  const days: string[] = [];
  // The crew began to write it down in the last weeks.
  const until = every === 1 ? '2026-07-14' : '2026-07-09';
  for (let day = '2026-06-26'; day < until; day = addDays(day, every)) days.push(day);
  return days;
}

/** What happened to a planting of the set before its day. */
function happened(planting: Planting, nth: number): readonly Entry[] {
  const entry = (day: string, hour: number, what: Entry['what']): Entry => {
    const ms = clockMs(day, hour + nth * 0.4, ZONE);
    return {
      id: stepId(ms, nth, 'demo'),
      at: localTime(ZONE, ms),
      zone: ZONE,
      of: {
        plantingId: planting.id,
        ...(planting.shelfId ? { containerId: planting.shelfId } : {}),
        spotId: planting.spotId,
      },
      what,
    };
  };
  if (STILL_TO_MAKE.has(planting.id)) return [entry('2026-07-14', 9, { did: 'chosen' })];
  const plants = wentInOf([...planting.places, ...sidesOf(planting, known)]);
  return [
    entry('2026-05-10', 9, { did: 'chosen' }),
    entry('2026-05-14', 9, { did: 'planted', plants }),
    entry('2026-05-21', 9, { did: 'put out' }),
    ...wateringsOf(planting).map((day) => entry(day, 7.5, { did: 'watered', litres: null })),
    entry('2026-07-11', 10, { did: 'deadheaded' }),
    entry('2026-07-04', 10, { did: 'fed', what: 'liquid', grams: null }),
    ...(HALT_DIARY[planting.id] ?? []).map(({ day, kindId, what }): Entry => {
      const told = entry(day, 17, what);
      return kindId ? { ...told, of: { ...told.of, kindId } } : told;
    }),
  ];
}

/** The whole set, placed by the same engine that places everything else. */
export function rillbankHalt(): {
  readonly spots: readonly Spot[];
  readonly plantings: readonly Planting[];
  readonly shelf: readonly ShelfItem[];
  readonly groups: readonly Gathering[];
  readonly entries: readonly Entry[];
  readonly heldAt: string;
} {
  const plantings = DESIGNS.map((design): Planting => {
    const wishes = {
      scheme: design.scheme,
      fullInWeeks: 8,
      budget: null,
      kitchen: design.kitchen ?? false,
      school: design.school ?? 'thriller',
      must: [],
      never: [],
    } as const;
    const { container } = shelf.find(({ id }) => id === design.shelfId)!;
    const cast = castOf(wishes.school, [
      ...(design.lead ? [{ kind: known(design.lead), role: 'lead' as const }] : []),
      ...design.bodies.map((id) => ({ kind: known(id), role: 'body' as const })),
      ...design.edges.map((id) => ({ kind: known(id), role: 'edge' as const })),
    ]);
    const places = placeCast(cast, {
      container,
      spot: design.spot,
      wishes,
      house: USUAL_HOUSE,
      plantedWeek: 20,
      endWeek: 42,
      kinds: [],
      seed: seedOf(design.id),
    });
    if (!places) throw new Error(`The demo planting ${design.name} does not fit its container.`);
    const holed = design.sides ? { ...container, sideHoles: [...SLITS] } : container;
    return {
      id: design.id,
      name: design.name,
      spotId: design.spot.id,
      container: holed,
      shelfId: design.shelfId,
      wishes,
      plantedWeek: 20,
      endWeek: 42,
      care: USUAL_CARE,
      places,
      ...(design.sides
        ? { sides: withSidesPlanted({ container: holed }, design.sides.map(known), null) }
        : {}),
      strangers: [],
      meant: [],
      demo: true,
    };
  });
  return {
    spots: Object.values(spots),
    plantings,
    shelf,
    groups: [PLATFORM_GROUP],
    entries: plantings.flatMap(happened),
    heldAt: HALT_DAY,
  };
}
