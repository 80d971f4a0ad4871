import { fromHex, type Oklch } from '../colour/oklch';
import type { Container } from '../containers/container';
import type { MaterialId } from '../containers/materials';
import type { Shape } from '../containers/shape';
import { usualContainer } from '../containers/usual';

const kind = (
  name: string,
  shape: Shape,
  material: MaterialId,
  told: Partial<Container> = {},
): Container => ({ ...usualContainer(name, shape, material), ...told });
const hex = (value: string): Oklch => fromHex(value)!;
const box = (lengthCm: number, widthCm: number, depthCm: number, taper = 0.94): Shape => ({
  kind: 'box',
  lengthCm,
  widthCm,
  baseLengthCm: Math.round(lengthCm * (taper + 0.03)),
  baseWidthCm: Math.round(widthCm * taper),
  depthCm,
});

/** A hull seen from above: straight stern, pointed bow. */
const HULL: [number, number][] = [
  [-62, -20],
  [-20, -26],
  [25, -20],
  [70, 0],
  [25, 20],
  [-20, 26],
  [-62, 20],
];
/** A barrow's tray: wide behind, narrow at the wheel. */
const TRAY: [number, number][] = [
  [-38, -28],
  [34, -18],
  [42, -10],
  [42, 10],
  [34, 18],
  [-38, 28],
];

