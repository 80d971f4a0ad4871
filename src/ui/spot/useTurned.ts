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

/**
 * How the device is turned, as its sensors tell it; asks for leave where the browser wants that.
 * @param simulated what a simulated sensor points at, in the place of the device's own; `null`: the device's own
 */
export function useTurned(
  simulated: { readonly bearingDeg: number; readonly altitudeDeg: number } | null,
): TurnedNow {
  const [now, setNow] = useState<TurnedNow>({ is: 'asked for' });
  useEffect(() => {
    if (simulated) {
      let tick = 0;
      const timer = setInterval(() => {
        tick += 1;
        setNow({
          is: 'told',
          isSimulated: true,
          turned: {
            alpha: (360 - simulated.bearingDeg + Math.sin(tick) * SWAY_DEG + 360) % 360,
            beta: simulated.altitudeDeg + Math.cos(tick * 1.7) * SWAY_DEG,
            gamma: 0,
            compassDoubtDeg: null,
          },
        });
      }, SWAY_MS);
      return () => clearInterval(timer);
    }
    if (typeof DeviceOrientationEvent === 'undefined') {
      const timer = setTimeout(() => setNow({ is: 'not there' }));
      return () => clearTimeout(timer);
    }
    const hear = (event: WithCompass) => {
      const { alpha, beta, gamma, webkitCompassHeading: heading } = event;
      if (beta === null || gamma === null || (alpha === null && heading === undefined)) return;
      // Only what is told from north tells a bearing.
      if (heading === undefined && !event.absolute) return;
      setNow({
        is: 'told',
        isSimulated: false,
        turned: {
          alpha: heading === undefined ? alpha! : 360 - heading,
          beta,
          gamma,
          compassDoubtDeg: event.webkitCompassAccuracy ?? null,
        },
      });
    };
    const names = ['deviceorientationabsolute', 'deviceorientation'] as const;
    let isOn = true;
    const begin = async () => {
      const leave = await (DeviceOrientationEvent as Asking)
        .requestPermission?.()
        .catch(() => 'denied');
      if (!isOn) return;
      if (leave === 'denied') return setNow({ is: 'refused' });
      for (const name of names) window.addEventListener(name, hear as EventListener);
    };
    void begin();
    const patience = setTimeout(
      () => setNow((told) => (told.is === 'asked for' ? { is: 'not there' } : told)),
      PATIENCE_MS,
    );
    return () => {
      isOn = false;
      clearTimeout(patience);
      for (const name of names) window.removeEventListener(name, hear as EventListener);
    };
  }, [simulated]);
  return now;
}
