import { useEffect, useMemo, useState } from 'react';
import { opinionOf, type Remark } from '@/core/checks/opinion';
import type { CountedSeen } from '@/core/checks/reading';
import { CHECKS } from '@/core/checks/rules/index';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { whileStill } from '@/ui/session/scrolling';
import { useOneByOne } from '@/ui/session/useOneByOne';
import { runJob } from '@/workers/runJob';

/** One planting with what of it wants an answer, worst first. */
export interface Judged {
  readonly it: PlantingInSpot;
  readonly remarks: readonly Remark[];
}

function judge(it: PlantingInSpot, counted?: CountedSeen): Judged {
  return {
    it,
    remarks: opinionOf(it, counted).remarks.filter(
      ({ check, severity, meant }) =>
        !meant && (severity === 'trouble' || (CHECKS[check].weight > 0 && severity === 'look')),
    ),
  };
}

/** What was judged by counting, of which yard: what was counted for a yard that has changed is let go. */
interface Counted {
  readonly of: readonly PlantingInSpot[];
  readonly judged: ReadonlyMap<PlantingInSpot, Judged>;
}

/** Counting one takes a processor for about a second: of a long record so many are counted, those with something to think about first. */
const MOST_COUNTED = 60;

const judgeByEstimate = (it: PlantingInSpot): Judged => judge(it);

/**
 * Every planting judged: at first by an estimate of what is seen, then, one after the other, by counting it on the drawing as the Bench does,
 * so that both say the same; of a long record the first of them.
 * @returns `null` until all are judged by estimate
 */
export function useJudged(its: readonly PlantingInSpot[]): readonly Judged[] | null {
  const estimated = useOneByOne(its, judgeByEstimate);
  const [counted, setCounted] = useState<Counted>({ of: [], judged: new Map() });
  const results = estimated?.of === its ? estimated.results : null;
  useEffect(() => {
    if (!results || typeof Worker === 'undefined') return;
    const giveUp = new AbortController();
    const wanting = (one: Judged) => (one.remarks.length > 0 ? 0 : 1);
    const first = [...results].sort((a, b) => wanting(a) - wanting(b)).slice(0, MOST_COUNTED);
    void countAll(
      first.map(({ it }) => it),
      giveUp.signal,
      (one) =>
        setCounted((before) => ({
          of: its,
          judged: new Map(before.of === its ? before.judged : []).set(one.it, one),
        })),
    );
    return () => giveUp.abort();
  }, [its, results]);
  return useMemo(
    () => estimated && estimated.results.map((one) => counted.judged.get(one.it) ?? one),
    [estimated, counted],
  );
}

/** Counts and judges one planting after the other, never while the page scrolls; one that cannot be counted keeps its estimate. */
async function countAll(
  its: readonly PlantingInSpot[],
  signal: AbortSignal,
  onOne: (one: Judged) => void,
): Promise<void> {
  for (const it of its) {
    if (it.plants.length < 2) continue;
    const rows = await whileStill(
      (untilScrolled) => runJob('seen', { it }, { signal: untilScrolled }),
      signal,
    ).catch(() => null);
    if (signal.aborted) return;
    if (rows) onOne(judge(it, new Map(rows)));
  }
}
