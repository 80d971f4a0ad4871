'use client';

import dynamic from 'next/dynamic';
import { useCallback, useDeferredValue, useMemo, useState } from 'react';
import { read } from '@/core/checks/reading';
import type { CheckId } from '@/core/checks/rules/index';
import type { SchoolId } from '@/core/plantings/schoolId';
import { extentOf } from '@/core/seeing/framing';
import { subjectOf } from '@/core/seeing/subject';
import type { Editing } from '@/ui/session/useEditing';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { useSettings } from '@/ui/session/StoreProvider';
import { useFrozen } from '@/ui/session/useFrozen';
import { useRested } from '@/ui/session/useRested';
import { keyed } from '@/words/names';
import { BenchDrawings } from './BenchDrawings';
import { BenchFacts, BenchHead, BenchName } from './BenchHead';
import { useBenchRoom } from './useBenchRoom';
import type { Way } from './ways';
import type { Shown } from './stencilShown';
import { useDescribed } from './useDescribed';
import { useBenchCommands } from './useBenchCommands';
import { useLooking } from './useLooking';
import { useTaking } from './useTaking';
import { useWalkPast } from './useWalkPast';

// What is read after the first look comes after it.
const KindTags = dynamic(() => import('./KindTags').then((m) => m.KindTags), { ssr: false });
const BenchStrips = dynamic(() => import('./BenchStrips').then((m) => m.BenchStrips), {
  ssr: false,
});

// What is read or pressed after the drawings comes after them.
const OpinionLine = dynamic(() => import('./OpinionLine').then((m) => m.OpinionLine), {
  ssr: false,
  loading: () => <p className="mt-1.5 min-h-10 bg-paper" />,
});
const OpinionSheet = dynamic(() => import('./OpinionSheet').then((m) => m.OpinionSheet), {
  ssr: false,
});
const PlantActions = dynamic(() => import('./PlantActions').then((m) => m.PlantActions), {
  ssr: false,
});
const PrintSheet = dynamic(() => import('./PrintSheet'), { ssr: false });
const SchoolsPicture = dynamic(() => import('./SchoolsPicture'), { ssr: false });
const SeasonStrip = dynamic(() => import('./SeasonStrip'), { ssr: false });
const Tray = dynamic(() => import('./Tray'), { ssr: false });

