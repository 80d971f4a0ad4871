'use client';

import { memo, useMemo, useState } from 'react';
import { compareLog, expectedByHour, type SunSeen } from '@/core/spots/sunLog';
import type { LogDay } from '@/core/spots/spot';
import { countText } from '@/words/format';
import type { SpotEditing } from './useSpotEditing';
import { Sheet } from '@/ui/controls/fields';
import { entryLook } from '@/ui/controls/looks';
import { SeenMark } from './SeenMark';
import { SunLogTable } from './SunLogTable';
import { LightMeter } from './LightMeter';
import { LogVerdict } from './LogVerdict';

/** Spots of the made-up set, the only ones whose devices may be made up. */
const MADE_UP = 'demo-';

/** What one press after another writes. */
const NEXT: Readonly<Record<SunSeen | 'none', SunSeen | null>> = {
  none: 'sun',
  sun: 'dappled',
  dappled: 'shade',
  shade: null,
};

/** A day's sun noted hour by hour, laid over what is reckoned; where they differ, who shall rule. */
export const SunLog = memo(function SunLog({
  editing,
  today,
  onRule,
}: {
  readonly editing: SpotEditing;
  readonly today: string;
  readonly onRule: () => void;
}) {
  const { spot, apply } = editing;
  const [date, setDate] = useState(spot.sunLog[spot.sunLog.length - 1]?.date ?? today);
  const expected = useMemo(() => expectedByHour(spot, date), [spot, date]);
  const day: LogDay = spot.sunLog.find((one) => one.date === date) ?? {
    date,
    hours: Array.from({ length: 24 }, () => null),
  };
  const hours = expected.flatMap((reckoned, hour) => (reckoned ? [hour] : []));
  const put = (hour: number) => {
    const seen = NEXT[day.hours[hour] ?? 'none'];
    keep(
      day.hours.map((old, h) => (h === hour ? seen : old)),
      `Noted ${hour}–${hour + 1} on ${date}`,
    );
  };
  const keep = (noted: LogDay['hours'], what: string) => {
    const changed = { ...day, hours: noted };
    const rest = spot.sunLog.filter((one) => one.date !== date);
    apply(
      {
        sunLog: changed.hours.every((h) => h === null)
          ? rest
          : [...rest, changed].sort((a, b) => (a.date < b.date ? -1 : 1)),
      },
      what,
    );
  };
  const comparisons = useMemo(() => spot.sunLog.map((one) => compareLog(spot, one)), [spot]);
  const looked = comparisons.reduce((sum, one) => sum + one.looked, 0);
  const differing = comparisons.reduce((sum, one) => sum + one.differ.length, 0);
  return (
    <Sheet
      title="Sun log"
      note={
        looked > 0
          ? `${countText(looked, 'hour')} noted on ${countText(spot.sunLog.length, 'day')}`
          : 'tap what you see, hour by hour'
      }
    >
      <div className="px-3.5 py-3">
        <label className="flex items-center gap-3">
          <span className="text-note text-ink2">Day</span>
          <input
            type="date"
            className={entryLook()}
            value={date}
            max={today}
            onChange={(event) => event.target.value && setDate(event.target.value)}
          />
        </label>
        {hours.length === 0 ? (
          <p className="pt-3 text-ink2">The sun does not rise here on that day.</p>
        ) : (
          <div className="mt-3 overflow-x-auto pb-1">
            <SunLogTable hours={hours} put={put} day={day} expected={expected} />
          </div>
        )}
        <p className="flex gap-4 pt-1 text-note text-ink2">
          {(['sun', 'dappled', 'shade'] as const).map((seen) => (
            <span key={seen} className="flex items-center gap-1.5">
              <SeenMark seen={seen} />
              {seen}
            </span>
          ))}
        </p>
        {spot.id.startsWith(MADE_UP) && hours.length > 0 && (
          <p className="pt-2">
            <LightMeter
              spot={spot}
              date={date}
              hours={hours}
              // What somebody saw is not overwritten by a meter.
              onSeen={(seen) =>
                keep(
                  day.hours.map((old, hour) => old ?? seen[hour] ?? null),
                  `Noted by the light meter on ${date}`,
                )
              }
            />
          </p>
        )}
        {looked > 0 && (
          <LogVerdict
            differing={differing}
            looked={looked}
            comparisons={comparisons}
            spot={spot}
            apply={apply}
            onRule={onRule}
          />
        )}
      </div>
    </Sheet>
  );
});
