'use client';

import dynamic from 'next/dynamic';
import type { Settings } from '@/core/files/plantingFile';
import type { ShelfItem } from '@/core/shelf/shelf';
import type { Spot } from '@/core/spots/spot';
import { More } from '@/ui/controls/More';
import { ColoursRow } from './ColoursRow';
import { ContainerRow } from './ContainerRow';
import { setter, type RowProps } from './formOf';
import { LightRow } from './LightRow';
import { SeenRow } from './SeenRow';
import { SheetRow } from './sheetParts';
import { WhenRow } from './WhenRow';
import type { StartForm } from './startForm';
import { Choices } from '@/ui/controls/Choices';
import { Tick } from '@/ui/controls/Tick';

/** What may be asked of plants to eat. */
const PICKS: readonly (readonly [StartForm['pick'], string])[] = [
  ['any', 'Any of it'],
  ['herbs', 'Herbs first'],
  ['salad', 'Salad first'],
  ['fruit', 'Fruit first'],
];

const MoreWishes = dynamic(() => import('./MoreWishes'), { ssr: false });

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
          <Tick {...form.register('underCover')}>Roof keeps rain off</Tick>
        </div>
      </SheetRow>
      <SheetRow title="To eat">
        <Tick {...form.register('kitchen')}>Plants to eat</Tick>
        {values.kitchen && (
          <div className="pt-2">
            <Choices
              name="To pick most of all"
              value={values.pick}
              options={PICKS}
              onPick={(pick) => setter(form)('pick', pick)}
            />
          </div>
        )}
      </SheetRow>
      <More
        name="More wishes: sort of plants, school, names, how full, money"
        className="px-4 py-3"
      >
        <MoreWishes {...row} settings={settings} stop={stop} onStop={onStop} />
      </More>
    </form>
  );
}
