'use client';

import { useState } from 'react';
import { expectedKlx, seenFromKlx } from '@/core/spots/lightMeter';
import type { LogDay, Spot } from '@/core/spots/spot';
import { Button } from '@/ui/controls/Button';
import { deviceStandIn } from '@/ui/session/deviceStandIn';
import { say } from '@/ui/session/say';

/** Reads the simulated light meter for every hour of a day, as one that was left out: for the made-up set only. */
export function LightMeter({
  spot,
  date,
  hours,
  onSeen,
}: {
  readonly spot: Spot;
  readonly date: string;
  /** Hours of the clock in which the sun is up. */
  readonly hours: readonly number[];
  readonly onSeen: (seen: LogDay['hours']) => void;
}) {
  const [isBusy, setBusy] = useState(false);
  const ask = async () => {
    setBusy(true);
    const meter = deviceStandIn('light', {
      id: spot.id,
      since: date,
      truth: (hour) => expectedKlx(spot, date, hour),
    });
    const seen: (LogDay['hours'][number] | null)[] = Array.from({ length: 24 }, () => null);
    try {
      await Promise.all(
        hours.map(async (hour) => {
          const answer = await meter.read({ day: date, hour });
          if (answer.ok) seen[hour] = seenFromKlx(answer.value, spot, date, hour);
        }),
      );
      const told = seen.filter((one) => one !== null).length;
      if (told > 0) onSeen(seen);
      say(
        told > 0
          ? `The light meter told ${told} of ${hours.length} hours.`
          : 'The light meter does not answer. What was noted holds.',
      );
    } catch {
      say('The light meter cannot be reached. What was noted holds.');
    } finally {
      setBusy(false);
    }
  };
  return (
    <Button disabled={isBusy} onClick={() => void ask()}>
      Read the simulated light meter
    </Button>
  );
}
