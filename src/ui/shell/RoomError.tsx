'use client';

import { useState } from 'react';
import { saveRaw } from '@/ui/session/saveRaw';
import { Button, ButtonLink } from '@/ui/controls/Button';

interface RoomErrorProps {
  readonly error: Error;
  /** The room that stumbled: "The bench". */
  readonly room: string;
  readonly onRetry: () => void;
}

/** A room that stumbled: what is safe, where to go, and all that is stored as a file. */
export function RoomError({ error, room, onRetry }: RoomErrorProps) {
  const [saved, setSaved] = useState<boolean | null>(null);
  return (
    <div className="py-12">
      <h1 className="display text-room leading-10">{room} stumbled</h1>
      <p className="mt-2 max-w-[60ch] text-lead leading-6">
        Something here went wrong that we did not foresee. What you have written is safe in this
        browser. Try once more, or go on in another room.
      </p>
      <p className="mt-5 flex flex-wrap gap-3">
        <Button look="act" onClick={onRetry}>
          Try once more
        </Button>
        <ButtonLink href="/">To the yard</ButtonLink>
        <ButtonLink href="/shed">To the shed</ButtonLink>
        <Button onClick={() => void saveRaw().then(setSaved)}>Save all that is stored</Button>
      </p>
      {saved !== null && (
        <p role="status" className="mt-3">
          {saved
            ? 'Saved as a file, just as it lies.'
            : 'The browser would not hand it over. Close other windows of Rillbank and try again.'}
        </p>
      )}
      <p className="mt-6 max-w-[80ch] text-note text-ink2">
        What it says of itself: {error.message}
      </p>
    </div>
  );
}
