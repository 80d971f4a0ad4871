import type { Subject } from '@/core/seeing/subject';
import type { Settings } from '@/core/files/plantingFile';
import dynamic from 'next/dynamic';
import type { Reading } from '@/core/checks/reading';
import { weekAfter } from '@/core/units/units';
import { countText, weekText } from '@/words/format';
import type { Keyed } from '@/words/names';
import type { Field } from './benchFields';
import { StandBack } from './StandBack';
import { useCloserDrag, useWheel, type CloserHere } from './useCloser';
import { useSwipe } from './useSwipe';
import type { LookingHere } from './useLooking';
import type { Taking } from './useTaking';

const ViewTools = dynamic(() => import('./ViewTools'), { ssr: false });

/** The stand-back view, its tools and the slider of weeks. */
export function StandBackPart({
  field,
  closer,
  isHidden,
  onSwipe,
  other,
  reading,
  keys,
  subject,
  weeks,
  looking,
  culprits,
  selection,
  settings,
  inWords,
  strip,
  walk,
  toggleWeeks,
  taking,
}: {
  readonly field: Field;
  readonly closer: CloserHere;
  /** Is the other drawing looked at? */
  readonly isHidden: boolean;
  /** Told when it is swiped to the side, where one drawing is seen at a time. */
  readonly onSwipe: (() => void) | null;
  /** Another way that is held against what is on the bench. */
  readonly other: { readonly subject: Subject; readonly name: string } | null;
  readonly reading: Reading;
  readonly keys: readonly Keyed[];
  readonly subject: Subject;
  readonly weeks: number;
  readonly looking: LookingHere;
  readonly culprits: readonly string[];
  readonly selection: readonly string[];
  readonly settings: Settings;
  readonly inWords: string;
  readonly strip: 'weeks' | 'walk' | null;
  readonly walk: { readonly walking: boolean; readonly start: () => void };
  readonly toggleWeeks: () => void;
  readonly taking: Taking;
}) {
  const { planting, spot } = reading;
  const isNear = closer.closer.times > 1;
  // From near a finger goes about in the drawing.
  const swipe = useSwipe(isNear ? null : onSwipe);
  const drag = useCloserDrag(closer, field.pxPerCm);
  const wheel = useWheel(closer);
  const picked = reading.planting.places.find(({ id }) => id === selection[selection.length - 1]);
  return (
    <section aria-label="Stand-back view" className={isHidden ? 'hidden' : 'contents'}>
      <div
        ref={wheel}
        className={`relative min-w-0 bg-field text-ink [grid-area:stand] ${looking.isDaylight ? 'daylight' : ''} ${isNear ? 'cursor-grab touch-none active:cursor-grabbing' : ''}`}
        data-field="stand"
        {...swipe}
        {...drag}
      >
        <StandBack
          reading={reading}
          keys={keys}
          subject={other?.subject ?? subject}
          isOther={other !== null}
          weeks={weeks}
          looking={looking}
          closer={closer.closer}
          pxPerCm={isHidden ? 0 : field.pxPerCm}
          widthPx={field.widthPx}
          heightPx={field.heightPx}
          culprits={culprits.length > 0 ? culprits : selection}
          unit={settings.length}
          title={other ? other.name : `${countText(weeks, 'week')} on`}
          dates={weekText(weekAfter(planting.plantedWeek, weeks))}
          inWords={inWords}
        />
      </div>
      <div className="min-h-[30px] [grid-area:stools]">
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
          closer={closer}
          picked={picked ?? null}
        />
      </div>
    </section>
  );
}
