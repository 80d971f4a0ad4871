'use client';

import dynamic from 'next/dynamic';
import { useCallback, useState } from 'react';
import { roundsOn } from '@/core/care/outlook';
import { Button } from '@/ui/controls/Button';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { saveBlob } from '@/ui/session/saveFile';
import { useSettings } from '@/ui/session/StoreProvider';
import { useCare, zoneOf, type Cared } from '@/ui/session/useCare';
import { usePlanted, type Planted } from '@/ui/session/usePlanted';
import { DayNote } from '@/ui/yard/DayNote';
import { dripText, roundText, warningText } from '@/words/care';
import { temperatureText } from '@/words/format';
import { longDayText } from '@/words/life';
import { Quiet } from './Quiet';
import { StopCard } from './StopCard';
import { StopStrip } from './StopStrip';
import { useRound } from './useRound';

const PrintRound = dynamic(() => import('./PrintRound'), { ssr: false });
const OrderSheet = dynamic(() => import('./OrderSheet'), { ssr: false });
const AwaySheet = dynamic(() => import('./AwaySheet'), { ssr: false });
const AllWatered = dynamic(() => import('./AllWatered'), { ssr: false });

/** Today's round in walking order: what each container wants and why, pressed with a thumb. */
export function Rounds() {
  const planted = usePlanted();
  const cared = useCare(planted);
  if (!planted || !cared)
    return (
      <p className="py-10 text-ink2" role="status">
        Reckoning what is asked for today…
      </p>
    );
  return <Walked planted={planted} cared={cared} />;
}

function Walked({ planted, cared }: { readonly planted: Planted; readonly cared: Cared }) {
  const settings = useSettings();
  const walk = useRound(planted, cared);
  const { round } = walk;
  const [at, setAt] = useState<string | null>(null);
  const [open, setOpen] = useState<'order' | 'away' | 'watered' | 'paper' | null>(null);
  // The same function as long as the room is open: a new one would print again.
  const closePaper = useCallback(() => setOpen(null), []);
  const { sky } = cared;
  const nameOf = (id: string) =>
    planted.its.find(({ planting }) => planting.id === id)?.planting.name ?? '';
  const stop = round.stops.find(({ plantingId }) => plantingId === at) ?? round.stops[0];
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
      {sky && (
        <p className="text-small text-ink2" data-sky>
          {temperatureText(sky.minC, settings)} to {temperatureText(sky.maxC, settings)},{' '}
          {sky.rainMm < 0.2 ? 'dry' : `${sky.rainMm.toFixed(0)} mm of rain`}
          {roundsOn(sky) === 2 ? ': hot, so walk again in the evening' : ''}. The weather service is
          simulated; days you record at the spot are taken as they were.
        </p>
      )}
      {cared.warnings.map((warning) => (
        <p
          key={warning.what}
          data-warning={warning.what}
          className="mt-1.5 border-l-4 border-ink bg-paper px-3 py-1.5 text-lead leading-5"
        >
          {warningText(warning, nameOf, settings)}
        </p>
      ))}
      {cared.drips.map((zone) => (
        <p key={zone.spotId} className="pt-1" data-drip={zone.spotId}>
          <b>{planted.spots.find(({ id }) => id === zone.spotId)?.name}, drip.</b>{' '}
          {dripText(zone, nameOf, settings)}
        </p>
      ))}
      <p className="pt-1 text-lead" data-round={round.stops.length}>
        <b>{roundText(round, settings)}</b>
        {round.tools.length > 0 && ` Bring ${round.tools.join(', ')}.`}
        {round.urgent > 0 && ` ${round.urgent} cannot wait.`}
      </p>
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
      <p className="flex flex-wrap gap-2 pt-6">
        {round.stops.some(({ litres }) => litres > 0) && (
          <Button onClick={() => setOpen('watered')}>All watered</Button>
        )}
        {walk.order.length > 1 && (
          <Button onClick={() => setOpen('order')}>Order of walking</Button>
        )}
        {cared.byId.size > 0 && <Button onClick={() => setOpen('away')}>Away for a while</Button>}
        {cared.byId.size > 0 && <Button onClick={() => setOpen('paper')}>On paper</Button>}
        {cared.byId.size > 0 && <SaveCalendar planted={planted} cared={cared} />}
      </p>
      <div className="pt-3">
        <DayNote timeZone={zone} place="Here" />
      </div>
      {open === 'paper' && (
        <PrintRound planted={planted} cared={cared} walk={walk} onDone={closePaper} />
      )}
      {open === 'order' && (
        <OrderSheet planted={planted} walk={walk} onClose={() => setOpen(null)} />
      )}
      {open === 'away' && (
        <AwaySheet planted={planted} today={cared.today} onClose={() => setOpen(null)} />
      )}
      {open === 'watered' && (
        <AllWatered planted={planted} walk={walk} onClose={() => setOpen(null)} />
      )}
    </div>
  );
}

/** The tasks of the week to come as a calendar file. */
function SaveCalendar({ planted, cared }: { readonly planted: Planted; readonly cared: Cared }) {
  const settings = useSettings();
  const { kindOf } = useLibrary();
  const save = async () => {
    const { careCalendar } = await import('@/words/careCalendar');
    const text = careCalendar(
      [...cared.byId.values()].flatMap(({ tasks }) => tasks),
      {
        nameOf: (id) => planted.its.find(({ planting }) => planting.id === id)?.planting.name ?? '',
        kindOf,
        units: settings,
        written: Date.now(),
      },
    );
    saveBlob('rounds.ics', new Blob([text], { type: 'text/calendar' }));
  };
  return <Button onClick={() => void save()}>Save as calendar</Button>;
}
