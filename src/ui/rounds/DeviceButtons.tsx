'use client';

import { useState } from 'react';
import type { Care } from '@/core/care/careOf';
import type { Day } from '@/core/calendar/day';
import type { Device } from '@/core/care/device';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { Button } from '@/ui/controls/Button';
import { deviceStandIn } from '@/ui/session/deviceStandIn';
import { say } from '@/ui/session/say';
import type { Walk } from './useRound';

/** Asks the simulated probe and scale of a container, and keeps what they show: for the made-up set only, since their readings are made up. */
export function DeviceButtons({
  it,
  care,
  today,
  hour,
  walk,
}: {
  readonly it: PlantingInSpot;
  readonly care: Care;
  readonly today: Day;
  readonly hour: number;
  readonly walk: Walk;
}) {
  const [isBusy, setBusy] = useState(false);
  const { id } = it.planting;
  const ask = async (name: string, device: Device, keep: (value: number) => void) => {
    setBusy(true);
    try {
      const answer = await device.read({ day: today, hour });
      if (answer.ok) keep(answer.value);
      else say(`The ${name} does not answer. What was reckoned holds.`);
    } catch {
      say(`The ${name} cannot be reached. What was reckoned holds.`);
    } finally {
      setBusy(false);
    }
  };
  const { measured } = care;
  const probe = deviceStandIn('moisture', {
    id,
    since: care.plantedOn,
    truth: () => measured.waterPercent,
    last: measured.probePercent,
  });
  const scale = deviceStandIn('scale', {
    id,
    since: care.plantedOn,
    truth: () => measured.weightKg,
    last: measured.scaleKg,
  });
  return (
    <div className="pt-2">
      <p className="flex flex-wrap items-center gap-2">
        <Button
          disabled={isBusy}
          onClick={() => void ask('probe', probe, (percent) => walk.probed(id, percent))}
        >
          Read the simulated probe
        </Button>
        <Button
          disabled={isBusy}
          onClick={() => void ask('scale', scale, (kg) => walk.weighed(id, kg))}
        >
          Weigh on the simulated scale
        </Button>
      </p>
      {/* A device that hangs is told, and is not believed. */}
      {measured.isStuck && (
        <p role="note" className="pt-1">
          The {measured.isStuck} shows the same as before it was watered: it is not believed.
        </p>
      )}
    </div>
  );
}
