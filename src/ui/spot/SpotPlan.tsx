'use client';

import { useRef, useState } from 'react';
import {
  anchorOf,
  groundShapeOf,
  planReachCm,
  tapeCm,
  type GroundPoint,
} from '@/core/spots/groundPlan';
import type { Obstacle } from '@/core/spots/obstacle';
import { bearingOf, letsThrough } from '@/core/spots/silhouette';
import { usePlanHand } from './usePlanHand';
import { weekOfDay } from '@/core/spots/reckoning';
import type { Spot } from '@/core/spots/spot';
import { frontBearingDeg } from '@/core/spots/front';
import { useFrozen } from '@/ui/session/useFrozen';
import { farText, type Units } from '@/words/format';
import { OBSTACLE_NAMES, pointOf } from '@/words/light';

interface SpotPlanProps {
  readonly spot: Spot;
  readonly sizePx: number;
  readonly unit: Units['length'];
  readonly selected: string | null;
  readonly onSelect: (id: string | null) => void;
  /** A thing as it is dragged; `done` when the hand lets go. */
  readonly onChange: (obstacle: Obstacle, done: boolean) => void;
  readonly onLetGo: () => void;
  readonly onRemove: (id: string) => void;
  /** Day of the year, for leaves. */
  readonly today: number;
}

/** Rings are this far from each other, the first that leaves them apart, cm. */
const RINGS_CM = [100, 200, 500, 1000, 2000, 5000];
const RING_PX = 34;
const LIT = '#00545c';
/** Closer to the container than this names would lie over it, px. */
const NEAR_PX = 52;

/** The spot from above, north up: what stands around at its distance and bearing, with what the tape says. Dragged, it stands elsewhere. */
export function SpotPlan({
  spot,
  sizePx,
  unit,
  selected,
  onSelect,
  onChange,
  onLetGo,
  onRemove,
  today,
}: SpotPlanProps) {
  const { obstacles } = spot;
  const svg = useRef<SVGSVGElement>(null);
  const [held, setHeld] = useState<string | null>(null);
  // Under a hand the plan keeps its scale.
  const reachCm = useFrozen(planReachCm(obstacles), held !== null);
  const half = sizePx / 2;
  const pxPerCm = (half - 6) / reachCm;
  const at = ([east, north]: GroundPoint) =>
    [half + east * pxPerCm, half - north * pxPerCm] as const;
  const hand = usePlanHand({
    svg,
    half,
    pxPerCm,
    onHeld: setHeld,
    onSelect,
    onChange,
    onLetGo,
    onRemove,
  });
  const ringCm = RINGS_CM.find((cm) => cm * pxPerCm >= RING_PX) ?? RINGS_CM.at(-1)!;
  const rings = Array.from(
    { length: Math.floor((0.9 * reachCm) / ringCm) },
    (_, i) => (i + 1) * ringCm,
  );
  return (
    <div className="relative bg-field" style={{ width: sizePx, height: sizePx }}>
      <svg
        ref={svg}
        width={sizePx}
        height={sizePx}
        className="absolute inset-0 touch-none overflow-hidden select-none"
        role="group"
        aria-label="Plan of the spot, north up"
        onPointerMove={hand.move}
        onPointerUp={hand.up}
        onPointerCancel={hand.cancel}
        onPointerDown={() => onSelect(null)}
      >
        <g fill="none" stroke="var(--rule)" strokeWidth={0.8}>
          {rings.map((cm) => (
            <circle key={cm} cx={half} cy={half} r={cm * pxPerCm} />
          ))}
        </g>
        {rings.map((cm) => (
          <text key={cm} x={half + 3} y={half + cm * pxPerCm - 3} {...SMALL}>
            {farText(cm, { length: unit })}
          </text>
        ))}
        <Compass sizePx={sizePx} />
        {obstacles.map((obstacle) => (
          <g
            key={obstacle.id}
            role="button"
            tabIndex={0}
            data-on-plan={obstacle.id}
            aria-pressed={selected === obstacle.id}
            aria-label={`${OBSTACLE_NAMES[obstacle.kind]} on the plan, toward ${pointOf(bearingOf(obstacle))}`}
            className="cursor-grab outline-offset-0 active:cursor-grabbing"
            onPointerDown={(event) => hand.down(event, obstacle)}
            onKeyDown={(event) => hand.key(event, obstacle)}
          >
            <Shape
              obstacle={obstacle}
              at={at}
              half={half}
              pxPerCm={pxPerCm}
              endlessCm={reachCm * 2}
              isLit={selected === obstacle.id || held === obstacle.id}
              isLeafy={letsThrough(obstacle, weekOfDay(today)) > 0}
            />
          </g>
        ))}
        {obstacles.map((obstacle) => (
          <Tape
            key={obstacle.id}
            obstacle={obstacle}
            at={at}
            half={half}
            unit={unit}
            isLit={selected === obstacle.id || held === obstacle.id}
          />
        ))}
        <Here half={half} frontDeg={frontBearingDeg(spot)} />
      </svg>
    </div>
  );
}

const SMALL = {
  fontSize: 10.5,
  fill: 'var(--ink2)',
  stroke: 'var(--field)',
  strokeWidth: 2.5,
  paintOrder: 'stroke',
  pointerEvents: 'none',
} as const;

