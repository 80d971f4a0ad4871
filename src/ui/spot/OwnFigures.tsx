'use client';

import { climateHere } from '@/core/spots/frost';
import { dayOfYear } from '@/core/sky/clock';
import { TYPICAL_YEAR } from '@/core/sky/days';
import type { Spot } from '@/core/spots/spot';
import type { Settings } from '@/core/files/plantingFile';
import { monthOf } from '@/words/format';
import { NumberField } from '@/ui/controls/fields';
import type { SpotEditing } from './useSpotEditing';
import { Button } from '@/ui/controls/Button';
import { entryLook } from '@/ui/controls/looks';
import { More } from '@/ui/controls/More';

type Normals = NonNullable<Spot['normals']>;

const NONE: Normals = {
  minC: null,
  maxC: null,
  rainMm: null,
  frost: null,
  coldestC: null,
  from: 'my own figures',
};

/** The gardener's own frost dates, coldest night and months, in the place of typical ones. */
export function OwnFigures({
  editing,
  settings,
}: {
  readonly editing: SpotEditing;
  readonly settings: Settings;
}) {
  const { spot, apply, faults } = editing;
  const here = climateHere(spot);
  const put = (change: Partial<Normals>, name: string) =>
    apply({ normals: { ...(spot.normals ?? NONE), ...change } }, name);
  const frost = here.frost ?? { lastDay: 105, firstDay: 300, spreadDays: 12 };
  const metric = settings.length === 'cm';
  const shown = (celsius: number) => (metric ? celsius : celsius * 1.8 + 32);
  const kept = (value: number) => Math.round((metric ? value : (value - 32) / 1.8) * 10) / 10;
  const degrees = metric ? '°C' : '°F';
  const month = (field: 'minC' | 'maxC' | 'rainMm', at: number, value: number) =>
    put(
      { [field]: here[field].map((old, i) => (i === at ? value : old)) },
      `Changed ${monthName(at)}`,
    );
  return (
    <More name="Put in your own figures" className="border-t border-rule pt-2">
      <div className="grid grid-cols-2 gap-x-3 gap-y-2 pt-2">
        <DateField
          name="Last frost, middling year"
          day={frost.lastDay}
          onDay={(lastDay) => put({ frost: { ...frost, lastDay } }, 'Changed the last frost')}
        />
        <DateField
          name="First frost, middling year"
          day={frost.firstDay}
          onDay={(firstDay) => put({ frost: { ...frost, firstDay } }, 'Changed the first frost')}
        />
        <NumberField
          name="They scatter by"
          value={frost.spreadDays}
          suffix="d"
          error={faults['normals.frost.spreadDays']}
          onValue={(spreadDays) =>
            put({ frost: { ...frost, spreadDays } }, 'Changed the scatter of frosts')
          }
        />
        <NumberField
          name="Coldest night of most years"
          value={shown(here.coldestC)}
          suffix={degrees}
          places={1}
          error={faults['normals.coldestC']}
          onValue={(value) => put({ coldestC: kept(value) }, 'Changed the coldest night')}
        />
      </div>
      <table className="mt-2 w-full text-left text-note">
        <thead className="text-ink2">
          <tr>
            <th className="font-normal">Month</th>
            <th className="font-normal">Lowest, {degrees}</th>
            <th className="font-normal">Highest, {degrees}</th>
            <th className="font-normal">Rain, mm</th>
          </tr>
        </thead>
        <tbody>
          {here.minC.map((minC, i) => (
            <tr key={monthName(i)}>
              <th scope="row" className="font-normal">
                {monthName(i).slice(0, 3)}
              </th>
              <td className="pr-2">
                <Bare
                  name={`Mean lowest in ${monthName(i)}`}
                  value={shown(minC)}
                  fault={faults[`normals.minC[${i}]`]}
                  onValue={(value) => month('minC', i, kept(value))}
                />
              </td>
              <td className="pr-2">
                <Bare
                  name={`Mean highest in ${monthName(i)}`}
                  value={shown(here.maxC[i]!)}
                  fault={faults[`normals.maxC[${i}]`]}
                  onValue={(value) => month('maxC', i, kept(value))}
                />
              </td>
              <td>
                <Bare
                  name={`Rain in ${monthName(i)}`}
                  value={here.rainMm[i]!}
                  fault={faults[`normals.rainMm[${i}]`]}
                  onValue={(value) => month('rainMm', i, value)}
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {spot.normals && (
        <Button
          look="plain"
          className="mt-2"
          onClick={() => apply({ normals: null }, 'Went back to typical figures')}
        >
          Back to typical figures
        </Button>
      )}
    </More>
  );
}

function monthName(month: number): string {
  return monthOf(Math.min(52, Math.round((month + 0.5) * (52 / 12)) + 1));
}

/** A number in a table: its name is told, not shown. */
function Bare({
  name,
  value,
  fault,
  onValue,
}: {
  readonly name: string;
  readonly value: number;
  readonly fault: string | undefined;
  readonly onValue: (value: number) => void;
}) {
  const shown = String(Math.round(value * 10) / 10);
  return (
    <>
      <input
        key={shown}
        aria-label={name}
        aria-invalid={!!fault}
        inputMode="decimal"
        className={entryLook({ size: 'small', className: 'w-full' })}
        defaultValue={shown}
        onBlur={(event) =>
          event.target.value !== shown &&
          onValue(Number(event.target.value.replace(',', '.').replace('−', '-')))
        }
      />
      {fault && (
        <span role="alert" className="block font-semibold">
          ▲ {fault}
        </span>
      )}
    </>
  );
}

function DateField({
  name,
  day,
  onDay,
}: {
  readonly name: string;
  readonly day: number;
  readonly onDay: (day: number) => void;
}) {
  const iso = new Date(Date.UTC(TYPICAL_YEAR, 0, 1 + day)).toISOString().slice(0, 10);
  return (
    <label className="block min-w-0">
      <span className="block text-note text-ink2">{name}</span>
      <input
        type="date"
        className={entryLook({ className: 'w-full' })}
        min={`${TYPICAL_YEAR}-01-01`}
        max={`${TYPICAL_YEAR}-12-31`}
        value={iso}
        onChange={(event) => event.target.value && onDay(dayOfYear(event.target.value))}
      />
    </label>
  );
}
