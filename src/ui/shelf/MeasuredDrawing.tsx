'use client';

import { useState } from 'react';
import { toHex } from '@/core/colour/oklch';
import { insideBaseCm, surfacesOf, wallOf, type Container } from '@/core/containers/container';
import { grown, spanOf, type Section } from '@/core/containers/section';
import { formOf, halfDepthCm, halfFrontCm, rimSection } from '@/core/containers/shape';
import type { SideHole } from '@/core/containers/sideHoles';
import { NURSERY_SIZES } from '@/core/plants/nursery';
import { useFrozen } from '@/ui/session/useFrozen';
import { SectionOutline } from '@/ui/controls/Outline';
import { Ruler } from '@/ui/controls/Ruler';
import { lengthFigure, type Units } from '@/words/format';
import { ContainerPicture, containerExtent } from './ContainerPicture';
import { Corners } from './Corners';
import type { PutIn } from './FitsSheet';
import { mixLines, planMeasures } from './measures';
import { Across, TapeLines, Upright } from './Tape';

interface DrawingProps {
  readonly container: Container;
  readonly unit: Units['length'];
  readonly widthPx: number;
  readonly heightPx: number;
  /** Root balls to show. */
  readonly put: PutIn | null;
  readonly onPoints: (points: readonly (readonly [number, number])[], done: boolean) => void;
}

const RULER_PX = 24;
const SIDE_PX = 32;
/** Height of the strip under the front view in which the base is measured, px. */
const FOOT_PX = 30;

/** The container from the front and from above at one scale, ruled, with the measures that a tape takes. */
export function MeasuredDrawing({
  container,
  unit,
  widthPx,
  heightPx,
  put,
  onPoints,
}: DrawingProps) {
  const extent = containerExtent(container);
  const narrow = widthPx < 640;
  const each = narrow ? widthPx : Math.floor((widthPx - 12) / 2);
  const wall = wallOf(container);
  const across = 2 * (halfFrontCm(container.shape) + wall);
  const deep = 2 * (halfDepthCm(container.shape) + wall);
  // Room for rulers, headings and the figures beside the drawing.
  const [isHeld, setHeld] = useState(false);
  const scale = Math.min(
    (each - SIDE_PX - 108) / across,
    (heightPx - RULER_PX - FOOT_PX - 54) / extent.heightCm,
    (heightPx - RULER_PX - 104) / deep,
    12,
  );
  // Under a hand the scale stands still: the pointer is read in the scale it was pressed in.
  const pxPerCm = useFrozen(scale, isHeld);
  const shared = { container, unit, widthPx: each, heightPx, pxPerCm, put };
  return (
    <div className={narrow ? 'grid gap-3' : 'flex gap-3'}>
      <Front {...shared} />
      <FromAbove {...shared} onPoints={onPoints} onHold={setHeld} />
    </div>
  );
}

interface ViewProps extends Omit<DrawingProps, 'onPoints'> {
  readonly pxPerCm: number;
}

