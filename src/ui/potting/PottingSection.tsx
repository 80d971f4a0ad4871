import { fillable, insideBaseCm, mixHeightCm, outerSection } from '@/core/containers/container';
import { reachOf } from '@/core/containers/section';
import { formOf, isHung } from '@/core/containers/shape';
import { toHex } from '@/core/colour/oklch';
import type { MakingProgress } from '@/core/making/progress';
import type { MakingStep } from '@/core/making/steps';
import { allPlants, type PlantingInSpot } from '@/core/plantings/planting';
import { NURSERY_SIZES, type NurserySize } from '@/core/plants/nursery';
import { lengthText, type Units } from '@/words/format';

interface PottingSectionProps {
  readonly it: PlantingInSpot;
  readonly steps: readonly MakingStep[];
  readonly step: MakingStep | null;
  readonly progress: MakingProgress;
  readonly units: Units;
  readonly widthPx: number;
  readonly mostPx: number;
}

const MIX_INK = 'oklch(0.62 0.01 60)';
const BALL_INK = 'oklch(0.47 0.02 60)';
/** Room for figures beside and above, px. */
const ASIDE_PX = 8;
const ABOVE_PX = 26;
/** Width of a letter of the figure, px: it stays inside the picture. */
const LETTER_PX = 8;

