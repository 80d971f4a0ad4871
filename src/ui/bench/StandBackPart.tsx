import type { Subject } from '@/core/seeing/subject';
import type { Settings } from '@/core/files/plantingFile';
import dynamic from 'next/dynamic';
import type { RefCallback } from 'react';
import type { Reading } from '@/core/checks/reading';
import { bookWeek } from '@/core/spots/spot';
import { weekAfter } from '@/core/units/units';
import { countText, weekText } from '@/words/format';
import type { Keyed } from '@/words/names';
import { StandBack } from './StandBack';
import type { LookingHere } from './useLooking';
import type { Taking } from './useTaking';
import { WeekSlider } from './WeekSlider';

const ViewTools = dynamic(() => import('./ViewTools'), { ssr: false });

/** The stand-back view, its tools and the slider of weeks. */
export function StandBackPart({
  standRef,
  reading,
  keys,
  subject,
  weeks,
  looking,
  pxPerCm,
  standWidth,
  fieldPx,
  culprits,
  selection,
  settings,
  inWords,
  strip,
  walk,
  toggleWeeks,
  taking,
  setWeeks,
}: {
  readonly standRef: RefCallback<HTMLDivElement>;
  readonly reading: Reading;
  readonly keys: readonly Keyed[];
  readonly subject: Subject;
  readonly weeks: number;
  readonly looking: LookingHere;
  readonly pxPerCm: number;
  readonly standWidth: number;
  readonly fieldPx: number;
  readonly culprits: readonly string[];
  readonly selection: readonly string[];
  readonly settings: Settings;
  readonly inWords: string;
  readonly strip: 'weeks' | 'walk' | null;
  readonly walk: { readonly walking: boolean; readonly start: () => void };
  readonly toggleWeeks: () => void;
  readonly taking: Taking;
  readonly setWeeks: (weeks: number) => void;
}) {
  const { planting, spot } = reading;
  return (
    <section aria-label="Stand-back view" className="min-w-0">
      <div ref={standRef} className="relative bg-field">
        <StandBack
          reading={reading}
          keys={keys}
          subject={subject}
          weeks={weeks}
          looking={looking}
          pxPerCm={pxPerCm}
          widthPx={standWidth}
          heightPx={fieldPx}
          culprits={culprits.length > 0 ? culprits : selection}
          unit={settings.length}
          title={`${countText(weeks, 'week')} on`}
          dates={weekText(weekAfter(planting.plantedWeek, weeks))}
          inWords={inWords}
        />
      </div>
      <div className="min-h-[30px] pt-1">
        <ViewTools
          looking={looking.tools}
          spot={spot}
          week={weekAfter(planting.plantedWeek, weeks)}
          length={settings.length}
          strip={strip}
          walking={walk.walking}
          onWalk={walk.start}
          onWeeks={toggleWeeks}
          taking={taking}
        />
      </div>
      <WeekSlider
        keys={keys}
        weeks={weeks}
        last={reading.weeks}
        plantedWeek={planting.plantedWeek}
        bookPlantedWeek={bookWeek(planting.plantedWeek, spot)}
        onWeek={setWeeks}
      />
    </section>
  );
}
