'use client';

import { useEffect, useState } from 'react';
import type { Turned } from '@/core/spots/sighting';

/** How long a device has to say how it is turned, ms: one without sensors says nothing. */
const PATIENCE_MS = 2500;
/** Simulated: a steady hand that sways a little, degrees and ms. */
const SWAY_DEG = 0.4;
const SWAY_MS = 200;

type Asking = typeof DeviceOrientationEvent & {
  readonly requestPermission?: () => Promise<'granted' | 'denied'>;
};
interface WithCompass extends DeviceOrientationEvent {
  readonly webkitCompassHeading?: number;
  readonly webkitCompassAccuracy?: number;
}

export type TurnedNow =
  | { readonly is: 'asked for' | 'refused' | 'not there' }
  | { readonly is: 'told'; readonly turned: Turned; readonly isSimulated: boolean };

/** A simulated sensor in a hand that sways. @returns ends it */
function simulate(
  { bearingDeg, altitudeDeg }: { readonly bearingDeg: number; readonly altitudeDeg: number },
  tell: (now: TurnedNow) => void,
): () => void {
  let tick = 0;
  const timer = setInterval(() => {
    tick += 1;
    const turned = {
      alpha: (360 - bearingDeg + Math.sin(tick) * SWAY_DEG + 360) % 360,
      beta: altitudeDeg + Math.cos(tick * 1.7) * SWAY_DEG,
      gamma: 0,
      compassDoubtDeg: null,
    };
    tell({ is: 'told', isSimulated: true, turned });
  }, SWAY_MS);
  return () => clearInterval(timer);
}

/** What a sensor told; `null` where it does not tell from north. */
function turnedBy(event: WithCompass): Turned | null {
  const { alpha, beta, gamma, webkitCompassHeading: heading, webkitCompassAccuracy } = event;
  if (beta === null || gamma === null) return null;
  if (heading === undefined && (!event.absolute || alpha === null)) return null;
  return {
    alpha: heading === undefined ? alpha! : 360 - heading,
    beta,
    gamma,
    compassDoubtDeg: webkitCompassAccuracy ?? null,
  };
}

/** Listens to the device's own sensors, after asking for leave. @returns ends it */
function listen(tell: (now: TurnedNow) => void): () => void {
  let isOn = true;
  let isHeard = false;
  const hear = (event: Event) => {
    const turned = turnedBy(event as WithCompass);
    if (!turned) return;
    isHeard = true;
    tell({ is: 'told', isSimulated: false, turned });
  };
  const begin = async () => {
    const asking = (DeviceOrientationEvent as Asking).requestPermission?.();
    const leave = await asking?.catch(() => 'denied');
    if (!isOn) return;
    if (leave === 'denied') return tell({ is: 'refused' });
    for (const name of SENSORS) window.addEventListener(name, hear);
  };
  void begin();
  const patience = setTimeout(() => isHeard || tell({ is: 'not there' }), PATIENCE_MS);
  return () => {
    isOn = false;
    clearTimeout(patience);
    for (const name of SENSORS) window.removeEventListener(name, hear);
  };
}

const SENSORS = ['deviceorientationabsolute', 'deviceorientation'] as const;

/**
 * How the device is turned, as its sensors tell it; asks for leave where the browser wants that.
 * @param simulated what a simulated sensor points at, in the place of the device's own; `null`: the device's own
 */
export function useTurned(
  simulated: { readonly bearingDeg: number; readonly altitudeDeg: number } | null,
): TurnedNow {
  const [now, setNow] = useState<TurnedNow>({ is: 'asked for' });
  useEffect(() => {
    if (simulated) return simulate(simulated, setNow);
    if (typeof DeviceOrientationEvent !== 'undefined') return listen(setNow);
    const timer = setTimeout(() => setNow({ is: 'not there' }));
    return () => clearTimeout(timer);
  }, [simulated]);
  return now;
}
