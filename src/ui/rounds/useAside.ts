import { useMemo, useState } from 'react';
import type { Entry } from '@/core/log/entry';
import type { Task } from '@/core/care/task';

/** An answer that is given, and not yet in what was reckoned. */
interface Answer {
  readonly keys: readonly string[];
  /** Of the entries that keep it; `null` while they are written. */
  readonly entryIds: readonly string[] | null;
}

export interface Aside {
  /** Is it answered, so that it need not be asked while it is reckoned anew? */
  readonly isAside: (task: Task) => boolean;
  /** Lays tasks aside while their answer is written; they are back when it cannot be. */
  readonly lay: (tasks: readonly Task[], writing: Promise<readonly Entry[]>) => void;
  /** They are asked again: the answer is taken back. */
  readonly back: (tasks: readonly Task[]) => void;
}

/**
 * Tasks that were answered go at once, and stay away until what is asked has been reckoned with the answer.
 * @param log what had been told when the tasks were reckoned
 */
export function useAside(log: readonly Entry[]): Aside {
  const [answers, setAnswers] = useState<readonly Answer[]>([]);
  const isReckoned = ({ entryIds }: Answer) =>
    entryIds !== null && entryIds.every((id) => log.some((entry) => entry.id === id));
  const waiting = answers.filter((answer) => !isReckoned(answer));
  if (waiting.length < answers.length) setAnswers(waiting);
  return useMemo(() => {
    const away = new Set(answers.flatMap(({ keys }) => keys));
    const without = (keys: readonly string[]) => (now: readonly Answer[]) =>
      now.filter((answer) => answer.keys !== keys);
    return {
      isAside: ({ key }) => away.has(key),
      lay: (tasks, writing) => {
        if (tasks.length === 0) return;
        const keys = tasks.map(({ key }) => key);
        setAnswers((now) => [...now, { keys, entryIds: null }]);
        writing.then(
          (entries) =>
            setAnswers((now) => [
              ...without(keys)(now),
              { keys, entryIds: entries.map(({ id }) => id) },
            ]),
          () => setAnswers(without(keys)),
        );
      },
      back: (tasks) => {
        const keys = new Set(tasks.map(({ key }) => key));
        setAnswers((now) => now.filter((answer) => !answer.keys.some((key) => keys.has(key))));
      },
    };
  }, [answers]);
}
