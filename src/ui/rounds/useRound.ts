'use client';

import { useMemo } from 'react';
import { addDays, localTime } from '@/core/calendar/day';
import { roundOf, walkingOrder, type Round } from '@/core/care/round';
import type { RuleId, Task } from '@/core/care/task';
import type { Felt, LooksBad } from '@/core/log/terms';
import type { What } from '@/core/log/entry';
import type { Draft } from '@/data/rooms/logStore';
import { askingKey, type Question } from '@/core/plantings/trial';
import { say } from '@/ui/session/say';
import { useClock } from '@/ui/session/useClock';
import { zoneOf, type Cared } from '@/ui/session/useCare';
import { useStore } from '@/ui/session/StoreProvider';
import type { Planted } from '@/ui/session/usePlanted';
import { useAside } from './useAside';

/** What is written when a task of a rule is done; where nothing says it, that the task is done. */
const DONE: Partial<Readonly<Record<RuleId, What>>> = {
  water: { did: 'watered', litres: null },
  pinch: { did: 'pinched' },
  deadhead: { did: 'deadheaded' },
  trim: { did: 'trimmed', share: 0.4 },
  tie: { did: 'tied' },
  turn: { did: 'turned', byDeg: 90 },
  cover: { did: 'covered' },
  uncover: { did: 'uncovered' },
  'bring in': { did: 'brought in' },
  wrap: { did: 'wrapped' },
};

export interface Walk {
  readonly round: Round;
  readonly order: readonly string[];
  /** Whose round; empty: everybody's. */
  readonly who: string;
  readonly done: (task: Task) => void;
  readonly skip: (task: Task) => void;
  readonly later: (task: Task) => void;
  /** Keeps what was answered to the questions of a trial. */
  readonly asked: (task: Task, answers: readonly (readonly [Question, number])[]) => void;
  /** Puts several off until tomorrow at once. */
  readonly laterAll: (tasks: readonly Task[]) => void;
  readonly bad: (plantingId: string, how: LooksBad) => void;
  readonly felt: (plantingId: string, how: Felt) => void;
  /** Keeps what a probe showed, percent of the mix's volume. */
  readonly probed: (plantingId: string, percent: number) => void;
  /** Keeps what it weighs, kg. */
  readonly weighed: (plantingId: string, kg: number) => void;
  /** All that is to be watered is, but for these. */
  readonly allWatered: (but: readonly string[]) => void;
  /** From now on it is walked in this order. */
  readonly keepOrder: (order: readonly string[]) => void;
}

/** Today's round: in the order in which it is walked, each answer in the log as it is given. */
export function useRound(planted: Planted, cared: Cared, who: string): Walk {
  const store = useStore();
  const clock = useClock();
  const { its, log } = planted;
  const { today } = cared;
  const zone = zoneOf(its);
  const ids = useMemo(
    () =>
      its
        .filter(({ spot }) => who === '' || spot.waters.who === who)
        .map(({ planting }) => planting.id)
        .filter((id) => cared.byId.has(id)),
    [its, cared, who],
  );
  const aside = useAside(cared.log);
  const order = useMemo(() => walkingOrder(ids, log, today), [ids, log, today]);
  const round = useMemo(
    () =>
      roundOf(
        order,
        [...cared.byId.values()]
          .flatMap(({ tasks }) => tasks)
          .filter((task) => !aside.isAside(task)),
        today,
      ),
    [order, cared, aside, today],
  );
  /** Writes what was answered to tasks, which are aside at once. */
  const write = (
    drafts: readonly Omit<Draft, 'at' | 'zone'>[],
    told: string,
    tasks: readonly Task[] = [],
  ) => {
    if (!store) return;
    const at = localTime(zone, clock.now());
    const writing = store.log.write(
      drafts.map((draft) => ({ at, zone, ...(who ? { who } : {}), ...draft })),
    );
    aside.lay(tasks, writing);
    void writing.then((entries) =>
      say(told, {
        label: 'Undo',
        go: () => {
          aside.back(tasks);
          void store.log.takeBackAll(entries, localTime(zone, clock.now()));
        },
      }),
    );
  };
  const ofTask = ({ plantingId, places }: Task): Draft['of'] => ({
    plantingId,
    ...(places.length > 0 ? { placeIds: places } : {}),
  });
  const whatOf = (task: Task): What => {
    if (task.facts.rule === 'feed')
      return {
        did: 'fed',
        what: task.facts.what,
        grams: task.facts.perCanMl === null ? task.facts.amount : null,
      };
    return DONE[task.rule] ?? { did: 'task done', task: task.key };
  };
  const putOff = ({ plantingId, key }: Task): Omit<Draft, 'at' | 'zone'> => ({
    of: { plantingId },
    what: { did: 'task later', task: key, until: addDays(today, 1) },
  });
  return {
    round,
    order,
    who,
    done: (task) =>
      write([{ of: ofTask(task), what: whatOf(task) }], 'Done, and in the log.', [task]),
    skip: (task) =>
      write(
        [{ of: { plantingId: task.plantingId }, what: { did: 'task skipped', task: task.key } }],
        'Skipped: it is asked again when it is due again.',
        [task],
      ),
    asked: (task, answers) => {
      const { facts, plantingId } = task;
      if (facts.rule !== 'ask') return;
      const drafts = answers.map(([question, value]): Omit<Draft, 'at' | 'zone'> => ({
        of: { plantingId },
        what: {
          did: 'asked',
          trialId: facts.trialId,
          question: askingKey(question, facts.asking),
          answer: String(value),
        },
      }));
      write(drafts, 'Written down for the trial.', [task]);
    },
    later: (task) => write([putOff(task)], 'Put off until tomorrow.', [task]),
    laterAll: (tasks) => write(tasks.map(putOff), 'Put off until tomorrow. Enjoy the day.', tasks),
    bad: (plantingId, how) =>
      write(
        [{ of: { plantingId }, what: { did: 'looks bad', how, words: '' } }],
        'Told: it looks bad.',
      ),
    felt: (plantingId, how) =>
      write(
        [{ of: { plantingId }, what: { did: 'felt', how } }],
        'Its water is put right by your finger.',
      ),
    probed: (plantingId, percent) =>
      write(
        [{ of: { plantingId }, what: { did: 'reading', device: 'moisture', value: percent } }],
        `The probe says ${percent}%.`,
      ),
    weighed: (plantingId, kg) =>
      write(
        [{ of: { plantingId }, what: { did: 'weighed', kg } }],
        `It weighs ${kg.toFixed(1)} kg.`,
      ),
    allWatered: (but) => {
      const all = round.stops.flatMap(({ tasks }) => tasks).filter(({ rule }) => rule === 'water');
      const watered = all.filter(({ plantingId }) => !but.includes(plantingId));
      write(
        watered.map((task) => ({ of: ofTask(task), what: { did: 'watered', litres: null } })),
        `${watered.length} watered${but.length > 0 ? `, ${but.length} left` : ''}.`,
        watered,
      );
    },
    keepOrder: (told) =>
      write([{ of: {}, what: { did: 'round', order: told } }], 'Next time it goes in this order.'),
  };
}
