'use client';

import dynamic from 'next/dynamic';
import { useMemo, useState, type ReactNode } from 'react';
import { dayIn, localTime, weekOfDay } from '@/core/calendar/day';
import { read } from '@/core/checks/reading';
import {
  designNow,
  madeFrom,
  minutesFor,
  plantsPer,
  salePriceMinor,
  shortfallOf,
  type Run,
} from '@/core/making/batch';
import { otherLines, plantLines, lineMinor } from '@/core/making/list';
import { needsOf } from '@/core/making/needs';
import { anywhere } from '@/core/making/offers';
import { stepsOf } from '@/core/making/steps';
import { tripTo } from '@/core/making/trip';
import { wentInOf } from '@/core/log/entry';
import type { PlantingInSpot } from '@/core/plantings/planting';
import type { KindId } from '@/core/plants/kind';
import type { Draft } from '@/data/store';
import { Button } from '@/ui/controls/Button';
import { NumberField } from '@/ui/controls/fields';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { say } from '@/ui/session/say';
import { useClock } from '@/ui/session/useClock';
import { useSettings, useStore } from '@/ui/session/StoreProvider';
import { ProposalPicture } from '@/ui/start/ProposalPicture';
import { countText } from '@/words/format';
import { amountText, lineName, minorText } from '@/words/making';
import { inSentence } from '@/words/names';
import { minutesText } from '@/words/potting';

import { CrewSheet } from './CrewSheet';

const SwapSheet = dynamic(() => import('@/ui/trolley/SwapSheet'), { ssr: false });

/** Share of the price that is earned, where it was not told. */
const USUAL_MARGIN = 0.4;

interface ManyAlikeProps {
  /** The design, as it was composed. */
  readonly design: PlantingInSpot;
  readonly run: Run;
  /** Minutes that earlier pots of this design took. */
  readonly earlier: readonly number[];
  /** Ids of what was made of it in this run, the last one last. */
  readonly madeIds: readonly string[];
  /** Which of the run's designs this is, where it has several. */
  readonly choose: ReactNode;
}

/** Many of one design in one run: what lies ready, what each takes, counted as they are made; and what to do when something runs out. */
export function ManyAlike({ design, run, earlier, madeIds, choose }: ManyAlikeProps) {
  const store = useStore();
  const clock = useClock();
  const settings = useSettings();
  const { kindOf } = useLibrary();
  const [swapping, setSwapping] = useState<KindId | null>(null);
  const [isBusy, setBusy] = useState(false);
  const it = useMemo(() => designNow(design, run.swaps, kindOf), [design, run.swaps, kindOf]);
  const wanted =
    run.recipes.find(({ plantingId }) => plantingId === design.planting.id)?.count ?? 0;
  const made = run.made.get(design.planting.id) ?? 0;
  const toMake = Math.max(0, wanted - made);
  const zone = design.spot.site.timeZone;
  const oneMinutes = useMemo(
    () => stepsOf(read(it), it.house).reduce((sum, { minutes }) => sum + minutes, 0),
    [it],
  );
  const draft = (what: Draft['what'], of: Draft['of']): Draft => ({
    at: localTime(zone, clock.now()),
    zone,
    of,
    what,
  });
  const makeOne = async () => {
    if (!store || isBusy) return;
    setBusy(true);
    const plantedWeek = weekOfDay(dayIn(zone, clock.now()));
    // The number after the highest given, so that one taken back leaves no two of a name.
    const nth = 1 + Math.max(0, ...madeIds.map((id) => Number(id.split('-').pop()) || 0));
    const pot = madeFrom(it.planting, { runId: run.id, nth, plantedWeek });
    const plants = wentInOf(pot.places);
    await store
      .logMade(pot, [
        draft(
          { did: 'planted', plants },
          { plantingId: pot.id, runId: run.id, spotId: pot.spotId },
        ),
      ])
      .finally(() => setBusy(false));
  };
  const takeBack = async () => {
    const last = madeIds[madeIds.length - 1];
    if (!last || !store || isBusy) return;
    setBusy(true);
    await store.unmake(last, localTime(zone, clock.now())).finally(() => setBusy(false));
  };
  return (
    <div className="pb-28">
      <header className="flex items-baseline justify-between gap-4 pt-3 text-lead">
        <h1 className="min-w-0 truncate font-semibold">{design.planting.name}, many alike</h1>
        <p className="shrink-0 text-ink2">
          {toMake > 0
            ? `${minutesText(minutesFor(toMake, { oneMinutes, earlier }))} to go`
            : 'all made'}
        </p>
      </header>
      {choose}
      <div className="grid gap-x-8 gap-y-4 pt-2 wide:grid-cols-[340px_1fr]">
        <div>
          <div className="bg-field">
            <ProposalPicture it={it} widthPx={340} heightPx={260} weeks={8} />
          </div>
          <p className="display pt-3 text-room leading-9" data-made={made} aria-live="polite">
            {made} of {wanted} made
          </p>
        </div>
        <div className="grid content-start gap-5">
          <EachTakes it={it} toMake={toMake} />
          <RunsOut it={it} toMake={toMake} onSwap={setSwapping} />
          <CrewSheet it={it} count={wanted} />
          <ReadyAndPrice it={it} count={wanted} />
        </div>
      </div>
      {swapping && (
        <SwapSheet
          kindId={swapping}
          its={[it]}
          there={null}
          units={settings}
          onTake={(to, size) => {
            setSwapping(null);
            void store?.log([
              draft({ did: 'run changed', from: swapping, to, size }, { runId: run.id }),
            ]);
            say(
              `From now on ${inSentence(kindOf(to)?.common ?? to)} instead of ${inSentence(kindOf(swapping)?.common ?? swapping)}. What is made keeps its own.`,
            );
          }}
          onClose={() => setSwapping(null)}
        />
      )}
      <div className="fixed inset-x-0 bottom-0 z-30 border-t border-rule2 bg-zinc px-4 py-3">
        <div className="mx-auto flex max-w-[1272px] gap-3">
          <Button
            className="min-h-16 min-w-24 text-name!"
            disabled={made === 0}
            onClick={() => void takeBack()}
          >
            One less
          </Button>
          <Button look="act" className="min-h-16 flex-1 text-name!" onClick={() => void makeOne()}>
            One is made
          </Button>
        </div>
      </div>
    </div>
  );
}

