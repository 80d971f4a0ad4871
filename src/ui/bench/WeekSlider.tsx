'use client';

import { memo } from 'react';
import { Slider } from 'radix-ui';
import { toHex } from '@/core/colour/oklch';
import { seasonShare } from '@/core/growth/growth';
import { weekAfter } from '@/core/units/units';
import { monthOf } from '@/words/format';
import type { Keyed } from '@/words/names';
import { Thumb } from './TurnSlider';

interface WeekSliderProps {
  readonly keys: readonly Keyed[];
  readonly weeks: number;
  readonly last: number;
  readonly plantedWeek: number;
  /** The same week as the book tells its weeks. */
  readonly bookPlantedWeek?: number;
  readonly onWeek: (weeks: number) => void;
}

/** The rill: water from planting day to the week shown, what flowers when above it, months below. */
export const WeekSlider = memo(function WeekSlider({
  keys,
  weeks,
  last,
  plantedWeek,
  bookPlantedWeek = plantedWeek,
  onWeek,
}: WeekSliderProps) {
  const flowering = keys.filter(({ kind }) => kind.bloom).slice(0, 6);
  const months: { name: string; at: number }[] = [];
  for (let w = 0; w <= last; w += 1) {
    const name = monthOf(weekAfter(plantedWeek, w)).slice(0, 3);
    if (months[months.length - 1]?.name !== name) months.push({ name, at: w });
  }
  return (
    <div className="grid grid-cols-[76px_1fr] pt-1">
      <span className="text-note leading-5 text-ink2">
        {flowering.length > 0 ? 'In flower' : ''}
      </span>
      <div
        className="relative"
        style={{ height: Math.max(18, flowering.length * 8 + 4) }}
        aria-hidden
      >
        {flowering.map(({ kind, letter }, i) => {
          const shown = Array.from(
            { length: last + 1 },
            (_, w) => seasonShare(kind.bloom!.weeks, weekAfter(bookPlantedWeek, w)) > 0,
          );
          const from = shown.indexOf(true);
          const to = shown.lastIndexOf(true);
          if (from < 0) return null;
          return (
            <div
              key={kind.id}
              className="absolute flex items-center"
              style={{
                left: `${(from / last) * 100}%`,
                width: `${((to - from) / last) * 100}%`,
                top: 3 + i * 8,
              }}
            >
              <span className="absolute -left-3 text-[9.5px] leading-none font-bold">{letter}</span>
              <span
                className="h-[5px] w-full border border-rule2"
                style={{ background: toHex(kind.bloom!.main) }}
              />
            </div>
          );
        })}
      </div>
      <span className="text-small font-semibold">Week</span>
      <div>
        <Slider.Root
          min={0}
          max={last}
          step={1}
          value={[weeks]}
          onValueChange={([w]) => onWeek(w!)}
          className="relative flex h-5 touch-none items-center select-none"
        >
          <Slider.Track className="relative h-[11px] flex-1 border-y-[1.5px] border-tick bg-strip">
            <Slider.Range className="absolute h-full bg-water" />
          </Slider.Track>
          <Thumb
            label="Weeks since planting"
            text={weeks === 0 ? 'planting day' : `${weeks} weeks after planting`}
          />
        </Slider.Root>
        <div className="relative mt-1 h-4 text-note" aria-hidden>
          {months
            .filter(({ at }) => at <= last - 1)
            .map(({ name, at }) => (
              <span key={name} className="absolute" style={{ left: `${(at / last) * 100}%` }}>
                {name}
              </span>
            ))}
        </div>
      </div>
    </div>
  );
});
