'use client';

import Link from 'next/link';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { read } from '@/core/checks/reading';
import { opinionOf } from '@/core/checks/opinion';
import { CHECKS } from '@/core/checks/rules/index';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { weekAfter } from '@/core/units/units';
import { PlantingPicture } from '@/ui/controls/PlantingPicture';
import { Ruler } from '@/ui/controls/Ruler';
import { useWidth } from '@/ui/controls/useWidth';
import { benchHref, spotHref } from '@/ui/session/links';
import { UnreadableSheet } from '@/ui/session/UnreadableSheet';
import { usePlanted } from '@/ui/session/usePlanted';
import { say } from '@/ui/session/say';
import { useSettings, useStore } from '@/ui/session/StoreProvider';
import { useOneByOne } from '@/ui/session/useOneByOne';
import { WeekSlider } from '@/ui/bench/WeekSlider';
import { countText, hoursText, weekText } from '@/words/format';
import { leadWord, sentenceOf } from '@/words/remarks';
import {
  linesOf,
  placeRow,
  rowPx,
  rowsOf,
  scaleFor,
  SIDE_RULER_PX,
  YARD_COLUMNS,
  YARD_WEEKS,
  type YardRow,
} from './yardLayout';
import { Button, ButtonLink } from '@/ui/controls/Button';

const STRIP_PX = 30;
const WHEN = { spread: '', morning: ' before noon', afternoon: ' after noon' } as const;

/** Longest that the containers wait to be judged for their drawings, ms. */
const PATIENCE_MS = 3000;

/** Every container at its spot, on one ground line per spot, all at one scale, in the week chosen; and what wants a look. */
export function Yard() {
  const store = useStore();
  const loaded = usePlanted();
  const [weeks, setWeeks] = useState(YARD_WEEKS);
  const [ref, width] = useWidth<HTMLDivElement>();
  // Judging all containers takes as long as drawing them: the pictures come first.
  const [patient, setPatient] = useState(true);
  const [inSight, setInSight] = useState(0);
  const onShown = useCallback(() => setInSight((n) => n + 1), []);
  const there = loaded !== undefined;
  useEffect(() => {
    if (!there) return;
    const timer = setTimeout(() => setPatient(false), PATIENCE_MS);
    return () => clearTimeout(timer);
  }, [there]);
  const rows = useMemo(() => (loaded ? rowsOf(loaded) : []), [loaded]);
  const all = useMemo(() => rows.flatMap(({ its }) => its), [rows]);
  const scale = useMemo(() => scaleFor(rows, width), [rows, width]);
  const lines = useMemo(() => linesOf(rows, scale, width), [rows, scale, width]);
  const loadDemo = async () => {
    const demoSet = (await import('@/demo/rillbankHalt')).rillbankHalt();
    await store?.addAll(demoSet);
    say('Rillbank Halt is in the yard: a made-up set to try things on.');
  };
  if (!loaded)
    return (
      <p className="py-10 text-ink2" role="status">
        Opening the yard…
      </p>
    );
  if (loaded.its.length === 0)
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
  const last = Math.max(...all.map((it) => read(it).weeks));
  const planted = all[0]!.planting.plantedWeek;
  return (
    <div className={`pt-3.5 ${YARD_COLUMNS}`}>
      <div className="min-w-0">
        <header className="flex flex-wrap items-end gap-x-4 pb-2">
          <h1 className="display text-room leading-10">
            {loaded.its.every(({ planting }) => planting.demo) ? 'Rillbank Halt' : 'Yard'}
          </h1>
          <p className="pb-1.5 text-small text-ink2">
            <b className="text-ink">{all.length}</b> {all.length === 1 ? 'container' : 'containers'}
            , as they should look {weekText(weekAfter(planted, weeks))}
          </p>
          {all.length > 1 && (
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
                onShown={onShown}
              />
            ))}
        </div>
        <div className="mt-2 max-w-[720px]">
          <WeekSlider keys={[]} weeks={weeks} last={last} plantedWeek={planted} onWeek={setWeeks} />
        </div>
      </div>
      {!patient || inSight >= all.length ? <Wanting its={all} /> : <LookingOver />}
    </div>
  );
}

