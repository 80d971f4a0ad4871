import { Lock } from 'lucide-react';
import type { KeyboardEvent } from 'react';
import type { Reading } from '@/core/checks/reading';
import { holeCm, leanMarks } from '@/core/stencil/plants';
import { clamp } from '@/core/units/units';
import {
  PlanMarks,
  STENCIL_CHIP,
  STENCIL_INK,
  STENCIL_LIT,
  type PlanAt,
} from '@/ui/controls/PlanMarks';
import { lengthText, type Units, whereText } from '@/words/format';
import type { Gesture } from './stencilGesture';

/** Least radius in which a finger finds a plant, px. */
const TOUCH_PX = 12;

type Sizes = ReturnType<Reading['sizesAt']>;

interface Grown {
  readonly reading: Reading;
  readonly at: PlanAt;
  readonly sizes: Sizes;
}

/** The spread of plants that are held or talked about, with its figure. */
export function TalkedRings({
  reading,
  at,
  sizes,
  ids,
  room,
  unit,
}: Grown & {
  readonly ids: readonly string[];
  /** The figure stays within it, px. */
  readonly room: { readonly widthPx: number; readonly heightPx: number };
  readonly unit: Units['length'];
}) {
  return ids.map((id) => {
    const i = reading.plants.findIndex((plant) => plant.id === id);
    const plant = reading.plants[i];
    if (!plant) return null;
    const r = (sizes[i]!.spreadCm / 2) * at.pxPerCm;
    const [x, y] = [at.originX + plant.xCm * at.pxPerCm, at.originY + plant.zCm * at.pxPerCm];
    return (
      <g key={id} pointerEvents="none">
        <circle cx={x} cy={y} r={r} fill="url(#hatch)" stroke="var(--ink)" strokeWidth={1.6} />
        <text
          x={clamp(x + r * 0.72, 34, room.widthPx - 34)}
          y={Math.min(room.heightPx - 6, y + r * 0.72 + 14)}
          fontSize={12.5}
          fontWeight={600}
          fill="var(--ink)"
          textAnchor="middle"
        >
          {lengthText(sizes[i]!.spreadCm, { length: unit })}
        </text>
      </g>
    );
  });
}

/** Hatching where a spread lies over its neighbours. */
export function Hatch() {
  return (
    <defs>
      <pattern
        id="hatch"
        width="6"
        height="6"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <line x1="0" y1="0" x2="0" y2="6" stroke={STENCIL_INK} strokeWidth="1.4" opacity=".5" />
      </pattern>
    </defs>
  );
}

interface HoleProps {
  readonly reading: Reading;
  readonly at: PlanAt;
  readonly index: number;
  readonly letter: string | undefined;
  readonly picked: boolean;
  /** Picked, or pointed at by a remark. */
  readonly lit: boolean;
  readonly unit: Units['length'];
  readonly onKey: (event: KeyboardEvent, id: string) => void;
}

/** One plant's hole at true root-ball size, with its letter: what is taken hold of. */
export function Hole({ reading, at, index, letter, picked, lit, unit, onKey }: HoleProps) {
  const plant = reading.plants[index]!;
  const [x, y] = [at.originX + plant.xCm * at.pxPerCm, at.originY + plant.zCm * at.pxPerCm];
  const r = holeCm(plant) * at.pxPerCm;
  const large = r > 18;
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={`${plant.kind.common}, ${whereText(plant.xCm, plant.zCm, unit)}${plant.locked ? ', locked' : ''}`}
      aria-pressed={picked}
      data-place={plant.id}
      className={`${plant.locked ? 'cursor-default' : 'cursor-grab'} focus:outline-none [&:focus-visible>circle:first-of-type]:stroke-[4px]`}
      style={{ touchAction: 'none' }}
      onKeyDown={(event) => onKey(event, plant.id)}
    >
      <circle
        cx={x}
        cy={y}
        r={r}
        fill="transparent"
        stroke={lit ? STENCIL_LIT : STENCIL_INK}
        strokeWidth={lit ? 2.4 : 0.8}
      />
      <circle cx={x} cy={y} r={TOUCH_PX} fill="transparent" />
      <PlanMarks
        marks={leanMarks(plant, { container: reading.planting.container, hung: reading.hung })}
        at={at}
      />
      <circle
        cx={x}
        cy={y}
        r={clamp(r * 0.5, 6.5, 9.5)}
        fill={picked ? STENCIL_LIT : STENCIL_CHIP}
        stroke={STENCIL_INK}
        strokeWidth={1.2}
      />
      <text
        x={x}
        y={y + (large ? 4 : 3.3)}
        textAnchor="middle"
        fontSize={large ? 11.5 : 9.5}
        fontWeight={640}
        fill={picked ? STENCIL_CHIP : STENCIL_INK}
      >
        {letter}
      </text>
      {plant.locked && (
        <Lock x={x + 5} y={y - 14} size={10} strokeWidth={2.4} color={STENCIL_INK} aria-hidden />
      )}
    </g>
  );
}

/** The box that a hand draws round plants. */
export function PickBox({ gesture, at }: { readonly gesture: Gesture; readonly at: PlanAt }) {
  if (gesture.name !== 'boxing') return null;
  const { from, to } = gesture;
  return (
    <rect
      x={at.originX + Math.min(from.xCm, to.xCm) * at.pxPerCm}
      y={at.originY + Math.min(from.zCm, to.zCm) * at.pxPerCm}
      width={Math.abs(from.xCm - to.xCm) * at.pxPerCm}
      height={Math.abs(from.zCm - to.zCm) * at.pxPerCm}
      fill="none"
      stroke={STENCIL_LIT}
      strokeWidth={1.4}
      strokeDasharray="4 3"
      pointerEvents="none"
    />
  );
}

interface SidesProps {
  readonly at: PlanAt;
  /** From the middle to where the words may stand, px. */
  readonly reachPx: number;
  readonly heightPx: number;
  readonly back: string;
  /** The sun goes round outside the rim: the words make room for it. */
  readonly withSun: boolean;
}

/** Which side is the front, and what the other is. */
export function SideWords({ at, reachPx, heightPx, back, withSun }: SidesProps) {
  const word = { textAnchor: 'middle', fontSize: 12.5, fill: 'var(--ink2)' } as const;
  // From near the rim may lie below what is in sight, and its word with it.
  const besideY = at.originY + reachPx + 18;
  const frontY = withSun ? Math.max(heightPx - 10, besideY) : Math.min(heightPx - 8, besideY);
  return (
    <g pointerEvents="none">
      <text x={at.originX} y={at.originY - reachPx - (withSun ? 22 : 8)} {...word}>
        {back}
      </text>
      <text x={at.originX} y={frontY} {...word}>
        front
      </text>
    </g>
  );
}