function Front({ container, unit, widthPx, heightPx, pxPerCm, put }: ViewProps) {
  const originX = (widthPx - SIDE_PX) / 2;
  const originY = heightPx - RULER_PX - FOOT_PX;
  const { shape } = container;
  const foot = insideBaseCm(container);
  const y = (cm: number) => originY - (foot + cm) * pxPerCm;
  const x = (cm: number) => originX + cm * pxPerCm;
  const outer = halfFrontCm(shape) + wallOf(container);
  return (
    <section
      aria-label="From the front"
      className="relative min-w-0 overflow-hidden bg-field"
      style={{ width: widthPx, height: heightPx }}
    >
      <div className="absolute inset-0" style={{ right: SIDE_PX, bottom: RULER_PX }}>
        <ContainerPicture
          container={container}
          pxPerCm={pxPerCm}
          widthPx={widthPx - SIDE_PX}
          heightPx={heightPx - RULER_PX}
          pitchRad={0}
          footPx={FOOT_PX}
        />
      </div>
      <h2 className="display absolute top-3 left-4 text-drawing leading-6">From the front</h2>
      <svg
        width={widthPx}
        height={heightPx}
        className="pointer-events-none absolute inset-0"
        aria-hidden
      >
        {put?.side &&
          put.sides
            .filter(({ out }) => out[1] > 0.25)
            .map(({ xCm, heightCm, out }) => (
              <ellipse
                key={`${xCm} ${heightCm}`}
                data-side-ball
                cx={x(xCm)}
                cy={y(heightCm)}
                rx={(NURSERY_SIZES[put.side!].topCm / 2) * out[1] * pxPerCm}
                ry={(NURSERY_SIZES[put.side!].topCm / 2) * pxPerCm}
                fill={SIDE_BALL}
                fillOpacity={0.8}
                stroke="#1d2225"
                strokeWidth={0.8}
              />
            ))}
        {mixLines(container).map(({ heightCm, text }) => {
          const { leftCm, rightCm } = spanOf(formOf(shape).sectionAt(heightCm));
          return (
            <g key={text}>
              <line
                x1={x(leftCm)}
                x2={x(rightCm)}
                y1={y(heightCm)}
                y2={y(heightCm)}
                stroke="#fbfcfc"
                strokeWidth={1.2}
                strokeDasharray="5 4"
              />
              <text
                x={x(leftCm) + 7}
                y={y(heightCm) + 14}
                fontSize={12}
                fill="#fbfcfc"
                style={{ paintOrder: 'stroke' }}
                stroke="#1d2225"
                strokeWidth={2.6}
              >
                {text}
              </text>
            </g>
          );
        })}
        {shape.kind === 'saddle' && (
          <line
            x1={x(-shape.baseLengthCm / 2)}
            x2={x(outer) + 8}
            y1={y(shape.slotHeightCm)}
            y2={y(shape.slotHeightCm)}
            stroke="#fbfcfc"
            strokeWidth={1}
            strokeDasharray="2 4"
          />
        )}
        <TapeLines {...{ container, unit, pxPerCm, originX, originY }} />
      </svg>
      <div className="absolute top-0 right-0">
        <Ruler
          upright
          lengthPx={heightPx - RULER_PX}
          zeroPx={FOOT_PX}
          pxPerCm={pxPerCm}
          unit={unit}
        />
      </div>
      <div className="absolute bottom-0 left-0">
        <Ruler lengthPx={widthPx} zeroPx={originX} pxPerCm={pxPerCm} unit={unit} />
      </div>
    </section>
  );
}

const BALL = '#5b4a3e';
const SIDE_BALL = '#a08b75';

