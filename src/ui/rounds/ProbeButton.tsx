'use client';

import { useState } from 'react';
import type { Care } from '@/core/care/careOf';
import type { Day } from '@/core/calendar/day';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { Button } from '@/ui/controls/Button';
import { say } from '@/ui/session/say';
import { probeStandIn } from './probeStandIn';
import type { Walk } from './useRound';

/** Asks the simulated probe in this mix, and keeps what it shows: for the made-up set only, since its readings are made up. */
export function ProbeButton({
  it,
  care,
  today,
  walk,
}: {
  readonly it: PlantingInSpot;
  readonly care: Care;
  readonly today: Day;
  readonly walk: Walk;
}) {
  const [isBusy, setBusy] = useState(false);
  const ask = async () => {
    setBusy(true);
    try {
      const answer = await probeStandIn(it, care).read(today);
      if (answer.ok) walk.probed(it.planting.id, answer.percent);
      else say('The probe does not answer. What was reckoned holds.');
    } catch {
      say('The probe cannot be reached. What was reckoned holds.');
    } finally {
      setBusy(false);
    }
  };
  return (
    <p className="flex flex-wrap items-center gap-2 pt-2">
      <Button disabled={isBusy} onClick={() => void ask()}>
        Read the simulated probe
      </Button>
      {/* A probe that hangs is told, and is not believed. */}
      {care.isProbeStuck && (
        <span role="note">
          The probe shows the same as before it was watered: it is not believed.
        </span>
      )}
    </p>
  );
}