/** Kinds and sizes that are commonly sold or found, by inside measures: somewhere to start from. A tape in the pot wins. */
export const SHIPPED: readonly Container[] = [
  kind('Small round pot', { kind: 'round', topCm: 21, baseCm: 15, depthCm: 19 }, 'terracotta'),
  kind('Round pot', { kind: 'round', topCm: 30, baseCm: 22, depthCm: 28 }, 'terracotta'),
  kind('Large round pot', { kind: 'round', topCm: 46, baseCm: 33, depthCm: 42 }, 'terracotta'),
  kind('Nursery pot, 10 L', { kind: 'round', topCm: 27, baseCm: 21, depthCm: 22 }, 'plastic'),
  kind('Straight glazed pot', { kind: 'cylinder', topCm: 36, depthCm: 36 }, 'glazed', {
    frostProof: true,
  }),
  kind('Fabric pot, 40 L', { kind: 'cylinder', topCm: 40, depthCm: 32 }, 'fabric', {
    finish: 'rough',
  }),
  kind('Shallow bowl', { kind: 'bowl', topCm: 45, depthCm: 16 }, 'terracotta'),
  kind('Succulent bowl', { kind: 'bowl', topCm: 32, depthCm: 11 }, 'fibre clay', {
    mix: 'gritty',
    dressingCm: 1.5,
  }),
  kind(
    'Garden urn',
    {
      kind: 'urn',
      profile: [
        { heightCm: 0, widthCm: 16 },
        { heightCm: 8, widthCm: 30 },
        { heightCm: 22, widthCm: 36 },
        { heightCm: 30, widthCm: 33 },
        { heightCm: 36, widthCm: 44 },
      ],
    },
    'stone',
    { feetCm: 30, style: ['classical', 'formal'], finish: 'weathered' },
  ),
  kind(
    'Belly jar',
    {
      kind: 'urn',
      profile: [
        { heightCm: 0, widthCm: 24 },
        { heightCm: 18, widthCm: 42 },
        { heightCm: 34, widthCm: 46 },
        { heightCm: 50, widthCm: 30 },
        { heightCm: 56, widthCm: 32 },
      ],
    },
    'glazed',
    { colour: hex('#2f5d62'), style: ['rustic'] },
  ),
  kind('Square planter', { kind: 'square', topCm: 40, baseCm: 34, depthCm: 40 }, 'fibreglass', {
    style: ['modern'],
  }),
  kind('Versailles box', { kind: 'square', topCm: 48, baseCm: 48, depthCm: 46 }, 'softwood', {
    colour: hex('#3f5a4a'),
    feetCm: 6,
    linerCm: 0.2,
    style: ['classical', 'formal'],
  }),
  kind('Window box, 60', box(60, 18, 16), 'plastic', { colour: hex('#5d4238') }),
  kind('Window box, 90', box(90, 20, 18), 'softwood'),
  kind(
    'Railing box',
    {
      kind: 'saddle',
      lengthCm: 58,
      widthCm: 26,
      baseLengthCm: 55,
      baseWidthCm: 24,
      depthCm: 22,
      slotWidthCm: 7,
      slotHeightCm: 9,
    },
    'plastic',
    { colour: hex('#8d9496') },
  ),
  kind('Self-watering trough', box(78, 32, 34), 'plastic', {
    reservoirL: 12,
    colour: hex('#4c5356'),
    style: ['modern'],
  }),
  kind('Stone sink', box(70, 42, 18, 0.97), 'stone', {
    mix: 'gritty',
    finish: 'rough',
    dressingCm: 2,
    style: ['cottage'],
  }),
  kind('Zinc trough', box(80, 30, 28, 1 - 0.03), 'metal', {
    pattern: 'ribs',
    style: ['industrial'],
  }),
  kind('Half barrel', { kind: 'barrel', topCm: 60, baseCm: 50, depthCm: 40 }, 'oak', {
    style: ['rustic'],
  }),
  kind('Wall basket', { kind: 'wall', widthCm: 40, projectionCm: 20, depthCm: 20 }, 'coir', {
    mix: 'basket',
  }),
  kind('Hanging basket, 30', { kind: 'basket', topCm: 30, depthCm: 15 }, 'coir', {
    mix: 'basket',
    sideHoles: [{ heightCm: 6, count: 6 }],
  }),
  kind('Hanging basket, 40', { kind: 'basket', topCm: 40, depthCm: 20 }, 'coir', {
    mix: 'basket',
    sideHoles: [
      { heightCm: 6, count: 6 },
      { heightCm: 12, count: 8 },
    ],
  }),
  kind('Cone basket', { kind: 'cone', topCm: 34, depthCm: 36 }, 'coir', { mix: 'basket' }),
  kind(
    'Three tiers',
    {
      kind: 'tiered',
      tiers: [
        { topCm: 70, baseCm: 54, depthCm: 28 },
        { topCm: 46, baseCm: 32, depthCm: 22 },
        { topCm: 25, baseCm: 17, depthCm: 18 },
      ],
    },
    'terracotta',
  ),
  kind(
    'Strawberry jar',
    {
      kind: 'urn',
      profile: [
        { heightCm: 0, widthCm: 24 },
        { heightCm: 20, widthCm: 34 },
        { heightCm: 40, widthCm: 30 },
        { heightCm: 48, widthCm: 26 },
      ],
    },
    'terracotta',
    {
      sideHoles: [
        { heightCm: 14, count: 4 },
        { heightCm: 28, count: 4 },
      ],
    },
  ),
  kind('Growing bag', { kind: 'bag', lengthCm: 90, widthCm: 38, depthCm: 14 }, 'plastic', {
    colour: hex('#6f7d4a'),
    drainHoles: 6,
  }),
  kind(
    'Old barrow',
    { kind: 'outline', points: TRAY, shares: [0.62, 0.82, 0.94, 1], depthCm: 24 },
    'steel',
    { finish: 'weathered', style: ['cottage', 'rustic'], drainHoles: 4 },
  ),
  kind(
    'Rowing-boat planter',
    { kind: 'outline', points: HULL, shares: [0.55, 0.86, 1], depthCm: 34 },
    'softwood',
    { colour: hex('#35607a'), linerCm: 0.2, drainHoles: 6, style: ['seaside'] },
  ),
];

/** A shipped kind by its name. @throws when there is none */
export function shelfKind(name: string): Container {
  const found = SHIPPED.find((container) => container.name === name);
  if (!found) throw new Error(`No container called ${name} is shipped.`);
  return found;
}
