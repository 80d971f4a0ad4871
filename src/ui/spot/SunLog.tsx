'use client';

import { memo, useMemo, useState } from 'react';
import { compareLog, expectedByHour, type SunSeen } from '@/core/spots/sunLog';
import type { LogDay, Spot } from '@/core/spots/spot';
import { countText } from '@/words/format';
import { hoursListText } from '@/words/light';
import type { SpotEditing } from './useSpotEditing';
import { Sheet } from '@/ui/controls/fields';
import { Button } from '@/ui/controls/Button';
import { entryLook } from '@/ui/controls/looks';

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
    const changed = { ...day, hours: day.hours.map((old, h) => (h === hour ? seen : old)) };
    const rest = spot.sunLog.filter((one) => one.date !== date);
    apply(
      {
        sunLog: changed.hours.every((h) => h === null)
          ? rest
          : [...rest, changed].sort((a, b) => (a.date < b.date ? -1 : 1)),
      },
      `Noted ${hour}–${hour + 1} on ${date}`,
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
            <table className="w-full border-separate border-spacing-x-[2px] text-center text-mark">
              <thead>
                <tr>
                  <th className="pr-1.5 text-left font-normal text-ink2">Hour</th>
                  {hours.map((hour) => (
                    <th key={hour} scope="col" className="min-w-[24px] font-normal">
                      {hour}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                <tr>
                  <th scope="row" className="pr-1.5 text-left font-normal text-ink2">
                    Seen
                  </th>
                  {hours.map((hour) => (
                    <td key={hour}>
                      <Button
                        look="bare"
                        onClick={() => put(hour)}
                        aria-label={`${hour} to ${hour + 1}: ${day.hours[hour] ?? 'not noted'}`}
                        className="grid h-9 w-full place-items-center border-[1.5px] border-rule2 bg-paper hover:border-ink"
                      >
                        <SeenMark seen={day.hours[hour] ?? null} />
                      </Button>
                    </td>
                  ))}
                </tr>
                <tr>
                  <th scope="row" className="pr-1.5 text-left font-normal text-ink2">
                    Reckoned
                  </th>
                  {hours.map((hour) => {
                    const seen = day.hours[hour];
                    return (
                      <td
                        key={hour}
                        className={
                          seen && seen !== expected[hour]
                            ? 'border-b-[3px] border-ink'
                            : 'border-b-[3px] border-transparent'
                        }
                      >
                        <span className="grid h-7 place-items-center">
                          <SeenMark seen={expected[hour]!} />
                        </span>
                      </td>
                    );
                  })}
                </tr>
              </tbody>
            </table>
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
        {looked > 0 && (
          <div className="mt-3 border-t border-rule pt-2.5" data-log-verdict>
            <p className="font-semibold">
              {differing === 0
                ? 'Log and reckoning agree.'
                : `They differ in ${differing} of ${countText(looked, 'hour')}.`}
            </p>
            {comparisons
              .filter((one) => one.differ.length > 0)
              .slice(0, 3)
              .map((one) => (
                <p key={one.date} className="text-ink2">
                  {one.date}: {differText(one.differ)}.
                </p>
              ))}
            {differing > 0 && (
              <p className="flex flex-wrap gap-3 pt-2">
                {spot.lightFrom !== 'log' && (
                  <Button
                    look="act"

                    onClick={() => {
                      apply({ lightFrom: 'log' }, 'Let the log rule');
                      onRule();
                    }}
                  >
                    Let my log rule
                  </Button>
                )}
                {spot.obstacles.length > 0 && (
                  <FitButton spot={spot} differing={differing} apply={apply} />
                )}
                {spot.lightFrom === 'log' && (
                  <Button
                    onClick={() => apply({ lightFrom: 'reckoned' }, 'Let the reckoning rule')}
                  >
                    Let the reckoning rule
                  </Button>
                )}
              </p>
            )}
          </div>
        )}
      </div>
    </Sheet>
  );
});

function FitButton({
  spot,
  differing,
  apply,
}: {
  readonly spot: Spot;
  readonly differing: number;
  readonly apply: SpotEditing['apply'];
}) {
  const [told, setTold] = useState<string | null>(null);
  const fit = async () => {
    const { calibrate } = await import('@/core/spots/sunLog');
    const { obstacles, differ } = calibrate(spot);
    if (differ >= differing)
      return setTold('No change of height agrees better. Something that shades may be missing.');
    setTold(null);
    apply(
      { obstacles: [...obstacles], lightFrom: 'reckoned' },
      'Fitted what stands around to the log',
    );
  };
  return (
    <>
      <Button onClick={() => void fit()}>Fit what stands around to it</Button>
      {told && (
        <span role="status" className="w-full text-ink2">
          {told}
        </span>
      )}
    </>
  );
}

/** "15–17 you saw shade, sun was reckoned" */
function differText(
  differ: readonly { readonly hour: number; readonly seen: SunSeen; readonly expected: SunSeen }[],
): string {
  const kinds = new Map<string, number[]>();
  for (const { hour, seen, expected } of differ) {
    const key = `you saw ${seen}, ${expected} was reckoned`;
    kinds.set(key, [...(kinds.get(key) ?? []), hour]);
  }
  return [...kinds].map(([text, hours]) => `${hoursListText(hours)} ${text}`).join('; ');
}

/** Ring: sun; dotted ring: dappled; filled: shade. Read without colour. */
export function SeenMark({ seen }: { readonly seen: SunSeen | null }) {
  return (
    <svg width={14} height={14} viewBox="0 0 14 14" aria-hidden>
      {seen === 'sun' && (
        <circle cx={7} cy={7} r={5} fill="none" stroke="var(--ink)" strokeWidth={1.8} />
      )}
      {seen === 'dappled' && (
        <circle
          cx={7}
          cy={7}
          r={5}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={1.8}
          strokeDasharray="2.2 2"
        />
      )}
      {seen === 'shade' && <circle cx={7} cy={7} r={5.6} fill="var(--ink)" />}
    </svg>
  );
}
