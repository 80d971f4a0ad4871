import { type SunSeen } from '@/core/spots/sunLog';
import { Button } from '@/ui/controls/Button';
import { SeenMark } from './SeenMark';

/** What was seen of the sun, hour by hour. */
export function SunLogTable({
  hours,
  put,
  day,
  expected,
}: {
  readonly hours: number[];
  readonly put: (hour: number) => void;
  readonly day: { date: string; hours: readonly ('sun' | 'dappled' | 'shade' | null)[] };
  readonly expected: readonly (SunSeen | null)[];
}) {
  return (
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
  );
}
