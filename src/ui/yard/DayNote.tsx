'use client';

import { dayIn, localTime } from '@/core/calendar/day';
import { clockMs } from '@/core/sky/clock';
import { Button } from '@/ui/controls/Button';
import { entryLook } from '@/ui/controls/looks';
import { useStore } from '@/ui/session/StoreProvider';
import { longDayText } from '@/words/life';

/** The hour at which a held day stands. */
const MORNING = 8.5;

/** The day on which a clock is held, and where. */
export interface HeldDay {
  readonly heldAt: string;
  readonly timeZone: string;
  readonly place: string;
}

/** What day it is here, when the clock is held, and how to move it or let it go on. */
export function DayNote({ heldAt, timeZone, place }: HeldDay) {
  const store = useStore();
  const today = dayIn(timeZone, Date.parse(heldAt));
  return (
    <p
      data-held-day
      className="mb-2 flex flex-wrap items-center gap-x-3 gap-y-1 bg-paper px-3 py-1.5 text-small"
    >
      <span>
        {place} it is <b>{longDayText(today)}</b>, so that there is something to see.
      </span>
      <label className="flex items-center gap-2">
        <span className="text-ink2">Another day</span>
        <input
          type="date"
          className={entryLook({ size: 'small' })}
          value={today}
          min="2020-01-01"
          max="2060-12-31"
          onChange={({ target: { value, validity } }) => {
            if (value && validity.valid)
              void store?.settings.set({
                heldAt: localTime(timeZone, clockMs(value, MORNING, timeZone)),
              });
          }}
        />
      </label>
      <Button look="plain" onClick={() => void store?.settings.letClockGo()}>
        Use today’s date
      </Button>
    </p>
  );
}
