import dynamic from 'next/dynamic';
import type { Reading } from '@/core/checks/reading';
import type { Settings } from '@/core/files/plantingFile';
import type { Subject } from '@/core/seeing/subject';
import type { Editing } from '@/ui/session/useEditing';
import type { Keyed } from '@/words/names';
import type { Field } from './benchFields';
import type { Closer } from './closer';
import { SIDE_RULER_PX } from './StandBack';
import { Stencil } from './Stencil';
import type { Shown } from './stencilShown';

const StencilTools = dynamic(() => import('./StencilTools'), { ssr: false });

/** The plan and its tools. */
export function PlanPart({
  field,
  closer,
  isAligned,
  isHidden,
  reading,
  keys,
  subject,
  weeks,
  selection,
  setSelection,
  culprits,
  editing,
  settings,
  shown,
  eye,
  setShown,
  isDaylight,
}: {
  readonly field: Field;
  readonly closer: Closer;
  /** Does it stand under the front view, its middle under the middle there? */
  readonly isAligned: boolean;
  /** Is the other drawing looked at? */
  readonly isHidden: boolean;
  readonly reading: Reading;
  readonly keys: readonly Keyed[];
  readonly subject: Subject;
  readonly weeks: number;
  readonly selection: readonly string[];
  readonly setSelection: (places: readonly string[]) => void;
  readonly culprits: readonly string[];
  readonly editing: Editing;
  readonly settings: Settings;
  readonly shown: readonly Shown[];
  readonly eye: { readonly azimuthRad: number; readonly pitchRad: number };
  readonly setShown: (shown: readonly Shown[]) => void;
  /** Does it stand on the ground of the day, whatever the page is? */
  readonly isDaylight: boolean;
}) {
  return (
    <section aria-label="From above" className={isHidden ? 'hidden' : 'contents'}>
      <div
        className={`relative min-w-0 bg-field text-ink [grid-area:plan] ${isDaylight ? 'daylight' : ''}`}
        data-field="plan"
      >
        <Stencil
          reading={reading}
          keys={keys}
          subject={subject}
          weeks={weeks}
          closer={closer}
          pxPerCm={isHidden ? 0 : field.pxPerCm * closer.times}
          widthPx={field.widthPx - (isAligned ? SIDE_RULER_PX : 0)}
          heightPx={field.heightPx}
          selection={selection}
          onSelect={setSelection}
          culprits={culprits}
          editing={editing}
          unit={settings.length}
          shown={shown}
          eye={eye}
        />
      </div>
      <div className="min-h-[30px] [grid-area:ptools]">
        <StencilTools
          editing={editing}
          selection={selection}
          onSelect={setSelection}
          shown={shown}
          onShown={setShown}
          settings={settings}
        />
      </div>
    </section>
  );
}
