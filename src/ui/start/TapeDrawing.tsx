'use client';

import type { Container } from '@/core/containers/container';
import { useWidth } from '@/ui/controls/useWidth';
import { containerExtent, ContainerPicture } from '@/ui/shelf/ContainerPicture';
import { TapeLines } from '@/ui/shelf/Tape';
import type { Units } from '@/words/format';

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
            <TapeLines
              container={container}
              unit={unit}
              pxPerCm={pxPerCm}
              originX={widthPx / 2}
              originY={HEIGHT_PX - BELOW_PX}
            />
          </svg>
        </div>
      )}
    </div>
  );
}
