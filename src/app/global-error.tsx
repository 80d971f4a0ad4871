'use client';

import dynamic from 'next/dynamic';
import './globals.css';

// The frame of all rooms seldom stumbles: what is said then is not fetched with every room.
const RoomError = dynamic(() => import('@/ui/shell/RoomError').then((m) => m.RoomError), {
  ssr: false,
  loading: () => (
    <p className="py-12">
      Rillbank stumbled. What you have written is safe in this browser.{' '}
      <a href="/shed" className="underline">
        To the shed
      </a>
    </p>
  ),
});

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
