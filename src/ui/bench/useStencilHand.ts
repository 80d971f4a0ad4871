import { useRef, useState, type KeyboardEvent, type PointerEvent, type RefObject } from 'react';
import type { Container } from '@/core/containers/container';
import type { Editing } from '@/ui/session/useEditing';
import { IDLE, reduce, type Gesture, type Ground, type Input } from './stencilGesture';
import { editOfKey } from './stencilKeys';
import type { PlanAt } from '@/ui/controls/PlanMarks';

/** A hand this near draws a plant to a line, and must move this far before it drags, px. */
const REACH_PX = 6;
const SLACK_PX = 3;

interface StencilHand {
  readonly paper: RefObject<SVGSVGElement | null>;
  readonly container: Container;
  readonly at: PlanAt;
  readonly plantIds: readonly string[];
  readonly selection: readonly string[];
  readonly onSelect: (places: readonly string[]) => void;
  readonly editing: Pick<Editing, 'planting' | 'apply' | 'preview'>;
}

/** What a hand and keys do on the stencil: the page's events handed to the gesture, its answers to the planting. */
export function useStencilHand({
  paper,
  container,
  at,
  plantIds,
  selection,
  onSelect,
  editing,
}: StencilHand) {
  const [gesture, setGesture] = useState<Gesture>(IDLE);
  const now = useRef<Gesture>(IDLE);
  const stored = useRef(editing.planting.places);
  const step = (input: Input) => {
    // A gesture is made on the planting as it was when it began: what is shown is already moved by it.
    if (now.current.name === 'idle') stored.current = editing.planting.places;
    const ground: Ground = {
      container,
      places: stored.current,
      selection,
      reachCm: REACH_PX / at.pxPerCm,
      slackCm: SLACK_PX / at.pxPerCm,
    };
    const { state, effects } = reduce(now.current, input, ground);
    now.current = state;
    setGesture(state);
    for (const effect of effects)
      if (effect.kind === 'select') onSelect(effect.places);
      else if (effect.kind === 'preview') editing.preview(effect.edit);
      else editing.apply(effect.edit);
  };
  const pointAt = (event: PointerEvent) => {
    const box = paper.current!.getBoundingClientRect();
    return {
      xCm: (event.clientX - box.left - at.originX) / at.pxPerCm,
      zCm: (event.clientY - box.top - at.originY) / at.pxPerCm,
    };
  };
  const down = (event: PointerEvent<SVGSVGElement>) => {
    if (event.button !== 0) return;
    const place = (event.target as Element).closest<SVGGElement>('[data-place]')?.dataset.place;
    const additive = event.shiftKey || event.ctrlKey || event.metaKey;
    // A finger on the paper scrolls the page; it picks and drags plants only.
    if (!place && event.pointerType === 'touch') return;
    event.currentTarget.setPointerCapture(event.pointerId);
    step(
      place
        ? { kind: 'press plant', place, at: pointAt(event), additive }
        : { kind: 'press paper', at: pointAt(event), additive },
    );
  };
  const go = (kind: 'move' | 'release', event: PointerEvent) => {
    if (now.current.name !== 'idle') step({ kind, at: pointAt(event), free: event.altKey });
  };
  const key = (event: KeyboardEvent, id: string) => {
    if (!keyed(event, id)) return;
    event.preventDefault();
    event.stopPropagation();
  };
  /** @returns whether the key did something */
  const keyed = (event: KeyboardEvent, id: string): boolean => {
    const withControl = event.ctrlKey || event.metaKey;
    if (event.key === 'Escape') {
      if (now.current.name === 'idle') editing.preview(null);
      step({ kind: 'escape' });
    } else if (event.key === 'a' && withControl) onSelect(plantIds);
    else if (event.key === ' ')
      onSelect(selection.includes(id) ? selection.filter((one) => one !== id) : [...selection, id]);
    else if (event.key === 'Enter') onSelect([id]);
    else {
      const edit = withControl
        ? null
        : editOfKey(event, editing.planting, selection.includes(id) ? selection : [id]);
      if (!edit) return false;
      editing.apply(edit);
    }
    return true;
  };
  return {
    gesture,
    down,
    move: (event: PointerEvent) => go('move', event),
    release: (event: PointerEvent) => go('release', event),
    cancel: () => step({ kind: 'escape' }),
    key,
  };
}
