'use client';

import { Slider } from 'radix-ui';
import type { Settings } from '@/core/files/plantingFile';
import type { ShelfItem } from '@/core/shelf/shelf';
import type { Spot } from '@/core/spots/spot';
import { Thumb } from '@/ui/bench/TurnSlider';
import { More } from '@/ui/controls/More';
import { ColoursRow } from './ColoursRow';
import { ContainerRow } from './ContainerRow';
import { setter, type RowProps } from './formOf';
import { LightRow } from './LightRow';
import { MoneyRow } from './MoneyRow';
import { Named } from './Named';
import { CompanyRow } from './CompanyRow';
import { SchoolRow } from './SchoolRow';
import { SeenRow } from './SeenRow';
import { SheetRow } from './sheetParts';
import { WhenRow } from './WhenRow';
import { Tick } from '@/ui/controls/Tick';

interface SheetProps extends RowProps {
  readonly settings: Settings;
  /** The spot it will stand at, when that is one described already. */
  readonly given: Spot | null;
  readonly spots: readonly Spot[];
  readonly onSpot: (id: string | null) => void;
  /** Empty containers on the shelf, and the one taken from it. */
  readonly free: readonly ShelfItem[];
  readonly chosen: ShelfItem | null;
  readonly onContainer: (id: string | null) => void;
  /** Where plants must be on the benches today; empty: anywhere. */
  readonly stop: string;
  readonly onStop: (id: string) => void;
  /** This week of the year, by the clock of the house. */
  readonly week: number;
}

/** The sheet of questions: a paper with ruled rows. Every answer has a default, so none must be given. */
export function StartSheet({
  form,
  values,
  reading,
  settings,
  given,
  spots,
  onSpot,
  free,
  chosen,
  onContainer,
  stop,
  onStop,
  week,
}: SheetProps) {
  const set = setter(form);
  const row = { form, values, reading };
  return (
    <form
      className="mt-1 bg-paper"
      onSubmit={(event) => event.preventDefault()}
      aria-label="Start sheet"
    >
      <ContainerRow
        {...row}
        settings={settings}
        free={free}
        chosen={chosen}
        onContainer={onContainer}
      />
      <LightRow {...row} given={given} spots={spots} onSpot={onSpot} />
      <SeenRow {...row} given={given} />
      <ColoursRow {...row} given={given} />
      <WhenRow {...row} week={week} />
      <SheetRow title="Who can reach it">
        <div className="flex flex-wrap gap-x-5 gap-y-1.5">
          <Tick {...form.register('pets')}>Pets</Tick>
          <Tick {...form.register('children')}>Small children</Tick>
          <Tick {...form.register('kitchen')}>Plants to eat</Tick>
          <Tick {...form.register('underCover')}>Roof keeps rain off</Tick>
        </div>
      </SheetRow>
      <More
        name="More wishes: sort of plants, school, names, how full, money"
        className="px-4 py-3"
      >
        <div className="-mx-4 mt-2 border-t border-rule">
          <CompanyRow {...row} />
          <SchoolRow {...row} />
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
      </More>
    </form>
  );
}
