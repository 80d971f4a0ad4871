'use client';

import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { Redo2, Undo2 } from 'lucide-react';
import { read } from '@/core/checks/reading';
import type { CheckId } from '@/core/checks/rules/index';
import { mixL } from '@/core/containers/container';
import { extentOf } from '@/core/seeing/framing';
import { subjectOf } from '@/core/seeing/scene';
import { plantCost } from '@/core/shopping/plantCost';
import { bookWeek } from '@/core/spots/spot';
import { weekAfter } from '@/core/units/units';
import type { Editing } from '@/ui/session/useEditing';
import { useSettings } from '@/ui/session/StoreProvider';
import { useRested } from '@/ui/session/useRested';
import { useUndoKeys } from '@/ui/session/useUndoKeys';
import { useWidth } from '@/ui/controls/useWidth';
import { countText, hoursText, moneyText, volumeText, weekText } from '@/words/format';
import { sizeText } from '@/words/containers';
import { keyed } from '@/words/names';
import { KindTags } from './KindTags';
import { StandBack } from './StandBack';
import { Stencil } from './Stencil';
import { TurnSlider } from './TurnSlider';
import { WeekSlider } from './WeekSlider';

// What is read after the drawings comes after them.
const OpinionSheet = dynamic(() => import('./OpinionSheet').then((m) => m.OpinionSheet), { ssr: false });
const PlantActions = dynamic(() => import('./PlantActions').then((m) => m.PlantActions), { ssr: false });
const SeasonStrip = dynamic(() => import('./SeasonStrip'), { ssr: false });
const Tray = dynamic(() => import('./Tray'), { ssr: false });

const FIELD_HEIGHT_PX = 432;

/** One planting on the Bench: plan and stand-back view to one scale, the sliders under them, the plants, the second opinion and the tray. */
export function BenchDesk({ editing }: { readonly editing: Editing }) {
  const { planting, spot, it, history } = editing;
  const settings = useSettings();
  const reading = useMemo(() => read(it, editing.counted), [it, editing.counted]);
  const extent = useMemo(() => extentOf(reading), [reading]);
  const keys = useMemo(() => keyed(it), [it]);
  const subject = useMemo(() => subjectOf(it), [it]);
  const [weeks, setWeeks] = useState(() => Math.min(reading.weeks, 8));
  const [turnDeg, setTurnDeg] = useState(0);
  const [selected, setSelected] = useState<string | null>(null);
  const [pointed, setPointed] = useState<CheckId | null>(null);
  const [planRef, planWidth] = useWidth<HTMLDivElement>();
  const [standRef, standWidth] = useWidth<HTMLDivElement>();
  const pxPerCm = Math.min(
    (standWidth - 40) / (extent.leftCm + extent.rightCm),
    (FIELD_HEIGHT_PX - 28) / (extent.aboveCm + extent.belowCm),
    (planWidth - 8) / (extent.planAcrossCm * 2),
    (FIELD_HEIGHT_PX - 90) / (extent.planDepthCm * 2),
  );
  const culprits = useMemo(() => editing.opinion.remarks.find(({ check }) => check === pointed)?.culprits ?? [], [editing.opinion, pointed]);
  const rested = useRested(editing);
  const restedReading = useRested(reading);
  useUndoKeys(editing.undo, editing.redo);

  const dims = sizeText(planting.container.shape, settings.length);

  return (
    <div className="pt-3.5 wide:grid wide:grid-cols-[minmax(0,1fr)_344px] wide:gap-6">
      <div className="min-w-0">
        <header className="flex flex-wrap items-end gap-x-5 gap-y-1 pb-2">
          <h1 className="display text-[29px] leading-10">{planting.name}</h1>
          <p className="pb-1.5 text-[13px] text-ink2">
            <b className="font-semibold text-ink">{dims}</b> {settings.length} {planting.container.name.toLowerCase()}, <Link href={`/spot?spot=${spot.id}`} className="underline decoration-rule2 underline-offset-3"><b className="font-semibold text-ink">{hoursText(spot.sunHours)}</b> sun{spot.sunWhen === 'spread' ? '' : spot.sunWhen === 'morning' ? ' before noon' : ' after noon'}</Link>
          </p>
          <p className="ml-auto flex items-center gap-3 pb-1 text-[13px] text-ink2">
            <span><b className="text-ink">{it.planting.places.length}</b> {it.planting.places.length === 1 ? 'plant' : 'plants'}</span>
            <b className="text-ink">{moneyText(plantCost(it.plants), settings)}</b>
            <span><b className="text-ink">{volumeText(mixL(planting.container), settings)}</b> of mix</span>
            <button type="button" aria-label={history.past.length > 0 ? `Undo: ${history.past[history.past.length - 1]!.name}` : 'Undo'} title={history.past.length > 0 ? `Undo: ${history.past[history.past.length - 1]!.name} (Ctrl Z)` : 'Nothing to undo'} disabled={history.past.length === 0} onClick={editing.undo} className="grid size-7 place-items-center disabled:text-rule2"><Undo2 size={18} aria-hidden /></button>
            <button type="button" aria-label={history.future.length > 0 ? `Redo: ${history.future[0]!.name}` : 'Redo'} title={history.future.length > 0 ? `Redo: ${history.future[0]!.name} (Ctrl Shift Z)` : 'Nothing to redo'} disabled={history.future.length === 0} onClick={editing.redo} className="grid size-7 place-items-center disabled:text-rule2"><Redo2 size={18} aria-hidden /></button>
          </p>
        </header>
        <div className="grid gap-4 sm:grid-cols-[2fr_3fr]">
          <section aria-label="From above">
            <div ref={planRef} className="relative bg-field">
              <Stencil reading={reading} keys={keys} subject={subject} weeks={weeks} pxPerCm={pxPerCm} widthPx={planWidth} heightPx={FIELD_HEIGHT_PX} selected={selected} onSelect={setSelected} culprits={culprits} editing={editing} unit={settings.length} />
            </div>
            <TurnSlider turnDeg={turnDeg} onTurn={setTurnDeg} />
          </section>
          <section aria-label="Stand-back view">
            <div ref={standRef} className="relative bg-field">
              <StandBack reading={reading} extent={extent} keys={keys} subject={subject} weeks={weeks} turnDeg={turnDeg} pxPerCm={pxPerCm} widthPx={standWidth} heightPx={FIELD_HEIGHT_PX} culprits={culprits.length > 0 ? culprits : selected ? [selected] : []} unit={settings.length} title={`${countText(weeks, 'week')} on`} dates={weekText(weekAfter(planting.plantedWeek, weeks))} />
            </div>
            <WeekSlider keys={keys} weeks={weeks} last={reading.weeks} plantedWeek={planting.plantedWeek} bookPlantedWeek={bookWeek(planting.plantedWeek, spot)} onWeek={setWeeks} />
          </section>
        </div>
        <KindTags editing={editing} keys={keys} sizes={reading.grown()} selected={selected} onSelect={setSelected} settings={settings} />
        <PlantActions editing={editing} selected={selected} onSelect={setSelected} settings={settings} weeks={weeks} />
        <SeasonStrip reading={restedReading} keys={keys} theme={settings.theme} />
      </div>
      <aside className="mt-6 grid content-start gap-4 wide:mt-0">
        <OpinionSheet editing={editing} settings={settings} pointed={pointed} onPoint={setPointed} />
        <Tray editing={rested} settings={settings} weeks={weeks} selected={selected} />
      </aside>
    </div>
  );
}
