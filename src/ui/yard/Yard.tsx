'use client';

import dynamic from 'next/dynamic';
import { useCallback, useEffect, useMemo, useReducer, useState } from 'react';
import { todayAt, type Clock } from '@/core/calendar/clock';
import { read } from '@/core/checks/reading';
import { weeksStanding } from '@/core/log/life';
import { weekAfter } from '@/core/units/units';
import { useWidth } from '@/ui/controls/useWidth';
import { UnreadableSheet } from '@/ui/session/UnreadableSheet';
import { firstSeen, keepFirstSeen } from '@/ui/session/firstSeen';
import { usePlantedSoon, type Planted } from '@/ui/session/usePlanted';
import { say } from '@/ui/session/say';
import { useStore } from '@/ui/session/StoreProvider';
import { useClock } from '@/ui/session/useClock';
import { WeekSlider } from '@/ui/bench/WeekSlider';
import { weekText } from '@/words/format';
import { linesOf, rowsOf, scaleFor, YARD_COLUMNS, YARD_WEEKS } from './yardLayout';
import { Button, ButtonLink } from '@/ui/controls/Button';
import { DayNote } from './DayNote';
import { SpotRow } from './SpotRow';
import { LookingOver, Wanting } from './Wanting';

const YardRound = dynamic(() => import('./YardRound'), {
  ssr: false,
  loading: () => <p className="min-h-10" />,
});

const YardSeason = dynamic(() => import('./YardSeason'), {
  ssr: false,
  loading: () => <p className="min-h-[304px]" />,
});

/** Longest that the first few are looked at before the rest is read, ms. */
const PART_MS = 600;

/** Longest that the containers wait to be judged for their drawings, ms. */
const PATIENCE_MS = 3000;

const NONE: ReadonlySet<string> = new Set();

/** Weeks since the first of what stands was planted, within its season; some weeks on where nothing stands yet. */
function weeksHere(loaded: Planted | undefined, clock: Clock): number {
  const its = loaded?.its ?? [];
  const standing = its.flatMap((it) => {
    const { plantedOn } = loaded!.lifeOf(it.planting.id);
    const weeks = weeksStanding({ plantedOn }, todayAt(clock, it.spot.site));
    return weeks === null ? [] : [Math.min(weeks, read(it).weeks)];
  });
  return standing.length === 0 ? YARD_WEEKS : Math.max(...standing);
}

