'use client';

import { History as Clock } from 'lucide-react';
import type { History, Step } from '@/core/records/step';
import { Pop } from '@/ui/controls/Pop';
import { countText } from '@/words/format';
import { stepText } from '@/words/done';
import { useLibrary } from './LibraryProvider';
import { Button } from '@/ui/controls/Button';

interface HistoryProps {
  readonly history: History;
  readonly onWalk: (steps: number) => void;
}

/** Every change by name, the newest first; pressing one goes back to just after it, or forward again. */
export default function HistorySheet({ history: { past, future }, onWalk }: HistoryProps) {
  const { kindOf } = useLibrary();
  const last = past[past.length - 1];
  const row = (name: string, steps: number, key: string) => (
    <li key={key}>
      <Button
        look="bare"
        className="w-full py-1 text-left hover:bg-wash"
        onClick={() => onWalk(steps)}
      >
        {name}{' '}
        <span className="text-ink2">
          {steps < 0 ? `undo ${countText(-steps, 'step')}` : `redo ${countText(steps, 'step')}`}
        </span>
      </Button>
    </li>
  );
  const rowOf = (step: Step, steps: number) => row(stepText(step, kindOf), steps, step.id);
  return (
    <Pop
      icon={<Clock size={17} aria-hidden />}
      name="History"
      bare
      disabled={past.length + future.length === 0}
    >
      <ol aria-label="Changes" className="max-h-[50vh] overflow-y-auto">
        {[...future].reverse().map((step, i) => rowOf(step, future.length - i))}
        <li className="border-y border-rule py-1 font-semibold">
          {last ? `${stepText(last, kindOf)}: here now` : 'As it was begun: here now'}
        </li>
        {[...past]
          .reverse()
          .slice(1)
          .map((step, i) => rowOf(step, -(i + 1)))}
        {last && row('As it was begun', -past.length, 'begun')}
      </ol>
    </Pop>
  );
}
