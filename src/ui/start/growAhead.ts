import { subjectOf } from '@/core/seeing/subject';
import type { PlantingInSpot } from '@/core/plantings/planting';
import type { Proposal } from '@/core/search/proposal';
import { CAN_HIRE } from '@/workers/canHire';
import { runJob } from '@/workers/runJob';
import { proposalKey } from './proposalKey';

/** Weeks after planting in which proposals are drawn. */
export const DRAWN_WEEKS = 10;

/**
 * Has what a search may show grown while it goes on, one after another: the drawing worker would rest meanwhile, and those that stay to
 * the end need only be painted then.
 * @param asItStands a proposal as it would stand; the same for what is shown, so that it is the same drawing
 * @returns to be told the best so far, whenever they change
 */
export function growingAhead(
  asItStands: (proposal: Proposal) => PlantingInSpot,
  signal: AbortSignal,
): (best: readonly Proposal[]) => void {
  const asked = new Set<string>();
  let likely: readonly Proposal[] = [];
  let busy = false;
  const grow = async () => {
    busy = true;
    for (;;) {
      const next = likely.find((proposal) => !asked.has(proposalKey(proposal)));
      if (!next || signal.aborted) break;
      asked.add(proposalKey(next));
      // What cannot be grown is told when it is drawn.
      await runJob(
        'grow',
        { subject: subjectOf(asItStands(next)), weeks: DRAWN_WEEKS },
        { signal },
      ).catch(() => null);
    }
    busy = false;
  };
  return (best) => {
    likely = best;
    if (CAN_HIRE.drawers && !busy) void grow();
  };
}
