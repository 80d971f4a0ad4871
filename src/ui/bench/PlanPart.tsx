import type { Subject } from '@/core/seeing/subject';
import type { Shown } from './stencilShown';
import type { Settings } from '@/core/files/plantingFile';
import dynamic from 'next/dynamic';
import type { RefCallback } from 'react';
import type { Reading } from '@/core/checks/reading';
import type { Editing } from '@/ui/session/useEditing';
import type { Keyed } from '@/words/names';
import { Stencil } from './Stencil';
import { TurnSlider } from './TurnSlider';
import type { LookingHere } from './useLooking';

const StencilTools = dynamic(() => import('./StencilTools'), { ssr: false });

/** The plan, its tools and the slider that turns the view. */
export function PlanPart({
  planRef,
  reading,
  keys,
  subject,
  weeks,
  pxPerCm,
  planWidth,
  fieldPx,
  selection,
  setSelection,
  culprits,
  editing,
  settings,
  shown,
  eye,
  setShown,
  looking,
}: {
  readonly planRef: RefCallback<HTMLDivElement>;
  readonly reading: Reading;
  readonly keys: readonly Keyed[];
  readonly subject: Subject;
  readonly weeks: number;
  readonly pxPerCm: number;
  readonly planWidth: number;
  readonly fieldPx: number;
  readonly selection: readonly string[];
  readonly setSelection: (places: readonly string[]) => void;
  readonly culprits: readonly string[];
  readonly editing: Editing;
  readonly settings: Settings;
  readonly shown: readonly Shown[];
  readonly eye: { readonly azimuthRad: number; readonly pitchRad: number };
  readonly setShown: (shown: readonly Shown[]) => void;
  readonly looking: LookingHere;
}) {
  return (
    <section aria-label="From above" className="min-w-0">
      <div ref={planRef} className="relative bg-field">
        <Stencil
          reading={reading}
          keys={keys}
          subject={subject}
          weeks={weeks}
          pxPerCm={pxPerCm}
          widthPx={planWidth}
          heightPx={fieldPx}
          selection={selection}
          onSelect={setSelection}
          culprits={culprits}
          editing={editing}
          unit={settings.length}
          shown={shown}
          eye={eye}
        />
      </div>
      <div className="min-h-[30px] pt-1">
        <StencilTools
          editing={editing}
          selection={selection}
          onSelect={setSelection}
          shown={shown}
          onShown={setShown}
          settings={settings}
        />
      </div>
      <TurnSlider turnDeg={Math.round(looking.turnDeg)} onTurn={looking.turn} />
    </section>
  );
}
