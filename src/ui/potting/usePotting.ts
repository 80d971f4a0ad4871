'use client';

import { useMemo, useRef, useState } from 'react';
import { localTime, weekOfDay, dayIn } from '@/core/calendar/day';
import { read } from '@/core/checks/reading';
import { asBought, sizesBought } from '@/core/making/asBought';
import type { Entry } from '@/core/log/entry';
import {
  completes,
  END,
  indexShown,
  progressOf,
  type MakingProgress,
  type StepEntry,
} from '@/core/making/progress';
import { stepsOf, type MakingStep } from '@/core/making/steps';
import { endedByNext } from '@/core/diary/turnOver';
import type { Life } from '@/core/log/life';
import type { Photo } from '@/core/log/photoSchema';
import { allPlants, type PlantingInSpot } from '@/core/plantings/planting';
import type { Draft } from '@/data/rooms/logStore';
import { useClock } from '@/ui/session/useClock';
import { useStore } from '@/ui/session/StoreProvider';

type StepHow = StepEntry['what']['how'];

/** A step that took longer was interrupted, minutes. */
const LONGEST_MINUTES = 60;

export interface Potting {
  /** The planting with the sizes that were really bought. */
  readonly it: PlantingInSpot;
  readonly steps: readonly MakingStep[];
  readonly progress: MakingProgress;
  /** Which step is shown; the number of steps when all are answered. */
  readonly at: number;
  readonly step: MakingStep | null;
  readonly go: (at: number) => void;
  readonly answer: (how: 'done' | 'skipped') => void;
  /** Takes back what was answered of the step that is shown. */
  readonly unanswer: () => void;
  readonly note: (words: string) => void;
  /** Keeps a photograph of it from the front. */
  readonly photograph: (photo: Pick<Photo, 'widthPx' | 'heightPx' | 'jpeg'>) => Promise<void>;
}

/** The planting that this one goes on from: it stands until this one is planted. */
export interface Former {
  readonly it: PlantingInSpot;
  readonly life: Life;
  /** Its entries that hold, in order. */
  readonly held: readonly Entry[];
}

/** The making of one planting: what was answered is in the log, so that a phone that is locked or reloaded goes on where it was. */
export function usePotting(
  meant: PlantingInSpot,
  held: readonly Entry[],
  former: Former | null,
): Potting {
  const it = useMemo(() => asBought(meant, held), [meant, held]);
  const store = useStore();
  const clock = useClock();
  const steps = useMemo(() => stepsOf(read(it), it.house), [it]);
  const progress = useMemo(() => progressOf(steps, held), [steps, held]);
  /** Key of the step looked at; `null`: the next one to do. By its key, since steps of plants that are missing go once it is planted. */
  const [looked, setLooked] = useState<string | null>(null);
  /** Key of the answer on its way: a second press before it is kept is not a second answer. */
  const sent = useRef<string | null>(null);
  /** Answers on their way to the log: what is pressed next is answered with them in mind. */
  const underway = useRef(new Map<string, StepHow>());
  const since = useRef<number | null>(null);
  const at = indexShown(steps, progress, looked);
  const step = steps[at] ?? null;
  const zone = it.spot.site.timeZone;
  const here = (): Omit<Draft, 'what'> => ({
    at: localTime(zone, clock.now()),
    zone,
    of: {
      plantingId: it.planting.id,
      spotId: it.spot.id,
      ...(it.planting.shelfId ? { containerId: it.planting.shelfId } : {}),
    },
  });
  const draft = (what: Draft['what'], rest: Partial<Draft> = {}): Draft => ({
    ...here(),
    what,
    ...rest,
  });

  const minutesSince = (): number | null => {
    // How long a step takes is told by the real time that goes by, whatever day the clock is held on.
    const now = performance.now();
    const took = since.current === null ? null : (now - since.current) / 60_000;
    since.current = now;
    return took !== null && took <= LONGEST_MINUTES ? Math.round(took * 10) / 10 : null;
  };

  const answer = (how: 'done' | 'skipped') => {
    if (!step) return;
    const was = progress.answers.get(step.key);
    if (sent.current === step.key && !was) return;
    sent.current = step.key;
    for (const [key, on] of underway.current)
      if (progress.answers.get(key)?.what.how === on) underway.current.delete(key);
    const drafts: Draft[] = [
      draft(
        { did: 'step', key: step.key, how, minutes: minutesSince() },
        was ? { takesBack: was.id } : {},
      ),
    ];
    const whole = completes(steps, progress, { key: step.key, how }, allPlants(it), {
      staying: new Set(Object.keys(it.weeksBefore)),
      underway: underway.current,
    });
    underway.current.set(step.key, how);
    if (whole) drafts.push(draft({ did: 'planted', plants: whole.wentIn }));
    // What stood there until now is over with it, but for what stays.
    if (whole && former && former.life.plantedOn !== null && former.life.overOn === null)
      drafts.push(
        ...endedByNext(former.it, it.planting, former.life.gone).map(({ of, what }) =>
          draft(what, { of }),
        ),
      );
    if (step.what.do === 'put out' && how === 'done' && !progress.putOut)
      drafts.push(draft({ did: 'put out' }));
    const plantedWeek = weekOfDay(dayIn(zone, clock.now()));
    const kept = store?.log.write(
      drafts,
      whole
        ? {
            id: it.planting.id,
            edit: {
              kind: 'plant',
              plantedWeek,
              missing: whole.missing,
              sizes: Object.fromEntries(sizesBought(meant, held)),
            },
          }
        : undefined,
    );
    // What was not kept, and has been told, can be pressed again.
    kept?.catch(() => {
      sent.current = null;
      underway.current.delete(step.key);
    });
    // On to the next: the first without an answer, or the one after when one is gone through again.
    setLooked(looked === null ? null : (steps[at + 1]?.key ?? END));
  };

  const unanswer = () => {
    const was = step && progress.answers.get(step.key);
    if (!was || !step) return;
    const back = (entry: Entry) => draft({ did: 'taken back' }, { takesBack: entry.id });
    void store?.log.write([
      back(was),
      // What is not all in is not planted.
      ...(step.what.do === 'plant' && progress.planted
        ? [progress.planted, ...endedWith(progress.planted, former)].map(back)
        : []),
      ...(step.what.do === 'put out' && progress.putOut ? [back(progress.putOut)] : []),
    ]);
    // What was missing is meant again, as long as nothing else was changed since.
    if (step.what.do === 'plant' && progress.planted)
      void store?.history.undoLast({ table: 'plantings', id: it.planting.id }, 'planted');
    sent.current = null;
    underway.current.delete(step.key);
    setLooked(step.key);
  };

  return {
    it,
    steps,
    progress,
    at,
    step,
    go: (to) => setLooked(steps[Math.max(0, to)]?.key ?? END),
    answer,
    unanswer,
    note: (words) => void store?.log.write([draft({ did: 'noted', words })]),
    photograph: async (photo) =>
      store?.photos.keep({ plantingId: it.planting.id, ...photo }, { ...here(), angle: 'front' }),
  };
}

/** Entries of the former planting that were written as this one was planted. */
function endedWith({ at }: Entry, former: Former | null): readonly Entry[] {
  return (former?.held ?? []).filter(
    (entry) => entry.at === at && (entry.what.did === 'ended' || entry.what.did === 'removed'),
  );
}