/** The container cut through from the front: how high the mix stands by now, the balls that are in, the one in hand lit, and the figure to go by. */
export function PottingSection({
  it,
  steps,
  step,
  progress,
  units,
  widthPx,
  mostPx,
}: PottingSectionProps) {
  const { container } = it.planting;
  const form = formOf(container.shape);
  const depth = form.depthCm;
  const base = insideBaseCm(container);
  const halfOut = (h: number) => reachOf(outerSection(container, h)).acrossCm;
  const halfIn = (h: number) => reachOf(fillable(container).sectionAt(h)).acrossCm;
  const levels = cuts(depth);
  const widest = Math.max(...levels.map(halfOut));
  const pxPerCm = Math.min(
    (widthPx - 2 * ASIDE_PX) / (2 * widest),
    (mostPx - ABOVE_PX - 4) / (depth + base),
  );
  const heightPx = (depth + base) * pxPerCm + ABOVE_PX + 4;
  const x = (cm: number) => widthPx / 2 + cm * pxPerCm;
  const y = (cm: number) => ABOVE_PX + (depth - cm) * pxPerCm;
  const outline = (half: (h: number) => number, to: number) => {
    const up = levels.filter((h) => h < to).concat(to);
    return `M${[
      ...up.map((h) => `${x(-half(h))} ${y(h)}`),
      ...[...up].reverse().map((h) => `${x(half(h))} ${y(h)}`),
    ].join('L')}z`;
  };
  const mixCm = mixLevel();
  function mixLevel(): number {
    const isDone = (key: string) => progress.answers.get(key)?.what.how === 'done';
    if (isDone('top up')) return mixHeightCm(container);
    const filled = steps.flatMap(({ key, what }) =>
      what.do === 'fill' && (isDone(key) || key === step?.key) ? [what.toCm] : [],
    );
    return Math.max(0, ...filled);
  }
  const inHand = step?.what.do === 'plant' ? step.what.plant : null;
  const shown = steps.flatMap(({ key, what }) =>
    what.do === 'plant' &&
    (what.plant.placeId === inHand?.placeId || progress.answers.get(key)?.what.how === 'done')
      ? [what.plant]
      : [],
  );
  const litLast = (a: { readonly placeId: string }, b: { readonly placeId: string }) =>
    Number(a.placeId === inHand?.placeId) - Number(b.placeId === inHand?.placeId);
  /** A ball on its side, its top at the wall. */
  const lyingBall = (
    atCm: number,
    heightCm: number,
    { topCm, baseCm, heightCm: long }: NurserySize,
  ) => {
    const inward = atCm < 0 ? 1 : -1;
    // Seen from the front, one that comes from the back or the front shows its round end.
    const reach = Math.max(topCm * 0.5, (Math.abs(atCm) / Math.max(1, halfIn(heightCm))) * long);
    const [wall, foot] = [x(atCm), x(atCm + inward * reach)];
    return `M${wall} ${y(heightCm + topCm / 2)}L${foot} ${y(heightCm + baseCm / 2)}V${y(heightCm - baseCm / 2)}L${wall} ${y(heightCm - topCm / 2)}z`;
  };
  const figure = figureFor();
  function figureFor(): { readonly cm: number; readonly text: string } | null {
    if (step?.what.do === 'fill')
      return {
        cm: step.what.toCm,
        text: `${lengthText(step.what.belowRimCm, units)} below the rim`,
      };
    if (inHand?.through)
      return {
        cm: inHand.through.heightCm,
        text: `${lengthText(depth - inHand.through.heightCm, units)} below the rim`,
      };
    if (inHand || step?.what.do === 'top up')
      return {
        cm: mixHeightCm(container),
        text: `${lengthText(container.headspaceCm, units)} to the rim`,
      };
    return null;
  }
  return (
    <svg
      width={widthPx}
      height={heightPx}
      viewBox={`0 0 ${widthPx} ${heightPx}`}
      role="img"
      aria-label={`Cut through from the front${figure ? `: ${figure.text}` : ''}`}
      className="mx-auto block"
    >
      <path d={outline(halfOut, depth)} fill={toHex(container.colour)} />
      {!isHung(container.shape) && (
        <path
          d={`M${x(-halfOut(0))} ${y(0)}H${x(halfOut(0))}V${y(-base)}H${x(-halfOut(0))}z`}
          fill={toHex(container.colour)}
        />
      )}
      <path d={outline(halfIn, depth)} fill="var(--strip)" />
      {mixCm > 0 && <path d={outline(halfIn, mixCm)} fill={MIX_INK} />}
      {[...shown].sort(litLast).map(({ placeId, ballFloorCm, through }) => {
        const plant = allPlants(it).find(({ id }) => id === placeId);
        if (!plant) return null;
        const ball = NURSERY_SIZES[plant.size];
        const isLit = placeId === inHand?.placeId;
        if (through)
          return (
            <path
              key={placeId}
              d={lyingBall(plant.xCm, through.heightCm, ball)}
              fill={BALL_INK}
              stroke={isLit ? 'var(--act)' : 'var(--strip)'}
              strokeWidth={isLit ? 3 : 1}
            />
          );
        const [top, foot] = [y(ballFloorCm + ball.heightCm), y(ballFloorCm)];
        return (
          <path
            key={placeId}
            d={`M${x(plant.xCm - ball.topCm / 2)} ${top}H${x(plant.xCm + ball.topCm / 2)}L${x(plant.xCm + ball.baseCm / 2)} ${foot}H${x(plant.xCm - ball.baseCm / 2)}z`}
            fill={BALL_INK}
            stroke={isLit ? 'var(--act)' : 'var(--strip)'}
            strokeWidth={isLit ? 3 : 1}
          />
        );
      })}
      {figure && (
        <g fill="var(--ink)" stroke="var(--ink)">
          <path
            d={`M${x(-halfIn(depth))} ${y(depth)}H${x(halfIn(depth))}`}
            strokeDasharray="4 4"
            fill="none"
          />
          <path
            d={`M${x(-halfIn(depth) * 0.72)} ${y(depth) + 2}V${y(figure.cm) - 2}m-4 -6l4 6l4 -6`}
            fill="none"
            strokeWidth={1.6}
          />
          <path
            d={`M${x(-halfIn(figure.cm))} ${y(figure.cm)}H${x(halfIn(figure.cm))}`}
            fill="none"
          />
          <text
            x={Math.max(
              0,
              Math.min(x(-halfIn(depth) * 0.72), widthPx - figure.text.length * LETTER_PX),
            )}
            y={ABOVE_PX - 9}
            stroke="none"
            fontSize={15}
            fontWeight={650}
          >
            {figure.text}
          </text>
        </g>
      )}
    </svg>
  );
}

/** Levels at which the container is cut, from the base up. */
function cuts(depth: number): readonly number[] {
  return Array.from({ length: 25 }, (_, i) => (depth * i) / 24);
}
