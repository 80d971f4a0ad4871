import { USUAL_HOUSE } from '@/core/plantings/house';
import { opinionOf } from '@/core/checks/opinion';
import { read } from '@/core/checks/reading';
import type { Edit } from '@/core/plantings/edits';
import type { PlantingInSpot } from '@/core/plantings/planting';
import type { Settings } from '@/core/files/plantingFile';
import type { Editing } from '@/ui/session/useEditing';
import { subjectOf } from '@/core/seeing/subject';
import { keyed } from '@/words/names';

export const CM: Settings = { length: 'cm', currency: '£', theme: 'light', house: USUAL_HOUSE };
export const INCHES: Settings = { ...CM, length: 'in' };

/** A planting under the hand that writes down what is done to it. */
export function editingOf(
  it: PlantingInSpot,
): Editing & { readonly applied: Edit[]; readonly previewed: (Edit | null)[] } {
  const applied: Edit[] = [];
  const previewed: (Edit | null)[] = [];
  return {
    counted: new Map(),
    planting: it.planting,
    spot: it.spot,
    it,
    opinion: opinionOf(it),
    history: { past: [], future: [] },
    isHeld: false,
    applied,
    previewed,
    apply: (edit) => applied.push(edit),
    preview: (edit) => previewed.push(edit),
    undo: () => undefined,
    redo: () => undefined,
    walk: () => undefined,
  };
}

/** What the drawings of a planting are given. */
export function drawn(it: PlantingInSpot) {
  return { reading: read(it), keys: keyed(it), subject: subjectOf(it) };
}
