'use client';

import dynamic from 'next/dynamic';
import {
  useCallback,
  useDeferredValue,
  useEffect,
  useLayoutEffect,
  useMemo,
  useReducer,
  useRef,
  useState,
} from 'react';
import { todayAt, type Clock } from '@/core/calendar/clock';
import type { Settings } from '@/core/files/plantingFile';
import { weeksStanding } from '@/core/log/life';
import { seasonWeeks } from '@/core/plantings/planting';
import { weekAfter } from '@/core/units/units';
import { useWidth } from '@/ui/controls/useWidth';
import { UnreadableSheet } from '@/ui/session/UnreadableSheet';
import { useLive } from '@/ui/session/StoreProvider';
import { useOneByOne } from '@/ui/session/useOneByOne';
import { usePlanted, type Planted } from '@/ui/session/usePlanted';
import { useClock } from '@/ui/session/useClock';
import { WeekSlider } from '@/ui/bench/WeekSlider';
import { DayNote, type HeldDay } from './DayNote';
import type { Due } from './dueMark';
import type { Sight } from './useYardSight';
import { YARD_COLUMNS } from './columns';
import { LookingOver } from './LookingOver';
import { Wanting } from './Wanting';
import { YardGround } from './YardGround';
import { YardHead } from './YardHead';
import { layYard, rowsOf, YARD_WEEKS, type YardLayout } from './yardLayout';
import { extentOfPlanting } from '@/core/seeing/framing';
import { keepYardSight } from './keepYardSight';

const FirstSight = dynamic(() => import('./FirstSight').then((m) => m.FirstSight), { ssr: false });
const YardRound = dynamic(() => import('./YardRound'), {
  ssr: false,
  loading: () => <p className="min-h-10" />,
});

const YardSeason = dynamic(() => import('./YardSeason'), {
  ssr: false,
  loading: () => <p className="min-h-[304px]" />,
});

/** Longest that the containers wait to be judged for their drawings, ms. */
const PATIENCE_MS = 3000;

/** Weeks since the first of what stands was planted, within its season; some weeks on where nothing stands yet. */
function weeksHere(loaded: Planted, clock: Clock): number {
  const standing = loaded.its.flatMap((it) => {
    const { plantedOn } = loaded.lifeOf(it.planting.id);
    const weeks = weeksStanding({ plantedOn }, todayAt(clock, it.spot.site));
    return weeks === null ? [] : [Math.min(weeks, seasonWeeks(it.planting))];
  });
  return standing.length === 0 ? YARD_WEEKS : Math.max(...standing);
}

const NOTHING: Planted['its'] = [];

/** The Yard as it stands now, once all of it has been read and looked at. Told when it is. */
export default function YardHere({
  before,
  onThere,
}: {
  readonly before: Sight | null;
  readonly onThere: () => void;
}) {
  const loaded = usePlanted();
  const settings = useLive((store) => store.settings.get());
  // What is over stands nowhere any more; its container tells its story on the shelf.
  const standing = useMemo(
    () =>
      loaded && {
        ...loaded,
        its: loaded.its.filter(({ planting }) => loaded.lifeOf(planting.id).stage !== 'over'),
      },
    [loaded],
  );
  // Of a long record each takes its time: the page goes on in between.
  const looked = useOneByOne(standing?.its ?? NOTHING, extentOfPlanting);
  const isEmpty = standing?.its.length === 0;
  // Once there it stays: what changes afterwards is a container or two.
  const [wasThere, stay] = useReducer(() => true, false);
  const isThere =
    isEmpty ||
    (standing !== undefined && settings !== undefined && (wasThere || looked?.of === standing.its));
  // Before the browser paints: what was there before goes in the same moment.
  useLayoutEffect(() => {
    if (!isThere) return;
    stay();
    onThere();
  }, [isThere, onThere]);
  if (isEmpty) return <FirstSight />;
  if (!isThere || !standing || !settings) return null;
  return <YardNow planted={standing} settings={settings} before={before} />;
}

