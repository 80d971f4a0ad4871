import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { withMember, type Gathered, type Gathering } from '@/core/plantings/gathering';
import type { RecordEditing } from '@/ui/session/useRecordEditing';

/** How far a hand must move before it drags, px. */
const SLACK_PX = 3;
const STEP_CM = 1;
const LONG_STEP_CM = 5;
const HIGHEST_CM = 200;
const FURTHEST_CM = 500;

interface TerraceHand {
  readonly editing: Pick<RecordEditing<Gathering>, 'record' | 'apply' | 'preview'>;
  readonly pxPerCm: number;
  readonly nameOf: (plantingId: string) => string;
  readonly onPick: (plantingId: string | null) => void;
}

/** What a hand and keys do to a container of a terrace: dragged along the line, stepped, raised, set back, taken out. */
export function useTerraceHand({ editing, pxPerCm, nameOf, onPick }: TerraceHand) {
  const { record: group, apply, preview } = editing;
  const drag = useRef<{ id: string; x: number; at: number; moved: boolean } | null>(null);
  const change = (id: string, to: Partial<Gathered>, name: string) =>
    apply(withMember(group, id, to), name);
  const atOf = (event: PointerEvent, from: NonNullable<typeof drag.current>) =>
    Math.round(from.at + (event.clientX - from.x) / pxPerCm);

  const down = (event: PointerEvent, member: Gathered) => {
    if (event.button !== 0) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    drag.current = { id: member.plantingId, x: event.clientX, at: member.atCm, moved: false };
    onPick(member.plantingId);
  };
  const move = (event: PointerEvent) => {
    const held = drag.current;
    if (!held || (!held.moved && Math.abs(event.clientX - held.x) < SLACK_PX)) return;
    held.moved = true;
    preview(withMember(group, held.id, { atCm: atOf(event, held) }));
  };
  const up = (event: PointerEvent) => {
    const held = drag.current;
    drag.current = null;
    if (held?.moved) change(held.id, { atCm: atOf(event, held) }, `Moved ${nameOf(held.id)} along`);
  };
  const letGo = () => {
    drag.current = null;
    preview(null);
  };
  const key = (event: KeyboardEvent, member: Gathered) => {
    const { plantingId: id, atCm, raisedCm, backCm } = member;
    const name = nameOf(id);
    const step = event.shiftKey ? LONG_STEP_CM : STEP_CM;
    const does: Readonly<Record<string, () => void>> = {
      ArrowLeft: () => change(id, { atCm: atCm - step }, `Moved ${name} along`),
      ArrowRight: () => change(id, { atCm: atCm + step }, `Moved ${name} along`),
      ArrowUp: () =>
        change(id, { raisedCm: Math.min(HIGHEST_CM, raisedCm + LONG_STEP_CM) }, `Raised ${name}`),
      ArrowDown: () =>
        change(id, { raisedCm: Math.max(0, raisedCm - LONG_STEP_CM) }, `Lowered ${name}`),
      PageUp: () =>
        change(id, { backCm: Math.min(FURTHEST_CM, backCm + LONG_STEP_CM) }, `Set ${name} back`),
      PageDown: () =>
        change(id, { backCm: Math.max(0, backCm - LONG_STEP_CM) }, `Set ${name} forward`),
      Delete: () =>
        apply(
          { members: group.members.filter(({ plantingId }) => plantingId !== id) },
          `Took ${name} out of the group`,
        ),
      Escape: () => {
        letGo();
        onPick(null);
      },
      Enter: () => onPick(id),
    };
    if (!does[event.key]) return;
    event.preventDefault();
    does[event.key]!();
  };
  return { change, down, move, up, letGo, key };
}
