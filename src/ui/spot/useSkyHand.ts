import { useRef, useState, type KeyboardEvent, type PointerEvent, type RefObject } from 'react';
import { edgeOf, type GripKind } from '@/core/spots/grips';
import type { Obstacle } from '@/core/spots/obstacle';
import { bearingOf, raisedTo, turnedTo, widenedTo } from '@/core/spots/silhouette';
import type { SkyScale } from './skyScale';

/** How far a hand must move before it drags, px. */
const SLACK_PX = 3;
const STEP_DEG = 2;
const LONG_STEP_DEG = 10;

interface SkyHand {
  readonly svg: RefObject<SVGSVGElement | null>;
  readonly scale: SkyScale;
  readonly leafHeightCm: number;
  readonly onSelect: (id: string | null) => void;
  /** A thing as it is dragged; `done` when the hand lets go. */
  readonly onChange: (obstacle: Obstacle, done: boolean) => void;
  readonly onLetGo: () => void;
  readonly onRemove: (id: string) => void;
}

interface Held {
  readonly obstacle: Obstacle;
  readonly grip: GripKind;
  readonly from: { readonly bearing: number; readonly altitude: number };
  readonly last: Obstacle | null;
}

/** What a hand and keys do to a thing on the sky strip: turned, raised, widened, taken away. Escape puts it back. */
export function useSkyHand({
  svg,
  scale,
  leafHeightCm,
  onSelect,
  onChange,
  onLetGo,
  onRemove,
}: SkyHand) {
  const drag = useRef<Held | null>(null);
  const [held, setHeld] = useState<string | null>(null);
  const skyAt = (event: PointerEvent) => {
    const box = svg.current!.getBoundingClientRect();
    return scale.placeAt(event.clientX - box.left, event.clientY - box.top);
  };
  const down = (event: PointerEvent<SVGElement>, obstacle: Obstacle, grip: GripKind) => {
    if (event.button !== 0) return;
    event.stopPropagation();
    event.currentTarget.setPointerCapture(event.pointerId);
    drag.current = { obstacle, grip, from: skyAt(event), last: null };
    setHeld(obstacle.id);
    onSelect(obstacle.id);
  };
  const move = (event: PointerEvent) => {
    const now = drag.current;
    if (!now) return;
    const to = skyAt(event);
    const by = {
      bearing: to.bearing - now.from.bearing,
      altitude: to.altitude - now.from.altitude,
    };
    if (!now.last && scale.pxOf(by.bearing, by.altitude) < SLACK_PX) return;
    const last = draggedTo(now, by, to.bearing, leafHeightCm);
    drag.current = { ...now, last };
    onChange(last, false);
  };
  const up = () => {
    const last = drag.current?.last;
    drag.current = null;
    setHeld(null);
    if (last) onChange(last, true);
  };
  const cancel = () => {
    drag.current = null;
    setHeld(null);
    onLetGo();
  };
  const key = (event: KeyboardEvent, obstacle: Obstacle) => {
    const stepped = steppedBy(event, obstacle, leafHeightCm);
    if (stepped) onChange(stepped, true);
    else if (event.key === 'Delete' || event.key === 'Backspace') onRemove(obstacle.id);
    else if (event.key === 'Escape') {
      cancel();
      onSelect(null);
    } else if (event.key === 'Enter' || event.key === ' ') onSelect(obstacle.id);
    else return;
    event.preventDefault();
  };
  return { held, down, move, up, cancel, key };
}

/** The thing as the hand has it now. */
function draggedTo(
  { obstacle, grip }: Held,
  by: { readonly bearing: number; readonly altitude: number },
  bearing: number,
  leafHeightCm: number,
): Obstacle {
  if (grip !== 'body') return widenedTo(obstacle, grip, bearing);
  const edge = edgeOf(obstacle, leafHeightCm);
  const turned = turnedTo(obstacle, bearingOf(obstacle) + by.bearing);
  return edge === null ? turned : raisedTo(turned, leafHeightCm, edge + by.altitude);
}

/** The thing after an arrow key; `null` when the key is none, or moves nothing of it. */
function steppedBy(
  { key, shiftKey }: Pick<KeyboardEvent, 'key' | 'shiftKey'>,
  obstacle: Obstacle,
  leafHeightCm: number,
): Obstacle | null {
  const step = shiftKey ? LONG_STEP_DEG : STEP_DEG;
  const edge = edgeOf(obstacle, leafHeightCm);
  if (key === 'ArrowLeft') return turnedTo(obstacle, bearingOf(obstacle) - step);
  if (key === 'ArrowRight') return turnedTo(obstacle, bearingOf(obstacle) + step);
  if (edge === null) return null;
  if (key === 'ArrowUp') return raisedTo(obstacle, leafHeightCm, edge + step);
  if (key === 'ArrowDown') return raisedTo(obstacle, leafHeightCm, edge - step);
  return null;
}
