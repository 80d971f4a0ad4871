'use client';

import { Pencil } from 'lucide-react';
import { useState } from 'react';
import { Button } from './Button';
import { IconButton } from './IconButton';
import { entryLook } from './looks';

const LONGEST = 80;

/** The name of what a room shows, as its title; typed anew on the spot. */
export function NameTitle({
  name,
  what,
  className,
  onName,
}: {
  readonly name: string;
  /** Whose name: "the planting". */
  readonly what: string;
  readonly className: string;
  readonly onName: (name: string) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  if (typed === null)
    return (
      <div className="flex min-w-0 items-center gap-1">
        <h1 translate="no" className={`display min-w-0 break-words ${className}`}>
          {name}
        </h1>
        <IconButton
          name="Rename"
          icon={<Pencil size={15} aria-hidden />}
          onClick={() => setTyped(name)}
        />
      </div>
    );
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        const next = typed.trim();
        if (next !== '' && next !== name) onName(next);
        setTyped(null);
      }}
      onKeyDown={(event) => event.key === 'Escape' && setTyped(null)}
      className="flex min-w-0 flex-wrap items-center gap-2"
    >
      <label>
        <span className="sr-only">Name of {what}</span>
        <input
          autoFocus
          className={`${entryLook({ size: 'title' })} max-w-full`}
          maxLength={LONGEST}
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
      </label>
      <Button look="act" type="submit">
        Keep
      </Button>
    </form>
  );
}
