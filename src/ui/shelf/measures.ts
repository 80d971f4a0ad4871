import { surfacesOf, type Container } from '@/core/containers/container';
import { tierFeetCm } from '@/core/containers/forms';
import { spanOf, type Section } from '@/core/containers/section';
import { insideDepthCm, formOf, rimSection } from '@/core/containers/shape';

/** A measure that a tape takes, drawn as a line with its figure. Centimetres; heights above the inside base. */
export interface Measure {
  readonly name: string;
  readonly fromCm: number;
  readonly toCm: number;
  /** Where the line lies: a height or a depth for one across, a side for one that is upright in the drawing. */
  readonly at: 'above' | 'below' | 'left' | 'right' | { readonly cm: number };
}

interface Measures {
  readonly across: readonly Measure[];
  readonly upright: readonly Measure[];
}

/** Widths narrower than this are points, not measures, cm. */
const LEAST_CM = 2;

/** Inside measures seen from the front: widths at the rim, the base, each tier and each bend of an urn; depth; height of a slot. */
export function frontMeasures({ shape }: Container): Measures {
  const depth = insideDepthCm(shape);
  const width = (name: string, heightCm: number, at: Measure['at']): Measure => {
    const { leftCm, rightCm } = spanOf(formOf(shape).sectionAt(heightCm));
    return { name, fromCm: leftCm, toCm: rightCm, at };
  };
  const between =
    shape.kind === 'urn' ? shape.profile.slice(1, -1).map(({ heightCm }) => heightCm) : [];
  const tiers =
    shape.kind === 'tiered'
      ? shape.tiers.slice(0, -1).map(({ topCm, depthCm }, i): Measure => ({
          name: `tier ${i + 1}`,
          fromCm: -topCm / 2,
          toCm: topCm / 2,
          at: { cm: tierFeetCm(shape)[i]! + depthCm },
        }))
      : [];
  // A bag bulges: its tape goes round the middle.
  const ends =
    shape.kind === 'bag'
      ? [width('middle', depth / 2, 'below')]
      : [width('rim', depth, 'above'), width('base', 0, 'below')];
  return {
    across: [
      ...ends,
      ...between.map((heightCm) => width('bend', heightCm, { cm: heightCm })),
      ...tiers,
    ].filter(({ fromCm, toCm }) => toCm - fromCm >= LEAST_CM),
    upright: [
      { name: 'depth', fromCm: 0, toCm: depth, at: 'left' },
      ...(shape.kind === 'saddle'
        ? [{ name: 'slot', fromCm: 0, toCm: shape.slotHeightCm, at: 'right' as const }]
        : []),
    ],
  };
}

/** Inside measures seen from above: width and, where it differs, front to back; of a box its base too; of a slot its width; of tiers each rim. */
export function planMeasures({ shape }: Container): Measures {
  const rim = spanOf(rimSection(shape));
  const round = isRound(rimSection(shape));
  const base = formOf(shape).sectionAt(0);
  const deep = (
    name: string,
    { backCm, frontCm }: ReturnType<typeof spanOf>,
    at: Measure['at'],
  ): Measure => ({ name, fromCm: backCm, toCm: frontCm, at });
  const across: Measure[] = [{ name: 'width', fromCm: rim.leftCm, toCm: rim.rightCm, at: 'below' }];
  const upright: Measure[] = round ? [] : [deep('front to back', rim, 'left')];
  if (
    (shape.kind === 'box' || shape.kind === 'saddle' || shape.kind === 'square') &&
    spanOf(base).frontCm < rim.frontCm - 0.2
  )
    upright.push(deep('base', spanOf(base), 'right'));
  if (shape.kind === 'saddle')
    upright.push({
      name: 'slot',
      fromCm: -shape.slotWidthCm / 2,
      toCm: shape.slotWidthCm / 2,
      at: { cm: 0 },
    });
  return { across, upright };
}

const isRound = (section: Section): boolean => section.kind === 'disc';

/** Heights worth a line across the inside, above the inside base: where the mix ends, and where it begins over water or a coarse layer. */
export function mixLines(
  container: Container,
): readonly { readonly heightCm: number; readonly text: string }[] {
  if (container.shape.kind === 'tiered') return [];
  const [{ heightCm, floorCm }] = surfacesOf(container) as [ReturnType<typeof surfacesOf>[number]];
  return [
    { heightCm, text: 'mix to here' },
    ...(floorCm > 0.5
      ? [{ heightCm: floorCm, text: container.reservoirL > 0 ? 'water to here' : 'coarse layer' }]
      : []),
  ];
}
