'use client';

import { RoomError } from '@/ui/shell/RoomError';
import './globals.css';

/** Shown in the place of everything when the frame round the rooms itself stumbles. */
export default function AllStumbled({
  error,
  reset,
}: {
  readonly error: Error;
  readonly reset: () => void;
}) {
  return (
    <html lang="en">
      <body>
        <main className="mx-auto max-w-[1320px] px-4">
          <RoomError room="Rillbank" error={error} onRetry={reset} />
        </main>
      </body>
    </html>
  );
}