function YardNow({
  planted,
  settings,
  before,
}: {
  readonly planted: Planted;
  readonly settings: Settings;
  readonly before: Sight | null;
}) {
  const { its } = planted;
  const clock = useClock();
  const [picked, setWeeks] = useState<number | null>(null);
  const weeksNow = useMemo(() => weeksHere(planted, clock), [planted, clock]);
  const weeks = picked ?? weeksNow;
  const [ref, width] = useWidth<HTMLDivElement>();
  const round = useRef<HTMLDivElement>(null);
  const [due, setDue] = useState<ReadonlyMap<string, readonly Due[]> | null>(null);
  const rows = useMemo(() => rowsOf(planted), [planted]);
  const layout = useMemo(
    () =>
      width > 0
        ? layYard(rows, { weeks, width, windowHeight: window.innerHeight, units: settings })
        : null,
    [rows, weeks, width, settings],
  );
  const { isCalm, onShown } = useCalm(layout);
  // What is due is put under hundreds of containers in the time that scrolling leaves.
  const dueShown = useDeferredValue(due);
  const last = useMemo(() => Math.max(...its.map((it) => seasonWeeks(it.planting))), [its]);
  const first = its[0]!;
  const week = weekAfter(first.planting.plantedWeek, weeks);
  const isDemo = its.every(({ planting }) => planting.demo);
  const name = isDemo ? 'Rillbank Halt' : 'Yard';
  const held = useMemo(
    (): HeldDay | null =>
      settings.heldAt
        ? {
            heldAt: settings.heldAt,
            timeZone: first.spot.site.timeZone,
            place: isDemo ? 'At the Halt' : 'Here',
          }
        : null,
    [settings.heldAt, first, isDemo],
  );
  const unit = settings.length;
  const count = its.length;
  useEffect(() => {
    // Another week than today's is not what the next visit begins with.
    if (!layout || !due || picked !== null) return;
    const roundPx = round.current?.offsetHeight ?? 0;
    keepYardSight({ name, count, week, unit, held, roundPx, due }, layout);
  }, [layout, due, picked, unit, name, count, week, held]);
  return (
    <div className={`pt-3.5 ${YARD_COLUMNS}`} data-yard="now">
      <div className="min-w-0">
        <YardHead name={name} count={count} week={week} unit={unit} />
        {held && <DayNote {...held} />}
        <div ref={round} style={{ minHeight: due ? undefined : before?.told.roundPx }}>
          <YardRound planted={planted} onDue={setDue} />
        </div>
        <UnreadableSheet tables={['plantings', 'spots']} />
        <div ref={ref}>
          {layout && (
            <YardGround
              layout={layout}
              unit={unit}
              due={dueShown}
              before={before}
              onShown={onShown}
            />
          )}
        </div>
        <div className="mt-2 max-w-[720px]">
          <WeekSlider
            keys={[]}
            weeks={weeks}
            last={last}
            plantedWeek={first.planting.plantedWeek}
            onWeek={setWeeks}
          />
        </div>
        {/* After the drawings: it is reckoned while they are looked at. */}
        {isCalm && <YardSeason its={its} />}
      </div>
      {isCalm ? <Wanting its={its} /> : <LookingOver />}
    </div>
  );
}

/** Are the drawings in sight painted? Judging all containers takes as long as drawing them: the pictures come first. */
function useCalm(layout: YardLayout | null) {
  const [isCalm, beCalm] = useReducer(() => true, false);
  // Counted beside the page: each picture that is shown must not draw the whole ground anew.
  const shown = useRef(0);
  const wanted = layout?.pictures.size ?? Infinity;
  const onShown = useCallback(() => {
    shown.current += 1;
    if (shown.current >= wanted) beCalm();
  }, [wanted]);
  useEffect(() => {
    const timer = setTimeout(beCalm, PATIENCE_MS);
    return () => clearTimeout(timer);
  }, []);
  return { isCalm: layout !== null && isCalm, onShown };
}