function Compass({ sizePx }: { readonly sizePx: number }) {
  const half = sizePx / 2;
  return (
    <g {...SMALL} fontWeight={600} fill="var(--ink)" textAnchor="middle" aria-hidden>
      <text x={half} y={13}>
        N
      </text>
      <text x={sizePx - 9} y={half + 4}>
        E
      </text>
      <text x={half} y={sizePx - 5}>
        S
      </text>
      <text x={9} y={half + 4}>
        W
      </text>
    </g>
  );
}

/** The container, and the side it is looked at from. */
function Here({ half, frontDeg }: { readonly half: number; readonly frontDeg: number }) {
  return (
    <g transform={`translate(${half} ${half}) rotate(${frontDeg})`} pointerEvents="none">
      <circle r={6} fill="var(--ink)" stroke="var(--field)" strokeWidth={1.5} />
      <path d="M0 -16l-4.5 7h9z" fill="var(--ink)" />
    </g>
  );
}

interface ShapeProps {
  readonly obstacle: Obstacle;
  readonly at: (point: GroundPoint) => readonly [number, number];
  readonly half: number;
  readonly pxPerCm: number;
  readonly endlessCm: number;
  readonly isLit: boolean;
  readonly isLeafy: boolean;
}

function Shape({ obstacle, at, half, pxPerCm, endlessCm, isLit, isLeafy }: ShapeProps) {
  const shape = groundShapeOf(obstacle, endlessCm);
  const edge = isLit ? LIT : 'var(--ink2)';
  const fill = isLeafy ? 'url(#leaf-shade)' : 'var(--rule2)';
  switch (shape.kind) {
    case 'line': {
      const [[x1, y1], [x2, y2]] = [at(shape.from), at(shape.to)];
      const line = { x1, y1, x2, y2 };
      return (
        <>
          {/* What is pressed is broader than what is drawn. */}
          <line {...line} stroke="transparent" strokeWidth={24} />
          <line {...line} stroke={edge} strokeWidth={isLit ? 6 : 5} />
          {isLeafy && (
            <line {...line} stroke="var(--field)" strokeWidth={2} strokeDasharray="4 3" />
          )}
        </>
      );
    }
    case 'area':
      return (
        <polygon
          points={shape.corners.map((corner) => at(corner).join(',')).join(' ')}
          fill="var(--rule2)"
          fillOpacity={0.3}
          stroke={edge}
          strokeWidth={isLit ? 2.4 : 1.2}
          strokeDasharray="6 4"
        />
      );
    case 'round': {
      const [cx, cy] = at(shape.at);
      return (
        <circle
          cx={cx}
          cy={cy}
          r={Math.max(9, shape.radiusCm * pxPerCm)}
          fill={fill}
          fillOpacity={isLeafy ? 1 : 0.62}
          stroke={edge}
          strokeWidth={isLit ? 2.4 : 1}
        />
      );
    }
    case 'far': {
      const r = half - 9;
      const width = (((shape.toDeg - shape.fromDeg) % 360) + 360) % 360 || 360;
      const point = (deg: number) => {
        const a = (deg * Math.PI) / 180;
        return `${half + Math.sin(a) * r} ${half - Math.cos(a) * r}`;
      };
      const end = shape.fromDeg + Math.min(359.9, width);
      return (
        <path
          d={`M${point(shape.fromDeg)}A${r} ${r} 0 ${width > 180 ? 1 : 0} 1 ${point(end)}`}
          fill="none"
          stroke={edge}
          strokeOpacity={0.8}
          strokeWidth={12}
        />
      );
    }
  }
}

/** The name of a thing, and where a tape runs to it, what it says. */
function Tape({
  obstacle,
  at,
  half,
  unit,
  isLit,
}: {
  readonly obstacle: Obstacle;
  readonly at: (point: GroundPoint) => readonly [number, number];
  readonly half: number;
  readonly unit: Units['length'];
  readonly isLit: boolean;
}) {
  const anchor = anchorOf(obstacle);
  const tape = tapeCm(obstacle);
  const name = OBSTACLE_NAMES[obstacle.kind];
  const rad = (bearingOf(obstacle) * Math.PI) / 180;
  const ahead = (px: number) => [half + Math.sin(rad) * px, half - Math.cos(rad) * px] as const;
  const [x, y] = anchor ? at(anchor) : ahead(half - 30);
  // Near the container, where several things are, a name stands farther out on its side.
  const [nameX, nameY] = Math.hypot(x - half, y - half) < NEAR_PX ? ahead(NEAR_PX) : [x, y];
  const lettersPx = 3.1 * Math.max(name.length, 8);
  const textX = Math.min(2 * half - lettersPx - 4, Math.max(lettersPx + 4, nameX));
  const textY = Math.min(2 * half - 22, Math.max(24, nameY + (nameY > half ? 14 : -12)));
  return (
    <g pointerEvents="none">
      {tape !== null && (
        <line
          x1={half}
          y1={half}
          x2={x}
          y2={y}
          stroke={isLit ? LIT : 'var(--tick)'}
          strokeWidth={isLit ? 1.6 : 1}
          strokeDasharray={isLit ? undefined : '3 3'}
        />
      )}
      <text
        x={textX}
        y={textY}
        textAnchor="middle"
        {...SMALL}
        fontSize={11.5}
        fontWeight={600}
        fill="var(--ink)"
      >
        {name}
        {tape !== null && (
          <tspan x={textX} dy={12} fontWeight={400}>
            {farText(tape, { length: unit })}
          </tspan>
        )}
      </text>
    </g>
  );
}