// Links here fetch nothing ahead: two dozen of them would ask for as many pages just when the drawings are awaited.
function SpotRow({
  row,
  weeks,
  pxPerCm,
  widthPx,
  alone,
  onShown,
}: {
  readonly row: YardRow;
  readonly weeks: number;
  readonly pxPerCm: number;
  readonly widthPx: number;
  readonly alone: boolean;
  readonly onShown: () => void;
}) {
  const { spot } = row;
  const {
    heightPx: height,
    fromCm: groundFrom,
    placed,
  } = useMemo(() => placeRow(row, weeks, pxPerCm), [row, weeks, pxPerCm]);
  return (
    <section
      aria-label={spot.name}
      className="relative min-w-0"
      style={{ flex: `1 1 ${alone ? widthPx : Math.min(widthPx, rowPx(row, pxPerCm))}px` }}
    >
      <div className="pointer-events-none z-10 max-sm:flex max-sm:flex-wrap max-sm:items-baseline max-sm:gap-x-3 max-sm:pb-1 sm:absolute sm:top-2 sm:right-4 sm:text-right">
        <h2 className="display text-name leading-5">
          <Link
            prefetch={false}
            href={spotHref(spot.id)}
            className="pointer-events-auto hover:underline"
          >
            {spot.name}
          </Link>
        </h2>
        <p className="text-note text-ink2">
          {hoursText(spot.sunHours)} sun
          {WHEN[spot.sunWhen]}
          {spot.underCover ? ', no rain' : ''}
        </p>
        {groundFrom > 0 && (
          <p className="text-note text-ink2">from {Math.round(groundFrom)} cm up</p>
        )}
      </div>
      <div className="relative overflow-x-auto overflow-y-hidden bg-field" style={{ height }}>
        <div className="absolute inset-y-0 left-0">
          <Ruler
            upright
            lengthPx={height}
            zeroPx={-groundFrom * pxPerCm}
            pxPerCm={pxPerCm}
            unit="cm"
            thickness={SIDE_RULER_PX}
          />
        </div>
        {placed.map(({ it, leftPx, picture: { subject, weeks: shown, lens, widthPx: wide } }) => (
          <Link
            key={it.planting.id}
            prefetch={false}
            href={benchHref(it.planting.id)}
            aria-label={`${it.planting.name}: open on the bench`}
            className="absolute bottom-0 block"
            style={{ left: leftPx, width: wide, height }}
          >
            <PlantingPicture
              still
              whenSeen
              onShown={onShown}
              subject={subject}
              weeks={shown}
              lens={lens}
              widthPx={wide}
              heightPx={height}
              label={it.planting.name}
            />
          </Link>
        ))}
      </div>
      <div className="relative border-t-[1.5px] border-tick" style={{ height: STRIP_PX }}>
        {placed.map(({ it, middlePx }) => (
          <span
            key={it.planting.id}
            className="absolute top-1.5 -translate-x-1/2 text-note font-semibold whitespace-nowrap"
            style={{ left: Math.min(widthPx - 50, middlePx) }}
          >
            {it.planting.name}
          </span>
        ))}
      </div>
    </section>
  );
}

function LookingOver() {
  return (
    <aside
      aria-label="Worth a look"
      className="mt-6 self-start bg-paper px-4 py-3 text-ink2 wide:mt-0"
      role="status"
    >
      Looking them over…
    </aside>
  );
}

/** What of a planting wants an answer, worst first. */
function toAnswer(it: PlantingInSpot) {
  return {
    it,
    remarks: opinionOf(it).remarks.filter(
      ({ check, severity, meant }) =>
        !meant && (severity === 'trouble' || (CHECKS[check].weight > 0 && severity === 'look')),
    ),
  };
}

/** The remarks across the yard that want an answer, worst first, each leading to its bench. */
function Wanting({ its }: { readonly its: readonly PlantingInSpot[] }) {
  const settings = useSettings();
  const judged = useOneByOne(its, toAnswer);
  if (!judged) return <LookingOver />;
  const wanting = judged.results.filter(({ remarks }) => remarks.length > 0);
  const calm = its.filter((it) => !wanting.some((w) => w.it === it));
  return (
    <aside aria-label="Worth a look" className="mt-6 self-start bg-paper wide:mt-0">
      <h2 className="display px-4 pt-3 text-drawing leading-7">Worth a look</h2>
      <p className="border-b border-rule px-4 pb-3 text-ink2">
        {wanting.length === 0
          ? 'Nothing: all is well as far as it can be told.'
          : `${countText(wanting.length, 'container')} with something to think about.`}
      </p>
      <ul>
        {wanting.map(({ it, remarks }) => (
          <li key={it.planting.id} className="border-b border-rule">
            <Link
              prefetch={false}
              href={benchHref(it.planting.id)}
              className="block px-4 py-2.5 hover:bg-wash"
            >
              <span className="flex justify-between">
                <b className="text-body font-semibold">{it.planting.name}</b>
                <span className="text-ink2">{countText(remarks.length, 'remark')}</span>
              </span>
              <span className="text-ink2">
                <b className="font-semibold text-ink">{leadWord(remarks[0]!)}.</b>{' '}
                {sentenceOf(remarks[0]!, it, settings).says}
              </span>
            </Link>
          </li>
        ))}
      </ul>
      {calm.length > 0 && (
        <p className="px-4 py-3 text-ink2">
          Nothing: {calm.map(({ planting }) => planting.name.toLowerCase()).join(', ')}
        </p>
      )}
    </aside>
  );
}
