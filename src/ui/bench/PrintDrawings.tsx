import type { Planting } from '@/core/plantings/planting';
import type { Container } from '@/core/containers/container';
import type { Reading } from '@/core/checks/reading';
import { wallOf } from '@/core/containers/container';
import { NURSERY_SIZES } from '@/core/plants/nursery';
import { say } from '@/ui/session/say';
import { countText } from '@/words/format';
import { Rim } from './StencilLayers';
import { PlantingInSpot } from '@/core/plantings/planting';

/** Width of the plan, px. */
export const PLAN_PX = 300;

/** The planting from the front and from above, with a letter on every ball. */
export function PrintDrawings({
  url,
  planting,
  weeks,
  onDone,
  at,
  reading,
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
  readonly reading: Reading;
  readonly container: Container;
  readonly pxPerCm: number;
  readonly it: PlantingInSpot;
  readonly letterOf: Map<string, string>;
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
        <Rim reading={reading} at={at} wall={Math.max(2, wallOf(container) * pxPerCm)} />
        {it.plants.map((plant) => {
          const [x, y] = [at.originX + plant.xCm * pxPerCm, at.originY + plant.zCm * pxPerCm];
          return (
            <g key={plant.id}>
              <circle
                cx={x}
                cy={y}
                r={(NURSERY_SIZES[plant.size].topCm / 2) * pxPerCm}
                fill="none"
                stroke="#191f22"
                strokeWidth={1.2}
              />
              <text
                x={x}
                y={y + 4}
                textAnchor="middle"
                fontSize={12}
                fontWeight={700}
                fill="#191f22"
              >
                {letterOf.get(plant.kindId)}
              </text>
            </g>
          );
        })}
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
