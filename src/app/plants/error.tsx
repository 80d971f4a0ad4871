'use client';

import { RoomError } from '@/ui/shell/RoomError';

export default function Stumbled({
  error,
  reset,
}: {
  readonly error: Error;
  readonly reset: () => void;
}) {
  return <RoomError room="The plant book" error={error} onRetry={reset} />;
}
