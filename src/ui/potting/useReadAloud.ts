'use client';

import { useEffect, useState } from 'react';

export interface ReadAloud {
  readonly isPossible: boolean;
  readonly isOn: boolean;
  readonly toggle: () => void;
}

/** Reads a text aloud whenever it changes, once that is wished, where the browser can speak. */
export function useReadAloud(text: string): ReadAloud {
  const [isOn, setOn] = useState(false);
  const isPossible = typeof speechSynthesis !== 'undefined';
  useEffect(() => {
    if (!isOn || !isPossible) return;
    speechSynthesis.cancel();
    const said = new SpeechSynthesisUtterance(text);
    said.lang = 'en';
    speechSynthesis.speak(said);
    return () => speechSynthesis.cancel();
  }, [text, isOn, isPossible]);
  return { isPossible, isOn, toggle: () => setOn(!isOn) };
}