/** Every container at its spot, on one ground line per spot, all at one scale, in the week chosen; and what wants a look. */
export function Yard() {
  const [first] = useState(() => firstSeen('yard'));
  const [isBegun, begin] = useReducer(() => true, false);
  const loaded = usePlantedSoon(first.ids, isBegun);
  const isPart = loaded?.isPart ?? false;
  const clock = useClock();
  const [picked, setWeeks] = useState<number | null>(null);
  const weeks = picked ?? weeksHere(loaded, clock);
  const [ref, width] = useWidth<HTMLDivElement>();
  // Judging all containers takes as long as drawing them: the pictures come first.
  const [patient, setPatient] = useState(true);
  const [inSight, setInSight] = useState(0);
  const [urgent, setUrgent] = useState<ReadonlySet<string>>(NONE);
  const onShown = useCallback(() => setInSight((n) => n + 1), []);
  const there = loaded !== undefined && !isPart;
  useEffect(() => {
    if (!there) return;
    const timer = setTimeout(() => setPatient(false), PATIENCE_MS);
    return () => clearTimeout(timer);
  }, [there]);
  // What is over stands nowhere any more; its container tells its story on the shelf.
  const rows = useMemo(
    () =>
      loaded
        ? rowsOf({
            ...loaded,
            its: loaded.its.filter(({ planting }) => loaded.lifeOf(planting.id).stage !== 'over'),
          })
        : [],
    [loaded],
  );
  const all = useMemo(() => rows.flatMap(({ its }) => its), [rows]);
  const fitting = useMemo(() => scaleFor(rows, width), [rows, width]);
  // A part is drawn as the whole was last time, so that it does not change its size.
  const scale = isPart ? (first.pxPerCm ?? fitting) : fitting;
  const lines = useMemo(() => linesOf(rows, scale, width), [rows, scale, width]);
  useEffect(() => {
    // Of the first few perhaps none stands any more: then all are wanted at once.
    if (isPart && all.length === 0) return begin();
    if (!loaded || width === 0) return;
    const ids = lines.flatMap(({ its }) => its.map(({ planting }) => planting.id));
    if (!isPart) return keepFirstSeen('yard', { ids, pxPerCm: scale });
    // The rest is read once these are seen; what is out of sight is not waited for.
    if (inSight >= all.length) return begin();
    const timer = setTimeout(begin, PART_MS);
    return () => clearTimeout(timer);
  }, [loaded, isPart, lines, scale, width, inSight, all.length]);
  if (!loaded || (isPart && all.length === 0))
    return (
      <p className="py-10 text-ink2" role="status">
        Opening the yard…
      </p>
    );
  if (all.length === 0) return <EmptyYard />;
  const last = Math.max(...all.map((it) => read(it).weeks));
  const planted = all[0]!.planting.plantedWeek;
  const isDemo = loaded.its.every(({ planting }) => planting.demo);
  return (
    <div className={`pt-3.5 ${YARD_COLUMNS}`}>
      <div className="min-w-0">
        <YardHead
          name={isDemo ? 'Rillbank Halt' : 'Yard'}
          count={isPart ? null : all.length}
          week={weekAfter(planted, weeks)}
        />
        <DayNote timeZone={all[0]!.spot.site.timeZone} place={isDemo ? 'At the Halt' : 'Here'} />
        {isPart ? <p className="min-h-10" /> : <YardRound planted={loaded} onUrgent={setUrgent} />}
        <UnreadableSheet tables={['plantings', 'spots']} />
        <div ref={ref} className="flex flex-wrap items-end gap-x-4 gap-y-2">
          {width > 0 &&
            lines.map((row) => (
              <SpotRow
                key={row.spot.id}
                row={row}
                weeks={weeks}
                pxPerCm={scale}
                widthPx={width}
                alone={rows.length === 1}
                urgent={urgent}
                onShown={onShown}
              />
            ))}
        </div>
        <div className="mt-2 max-w-[720px]">
          <WeekSlider keys={[]} weeks={weeks} last={last} plantedWeek={planted} onWeek={setWeeks} />
        </div>
        {/* After the drawings: it is reckoned while they are looked at. */}
        {!isPart && (!patient || inSight >= all.length) && <YardSeason its={all} />}
      </div>
      {!isPart && (!patient || inSight >= all.length) ? <Wanting its={all} /> : <LookingOver />}
    </div>
  );
}

/** What the Yard is, how many containers stand in it, and what is begun from it. */
function YardHead({
  name,
  count,
  week,
}: {
  readonly name: string;
  /** `null` while they are read. */
  readonly count: number | null;
  /** Week of the year in which they are shown. */
  readonly week: number;
}) {
  return (
    <header className="flex flex-wrap items-end gap-x-4 pb-2">
      <h1 className="display text-room leading-10">{name}</h1>
      <p className="pb-1.5 text-small text-ink2">
        {count === null ? 'Opening the others' : <b className="text-ink">{count}</b>}
        {count === null ? '' : count === 1 ? ' container' : ' containers'}, as they should look{' '}
        {weekText(week)}
      </p>
      {(count ?? 2) > 1 && (
        <ButtonLink look="plain" href="/terrace" className="mb-1.5">
          Set out together
        </ButtonLink>
      )}
      {/* On a phone the bar has no room for it. */}
      <ButtonLink look="act" href="/start" className="mb-1.5 sm:hidden">
        Start a planting
      </ButtonLink>
      <p className="ml-auto pb-1.5 text-small text-ink2">
        All at one scale; ticks are <b className="text-ink">10 cm</b>
      </p>
    </header>
  );
}

/** Before anything stands in it: how to begin. */
function EmptyYard() {
  const store = useStore();
  const loadDemo = async () => {
    const demoSet = (await import('@/demo/rillbankHalt')).rillbankHalt();
    await store?.addAll(demoSet);
    say('Rillbank Halt is in the yard: a made-up set to try things on.');
  };
  return (
    <div className="py-16">
      <h1 className="display text-room leading-10">Nothing stands here yet</h1>
      <p className="mt-2 max-w-[52ch] text-lead leading-6">
        Measure one pot, say what sun it gets, and pick a planting from those that suit. It takes
        about two minutes.
      </p>
      <UnreadableSheet tables={['plantings', 'spots']} />
      <p className="mt-5 flex flex-wrap gap-3">
        <ButtonLink look="act" href="/start">
          Start a planting
        </ButtonLink>
        <Button onClick={() => void loadDemo()}>Look round Rillbank Halt</Button>
      </p>
    </div>
  );
}
