import { dayIn, type Day } from './day';

/** Where the time comes from. Nothing in the core reads it otherwise, so that a test, a picture and the demo set can hold it. */
export interface Clock {
  /** Milliseconds since 1970. */
  readonly now: () => number;
}

/** A clock that stands still. @param at ISO 8601, with its zone */
export function heldClock(at: string): Clock {
  const ms = Date.parse(at);
  return { now: () => ms };
}

/** Today's date where something stands. */
export function todayAt(clock: Clock, { timeZone }: { readonly timeZone: string }): Day {
  return dayIn(timeZone, clock.now());
}
