/** How near the drawings are looked at: so many times as large as they fit, and what is in the middle, cm from where it is when they fit. */
export interface Closer {
  readonly times: number;
  readonly xCm: number;
  readonly upCm: number;
  /** To the front, on the plan. */
  readonly zCm: number;
}

export const FIT: Closer = { times: 1, xCm: 0, upCm: 0, zCm: 0 };

/** Steps of the two buttons; a wheel stops between them. */
const STEPS = [1, 1.5, 2, 3, 4] as const;
export const MOST = 4;
/** A press of an arrow goes so far: this much of what is in sight. */
const ARROW_SHARE = 0.25;

/** What may be gone to: as far as there is something drawn, from the middle, cm. */
export interface Reach {
  readonly acrossCm: number;
  readonly upCm: number;
  readonly deepCm: number;
}

const between = (value: number, most: number): number => Math.min(most, Math.max(-most, value));

/** Nothing is gone to that lies outside; what fits is in the middle. */
export function within({ times, xCm, upCm, zCm }: Closer, reach: Reach): Closer {
  const near = Math.min(MOST, Math.max(1, times));
  if (near === 1) return FIT;
  const share = 1 - 1 / near;
  return {
    times: near,
    xCm: between(xCm, reach.acrossCm * share),
    upCm: between(upCm, (reach.upCm / 2) * share),
    zCm: between(zCm, reach.deepCm * share),
  };
}

/** One step closer, or further. */
export function stepped(closer: Closer, way: 1 | -1): Closer {
  const next =
    way > 0
      ? STEPS.find((step) => step > closer.times + 0.01)
      : [...STEPS].reverse().find((step) => step < closer.times - 0.01);
  return next === undefined ? closer : { ...closer, times: next };
}

/** Goes to the side, up or down by a quarter of what is in sight; up is to the back on the plan. */
export function gone(closer: Closer, way: 'left' | 'right' | 'up' | 'down', reach: Reach): Closer {
  const step = (cm: number) => (2 * cm * ARROW_SHARE) / closer.times;
  const aside = way === 'left' ? -1 : way === 'right' ? 1 : 0;
  const up = way === 'up' ? 1 : way === 'down' ? -1 : 0;
  return {
    ...closer,
    xCm: closer.xCm + aside * step(reach.acrossCm),
    upCm: closer.upCm + up * step(reach.upCm / 2),
    zCm: closer.zCm - up * step(reach.deepCm),
  };
}
