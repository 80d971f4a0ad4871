import type { MaterialId } from '@/core/containers/materials';
import type { StartForm } from './startForm';

/** What somebody may have to plant, as the start sheet asks for it; a container of the shelf is asked for by itself. */
export const HAVES = [
  'round',
  'box',
  'basket',
  'trough',
  'bowl',
  'barrel',
  'square',
  'cylinder',
  'urn',
  'saddle',
  'wall',
  'cone',
  'tiered',
  'bag',
  'outline',
] as const;
export type Have = (typeof HAVES)[number];

/** Lengths that the sheet asks for. */
export type LengthField = 'top' | 'base' | 'depth' | 'length' | 'width' | 'drop';

interface HaveRule {
  readonly name: string;
  /** What a tape takes, in its order. */
  readonly measures: readonly (readonly [field: LengthField, name: string])[];
  readonly materials: readonly MaterialId[];
  /** A common size, in cm, and how it usually stands. */
  readonly start: Partial<StartForm>;
  /** What its foot's height above the ground is called; none where it stands on it. */
  readonly drop: string | null;
}

const HARD: readonly MaterialId[] = [
  'terracotta',
  'glazed',
  'plastic',
  'oak',
  'metal',
  'fibreglass',
  'concrete',
  'stone',
];
const BOXES: readonly MaterialId[] = [
  'softwood',
  'plastic',
  'terracotta',
  'metal',
  'fibreglass',
  'stone',
  'concrete',
  'oak',
];
const ROUND: HaveRule['measures'] = [
  ['top', 'Width at top'],
  ['base', 'Width at base'],
  ['depth', 'Depth inside'],
];
const BASKET: HaveRule['measures'] = [
  ['top', 'Width at top'],
  ['depth', 'Depth inside'],
];
const BOX: HaveRule['measures'] = [
  ['length', 'Length inside'],
  ['width', 'Width inside'],
  ['depth', 'Depth inside'],
];
const STANDS = { view: 'one side', drop: 0 } as const;
const HANGS = { view: 'from below', drop: 180 } as const;

export const HAVE: Readonly<Record<Have, HaveRule>> = {
  round: {
    name: 'Round pot',
    measures: ROUND,
    materials: HARD,
    start: { material: 'terracotta', top: 38, base: 28, depth: 34, ...STANDS },
    drop: null,
  },
  box: {
    name: 'Window box',
    measures: BOX,
    materials: BOXES,
    start: { material: 'softwood', length: 80, width: 20, depth: 18, view: 'one side', drop: 90 },
    drop: 'Sill above ground',
  },
  basket: {
    name: 'Hanging basket',
    measures: BASKET,
    materials: ['coir'],
    start: { material: 'coir', top: 36, depth: 18, ...HANGS },
    drop: 'Free drop below',
  },
  trough: {
    name: 'Trough',
    measures: BOX,
    materials: ['stone', ...BOXES.filter((id) => id !== 'stone')],
    start: { material: 'stone', length: 80, width: 32, depth: 28, ...STANDS },
    drop: null,
  },
  bowl: {
    name: 'Low bowl',
    measures: [
      ['top', 'Width at top'],
      ['depth', 'Depth in the middle'],
    ],
    materials: HARD,
    start: { material: 'terracotta', top: 45, depth: 16, view: 'all round', drop: 0 },
    drop: null,
  },
  barrel: {
    name: 'Half barrel',
    measures: ROUND,
    materials: ['oak'],
    start: { material: 'oak', top: 60, base: 50, depth: 40, ...STANDS },
    drop: null,
  },
  square: {
    name: 'Square pot',
    measures: [
      ['top', 'Side at top'],
      ['base', 'Side at base'],
      ['depth', 'Depth inside'],
    ],
    materials: ['fibreglass', 'softwood', ...HARD.filter((id) => id !== 'fibreglass')],
    start: { material: 'fibreglass', top: 40, base: 34, depth: 40, ...STANDS },
    drop: null,
  },
  cylinder: {
    name: 'Straight pot',
    measures: [
      ['top', 'Width inside'],
      ['depth', 'Depth inside'],
    ],
    materials: ['glazed', ...HARD.filter((id) => id !== 'glazed'), 'fabric'],
    start: { material: 'glazed', top: 36, depth: 36, ...STANDS },
    drop: null,
  },
  urn: {
    name: 'Urn',
    measures: [
      ['top', 'Width at top'],
      ['depth', 'Depth inside'],
    ],
    materials: ['stone', 'terracotta', 'concrete', 'metal', 'glazed'],
    start: { material: 'stone', top: 44, depth: 36, view: 'all round', drop: 0 },
    drop: null,
  },
  saddle: {
    name: 'Railing box',
    measures: BOX,
    materials: ['plastic', 'metal'],
    start: { material: 'plastic', length: 58, width: 26, depth: 22, view: 'one side', drop: 95 },
    drop: 'Rail above ground',
  },
  wall: {
    name: 'Wall basket',
    measures: [
      ['top', 'Width at top'],
      ['width', 'Out from the wall'],
      ['depth', 'Depth inside'],
    ],
    materials: ['coir', 'terracotta'],
    start: { material: 'coir', top: 40, width: 20, depth: 20, view: 'one side', drop: 130 },
    drop: 'Free drop below',
  },
  cone: {
    name: 'Cone basket',
    measures: BASKET,
    materials: ['coir'],
    start: { material: 'coir', top: 34, depth: 36, ...HANGS },
    drop: 'Free drop below',
  },
  tiered: {
    name: 'Tiered pots',
    measures: [['top', 'Width of the lowest']],
    materials: ['terracotta', 'plastic', 'stone'],
    start: { material: 'terracotta', top: 70, view: 'all round', drop: 0 },
    drop: null,
  },
  bag: {
    name: 'Growing bag',
    measures: [
      ['length', 'Length'],
      ['width', 'Width'],
      ['depth', 'Depth when full'],
    ],
    materials: ['plastic', 'fabric'],
    start: {
      material: 'plastic',
      length: 90,
      width: 38,
      depth: 14,
      kitchen: true,
      ...STANDS,
    },
    drop: null,
  },
  outline: {
    name: 'Odd one',
    measures: [
      ['length', 'Longest'],
      ['width', 'Widest'],
      ['depth', 'Depth inside'],
    ],
    materials: ['steel', 'softwood', 'stone', 'metal', 'plastic'],
    start: { material: 'steel', length: 80, width: 56, depth: 24, ...STANDS },
    drop: null,
  },
};

export function isHave(value: string | null): value is Have {
  return (HAVES as readonly (string | null)[]).includes(value);
}
