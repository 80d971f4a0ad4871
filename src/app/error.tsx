'use client';

import { usePathname } from 'next/navigation';
import { RoomError } from '@/ui/shell/RoomError';

/** Rooms by their address, as they are called in a sentence. */
const ROOMS: Readonly<Record<string, string>> = {
  bench: 'The bench',
  plants: 'The plant book',
  shed: 'The shed',
  shelf: 'The shelf',
  spot: 'The spot',
  start: 'The start sheet',
  terrace: 'The terrace',
  trolley: 'The trolley',
};

/** Shown in the place of a room that stumbles; the frame round it stays. One for all rooms, so that none fetches its own before it is needed. */
export default function Stumbled({
  error,
  reset,
}: {
  readonly error: Error;
  readonly reset: () => void;
}) {
  const room = ROOMS[usePathname().split('/')[1] ?? ''] ?? 'The yard';
  return <RoomError room={room} error={error} onRetry={reset} />;
}
