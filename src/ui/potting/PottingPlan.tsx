import { wallOf } from '@/core/containers/container';
import { grown, reachOf } from '@/core/containers/section';
import { rimSection } from '@/core/containers/shape';
import { toHex } from '@/core/colour/oklch';
import type { MakingProgress } from '@/core/making/progress';
import type { PlaceId, PlantingInSpot } from '@/core/plantings/planting';
import { containerMarks } from '@/core/stencil/container';
import { supportMarks } from '@/core/stencil/aids';
import { outsideReachCm, sideMarks } from '@/core/stencil/sides';
import { holeCm, leanMarks } from '@/core/stencil/plants';
import { isHung } from '@/core/containers/shape';
import { PlanMarks, STENCIL_INK, STENCIL_LIT } from '@/ui/controls/PlanMarks';
import { keyed } from '@/words/names';

/** The one in hand stands out by its ring and its ground, and still shows its letter and the way it leans. */
const LIT_GROUND = 'color-mix(in oklab, #00545c 22%, #fbfcfc)';

interface PottingPlanProps {
  readonly it: PlantingInSpot;
  readonly progress: MakingProgress;
  /** The plant in hand; `null` when none is. */
  readonly lit: PlaceId | null;
  readonly widthPx: number;
  readonly mostPx: number;
}

/** The plan as a paper stencil: what is in has a tick, what waits its letter, and the one in hand is lit. */
export function PottingPlan({ it, progress, lit, widthPx, mostPx }: PottingPlanProps) {
  const { container } = it.planting;
  const wallCm = wallOf(container);
  const reach = reachOf(grown(rimSection(container.shape), wallCm));
  // Side holes are drawn outside the rim.
  const outsideCm = container.sideHoles.length > 0 ? outsideReachCm(container) : 0;
  const [acrossCm, deepCm] = [reach.acrossCm + outsideCm, reach.deepCm + outsideCm];
  const pxPerCm = Math.min((widthPx - 8) / (2 * acrossCm), (mostPx - 8) / (2 * deepCm));
  const heightPx = 2 * deepCm * pxPerCm + 8;
  const at = { pxPerCm, originX: widthPx / 2, originY: heightPx / 2 };
  const letterOf = new Map(keyed(it).map(({ kind, letter }) => [kind.id, letter]));
  const inHand = it.plants.find(({ id }) => id === lit);
  return (
    <svg
      width={widthPx}
      height={heightPx}
      viewBox={`0 0 ${widthPx} ${heightPx}`}
      role="img"
      aria-label={`Plan from above, front below${inHand ? `; in hand: ${inHand.kind.common}` : ''}`}
      className="mx-auto block"
    >
      <PlanMarks
        marks={containerMarks(container)}
        at={at}
        rim={toHex(container.colour)}
        wallPx={Math.max(4, wallCm * pxPerCm)}
      />
      {it.planting.support && <PlanMarks marks={supportMarks(it.planting.support)} at={at} />}
      {it.plants.map((plant) => {
        const [x, y] = [at.originX + plant.xCm * pxPerCm, at.originY + plant.zCm * pxPerCm];
        const r = holeCm(plant) * pxPerCm;
        const how = progress.answers.get(`plant ${plant.id}`)?.what.how;
        const isLit = plant.id === lit;
        return (
          <g
            key={plant.id}
            data-plan-place={plant.id}
            data-how={isLit ? 'in hand' : (how ?? 'waits')}
          >
            <circle
              cx={x}
              cy={y}
              r={r}
              fill={isLit ? LIT_GROUND : how === 'done' ? 'oklch(0.84 0.003 225)' : 'none'}
              stroke={isLit ? STENCIL_LIT : STENCIL_INK}
              strokeWidth={isLit ? 5 : 1.2}
              strokeDasharray={isLit || how === 'done' ? undefined : '5 4'}
              opacity={how === 'skipped' ? 0.45 : 1}
            />
            {how === 'done' && !isLit ? (
              <path
                d={`M${x - 6} ${y}l4 5l8 -10`}
                fill="none"
                stroke={STENCIL_INK}
                strokeWidth={2.2}
              />
            ) : (
              <text
                x={x}
                y={y + 5}
                textAnchor="middle"
                fontSize={15}
                fontWeight={isLit ? 700 : 500}
                fill={STENCIL_INK}
              >
                {how === 'skipped' ? '–' : (letterOf.get(plant.kindId) ?? '')}
              </text>
            )}
          </g>
        );
      })}
      {container.sideHoles.length > 0 && (
        <PlanMarks
          marks={sideMarks(
            container,
            it.sides.filter(
              ({ id }) => id === lit || progress.answers.get(`plant ${id}`)?.what.how === 'done',
            ),
            ({ id, kindId }) => (id === lit ? '●' : (letterOf.get(kindId) ?? '')),
          )}
          at={at}
        />
      )}
      {inHand && (
        <PlanMarks
          marks={leanMarks(inHand, { container, hung: isHung(container.shape) })}
          at={at}
        />
      )}
    </svg>
  );
}
