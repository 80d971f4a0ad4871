'use client';

import { useState } from 'react';
import { mixFactsOf } from '@/core/containers/mixes';
import type { Care } from '@/core/care/careOf';
import type { Day } from '@/core/calendar/day';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { Button } from '@/ui/controls/Button';
import { say } from '@/ui/session/say';
import type { Walk } from './useRound';

/** Asks the simulated probe in this mix, and keeps what it shows. A probe that hangs is told, and is not believed. */
export function ProbeButton({
  it,
  care,
  today,
  since,
  walk,
}: {
  readonly it: PlantingInSpot;
  readonly care: Care;
  readonly today: Day;
  readonly since: Day;
  readonly walk: Walk;
}) {
  const [isBusy, setBusy] = useState(false);
  const ask = async () => {
    setBusy(true);
    const { waterShare, wiltShare } = mixFactsOf(it.planting.container);
    const water = 100 * (wiltShare + care.outlook.share * (waterShare - wiltShare));
    const search = new URLSearchParams({
      probe: it.planting.id,
      day: today,
      since,
      water: water.toFixed(1),
    });
    try {
      const answer = (await (await fetch(`/api/probe?${search}`)).json()) as {
        readonly ok?: boolean;
        readonly percent?: number;
      };
      if (answer.ok && typeof answer.percent === 'number')
        walk.probed(it.planting.id, answer.percent);
      else say('The probe does not answer. What was reckoned holds.');
    } catch {
      say('The probe cannot be reached. What was reckoned holds.');
    } finally {
      setBusy(false);
    }
  };
  return (
    <span className="flex flex-wrap items-center gap-2">
      <Button disabled={isBusy} onClick={() => void ask()}>
        Read the probe
      </Button>
      {care.isProbeStuck && (
        <span role="note">
          The probe shows the same as before it was watered: it is not believed.
        </span>
      )}
    </span>
  );
}