/** One planting on the Bench: plan and stand-back view to one scale, the sliders under them, the plants, the second opinion and the tray. */
export function BenchDesk({ editing }: { readonly editing: Editing }) {
  const { planting, it } = editing;
  const settings = useSettings();
  const { kindOf } = useLibrary();
  const reading = useMemo(() => read(it, editing.counted), [it, editing.counted]);
  const roomNow = useMemo(() => extentOf(reading), [reading]);
  const bare = useFrozen(roomNow, editing.isHeld);
  const keys = useMemo(() => keyed(it), [it]);
  const [weeks, setWeeks] = useState(() => Math.min(reading.weeks, 8));
  const looking = useLooking(it, bare, weeks);
  const { light } = looking;
  const subject = useMemo(() => ({ ...subjectOf(it), ...(light ? { light } : {}) }), [it, light]);
  const [picked, setSelection] = useState<readonly string[]>([]);
  // A plant that is gone is no longer picked.
  const selection = useMemo(
    () => picked.filter((id) => planting.places.some((place) => place.id === id)),
    [picked, planting.places],
  );
  const [shown, setShown] = useState<readonly Shown[]>(['spread', 'sun']);
  const [pointed, setPointed] = useState<CheckId | null>(null);
  const [strip, setStrip] = useState<'weeks' | 'walk' | null>(null);
  const room = useBenchRoom(planting.container, looking);
  const { isOne, isLow } = room;
  const [heldWay, setHeldWay] = useState<Way | null>(null);
  const other = useMemo(
    () => heldWay && { subject: subjectOf(heldWay.it), name: heldWay.title || 'Another way' },
    [heldWay],
  );
  const culprits = useMemo(
    () => editing.opinion.remarks.find(({ check }) => check === pointed)?.culprits ?? [],
    [editing.opinion, pointed],
  );
  const calm = useDeferredValue(editing);
  const rested = useRested(editing);
  const restedWeeks = useRested(weeks);
  const restedReading = useMemo(() => read(rested.it, rested.counted), [rested.it, rested.counted]);
  const restedKeys = useMemo(() => keyed(rested.it), [rested.it]);
  const inWords = useDescribed({
    reading: restedReading,
    keys: restedKeys,
    opinion: rested.opinion,
    weeks: restedWeeks,
    units: settings,
  });
  const eye = useMemo(
    () => ({ azimuthRad: looking.azimuthRad, pitchRad: looking.pitchRad }),
    [looking.azimuthRad, looking.pitchRad],
  );
  const select = useCallback((place: string | null) => setSelection(place ? [place] : []), []);
  const selected = selection[selection.length - 1] ?? null;
  const { apply } = editing;
  const toSchool = useCallback(
    (school: SchoolId) => apply({ kind: 'wish', change: { school } }),
    [apply],
  );
  const toggleWeeks = useCallback(() => setStrip((now) => (now === 'weeks' ? null : 'weeks')), []);
  const toggleWalk = useCallback(() => setStrip((now) => (now === 'walk' ? null : 'walk')), []);
  const walk = useWalkPast(looking.turn, toggleWalk);
  const restedSizes = useMemo(() => restedReading.grown(), [restedReading]);
  const { taking, printing, printed } = useTaking(editing, { subject, weeks, looking, inWords });
  useBenchCommands({
    editing,
    kindOf,
    selection,
    onSelect: setSelection,
    weeks,
    onWeeks: setWeeks,
    last: reading.weeks,
    looking,
    onWalk: walk.start,
    onStrip: toggleWeeks,
    taking,
  });

  return (
    <div className="pt-3.5">
      {isOne || isLow ? (
        <BenchName editing={editing} />
      ) : (
        <BenchHead editing={editing} settings={settings} />
      )}
      <BenchDrawings
        room={room}
        onWeeks={setWeeks}
        reading={reading}
        keys={keys}
        subject={subject}
        weeks={weeks}
        looking={looking}
        selection={selection}
        setSelection={setSelection}
        culprits={culprits}
        editing={editing}
        settings={settings}
        shown={shown}
        setShown={setShown}
        eye={eye}
        other={other}
        inWords={inWords}
        strip={strip}
        walk={walk}
        toggleWeeks={toggleWeeks}
        taking={taking}
      >
        <SeasonStrip
          reading={restedReading}
          keys={restedKeys}
          units={settings}
          weeks={weeks}
          last={reading.weeks}
          onWeek={setWeeks}
        />
      </BenchDrawings>
      {printing && (
        <PrintSheet
          {...printing}
          editing={editing}
          reading={reading}
          settings={settings}
          onDone={printed}
        />
      )}
      {(isOne || isLow) && <BenchFacts editing={editing} settings={settings} />}
      <OpinionLine editing={rested} settings={settings} onPoint={setPointed} />
      <BenchStrips
        strip={strip}
        looking={looking}
        subject={subject}
        planting={planting}
        weeks={weeks}
        last={reading.weeks}
        unit={settings.length}
      />
      <Tray
        editing={rested}
        settings={settings}
        weeks={restedWeeks}
        selected={selected}
        onHold={setHeldWay}
      />
      <div className="mt-4 wide:grid wide:grid-cols-[minmax(0,1fr)_344px] wide:gap-6">
        <div className="min-w-0">
          <KindTags
            editing={rested}
            keys={restedKeys}
            sizes={restedSizes}
            selected={selected}
            onSelect={select}
            settings={settings}
          />
          <PlantActions
            editing={calm}
            selected={selected}
            onSelect={select}
            settings={settings}
            weeks={restedWeeks}
          />
        </div>
        <aside id="second-opinion" className="mt-6 bg-paper wide:mt-0 wide:self-start">
          <OpinionSheet
            editing={rested}
            settings={settings}
            pointed={pointed}
            onPoint={setPointed}
          />
          {rested.it.plants.length > 1 && (
            <SchoolsPicture it={rested.it} counted={rested.counted} onSchool={toSchool} />
          )}
        </aside>
      </div>
    </div>
  );
}
