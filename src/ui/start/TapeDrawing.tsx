'use client';

import { insideBaseCm, visibleHeightCm, wallOf, type Container } from '@/core/containers/container';
import { halfFrontCm } from '@/core/containers/shape';
import { useWidth } from '@/ui/controls/useWidth';
import { containerExtent, ContainerPicture } from '@/ui/shelf/ContainerPicture';
import { frontMeasures, type Measure } from '@/ui/shelf/measures';
import { Across, Upright } from '@/ui/shelf/Tape';
import { lengthFigure, type Units } from '@/words/format';

const HEIGHT_PX = 170;
/** Room for the figures above and below, and beside. */
const ABOVE_PX = 22;
const BELOW_PX = 24;
const BESIDE_PX = 60;

/** The container from the front with the tape on it: where each measure that is asked for is taken. */
export default function TapeDrawing({
  container,
  unit,
}: {
  readonly container: Container;
  readonly unit: Units['length'];
}) {
  const [ref, widthPx] = useWidth<HTMLDivElement>();
  const { halfCm, heightCm } = containerExtent(container);
  const pxPerCm = Math.max(
    0.2,
    Math.min(
      (widthPx - 2 * BESIDE_PX) / (2 * halfCm),
      (HEIGHT_PX - ABOVE_PX - BELOW_PX) / heightCm,
    ),
  );
  const [originX, originY] = [widthPx / 2, HEIGHT_PX - BELOW_PX];
  const base = insideBaseCm(container);
  const y = (cm: number) => originY - (base + cm) * pxPerCm;
  const x = (cm: number) => originX + cm * pxPerCm;
  const outer = halfFrontCm(container.shape) + wallOf(container);
  const { across, upright } = frontMeasures(container);
  const level = (at: Measure['at']) => {
    if (typeof at === 'object') return y(at.cm);
    return at === 'above' ? originY - visibleHeightCm(container) * pxPerCm - 11 : originY + 13;
  };
  return (
    <div
      ref={ref}
      className="relative mt-2.5 overflow-hidden bg-field"
      style={{ height: HEIGHT_PX }}
    >
      {widthPx > 0 && (
        // Laid over the ground, so that it never holds it open.
        <div className="absolute inset-0">
          <ContainerPicture
            container={container}
            pxPerCm={pxPerCm}
            widthPx={widthPx}
            heightPx={HEIGHT_PX}
            pitchRad={0}
            footPx={BELOW_PX}
          />
          <svg width={widthPx} height={HEIGHT_PX} className="absolute inset-0" aria-hidden>
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
                x={at === 'left' ? x(-outer) - 20 : x(outer) + 20}
                from={y(fromCm)}
                to={y(toCm)}
                text={lengthFigure(toCm - fromCm, unit)}
              />
            ))}
          </svg>
        </div>
      )}
    </div>
  );
}
