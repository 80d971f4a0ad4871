'use client';

import { useState } from 'react';
import { Button } from '@/ui/controls/Button';
import { entryLook } from '@/ui/controls/looks';
import { say } from '@/ui/session/say';

/** A few words to keep with this planting, dated. */
export function NoteField({ onNote }: { readonly onNote: (words: string) => void }) {
  const [words, setWords] = useState<string | null>(null);
  if (words === null) return <Button onClick={() => setWords('')}>Note</Button>;
  const keep = () => {
    if (words.trim()) {
      onNote(words.trim());
      say('Noted.');
    }
    setWords(null);
  };
  return (
    <form
      className="flex basis-full gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        keep();
      }}
    >
      <input
        autoFocus
        aria-label="Note"
        maxLength={2000}
        className={entryLook({ size: 'large', className: 'min-w-0 flex-1' })}
        value={words}
        onChange={(event) => setWords(event.target.value)}
      />
      <Button type="submit">Keep it</Button>
    </form>
  );
}
