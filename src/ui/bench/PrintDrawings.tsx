import type { Planting } from '@/core/plantings/planting';
import type { Container } from '@/core/containers/container';
import { wallOf } from '@/core/containers/container';
import { toHex } from '@/core/colour/oklch';
import { containerMarks } from '@/core/stencil/container';
import { ballMarks } from '@/core/stencil/plants';
import { PlanMarks } from '@/ui/controls/PlanMarks';
import { say } from '@/ui/session/say';
import { countText } from '@/words/format';
import type { PlantingInSpot } from '@/core/plantings/planting';

/** Width of the plan, px. */
export const PLAN_PX = 300;

/** The planting from the front and from above, with a letter on every ball. */
export function PrintDrawings({
  url,
  planting,
  weeks,
  onDone,
  at,
  container,
  pxPerCm,
  it,
  letterOf,
}: {
  readonly url: string;
  readonly planting: Planting;
  readonly weeks: number;
  readonly onDone: () => void;
  readonly at: { pxPerCm: number; originX: number; originY: number };
  readonly container: Container;
  readonly pxPerCm: number;
  readonly it: PlantingInSpot;
  readonly letterOf: ReadonlyMap<string, string>;
}) {
  return (
    <div className="print-drawings">
      {/* A drawing made here a moment ago: there is nothing for a loader to do. */}
      {/* eslint-disable-next-line @next/next/no-img-element */}
      <img
        src={url}
        alt={`${planting.name}, ${countText(weeks, 'week')} after planting`}
        onLoad={() => window.print()}
        onError={() => {
          say('The drawing could not be put on a sheet; nothing was printed.');
          onDone();
        }}
      />
      <svg
        viewBox={`0 0 ${PLAN_PX} ${2 * at.originY + 26}`}
        role="img"
        aria-label="Where the balls are set in, from above"
      >
        <PlanMarks
          marks={[
            ...containerMarks(container),
            ...ballMarks(it.plants, ({ kindId }) => letterOf.get(kindId) ?? ''),
          ]}
          at={at}
          rim={toHex(container.colour)}
          wallPx={Math.max(2, wallOf(container) * pxPerCm)}
        />
        <path
          d={`M6 ${2 * at.originY + 8}v6h${10 * pxPerCm}v-6`}
          fill="none"
          stroke="#191f22"
          strokeWidth={1.2}
        />
        <text x={12 + 10 * pxPerCm} y={2 * at.originY + 16} fontSize={11} fill="#191f22">
          10 cm; front below
        </text>
      </svg>
    </div>
  );
}