/** What goes into each, and how many plants that makes for those that are left. */
function EachTakes({ it, toMake }: { readonly it: PlantingInSpot; readonly toMake: number }) {
  const { kindOf } = useLibrary();
  return (
    <section aria-label="Each takes">
      <h2 className="mb-1 text-name font-semibold">Each takes</h2>
      <ul className="bg-paper">
        {[...plantsPer(it.planting)].map(([kindId, one]) => (
          <li
            key={kindId}
            data-takes={kindId}
            className="flex min-h-11 items-center justify-between gap-3 border-t border-rule px-3 text-lead first:border-t-0"
          >
            <span>
              <b>{one}</b> {inSentence(kindOf(kindId)?.common ?? kindId)}
            </span>
            <span className="text-ink2">{countText(one * toMake, 'plant')} for the rest</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** How far what is left of a kind goes, and what to do then. */
function RunsOut({
  it,
  toMake,
  onSwap,
}: {
  readonly it: PlantingInSpot;
  readonly toMake: number;
  readonly onSwap: (kindId: KindId) => void;
}) {
  const { kindOf } = useLibrary();
  const per = useMemo(() => plantsPer(it.planting), [it]);
  const kinds = [...per.keys()];
  const [kindId, setKindId] = useState<KindId | null>(null);
  const [there, setThere] = useState(0);
  const name = (id: KindId) => kindOf(id)?.common ?? id;
  if (toMake === 0) return null;
  const found =
    kindId && per.has(kindId) ? shortfallOf(per, toMake, new Map([[kindId, there]])) : null;
  return (
    <section aria-label="Something runs out">
      <h2 className="mb-1 text-name font-semibold">Something runs out?</h2>
      <div className="bg-paper px-3 py-3">
        <div className="flex flex-wrap gap-1.5">
          {kinds.map((id) => (
            <Button
              key={id}
              look="choice"
              aria-pressed={id === kindId}
              onClick={() => {
                setKindId(id === kindId ? null : id);
                setThere(per.get(id)! * toMake);
              }}
            >
              {name(id)}
            </Button>
          ))}
        </div>
        {kindId && found && (
          <div className="grid items-end gap-3 pt-3 sm:grid-cols-[140px_1fr_auto]">
            <NumberField
              name="Plants of it left"
              value={there}
              onValue={(n) => Number.isInteger(n) && n >= 0 && n <= 100_000 && setThere(n)}
            />
            <p data-shortfall className="text-lead">
              {found.short.length === 0
                ? 'That is enough.'
                : `${found.whole} more can be made whole${
                    found.shares.length > 0
                      ? `; the other ${countText(found.shares.length, 'pot')} would get ${sharesText(found.shares.map((share) => share.get(kindId) ?? 0))} instead of ${per.get(kindId)}`
                      : ''
                  }.`}
            </p>
            {found.short.length > 0 && (
              <Button onClick={() => onSwap(kindId)}>Another plant from now on</Button>
            )}
          </div>
        )}
      </div>
    </section>
  );
}

/** "1 or 0" */
function sharesText(shares: readonly number[]): string {
  return [...new Set(shares)].sort((a, b) => b - a).join(' or ');
}

/** What lies ready for all of them, what one costs, and a price to sell it at. */
function ReadyAndPrice({ it, count }: { readonly it: PlantingInSpot; readonly count: number }) {
  const settings = useSettings();
  const { kindOf } = useLibrary();
  const [margin, setMargin] = useState(USUAL_MARGIN);
  const lines = useMemo(() => {
    const needs = needsOf(
      Array.from({ length: count }, () => it),
      {
        house: it.house,
        owned: () => 0,
        isReused: () => false,
      },
    );
    return [...plantLines(tripTo(needs.plants, [anywhere(kindOf)])), ...otherLines(needs)];
  }, [it, count, kindOf]);
  const cost = Math.round(
    lines.reduce((sum, line) => sum + lineMinor(line), 0) / Math.max(1, count),
  );
  return (
    <section aria-label="Ready for all">
      <h2 className="mb-1 text-name font-semibold">Ready for all {count}</h2>
      <ul className="bg-paper">
        {lines.map((line) => (
          <li
            key={line.key}
            className="flex min-h-9 items-center justify-between gap-3 border-t border-rule px-3 first:border-t-0"
          >
            <span>
              {line.what.kind === 'plants'
                ? (kindOf(line.what.kindId)?.common ?? line.what.kindId)
                : lineName(line)}
            </span>
            <b className="font-semibold">{amountText(line, settings)}</b>
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap items-end gap-4 pt-3">
        <span className="w-36">
          <NumberField
            name="Earned on the price"
            suffix="%"
            value={margin * 100}
            onValue={(percent) => percent >= 0 && percent <= 90 && setMargin(percent / 100)}
          />
        </span>
        <p className="text-lead" data-price>
          One costs about {minorText(cost, settings)}; sold at{' '}
          <b>{minorText(salePriceMinor(cost, margin), settings)}</b>.
        </p>
      </div>
    </section>
  );
}
