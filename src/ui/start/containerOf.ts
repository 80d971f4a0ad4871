import type { Container } from '@/core/containers/container';
import type { Shape } from '@/core/containers/shape';
import { MATERIAL_COLOURS, usualContainer } from '@/core/containers/usual';
import { shelfKind } from '@/core/shelf/shipped';
import { HAVE, type Have, type LengthField } from './haves';
import { FIRST_FORM, withHave } from './startForm';

export type Lengths = Readonly<Record<LengthField, number>>;

/** Shipped kinds that the sheet scales where a tape takes more measures than it asks for. */
const LIKE = { urn: 'Garden urn', tiered: 'Three tiers', outline: 'Old barrow' } as const;

/** A box that narrows a little toward the base, as they usually do. */
const TAPER = { length: 0.97, width: 0.9 } as const;

const tenth = (cm: number) => Math.round(cm * 10) / 10;

/** The shape that the sheet's measures describe. @param cm lengths as told, whatever they are: the schema refuses what cannot be */
function shapeOf(have: Have, cm: Lengths): Shape {
  switch (have) {
    case 'round':
    case 'square':
    case 'barrel':
      return { kind: have, topCm: cm.top, baseCm: cm.base, depthCm: cm.depth };
    case 'cylinder':
    case 'bowl':
    case 'basket':
    case 'cone':
      return { kind: have, topCm: cm.top, depthCm: cm.depth };
    case 'box':
    case 'trough':
    case 'saddle': {
      const box = {
        lengthCm: cm.length,
        widthCm: cm.width,
        baseLengthCm: cm.length * TAPER.length,
        baseWidthCm: cm.width * TAPER.width,
        depthCm: cm.depth,
      };
      return have === 'saddle'
        ? { kind: 'saddle', ...box, slotWidthCm: 7, slotHeightCm: 9 }
        : { kind: 'box', ...box };
    }
    case 'wall':
      return { kind: 'wall', widthCm: cm.top, projectionCm: cm.width, depthCm: cm.depth };
    case 'bag':
      return { kind: 'bag', lengthCm: cm.length, widthCm: cm.width, depthCm: cm.depth };
    case 'urn':
    case 'tiered':
    case 'outline':
      return scaled(shelfKind(LIKE[have]).shape, cm);
  }
}

/** A shipped shape of many measures, as wide and as deep as told. */
function scaled(shape: Shape, cm: Lengths): Shape {
  if (shape.kind === 'urn') {
    const { widthCm, heightCm } = shape.profile.at(-1)!;
    return {
      kind: 'urn',
      profile: shape.profile.map((at) => ({
        heightCm: tenth((at.heightCm * cm.depth) / heightCm),
        widthCm: tenth((at.widthCm * cm.top) / widthCm),
      })),
    };
  }
  if (shape.kind === 'tiered') {
    const share = cm.top / shape.tiers[0]!.topCm;
    return {
      kind: 'tiered',
      tiers: shape.tiers.map(({ topCm, baseCm, depthCm }) => ({
        topCm: tenth(topCm * share),
        baseCm: tenth(baseCm * share),
        depthCm: tenth(depthCm * share),
      })),
    };
  }
  if (shape.kind !== 'outline') return shape;
  const [xs, zs] = [0, 1].map((axis) => shape.points.map((point) => point[axis]!));
  const span = (values: readonly number[]) => Math.max(...values) - Math.min(...values);
  const [across, deep] = [cm.length / span(xs!), cm.width / span(zs!)];
  return {
    ...shape,
    points: shape.points.map(([x, z]): [number, number] => [tenth(x * across), tenth(z * deep)]),
    depthCm: cm.depth,
  };
}

/** What the sheet describes, with what is usual for the rest. */
export function containerOf(have: Have, cm: Lengths, material: Container['material']): Container {
  const { name, materials } = HAVE[have];
  const made = materials.includes(material) ? material : materials[0]!;
  const container = usualContainer(name, shapeOf(have, cm), made);
  return have === 'saddle' || have === 'bag'
    ? { ...container, ...likeShipped(have, made) }
    : container;
}

/** Colour and holes of what is sold, where its material alone would not tell them. */
function likeShipped(have: 'saddle' | 'bag', made: Container['material']): Partial<Container> {
  const { colour, drainHoles, material } = shelfKind(
    have === 'saddle' ? 'Railing box' : 'Growing bag',
  );
  return made === material ? { colour, drainHoles } : { colour: MATERIAL_COLOURS[made] };
}

/** A common one, to be drawn. */
export function usualHave(have: Have): Container {
  const form = withHave(FIRST_FORM, have);
  return containerOf(have, form, form.material);
}
