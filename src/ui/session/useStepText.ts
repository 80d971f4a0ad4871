'use client';

import { useEffect, useState } from 'react';
import type { Step } from '@/core/records/step';
import { useLibrary } from './LibraryProvider';

type Words = typeof import('@/words/done');

/**
 * Names steps of a history. Those that a room named itself are told at once; for the others the
 * words are fetched when the first of them is there, not before the room.
 */
export function useStepText(steps: readonly (Step | undefined)[]): (step: Step) => string {
  const { kindOf } = useLibrary();
  const [words, setWords] = useState<Words | null>(null);
  const needed = steps.some((step) => step && namedHere(step) === null);
  useEffect(() => {
    let here = true;
    if (needed) void import('@/words/done').then((found) => here && setWords(() => found));
    return () => {
      here = false;
    };
  }, [needed]);
  return (step) => namedHere(step) ?? words?.stepText(step, kindOf) ?? 'the last change';
}

/** The name a room gave a step; `null` when it is told as data. */
function namedHere({ done }: Step): string | null {
  const { did, name } = done as { readonly did?: string; readonly name?: string };
  return did === 'told' && name ? name : null;
}
