'use client';

import { Slider } from 'radix-ui';
import type { Settings } from '@/core/files/plantingFile';
import { Thumb } from '@/ui/bench/TurnSlider';
import { CompanyRow } from './CompanyRow';
import { setter, type RowProps } from './formOf';
import { HeightRow } from './HeightRow';
import { MoneyRow } from './MoneyRow';
import { Named } from './Named';
import { SchoolRow } from './SchoolRow';
import { SheetRow } from './sheetParts';

/** What few ask for: sort of plants, school, height, plants by name, how full, money. */
export default function MoreWishes({
  settings,
  stop,
  onStop,
  ...row
}: RowProps & {
  readonly settings: Settings;
  /** Where plants must be on the benches today; empty: anywhere. */
  readonly stop: string;
  readonly onStop: (id: string) => void;
}) {
  const { form, values, reading } = row;
  const set = setter(form);
  return (
    <div className="-mx-4 mt-2 border-t border-rule">
      <CompanyRow {...row} />
      <SchoolRow {...row} />
      <HeightRow {...row} />
      <SheetRow title="Plants by name">
        <Named
          title="Must be there"
          ids={values.must}
          onIds={(must) => set('must', must)}
          reading={reading}
          plantedWeek={values.plantedWeek}
          settings={settings}
        />
        <Named
          title="Never"
          ids={values.never}
          onIds={(never) => set('never', never)}
          reading={reading}
          plantedWeek={values.plantedWeek}
          settings={settings}
        />
      </SheetRow>
      <SheetRow title="Full in" note={`${values.fullInWeeks} weeks`}>
        <Slider.Root
          min={3}
          max={16}
          step={1}
          value={[values.fullInWeeks]}
          onValueChange={([weeks]) => set('fullInWeeks', weeks!)}
          className="relative flex h-6 touch-none items-center select-none"
        >
          <Slider.Track className="relative h-[11px] flex-1 border-y-[1.5px] border-tick bg-strip">
            <Slider.Range className="absolute h-full bg-ink2" />
          </Slider.Track>
          <Thumb label="Full in how many weeks" text={`${values.fullInWeeks} weeks`} />
        </Slider.Root>
        <p className="flex justify-between text-note text-ink2" aria-hidden>
          <span>packed for show</span>
          <span>room to grow</span>
        </p>
      </SheetRow>
      <MoneyRow {...row} settings={settings} stop={stop} onStop={onStop} />
    </div>
  );
}
