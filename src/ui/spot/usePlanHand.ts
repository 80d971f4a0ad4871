import { useRef, type KeyboardEvent, type PointerEvent, type RefObject } from 'react';
import { movedTo, pushed, type GroundPoint } from '@/core/spots/groundPlan';
import type { Obstacle } from '@/core/spots/obstacle';
import { bearingOf, turnedTo } from '@/core/spots/silhouette';

const STEP_CM = 10;
const LONG_STEP_CM = 100;
const STEP_DEG = 2;
const LONG_STEP_DEG = 10;

interface PlanHand {
  readonly svg: RefObject<SVGSVGElement | null>;
  /** Where the container is from the left and from above, px, and the plan's scale. */
  readonly half: number;
  readonly pxPerCm: number;
  readonly onHeld: (id: string | null) => void;
  readonly onSelect: (id: string | null) => void;
  /** A thing as it is dragged; `done` when the hand lets go. */
  readonly onChange: (obstacle: Obstacle, done: boolean) => void;
  readonly onLetGo: () => void;
  readonly onRemove: (id: string) => void;
}

/** What a hand and keys do to a thing on the plan: put elsewhere, pushed away, turned, taken away. */
export function usePlanHand({
  svg,
  half,
  pxPerCm,
  onHeld,
  onSelect,
  onChange,
  onLetGo,
  onRemove,
}: PlanHand) {
  const drag = useRef<{ readonly obstacle: Obstacle; readonly last: Obstacle | null } | null>(null);
  const groundAt = (event: PointerEvent): GroundPoint => {
    const box = svg.current!.getBoundingClientRect();
    return [
      (event.clientX - box.left - half) / pxPerCm,
      (half - (event.clientY - box.top)) / pxPerCm,
    ];
  };
  const down = (event: PointerEvent<SVGElement>, obstacle: Obstacle) => {
    if (event.button !== 0) return;
    event.stopPropagation();
    event.currentTarget.setPointerCapture(event.pointerId);
    drag.current = { obstacle, last: null };
    onHeld(obstacle.id);
    onSelect(obstacle.id);
  };
  const move = (event: PointerEvent) => {
    if (!drag.current) return;
    const last = movedTo(drag.current.obstacle, groundAt(event));
    drag.current = { ...drag.current, last };
    onChange(last, false);
  };
  const up = () => {
    const last = drag.current?.last;
    drag.current = null;
    onHeld(null);
    if (last) onChange(last, true);
  };
  const cancel = () => {
    drag.current = null;
    onHeld(null);
    onLetGo();
  };
  const key = (event: KeyboardEvent, obstacle: Obstacle) => {
    const [cm, deg] = event.shiftKey ? [LONG_STEP_CM, LONG_STEP_DEG] : [STEP_CM, STEP_DEG];
    if (event.key === 'ArrowUp') onChange(pushed(obstacle, cm), true);
    else if (event.key === 'ArrowDown') onChange(pushed(obstacle, -cm), true);
    else if (event.key === 'ArrowLeft')
      onChange(turnedTo(obstacle, bearingOf(obstacle) - deg), true);
    else if (event.key === 'ArrowRight')
      onChange(turnedTo(obstacle, bearingOf(obstacle) + deg), true);
    else if (event.key === 'Delete' || event.key === 'Backspace') onRemove(obstacle.id);
    else if (event.key === 'Escape') onSelect(null);
    else if (event.key === 'Enter' || event.key === ' ') onSelect(obstacle.id);
    else return;
    event.preventDefault();
  };
  return { down, move, up, cancel, key };
}