function FromAbove({
  container,
  unit,
  widthPx,
  heightPx,
  pxPerCm,
  put,
  onPoints,
  onHold,
}: ViewProps & Pick<DrawingProps, 'onPoints'> & { readonly onHold: (isHeld: boolean) => void }) {
  const [originX, originY] = [widthPx / 2, (heightPx - RULER_PX) / 2 + 14];
  const { shape } = container;
  const scale = { originX, originY, pxPerCm };
  const wallCm = wallOf(container);
  const wall = Math.max(3, wallCm * pxPerCm);
  const rim = rimSection(shape);
  const base: Section = formOf(shape).sectionAt(0);
  const reach = spanOf(grown(rim, wallCm));
  const { across, upright } = planMeasures(container);
  const x = (cm: number) => originX + cm * pxPerCm;
  const y = (cm: number) => originY + cm * pxPerCm;
  return (
    <section
      aria-label="From above"
      className="relative min-w-0 overflow-hidden bg-field"
      style={{ width: widthPx, height: heightPx }}
    >
      <svg
        width={widthPx}
        height={heightPx - RULER_PX}
        className="absolute inset-0 select-none"
        role="group"
        aria-label={`Plan of ${container.name}`}
      >
        <SectionOutline
          section={grown(rim, wall / pxPerCm / 2)}
          {...scale}
          fill="var(--sheet)"
          stroke={toHex(container.colour)}
          strokeWidth={wall}
        />
        {surfacesOf(container)
          .slice(1)
          .map(({ section, heightCm }) => (
            <SectionOutline
              key={heightCm}
              section={grown(section, wallCm)}
              {...scale}
              fill="none"
              stroke={toHex(container.colour)}
              strokeWidth={2}
            />
          ))}
        {shape.kind !== 'tiered' && (
          <SectionOutline
            section={base}
            {...scale}
            fill="none"
            stroke="#59636a"
            strokeWidth={1}
            strokeDasharray="3 4"
          />
        )}
        {put?.side &&
          put.sides.map((hole) => (
            <path
              key={`${hole.xCm} ${hole.zCm} ${hole.heightCm}`}
              data-side-ball
              d={lyingBall(hole, put.side!, x, y)}
              fill={SIDE_BALL}
              fillOpacity={0.75}
              stroke="#1d2225"
              strokeWidth={0.8}
            />
          ))}
        {put?.top.map(({ xCm, zCm }) => (
          <circle
            key={`${xCm} ${zCm}`}
            data-ball
            cx={x(xCm)}
            cy={y(zCm)}
            r={(NURSERY_SIZES[put.size].topCm / 2) * pxPerCm}
            fill={BALL}
            fillOpacity={0.82}
            stroke="#1d2225"
            strokeWidth={0.8}
          />
        ))}
        <g aria-hidden>
          {across.map(({ name, fromCm, toCm }) => (
            <Across
              key={name}
              from={x(fromCm)}
              to={x(toCm)}
              y={y(reach.frontCm) + 16}
              text={lengthFigure(toCm - fromCm, unit)}
            />
          ))}
          {upright.map(({ name, fromCm, toCm, at }) => (
            <Upright
              key={name}
              x={
                typeof at === 'object'
                  ? x(at.cm)
                  : at === 'left'
                    ? x(reach.leftCm) - 18
                    : x(reach.rightCm) + 18
              }
              from={y(fromCm)}
              to={y(toCm)}
              text={lengthFigure(toCm - fromCm, unit)}
            />
          ))}
        </g>
        {shape.kind === 'outline' && (
          <Corners
            points={shape.points}
            {...scale}
            unit={unit}
            onPoints={onPoints}
            onHold={onHold}
          />
        )}
      </svg>
      <div className="pointer-events-none absolute top-3 left-4">
        <h2 className="display text-drawing leading-6">From above</h2>
        <p className="text-note text-ink2">
          {shape.kind === 'outline'
            ? 'Drag a corner; press a small mark for a new one'
            : put?.side
              ? 'Dark: the first layer; pale: through the sides'
              : 'Dashed: the base'}
        </p>
      </div>
      <div className="absolute bottom-0 left-0">
        <Ruler lengthPx={widthPx} zeroPx={originX} pxPerCm={pxPerCm} unit={unit} />
      </div>
    </section>
  );
}

/** A ball on its side from above: broad at the wall, narrower toward the middle. */
function lyingBall(
  { xCm, zCm, out }: SideHole,
  size: NonNullable<PutIn['side']>,
  x: (cm: number) => number,
  y: (cm: number) => number,
): string {
  const { topCm, baseCm, heightCm } = NURSERY_SIZES[size];
  const corner = (along: number, half: number) =>
    `${x(xCm - out[0] * along - out[1] * half)} ${y(zCm - out[1] * along + out[0] * half)}`;
  return `M${corner(0, topCm / 2)}L${corner(0, -topCm / 2)}L${corner(heightCm, -baseCm / 2)}L${corner(heightCm, baseCm / 2)}Z`;
}
