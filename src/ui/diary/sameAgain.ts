import { again } from '@/core/diary/again';
import { badlyIn } from '@/core/learning/badly';
import type { Entry } from '@/core/log/entry';
import { applyEdit, swapEdit } from '@/core/plantings/edits';
import { inSpot, type Planting, type PlantingInSpot } from '@/core/plantings/planting';
import type { KindId } from '@/core/plants/kind';
import type { Library } from '@/core/plants/library';
import { runJob } from '@/workers/runJob';

/** A planting as it is to be made next year, and which kinds were changed for which. */
export interface SameAgain {
  readonly planting: Planting;
  readonly changed: readonly { readonly from: KindId; readonly to: KindId }[];
}

/** The same once more, with the best stand-in in the place of each kind that went wrong; one that has none stays. */
export async function sameAgain(
  it: PlantingInSpot,
  held: readonly Entry[],
  kindOf: Library['kindOf'],
): Promise<SameAgain> {
  let planting = again(it.planting, `planting-${crypto.randomUUID().slice(0, 8)}`);
  const changed: { readonly from: KindId; readonly to: KindId }[] = [];
  for (const { kindId } of badlyIn(it, held)) {
    const now = inSpot(planting, it.spot, kindOf, it.house);
    const [best] = await runJob('standIns', { it: now, kindId, only: null }, {});
    if (!best) continue;
    planting = applyEdit(planting, swapEdit(kindId, best.kindId, best.size));
    changed.push({ from: kindId, to: best.kindId });
  }
  return { planting, changed };
}
