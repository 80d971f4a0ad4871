'use client';

import Link from 'next/link';
import dynamic from 'next/dynamic';
import { useCallback, useState } from 'react';
import type { Task } from '@/core/care/task';
import { FELT, LOOKS_BAD } from '@/core/log/terms';
import { roundsOn } from '@/core/care/outlook';
import { Button, ButtonLink } from '@/ui/controls/Button';
import { ThumbBar, THUMB_MAIN } from '@/ui/controls/ThumbBar';
import { useWidth } from '@/ui/controls/useWidth';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { benchHref } from '@/ui/session/links';
import { saveBlob } from '@/ui/session/saveFile';
import { useSettings } from '@/ui/session/StoreProvider';
import { useCare, zoneOf, type Cared } from '@/ui/session/useCare';
import { usePlanted, type Planted } from '@/ui/session/usePlanted';
import { ProposalPicture } from '@/ui/start/ProposalPicture';
import { DayNote } from '@/ui/yard/DayNote';
import { roundText, taskHow, taskLeft, taskTitle, taskWhy, warningText } from '@/words/care';
import { temperatureText } from '@/words/format';
import { longDayText } from '@/words/life';
import { inSentence } from '@/words/names';
import { ProbeButton } from './ProbeButton';
import { useRound, type Walk } from './useRound';
import { useSkyToday } from './useSkyToday';
import { WaterGauge } from './WaterGauge';

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
  const sky = useSkyToday(planted, cared.today);
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
          {roundsOn(sky) === 2 ? ': hot, so walk again in the evening' : ''}.
        </p>
      )}
      {cared.warnings.map((warning) => (
        <p
          key={warning.what}
          data-warning={warning.what}
          className="mt-1.5 border-l-4 border-ink bg-paper px-3 py-1.5 text-lead leading-5"
        >
          {warningText(
            warning,
            (id) => planted.its.find(({ planting }) => planting.id === id)?.planting.name ?? '',
            settings,
          )}
        </p>
      ))}
      <p className="pt-1 text-lead" data-round={round.stops.length}>
        <b>{roundText(round, settings)}</b>
        {round.tools.length > 0 && ` Bring ${round.tools.join(', ')}.`}
        {round.urgent > 0 && ` ${round.urgent} cannot wait.`}
      </p>
      {stop ? (
        <>
          <Strip planted={planted} walk={walk} at={stop.plantingId} onPick={setAt} />
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

/** When nothing is asked: what comes next, quietly. */
function Quiet({ planted, cared }: { readonly planted: Planted; readonly cared: Cared }) {
  const settings = useSettings();
  const next = [...cared.byId.values()]
    .flatMap(({ tasks }) => tasks)
    .sort((a, b) => (a.earliest < b.earliest ? -1 : 1))
    .slice(0, 3);
  const nameOf = (id: string) =>
    planted.its.find(({ planting }) => planting.id === id)?.planting.name ?? '';
  return (
    <section className="mt-4 bg-paper px-4 py-4 text-lead" data-quiet>
      <p>
        {cared.byId.size === 0
          ? 'Nothing stands planted on this day.'
          : 'Nothing is asked for. Put the kettle on.'}
      </p>
      {next.length > 0 && (
        <ul className="pt-2 text-ink2">
          {next.map((task) => (
            <li key={task.key}>
              From {longDayText(task.earliest)}: {nameOf(task.plantingId)},{' '}
              {inSentence(taskTitle(task, settings))}.
            </li>
          ))}
        </ul>
      )}
      {cared.byId.size === 0 && (
        <p className="pt-3">
          <ButtonLink href="/potting">Potting day</ButtonLink>
        </p>
      )}
    </section>
  );
}

/** The containers of the round in order, as they look now. */
function Strip({
  planted,
  walk,
  at,
  onPick,
}: {
  readonly planted: Planted;
  readonly walk: Walk;
  readonly at: string;
  readonly onPick: (plantingId: string) => void;
}) {
  return (
    <ol aria-label="In walking order" className="flex gap-2 overflow-x-auto pt-3 pb-1">
      {walk.round.stops.map(({ plantingId, tasks }) => {
        const it = planted.its.find(({ planting }) => planting.id === plantingId);
        if (!it) return null;
        const isUrgent = tasks.some(({ isUrgent: urgent }) => urgent);
        return (
          <li key={plantingId}>
            <Button
              look="bare"
              aria-pressed={plantingId === at}
              data-stop={plantingId}
              onClick={() => onPick(plantingId)}
              className={`block w-[92px] border-b-4 bg-field text-left ${plantingId === at ? 'border-act' : 'border-transparent'}`}
            >
              <ProposalPicture it={it} widthPx={92} heightPx={76} weeks={8} />
              <span className="block truncate px-1 text-note leading-5 font-semibold">
                {isUrgent && <b aria-label="cannot wait">! </b>}
                {it.planting.name}
              </span>
            </Button>
          </li>
        );
      })}
    </ol>
  );
}

/** One container: as it looks today, its water, and what it wants, one thing at a time. */
function StopCard({
  planted,
  cared,
  walk,
  plantingId,
  tasks,
}: {
  readonly planted: Planted;
  readonly cared: Cared;
  readonly walk: Walk;
  readonly plantingId: string;
  readonly tasks: readonly Task[];
}) {
  const settings = useSettings();
  const { kindOf } = useLibrary();
  const [ref, width] = useWidth<HTMLDivElement>();
  const [isBad, setBad] = useState(false);
  const it = planted.its.find(({ planting }) => planting.id === plantingId);
  const care = cared.byId.get(plantingId);
  const [picked, setPicked] = useState<string | null>(null);
  const task = tasks.find(({ key }) => key === picked) ?? tasks[0];
  if (!it || !care || !task) return null;
  const isWide = width >= 760;
  const drawnPx = isWide ? Math.min(420, width * 0.45) : width;
  return (
    <section aria-label={it.planting.name} ref={ref} className="pt-3">
      <div className={isWide ? 'grid grid-cols-[auto_1fr] gap-6' : ''}>
        {width > 0 && (
          <div className="bg-field" style={{ width: drawnPx }}>
            <ProposalPicture
              it={it}
              widthPx={drawnPx}
              heightPx={isWide ? 340 : 150}
              weeks={care.weeks}
            />
          </div>
        )}
        <div className="min-w-0 pt-2">
          <h2 className="text-lead">
            <Link
              prefetch={false}
              href={benchHref(plantingId)}
              className="font-semibold underline decoration-rule2 underline-offset-3"
            >
              {it.planting.name}
            </Link>
            <span className="text-ink2">, {it.spot.name}</span>
          </h2>
          <WaterGauge outlook={care.outlook} widthPx={Math.min(340, isWide ? 340 : width || 340)} />
          <div aria-live="polite">
            <p className="display text-room leading-9" data-task={task.key}>
              {taskTitle(task, settings)}
            </p>
            <p className="text-name leading-6">{taskWhy(task, kindOf, settings)}</p>
            <p className="text-lead leading-6">{taskHow(task, settings)}</p>
            <p className="text-ink2">{taskLeft(task)}</p>
          </div>
          {tasks.length > 1 && (
            <ul aria-label="And then" className="flex flex-wrap gap-x-4 pt-1">
              {tasks
                .filter((other) => other !== task)
                .map((other) => (
                  <li key={other.key}>
                    <Button look="link" data-then={other.rule} onClick={() => setPicked(other.key)}>
                      {taskTitle(other, settings)}
                    </Button>
                  </li>
                ))}
            </ul>
          )}
          <fieldset className="pt-3">
            <legend className="pb-1 text-small font-semibold">
              Or feel it: the mix an inch down is
            </legend>
            <span className="flex flex-wrap gap-1.5">
              {FELT.map((how) => (
                <Button key={how} onClick={() => walk.felt(plantingId, how)}>
                  {how}
                </Button>
              ))}
            </span>
          </fieldset>
          <p className="pt-2">
            <ProbeButton
              it={it}
              care={care}
              today={cared.today}
              since={care.plantedOn}
              walk={walk}
            />
          </p>
          {isBad ? (
            <fieldset className="pt-3">
              <legend className="pb-1 text-small font-semibold">How does it look?</legend>
              <span className="flex flex-wrap gap-1.5">
                {LOOKS_BAD.map((how) => (
                  <Button
                    key={how}
                    onClick={() => {
                      setBad(false);
                      walk.bad(plantingId, how);
                    }}
                  >
                    {how}
                  </Button>
                ))}
              </span>
            </fieldset>
          ) : (
            <p className="flex flex-wrap gap-2 pt-3">
              <Button onClick={() => walk.skip(task)}>Skip</Button>
              <Button onClick={() => walk.later(task)}>Later</Button>
              <Button onClick={() => setBad(true)}>Looks bad</Button>
            </p>
          )}
        </div>
      </div>
      <ThumbBar>
        <Button look="act" className={THUMB_MAIN} onClick={() => walk.done(task)}>
          <b className="mr-2 font-semibold">Done</b>
          <span className="truncate font-normal">{inSentence(taskTitle(task, settings))}</span>
        </Button>
      </ThumbBar>
    </section>
  );
}
