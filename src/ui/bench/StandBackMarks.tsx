import type { Size } from '@/core/growth/foresee';
import type { Reading } from '@/core/checks/reading';
import { lengthFigure } from '@/words/format';
import { Scenery } from '@/core/seeing/scenery';
import { SIDE_RULER_PX } from '@/ui/controls/rulerSize';

/** Eye level, rulers and marks laid over the stand-back view. */
export function StandBackMarks({
  widthPx,
  heightPx,
  leaders,
  originY,
  upright,
  scenery,
  unit,
  reading,
  culprits,
  originX,
  pxPerCm,
  azimuthRad,
  soil,
  sizes,
  pitchRad,
  letterOf,
}: {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly leaders: { cm: number; text: string }[];
  readonly originY: number;
  readonly upright: number;
  readonly scenery: Scenery | null;
  readonly unit: 'in' | 'cm';
  readonly reading: Reading;
  readonly culprits: readonly string[];
  readonly originX: number;
  readonly pxPerCm: number;
  readonly azimuthRad: number;
  readonly soil: number;
  readonly sizes: readonly Size[];
  readonly pitchRad: number;
  readonly letterOf: Map<string, string>;
}) {
  return (
    <svg
      width={widthPx}
      height={heightPx}
      className="pointer-events-none absolute inset-0"
      aria-hidden
    >
      {leaders.map(({ cm, text }) => {
        const y = Math.round(originY - cm * upright) + 0.5;
        return y < 30 ? null : (
          <g key={text}>
            <line
              x1={widthPx - SIDE_RULER_PX - 10}
              x2={widthPx - SIDE_RULER_PX}
              y1={y}
              y2={y}
              stroke="var(--tick)"
            />
            <text
              x={widthPx - SIDE_RULER_PX - 14}
              y={y + 4}
              textAnchor="end"
              fontSize={12.5}
              fill={scenery?.behind ? 'var(--ink)' : 'var(--ink2)'}
              stroke={scenery?.behind ? 'var(--field)' : 'none'}
              strokeWidth={4}
              paintOrder="stroke"
            >
              {text} {lengthFigure(cm, unit)}
            </text>
          </g>
        );
      })}
      {reading.plants.map((plant, i) => {
        if (!culprits.includes(plant.id)) return null;
        const x =
          originX + pxPerCm * (Math.cos(azimuthRad) * plant.xCm - Math.sin(azimuthRad) * plant.zCm);
        const y =
          originY -
          upright * (soil + sizes[i]!.heightCm * 0.62) +
          Math.sin(pitchRad) * pxPerCm * plant.zCm;
        return (
          <g key={plant.id}>
            <circle cx={x} cy={y} r={9.5} fill="#fbfcfc" stroke="#1d2225" strokeWidth={1.5} />
            <text
              x={x}
              y={y + 4}
              textAnchor="middle"
              fontSize={11.5}
              fontWeight={640}
              fill="#1d2225"
            >
              {letterOf.get(plant.kindId)}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
