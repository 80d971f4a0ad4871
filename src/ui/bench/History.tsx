'use client';

import { History as Clock } from 'lucide-react';
import { Pop } from '@/ui/controls/Pop';
import type { Editing } from '@/ui/session/useEditing';
import { countText } from '@/words/format';

/** Every change of this planting by name, the newest first; pressing one goes back to just after it, or forward again. */
export default function HistorySheet({
  editing: { history, walk },
}: {
  readonly editing: Pick<Editing, 'history' | 'walk'>;
}) {
  const { past, future } = history;
  const row = (name: string, steps: number, key: string) => (
    <li key={key}>
      <button
        type="button"
        className="w-full py-1 text-left hover:bg-wash"
        onClick={() => walk(steps)}
      >
        {name}{' '}
        <span className="text-ink2">
          {steps < 0 ? `undo ${countText(-steps, 'step')}` : `redo ${countText(steps, 'step')}`}
        </span>
      </button>
    </li>
  );
  return (
    <Pop
      icon={<Clock size={17} aria-hidden />}
      name="History"
      bare
      disabled={past.length + future.length === 0}
    >
      <ol aria-label="Changes" className="max-h-[50vh] overflow-y-auto">
        {[...future]
          .reverse()
          .map(({ name }, i) => row(name, future.length - i, `f${future.length - i}`))}
        <li className="border-y border-rule py-1 font-semibold">
          {past.length > 0
            ? `${past[past.length - 1]!.name}: here now`
            : 'As it was begun: here now'}
        </li>
        {[...past]
          .reverse()
          .slice(1)
          .map(({ name }, i) => row(name, -(i + 1), `p${past.length - i}`))}
        {past.length > 0 && row('As it was begun', -past.length, 'begun')}
      </ol>
    </Pop>
  );
}
