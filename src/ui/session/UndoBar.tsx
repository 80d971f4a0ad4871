'use client';

import dynamic from 'next/dynamic';
import { Redo2, Undo2, type LucideIcon } from 'lucide-react';
import type { History, Step } from '@/core/records/step';
import { stepText } from '@/words/done';
import { useLibrary } from './LibraryProvider';
import { useUndoKeys } from './useUndoKeys';
import { Button } from '@/ui/controls/Button';

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
  useUndoKeys(undo, redo);
  return (
    <span className="flex items-center">
      <Turn word="Undo" keys="Ctrl Z" icon={Undo2} step={past[past.length - 1]} onTurn={undo} />
      <Turn word="Redo" keys="Ctrl Shift Z" icon={Redo2} step={future[0]} onTurn={redo} />
      <HistorySheet history={history} onWalk={walk} />
    </span>
  );
}

interface TurnProps {
  readonly word: 'Undo' | 'Redo';
  readonly keys: string;
  readonly icon: LucideIcon;
  readonly step: Step | undefined;
  readonly onTurn: () => void;
}

function Turn({ word, keys, icon: Icon, step, onTurn }: TurnProps) {
  const { kindOf } = useLibrary();
  const name = step ? `${word}: ${stepText(step, kindOf)}` : word;
  return (
    <Button
      look="icon"
      aria-label={name}
      title={step ? `${name} (${keys})` : `Nothing to ${word.toLowerCase()}`}
      disabled={!step}
      onClick={onTurn}
    >
      <Icon size={18} aria-hidden />
    </Button>
  );
}
