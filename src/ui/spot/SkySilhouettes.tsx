import type { KeyboardEvent, PointerEvent } from 'react';
import { edgeOf, gripsOf, type GripKind } from '@/core/spots/grips';
import type { Obstacle } from '@/core/spots/obstacle';
import { weekOfDay } from '@/core/spots/reckoning';
import { bearingOf, letsThrough } from '@/core/spots/silhouette';
import { clamp } from '@/core/units/units';
import { OBSTACLE_NAMES, pointOf } from '@/words/light';
import { silhouettesOf, type SkyScale } from './skyScale';

interface SilhouettesProps {
  readonly obstacles: readonly Obstacle[];
  readonly leafHeightCm: number;
  readonly scale: SkyScale;
  readonly today: number;
  readonly selected: string | null;
  /** The one that is selected or held. */
  readonly lit: string | null;
  readonly onDown: (event: PointerEvent<SVGElement>, obstacle: Obstacle, grip: GripKind) => void;
  readonly onKey: (event: KeyboardEvent, obstacle: Obstacle) => void;
}

/** What stands around, as it is seen from the leaves, each with its name. */
export function SkySilhouettes({
  obstacles,
  leafHeightCm,
  scale,
  today,
  selected,
  lit,
  onDown,
  onKey,
}: SilhouettesProps) {
  return obstacles.map((obstacle) => {
    const leafy = letsThrough(obstacle, weekOfDay(today)) > 0;
    const isLit = lit === obstacle.id;
    return (
      <g
        key={obstacle.id}
        role="button"
        tabIndex={0}
        data-obstacle={obstacle.id}
        aria-pressed={selected === obstacle.id}
        aria-label={`${OBSTACLE_NAMES[obstacle.kind]}, toward ${pointOf(bearingOf(obstacle))}`}
        className="cursor-grab outline-offset-0 active:cursor-grabbing"
        onPointerDown={(event) => onDown(event, obstacle, 'body')}
        onKeyDown={(event) => onKey(event, obstacle)}
      >
        {silhouettesOf(obstacle, leafHeightCm, scale).map((d, i) => (
          <path
            key={i}
            d={d}
            fill={leafy ? 'url(#leaf-shade)' : 'var(--rule2)'}
            fillOpacity={leafy ? 1 : 0.62}
            stroke={isLit ? '#00545c' : 'var(--ink2)'}
            strokeWidth={isLit ? 2.4 : 0.9}
            strokeLinejoin="round"
          />
        ))}
        <ShapeName obstacle={obstacle} leafHeightCm={leafHeightCm} scale={scale} />
      </g>
    );
  });
}

/** Half of a letter's usual width in the names, px. */
const HALF_LETTER_PX = 3.1;

/** The name of a thing just under its edge, or low on one that has none. */
function ShapeName({
  obstacle,
  leafHeightCm,
  scale,
}: Pick<SilhouettesProps, 'leafHeightCm' | 'scale'> & { readonly obstacle: Obstacle }) {
  const edge = edgeOf(obstacle, leafHeightCm);
  const x = scale.xOf(bearingOf(obstacle));
  // What hangs from above bears its name above its edge, everything else below its own.
  const beside = obstacle.kind === 'eave' ? -8 : 15;
  const y = edge === null ? scale.heightPx - 10 : scale.yOf(edge) + beside;
  const name = OBSTACLE_NAMES[obstacle.kind];
  // Text is measured by its length: half a name stays within the strip on either side.
  const half = name.length * HALF_LETTER_PX + 3;
  return (
    <text
      x={clamp(x, half, scale.widthPx - half)}
      y={Math.min(scale.heightPx - 6, Math.max(14, y))}
      textAnchor="middle"
      fontSize={11.5}
      fontWeight={600}
      fill="var(--ink)"
      stroke="var(--field)"
      strokeWidth={3}
      paintOrder="stroke"
      pointerEvents="none"
      aria-hidden
    >
      {name}
    </text>
  );
}

/** The handles of the thing that is lit. */
export function SkyGrips({
  obstacles,
  leafHeightCm,
  scale,
  lit,
  onDown,
}: Pick<SilhouettesProps, 'obstacles' | 'leafHeightCm' | 'scale' | 'lit' | 'onDown'>) {
  const obstacle = obstacles.find(({ id }) => id === lit);
  if (!obstacle) return null;
  return gripsOf(obstacle, leafHeightCm).map(({ grip, bearing, altitude }) => (
    <rect
      key={grip}
      x={scale.xOf(bearing) - 7}
      y={scale.yOf(altitude) - 7}
      width={14}
      height={14}
      data-grip={grip}
      fill="var(--paper)"
      stroke="#00545c"
      strokeWidth={2}
      className={grip === 'body' ? 'cursor-move' : 'cursor-ew-resize'}
      onPointerDown={(event) => onDown(event, obstacle, grip)}
    />
  ));
}
