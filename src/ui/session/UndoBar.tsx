'use client';

import dynamic from 'next/dynamic';
import { Redo2, Undo2, type LucideIcon } from 'lucide-react';
import type { History, Step } from '@/core/records/step';
import { useStepText } from './useStepText';
import { useUndoKeys } from './useUndoKeys';
import { IconButton } from '@/ui/controls/IconButton';

const HistorySheet = dynamic(() => import('./HistorySheet'), { ssr: false });

interface UndoBarProps {
  readonly editing: {
    readonly history: History;
    readonly undo: () => void;
    readonly redo: () => void;
    readonly walk: (steps: number) => void;
  };
}

/** Undo, redo and the history, the same in every room, with their keys. */
export function UndoBar({ editing: { history, undo, redo, walk } }: UndoBarProps) {
  const { past, future } = history;
  const [last, next] = [past[past.length - 1], future[0]];
  const textOf = useStepText([last, next]);
  useUndoKeys(undo, redo);
  const nameOf = (word: string, step: Step | undefined) =>
    step ? `${word}: ${textOf(step)}` : null;
  return (
    <span className="flex items-center">
      <Turn word="Undo" keys="Ctrl Z" icon={Undo2} name={nameOf('Undo', last)} onTurn={undo} />
      <Turn
        word="Redo"
        keys="Ctrl Shift Z"
        icon={Redo2}
        name={nameOf('Redo', next)}
        onTurn={redo}
      />
      <HistorySheet history={history} onWalk={walk} />
    </span>
  );
}

interface TurnProps {
  readonly word: 'Undo' | 'Redo';
  readonly keys: string;
  readonly icon: LucideIcon;
  /** With what would be turned; `null` when there is nothing. */
  readonly name: string | null;
  readonly onTurn: () => void;
}

function Turn({ word, keys, icon: Icon, name, onTurn }: TurnProps) {
  return (
    <IconButton
      name={name ?? word}
      tip={name ? `${name} (${keys})` : `Nothing to ${word.toLowerCase()}`}
      disabled={name === null}
      onClick={onTurn}
      icon={<Icon size={18} aria-hidden />}
    />
  );
}
