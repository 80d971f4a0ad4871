import { insideBaseCm, visibleHeightCm, wallOf, type Container } from '@/core/containers/container';
import { halfFrontCm } from '@/core/containers/shape';
import { lengthFigure, type Units } from '@/words/format';
import { frontMeasures, type Measure } from './measures';

interface TapeProps {
  readonly container: Container;
  readonly unit: Units['length'];
  readonly pxPerCm: number;
  /** The middle of the container's foot, px. */
  readonly originX: number;
  readonly originY: number;
}

/** Room between a measure and what it measures, px. */
const RIM_PX = 12;
const BASE_PX = 15;
const SIDE_PX = 20;
/** Feet higher than this leave room for a measure at the base itself, cm. */
const HIGH_FEET_CM = 8;

/** What a tape takes of a container from the front: the rim's measure stands above it, the base's below; those between lie on the wall. */
export function TapeLines({ container, unit, pxPerCm, originX, originY }: TapeProps) {
  const foot = insideBaseCm(container);
  const y = (cm: number) => originY - (foot + cm) * pxPerCm;
  const x = (cm: number) => originX + cm * pxPerCm;
  const outer = halfFrontCm(container.shape) + wallOf(container);
  const { across, upright } = frontMeasures(container);
  const level = (at: Measure['at']) => {
    if (typeof at === 'object') return y(at.cm);
    if (at === 'above') return originY - visibleHeightCm(container) * pxPerCm - RIM_PX;
    return container.feetCm > HIGH_FEET_CM ? y(0) : originY + BASE_PX;
  };
  return (
    <>
      {across.map(({ name, fromCm, toCm, at }) => (
        <Across
          key={name + fromCm}
          from={x(fromCm)}
          to={x(toCm)}
          y={level(at)}
          text={lengthFigure(toCm - fromCm, unit)}
        />
      ))}
      {upright.map(({ name, fromCm, toCm, at }) => (
        <Upright
          key={name}
          x={at === 'left' ? x(-outer) - SIDE_PX : x(outer) + SIDE_PX}
          from={y(fromCm)}
          to={y(toCm)}
          text={lengthFigure(toCm - fromCm, unit)}
        />
      ))}
    </>
  );
}

/** A run that a tape takes from side to side, with its figure. */
export function Across({
  from,
  to,
  y,
  text,
}: {
  readonly from: number;
  readonly to: number;
  readonly y: number;
  readonly text: string;
}) {
  return (
    <Figure
      path={`M${from} ${y - 5}v10M${to} ${y - 5}v10M${from} ${y}H${to}`}
      x={(from + to) / 2}
      y={y}
      text={text}
    />
  );
}

/** A run that a tape takes from top to bottom, with its figure. */
export function Upright({
  x,
  from,
  to,
  text,
}: {
  readonly x: number;
  readonly from: number;
  readonly to: number;
  readonly text: string;
}) {
  // A short run has its figure beside it.
  const short = Math.abs(to - from) < 24;
  return (
    <Figure
      path={`M${x - 5} ${from}h10M${x - 5} ${to}h10M${x} ${from}V${to}`}
      x={short ? x + 19 : x}
      y={(from + to) / 2}
      text={text}
    />
  );
}

function Figure({
  path,
  x,
  y,
  text,
}: {
  readonly path: string;
  readonly x: number;
  readonly y: number;
  readonly text: string;
}) {
  const half = 5 + text.length * 4;
  return (
    <g stroke="var(--ink)" strokeWidth={1.2}>
      <path d={path} fill="none" />
      <rect x={x - half} y={y - 8} width={2 * half} height={16} fill="var(--field)" stroke="none" />
      <text
        x={x}
        y={y + 4.5}
        textAnchor="middle"
        fontSize={13}
        fontWeight={640}
        stroke="none"
        fill="var(--ink)"
      >
        {text}
      </text>
    </g>
  );
}
