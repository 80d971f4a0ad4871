import { subjectOf } from '@/core/seeing/subject';
import type { Brief } from '@/core/plantings/brief';
import type { KindId, PlantKind } from '@/core/plants/kind';
import type { Proposal } from '@/core/search/proposal';
import { CAN_HIRE } from '@/workers/canHire';
import { runJob } from '@/workers/runJob';
import { asItWouldStand, DRAWN_WEEKS } from './asItWouldStand';
import { proposalKey } from './proposalKey';

/**
 * Has what a search may show grown while it goes on, one after another: the drawing worker would rest meanwhile, and those that stay to
 * the end need only be painted then.
 * @returns to be told the best so far, whenever they change
 */
export function growingAhead(
  brief: Brief,
  kindOf: (id: KindId) => PlantKind | null,
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
        { subject: subjectOf(asItWouldStand(next, brief, 0, kindOf)), weeks: DRAWN_WEEKS },
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
