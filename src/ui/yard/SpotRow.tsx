import Link from 'next/link';
import { useMemo } from 'react';
import { PlantingPicture } from '@/ui/controls/PlantingPicture';
import { Ruler } from '@/ui/controls/Ruler';
import { benchHref, spotHref } from '@/ui/session/links';
import { hoursText } from '@/words/format';
import { placeRow, rowPx, type YardRow } from './yardLayout';
import { SIDE_RULER_PX } from '@/ui/controls/rulerSize';

const STRIP_PX = 30;
const WHEN = { spread: '', morning: ' before noon', afternoon: ' after noon' } as const;

/** The containers of one spot on their ground line. */
// Links here fetch nothing ahead: two dozen of them would ask for as many pages just when the drawings are awaited.
export function SpotRow({
  row,
  weeks,
  pxPerCm,
  widthPx,
  alone,
  urgent,
  onShown,
}: {
  readonly row: YardRow;
  readonly weeks: number;
  readonly pxPerCm: number;
  readonly widthPx: number;
  readonly alone: boolean;
  /** Plantings of which something cannot wait. */
  readonly urgent: ReadonlySet<string>;
  readonly onShown: () => void;
}) {
  const { spot } = row;
  const {
    heightPx: height,
    fromCm: groundFrom,
    placed,
  } = useMemo(() => placeRow(row, weeks, pxPerCm), [row, weeks, pxPerCm]);
  return (
    <section
      aria-label={spot.name}
      className="relative min-w-0"
      style={{ flex: `1 1 ${alone ? widthPx : Math.min(widthPx, rowPx(row, pxPerCm))}px` }}
    >
      <div className="pointer-events-none z-10 max-sm:flex max-sm:flex-wrap max-sm:items-baseline max-sm:gap-x-3 max-sm:pb-1 sm:absolute sm:top-2 sm:right-4 sm:text-right">
        <h2 className="display text-name leading-5">
          <Link
            prefetch={false}
            href={spotHref(spot.id)}
            className="pointer-events-auto hover:underline"
          >
            {spot.name}
          </Link>
        </h2>
        <p className="text-note text-ink2">
          {hoursText(spot.sunHours)} sun
          {WHEN[spot.sunWhen]}
          {spot.underCover ? ', no rain' : ''}
        </p>
        {groundFrom > 0 && (
          <p className="text-note text-ink2">from {Math.round(groundFrom)} cm up</p>
        )}
      </div>
      <div className="relative overflow-x-auto overflow-y-hidden bg-field" style={{ height }}>
        <div className="absolute inset-y-0 left-0">
          <Ruler
            upright
            lengthPx={height}
            zeroPx={-groundFrom * pxPerCm}
            pxPerCm={pxPerCm}
            unit="cm"
            thickness={SIDE_RULER_PX}
          />
        </div>
        {placed.map(({ it, leftPx, picture: { subject, weeks: shown, lens, widthPx: wide } }) => (
          <Link
            key={it.planting.id}
            prefetch={false}
            href={benchHref(it.planting.id)}
            aria-label={`${it.planting.name}: open on the bench`}
            className="absolute bottom-0 block"
            style={{ left: leftPx, width: wide, height }}
          >
            <PlantingPicture
              still
              whenSeen
              onShown={onShown}
              subject={subject}
              weeks={shown}
              lens={lens}
              widthPx={wide}
              heightPx={height}
              label={it.planting.name}
            />
            {urgent.has(it.planting.id) && (
              <b
                className="absolute bottom-0 left-1/2 -translate-x-1/2 bg-ink px-1 text-note leading-4 whitespace-nowrap text-paper"
                data-urgent={it.planting.id}
              >
                ▲ today
              </b>
            )}
          </Link>
        ))}
      </div>
      <div className="relative border-t-[1.5px] border-tick" style={{ height: STRIP_PX }}>
        {placed.map(({ it, middlePx, picture }) => (
          <span
            key={it.planting.id}
            className="absolute top-1 -translate-x-1/2 text-center text-note leading-3.5 font-semibold sm:top-1.5 sm:whitespace-nowrap"
            style={{ left: Math.min(widthPx - 50, middlePx), maxWidth: picture.widthPx }}
          >
            {it.planting.name}
          </span>
        ))}
      </div>
    </section>
  );
}
