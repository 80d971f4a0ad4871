'use client';

import { useEffect, useEffectEvent, useRef, useState } from 'react';
import type { Brief } from '@/core/plantings/brief';
import type { House } from '@/core/plantings/house';
import type { KindId } from '@/core/plants/kind';
import { seedOf } from '@/core/random/hash';
import type { Obstacles } from '@/core/search/obstacles';
import type { Proposal } from '@/core/search/proposal';
import { usualEndWeek } from '@/core/suitability/usualStay';
import { say } from '@/ui/session/say';
import { runJob } from '@/workers/runJob';
import { proposalKey } from './proposalKey';
import type { StartReading } from './startForm';
import { useLibrary } from '@/ui/session/LibraryProvider';

/** Casts judged before the six are shown, and how many are shown. */
const EFFORT = 48;
const WANTED = 6;
/** Plantings judged to make the six shown better, after they are shown: about a second in the worker. */
const IMPROVE = 300;
/** Rest after the last change of the form before a new search, ms. */
const REST_MS = 260;

export type GoodReading = Extract<StartReading, { ok: true }>;

/** The brief of a sheet that reads, until when plantings of that week are usually looked at. */
export function briefFrom(
  { container, spot, wishes }: GoodReading,
  plantedWeek: number,
  house: House,
  shelfId: string | null = null,
): Brief {
  const endWeek = usualEndWeek(plantedWeek, spot);
  return { container, shelfId, spot, wishes, plantedWeek, endWeek, house };
}

/**
 * Searches in the worker whenever the form rests; a new search gives the old one up.
 * @param only kinds to choose from; `null`: all
 */
export function useProposals(
  reading: StartReading,
  plantedWeek: number,
  only: readonly KindId[] | null,
  house: House,
) {
  const { kindOf } = useLibrary();
  // A library that arrives later is no reason to search again.
  const kindNow = useEffectEvent((id: KindId) => kindOf(id));
  const [proposals, setProposals] = useState<readonly Proposal[]>([]);
  // Found after those shown: they are offered beside, and nothing is swapped away under the reader's eye.
  const [better, setBetter] = useState<readonly Proposal[]>([]);
  const [looking, setLooking] = useState(true);
  const [why, setWhy] = useState<Obstacles>({ obstacles: [], ruledOut: {} });
  const first = useRef(true);
  useEffect(() => {
    if (!reading.ok) return;
    const giveUp = new AbortController();
    const timer = setTimeout(
      async () => {
        setLooking(true);
        // What was found for another sheet is not better for this one.
        setBetter([]);
        setWhy({ obstacles: [], ruledOut: {} });
        const brief = briefFrom(reading, plantedWeek, house);
        const ask = {
          ...brief,
          seed: seedOf(reading.container.name),
          only,
        };
        try {
          let shown: readonly Proposal[] | null = null;
          const show = (list: readonly Proposal[]) => {
            shown = list;
            setProposals(list);
            setBetter([]);
          };
          let grow: ((best: readonly Proposal[]) => void) | null = null;
          // Comes while the search goes on; without it the pictures come later.
          void import('./growAhead').then(
            ({ growingAhead }) => {
              grow = growingAhead(brief, (id) => kindNow(id), giveUp.signal);
            },
            () => undefined,
          );
          const found = await runJob(
            'propose',
            { ...ask, effort: EFFORT, wanted: WANTED, improve: IMPROVE },
            {
              signal: giveUp.signal,
              // All at once, when the casts are judged: what is improved after that is offered, not swapped in.
              onProgress: ({ isJudged, best }) => {
                if (shown !== null) return;
                if (isJudged && best.length === WANTED) show(best);
                else grow?.(best);
              },
            },
          );
          if (shown === null) show(found);
          else setBetter(newIn(found, shown).length > 0 ? found : []);
          if (found.length < 6) setWhy(await runJob('obstacles', ask, { signal: giveUp.signal }));
          setLooking(false);
        } catch (error) {
          if ((error as Error).name !== 'AbortError') {
            setLooking(false);
            say(`The search stopped: ${(error as Error).message}`);
          }
        }
      },
      first.current ? 0 : REST_MS,
    );
    first.current = false;
    return () => {
      clearTimeout(timer);
      giveUp.abort();
    };
  }, [reading, plantedWeek, only, house]);
  return {
    proposals: reading.ok ? proposals : [],
    /** How many are better than those shown. */
    betterCount: newIn(better, proposals).length,
    showBetter: () => {
      setProposals(better);
      setBetter([]);
    },
    looking: reading.ok && looking,
    ...why,
  };
}

/** Of a list, those that are not in another. */
function newIn(list: readonly Proposal[], other: readonly Proposal[]): readonly Proposal[] {
  const there = new Set(other.map(proposalKey));
  return list.filter((one) => !there.has(proposalKey(one)));
}
