'use client';

import dynamic from 'next/dynamic';
import { useEffect, useReducer, useState } from 'react';
import type { Care } from '@/core/care/careOf';
import { useSettings, useStore } from '@/ui/session/StoreProvider';
import { useCare, zoneOf, type Cared } from '@/ui/session/useCare';
import { firstWalked, keepFirstWalked } from '@/ui/session/firstWalked';
import { usePlantedSoon, type Planted } from '@/ui/session/usePlanted';
import { DayNote } from '@/ui/yard/DayNote';
import { longDayText } from '@/words/life';
import { RoundTold } from './RoundTold';
import { StopCard } from './StopCard';
import { StopStrip } from './StopStrip';
import { useRound } from './useRound';

// What is opened or read when all is done comes after the first stop.
const Whose = dynamic(() => import('./Whose'), { ssr: false });
const RoundSheets = dynamic(() => import('./RoundSheets').then((m) => m.RoundSheets), {
  ssr: false,
});
const Quiet = dynamic(() => import('./Quiet').then((m) => m.Quiet), { ssr: false });

const wantsSomething = ({ tasks }: Care): boolean => tasks.length > 0;

/** Today's round in walking order: what each container wants and why, pressed with a thumb. */
export function Rounds() {
  const [first] = useState(() => firstWalked());
  const [isBegun, begin] = useReducer(() => true, false);
  const planted = usePlantedSoon(first, isBegun);
  const cared = useCare(planted);
  useEffect(() => {
    if (cared) begin();
  }, [cared]);
  // Of the few read first, perhaps none wants anything: that is not yet told of all.
  if (!planted || !cared || (!cared.isWhole && ![...cared.byId.values()].some(wantsSomething)))
    return (
      <p className="py-10 text-ink2" role="status">
        Reckoning what is asked for today…
      </p>
    );
  return <Walked planted={planted} cared={cared} />;
}

/** Who waters what stands planted, each once, in the order of the spots. */
function peopleOf({ its }: Planted, { byId }: Cared): readonly string[] {
  const names = its
    .filter(({ planting }) => byId.has(planting.id))
    .map(({ spot }) => spot.waters.who);
  return [...new Set(names)].filter((name) => name !== '');
}

function Walked({ planted, cared }: { readonly planted: Planted; readonly cared: Cared }) {
  const settings = useSettings();
  const store = useStore();
  const people = peopleOf(planted, cared);
  const who = people.find((name) => name === settings.roundsOf) ?? '';
  const walk = useRound(planted, cared, who);
  const { round } = walk;
  // Of a part nothing is handed over, ordered or saved: it would be taken for the whole.
  const [isAllSeen, allSeen] = useReducer(() => true, false);
  useEffect(() => {
    if (!cared.isWhole) return;
    allSeen();
    keepFirstWalked(round.stops.map(({ plantingId }) => plantingId));
  }, [cared.isWhole, round]);
  const [at, setAt] = useState<string | null>(null);
  const stop = round.stops.find(({ plantingId }) => plantingId === at) ?? round.stops[0];
  // What is under the thumb stays there when others come before it in the walk.
  if (!isAllSeen && stop && stop.plantingId !== at) setAt(stop.plantingId);
  const zone = zoneOf(planted.its);
  const isEvening = cared.hour >= 12;
  return (
    <div className="pb-28">
      <header className="flex flex-wrap items-baseline gap-x-4 pt-3.5">
        <h1 className="display text-room leading-10">
          {isEvening ? 'This evening’s round' : 'This morning’s round'}
        </h1>
        <p className="text-ink2">{longDayText(cared.today)}</p>
      </header>
      {people.length > 1 && (
        <div className="min-h-11 py-1.5">
          <Whose
            people={people}
            who={who}
            onWho={(roundsOf) => void store?.settings.set({ roundsOf })}
          />
        </div>
      )}
      <RoundTold planted={planted} cared={cared} walk={walk} at={stop?.plantingId ?? null} />
      {stop ? (
        <>
          <StopStrip
            planted={planted}
            cared={cared}
            walk={walk}
            at={stop.plantingId}
            onPick={setAt}
          />
          <StopCard
            key={stop.plantingId}
            planted={planted}
            cared={cared}
            walk={walk}
            plantingId={stop.plantingId}
            tasks={stop.tasks}
          />
        </>
      ) : (
        <Quiet planted={planted} cared={cared} />
      )}
      {isAllSeen && <RoundSheets planted={planted} cared={cared} walk={walk} />}
      <div className="pt-3">
        {settings.heldAt && <DayNote heldAt={settings.heldAt} timeZone={zone} place="Here" />}
      </div>
    </div>
  );
}
