'use client';

import { memo, useMemo, type PointerEvent } from 'react';
import { foreseenSeason } from '@/core/checks/foreseen';
import type { Reading } from '@/core/checks/reading';
import { seasonCare } from '@/core/checks/seasonCare';
import { L_PER_US_GALLON, weekAfter } from '@/core/units/units';
import { countText, dateText, type Units } from '@/words/format';
import { inSentence, type Keyed } from '@/words/names';

interface SeasonStripProps {
  readonly reading: Reading;
  readonly keys: readonly Keyed[];
  readonly units: Pick<Units, 'length'>;
  /** The week shown, and the last there is. */
  readonly weeks: number;
  readonly last: number;
  readonly onWeek: (weeks: number) => void;
}

const ROW_PX = 26;
const PERCENT = 100;
/** Overtakings told under each other. */
const TOLD = 4;

/**
 * The season foreseen, on the time of the week slider above it: what there is to look at and how much of the mix is hidden, what it drinks
 * and what care it asks for. Beside it who overtakes whom, with the week to cut.
 */
const SeasonStrip = memo(function SeasonStrip({
  reading,
  keys,
  units,
  weeks,
  last,
  onWeek,
}: SeasonStripProps) {
  const season = useMemo(() => foreseenSeason(reading), [reading]);
  const care = useMemo(() => seasonCare(reading), [reading]);
  const inches = units.length === 'in';
  const perDay = (litres: number) => (inches ? litres / L_PER_US_GALLON : litres);
  const thirst = care.map(({ thirstL }) => perDay(thirstL));
  const minutes = care.map((week) => Math.round(week.minutes));
  const hidden = season.bareMix.map((bare) => 1 - bare);
  const at = Math.min(weeks, last);
  const percent = (share: number | undefined) => `${Math.round((share ?? 0) * PERCENT)}%`;
  const told = useMemo(() => overtakingsOf(reading, keys, season), [reading, keys, season]);
  const pick = (event: PointerEvent<HTMLElement>) => {
    const { left, width } = event.currentTarget.getBoundingClientRect();
    onWeek(Math.min(last, Math.max(0, Math.round(((event.clientX - left) / width) * last))));
  };
  const rows = [
    {
      name: 'To look at',
      now: percent(season.interest[at]),
      row: (
        <>
          <Line values={season.interest} most={1} className="stroke-ink" />
          <Line values={hidden} most={1} className="stroke-ink2" isDashed />
        </>
      ),
    },
    {
      name: 'Thirst',
      now: `${(thirst[at] ?? 0).toFixed(1)} ${inches ? 'gal' : 'L'} a day`,
      row: <Line values={thirst} most={Math.max(0.1, ...thirst) * 1.08} className="stroke-water" />,
    },
    {
      name: 'Care a week',
      now: `${minutes[at] ?? 0} min`,
      row: <Bars values={minutes} most={Math.max(1, ...minutes)} />,
    },
  ];
  return (
    <section aria-label="The season" className="contents">
      <div className="[grid-area:told]">
        <h2 className="pt-1 text-small">
          <b className="font-semibold">The season</b>{' '}
          <span className="text-ink2">
            {season.fullWeek === null
              ? 'the mix never quite disappears'
              : season.fullWeek === 0
                ? 'full from the start'
                : `full in about ${countText(season.fullWeek, 'week')}`}
          </span>
        </h2>
        {told.length > 0 && (
          <ul className="text-note leading-4">
            {told.slice(0, TOLD).map((line) => (
              <li key={line} className="py-0.5 first-letter:uppercase">
                {line}.
              </li>
            ))}
          </ul>
        )}
      </div>
      <div className="grid grid-cols-[76px_1fr] gap-y-1 pb-1 [grid-area:season]">
        {rows.map(({ name, now, row }) => (
          <div key={name} className="col-span-2 grid grid-cols-subgrid items-center">
            <p className="pr-1 text-note leading-3.5">
              <span className="text-ink2">{name}</span>
              <br />
              <b className="font-semibold whitespace-nowrap">{now}</b>
            </p>
            <div
              className="relative cursor-pointer border-b border-rule2 bg-paper"
              style={{ height: ROW_PX }}
              role="img"
              aria-label={`${name}: ${now}`}
              onPointerDown={pick}
            >
              <svg
                className="absolute inset-0 size-full overflow-hidden"
                viewBox={`0 0 ${Math.max(1, last)} 1`}
                preserveAspectRatio="none"
                aria-hidden
              >
                {row}
              </svg>
              <i
                className="absolute inset-y-0 w-px bg-ink"
                style={{ left: `${(at / Math.max(1, last)) * 100}%` }}
                aria-hidden
              />
            </div>
          </div>
        ))}
        <p className="col-start-2 text-note text-ink2">
          Dashed: of the mix {percent(hidden[at])} hidden. Press a row to go to that week.
        </p>
      </div>
    </section>
  );
});

export default SeasonStrip;

/** Values of the weeks as a line; the highest possible at the top. */
function Line({
  values,
  most,
  className,
  isDashed = false,
}: {
  readonly values: readonly number[];
  readonly most: number;
  readonly className: string;
  readonly isDashed?: boolean;
}) {
  return (
    <polyline
      points={values.map((value, week) => `${week},${1 - value / most}`).join(' ')}
      fill="none"
      vectorEffect="non-scaling-stroke"
      strokeWidth={1.8}
      strokeDasharray={isDashed ? '4 3' : undefined}
      className={className}
    />
  );
}

/** Half the width of a bar, weeks. */
const HALF_BAR = 0.28;

function Bars({ values, most }: { readonly values: readonly number[]; readonly most: number }) {
  return values.map((value, week) => (
    <rect
      // Weeks have no other name than their place.
      key={week}
      x={week - HALF_BAR}
      width={2 * HALF_BAR}
      y={1 - value / most}
      height={value / most}
      className="fill-rule2"
    />
  ));
}

function overtakingsOf(
  reading: Reading,
  keys: readonly Keyed[],
  season: ReturnType<typeof foreseenSeason>,
): readonly string[] {
  const name = (place: string) => {
    const kind = reading.plants.find(({ id }) => id === place)?.kind;
    const letter = keys.find((key) => key.kind.id === kind?.id)?.letter;
    return kind ? `${inSentence(kind.common)}${letter ? ` (${letter})` : ''}` : '';
  };
  return [
    ...new Set(
      season.overtakings.map(
        ({ by, of, calendarWeek, cutBy }) =>
          `${name(by)} overtops ${name(of)} about ${dateText(calendarWeek)}: cut it by ${dateText(weekAfter(reading.planting.plantedWeek, cutBy))}`,
      ),
    ),
  ];
}
