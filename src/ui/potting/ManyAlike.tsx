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
  recipeNow,
  type Run,
  type Swap,
} from '@/core/making/batch';
import { stepsOf } from '@/core/making/steps';
import { wentInOf } from '@/core/log/entry';
import { sidesOf, type PlantingInSpot } from '@/core/plantings/planting';
import type { KindId } from '@/core/plants/kind';
import type { Draft } from '@/data/rooms/logStore';
import { Button } from '@/ui/controls/Button';
import { THUMB_BACK, THUMB_MAIN, ThumbBar } from '@/ui/controls/ThumbBar';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { say } from '@/ui/session/say';
import { useClock } from '@/ui/session/useClock';
import { useSettings, useStore } from '@/ui/session/StoreProvider';
import { ProposalPicture } from '@/ui/start/ProposalPicture';
import { countText, minutesText } from '@/words/format';
import { inSentence } from '@/words/names';
import { CrewSheet } from './CrewSheet';
import { ReadyAndPrice } from './ReadyAndPrice';
import { RunsOut } from './RunsOut';

const SwapSheet = dynamic(() => import('@/ui/trolley/SwapSheet'), { ssr: false });

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
  /** The next one only is made with another kind. */
  const [variant, setVariant] = useState<Swap | null>(null);
  const [varying, setVarying] = useState<KindId | null>(null);
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
    const design = recipeNow(it.planting, variant ? [variant] : []);
    const pot = madeFrom(design, { runId: run.id, nth, plantedWeek });
    const plants = wentInOf([...pot.places, ...sidesOf(pot, kindOf)]);
    await store.log
      .made(pot, [
        draft(
          { did: 'planted', plants },
          { plantingId: pot.id, runId: run.id, spotId: pot.spotId },
        ),
      ])
      .then(() => setVariant(null))
      .finally(() => setBusy(false));
  };
  const takeBack = async () => {
    const last = madeIds[madeIds.length - 1];
    if (!last || !store || isBusy) return;
    setBusy(true);
    await store.log.unmake(last, localTime(zone, clock.now())).finally(() => setBusy(false));
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
          <EachTakes it={it} toMake={toMake} onVary={setVarying} />
          {variant && (
            <p className="bg-paper px-3 py-2.5 text-lead" data-variant>
              Only the next one: {inSentence(kindOf(variant.to)?.common ?? variant.to)} instead of{' '}
              {inSentence(kindOf(variant.from)?.common ?? variant.from)}.{' '}
              <Button look="link" onClick={() => setVariant(null)}>
                As the others
              </Button>
            </p>
          )}
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
            void store?.log.write([
              draft({ did: 'run changed', from: swapping, to, size }, { runId: run.id }),
            ]);
            say(
              `From now on ${inSentence(kindOf(to)?.common ?? to)} instead of ${inSentence(kindOf(swapping)?.common ?? swapping)}. What is made keeps its own.`,
            );
          }}
          onClose={() => setSwapping(null)}
        />
      )}
      {varying && (
        <SwapSheet
          kindId={varying}
          its={[it]}
          there={null}
          units={settings}
          onTake={(to, size) => {
            setVarying(null);
            setVariant({ from: varying, to, size });
          }}
          onClose={() => setVarying(null)}
        />
      )}
      <ThumbBar>
        <Button className={THUMB_BACK} disabled={made === 0} onClick={() => void takeBack()}>
          One less
        </Button>
        <Button look="act" className={THUMB_MAIN} onClick={() => void makeOne()}>
          One is made
        </Button>
      </ThumbBar>
    </div>
  );
}

/** What goes into each, and how many plants that makes for those that are left. */
function EachTakes({
  it,
  toMake,
  onVary,
}: {
  readonly it: PlantingInSpot;
  readonly toMake: number;
  readonly onVary: (kindId: KindId) => void;
}) {
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
            <span className="flex items-center gap-3 text-ink2">
              {countText(one * toMake, 'plant')} for the rest
              {toMake > 0 && (
                <Button
                  look="link"
                  aria-label={`Another plant instead of ${inSentence(kindOf(kindId)?.common ?? kindId)} in the next one only`}
                  onClick={() => onVary(kindId)}
                >
                  Vary one
                </Button>
              )}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
