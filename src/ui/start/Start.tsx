'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { toast } from 'sonner';
import { kindOf } from '@/core/plants/book/index';
import { inSpot } from '@/core/plantings/planting';
import { plantingOf, type Obstacle, type Proposal } from '@/core/search/propose';
import type { Settings } from '@/core/files/plantingFile';
import { seedOf } from '@/core/random/hash';
import { useSettings, useStore } from '@/ui/session/StoreProvider';
import { useWidth } from '@/ui/controls/useWidth';
import { aboutText, obstacleText, ruledOutText } from '@/words/about';
import { countText, moneyText } from '@/words/format';
import type { AskMessage } from '@/workers/messages';
import { runJob } from '@/workers/runJob';
import { ProposalPicture } from './ProposalPicture';
import { StartSheet } from './StartSheet';
import { useSharedScale } from './useSharedScale';
import { FIRST_FORM, readStart, SHAPE_NAMES, type StartForm } from './startForm';

/** Weeks a summer planting is looked at: to the usual first frost. */
const END_WEEK = 42;
/** Rest after the last change of the form before a new search, ms. */
const REST_MS = 260;

/** Starting a planting: what pot, what light, what colours on one side; plantings that suit on the other, found while the form changes. */
export function Start() {
  const settings = useSettings();
  const store = useStore();
  const router = useRouter();
  const form = useForm<StartForm>({ defaultValues: FIRST_FORM });
  const values = useWatch({ control: form.control }) as StartForm;
  const [spotId] = useState(() => `spot-${crypto.randomUUID().slice(0, 8)}`);
  const key = JSON.stringify([values, settings.length]);
  const reading = useMemo(() => readStart(values, settings.length, spotId), [key, spotId]); // eslint-disable-line react-hooks/exhaustive-deps
  const { proposals, looking, obstacles, ruledOut } = useProposals(reading, values.plantedWeek);

  const keep = async (proposal: Proposal) => {
    if (!store || !reading.ok) return;
    const id = `planting-${crypto.randomUUID().slice(0, 8)}`;
    const count = (await store.plantings()).filter(({ container }) => container.shape.kind === values.shape).length;
    const planting = plantingOf(proposal, askFrom(reading, values.plantedWeek), { id, name: `${SHAPE_NAMES[values.shape]} ${count + 1}` });
    await store.add(planting, reading.spot);
    toast(`${planting.name} is on the bench.`);
    router.push(`/bench?planting=${id}`);
  };

  return (
    <div className="gap-6 pt-3.5 wide:grid wide:grid-cols-[392px_minmax(0,1fr)]">
      <div>
        <h1 className="display text-[29px] leading-10">Start a planting</h1>
        <StartSheet form={form} values={values} reading={reading} settings={settings} />
      </div>
      <section aria-label="Plantings that suit" className="mt-6 min-w-0 wide:mt-0">
        <div className="flex h-10 items-end gap-3">
          <h2 className="display text-[21px] leading-7">{proposals.length > 0 ? `${countText(proposals.length, 'planting')} that suit` : reading.ok ? (looking ? 'Looking…' : 'Nothing suits') : 'Mend the sheet first'}</h2>
          <p className="pb-0.5 text-ink2" role="status">{looking ? 'still looking' : proposals.length > 0 ? 'drawn ten weeks on, all at one scale' : ''}</p>
        </div>
        {reading.ok && <ProposalGrid proposals={proposals} reading={reading} plantedWeek={values.plantedWeek} settings={settings} onKeep={(proposal) => void keep(proposal)} />}
        {!looking && reading.ok && proposals.length < 6 && (
          <div className="mt-4 bg-paper p-4" data-obstacles>
            <h3 className="font-semibold">{proposals.length === 0 ? 'What stands in the way' : 'Why only so few'}</h3>
            <ul className="mt-1 grid gap-1">
              {obstacles.map((obstacle) => <li key={obstacle.wish}>{obstacleText(obstacle)}</li>)}
            </ul>
            <p className="mt-1 text-ink2">Of the book, ruled out: {ruledOutText(ruledOut) || 'none'}.</p>
          </div>
        )}
        <p className="mt-4 max-w-[70ch] text-[12.5px] text-ink2">Sizes, weeks and prices are typical. The tag in hand and local advice win.</p>
      </section>
    </div>
  );
}

type GoodReading = Extract<ReturnType<typeof readStart>, { ok: true }>;

function askFrom({ container, spot, wishes }: GoodReading, plantedWeek: number): AskMessage & { readonly kinds: readonly [] } {
  const endWeek = plantedWeek <= 34 && plantedWeek >= 8 ? Math.max(END_WEEK, plantedWeek + 8) : ((plantedWeek + 26 - 1) % 52) + 1;
  return { container, spot, wishes, plantedWeek, endWeek, seed: seedOf(container.name), only: null, kinds: [] };
}

/** Searches in the worker whenever the form rests; a new search gives the old one up. */
function useProposals(reading: ReturnType<typeof readStart>, plantedWeek: number) {
  const [proposals, setProposals] = useState<readonly Proposal[]>([]);
  const [looking, setLooking] = useState(true);
  const [why, setWhy] = useState<{ readonly obstacles: readonly Obstacle[]; readonly ruledOut: Readonly<Record<string, number>> }>({ obstacles: [], ruledOut: {} });
  const first = useRef(true);
  useEffect(() => {
    if (!reading.ok) return;
    const giveUp = new AbortController();
    const timer = setTimeout(async () => {
      setLooking(true);
      setWhy({ obstacles: [], ruledOut: {} });
      const { kinds: _, ...ask } = askFrom(reading, plantedWeek);
      try {
        let shown = 0;
        const found = await runJob('propose', { ...ask, effort: 48, wanted: 6 }, {
          signal: giveUp.signal,
          onProgress: ({ best }) => {
            // Show more as they come; settle the order at the end, so that drawings do not jump about.
            if (best.length > shown) {
              shown = best.length;
              setProposals(best);
            }
          },
        });
        setProposals(found);
        if (found.length < 6) setWhy(await runJob('obstacles', ask, { signal: giveUp.signal }));
        setLooking(false);
      } catch (error) {
        if ((error as Error).name !== 'AbortError') {
          setLooking(false);
          toast(`The search stopped: ${(error as Error).message}`);
        }
      }
    }, first.current ? 0 : REST_MS);
    first.current = false;
    return () => {
      clearTimeout(timer);
      giveUp.abort();
    };
  }, [reading, plantedWeek]);
  return { proposals: reading.ok ? proposals : [], looking: reading.ok && looking, ...why };
}

interface GridProps {
  readonly proposals: readonly Proposal[];
  readonly reading: GoodReading;
  readonly plantedWeek: number;
  readonly settings: Settings;
  readonly onKeep: (proposal: Proposal) => void;
}

/** Proposals as elevations at one scale, standing on ruled lines. */
function ProposalGrid({ proposals, reading, plantedWeek, settings, onKeep }: GridProps) {
  const [ref, width] = useWidth<HTMLDivElement>();
  const box = reading.container.shape.kind === 'box' && reading.container.shape.lengthCm > 70;
  const columns = width > 640 ? (box ? 2 : 3) : width > 420 ? 2 : 1;
  const cell = width > 0 ? Math.floor((width - (columns - 1) * 16) / columns) : 0;
  const height = box ? 220 : 280;
  const its = useMemo(
    () => proposals.map((proposal, i) => inSpot(plantingOf(proposal, askFrom(reading, plantedWeek), { id: `proposal-${i}`, name: `Proposal ${i + 1}` }), reading.spot, kindOf)),
    [proposals, reading, plantedWeek],
  );
  const pxPerCm = useSharedScale(its, cell, height);
  return (
    <div ref={ref}>
      <ul className="mt-2 grid gap-4" style={{ gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))` }}>
        {proposals.map((proposal, i) => (
          <li key={proposal.places.map(({ kindId, size }) => kindId + size).join()} className="flex flex-col" data-proposal>
            <div className="bg-field">{cell > 0 && <ProposalPicture it={its[i]!} widthPx={cell} heightPx={height} weeks={10} pxPerCm={pxPerCm} />}</div>
            <div className="border-t-[1.5px] border-tick pt-2">
              <p className="min-h-[72px]">{aboutText(proposal, kindOf)}</p>
              <p className="flex items-center justify-between pt-1.5">
                <span className="text-ink2"><b className="text-ink">{proposal.places.length}</b> plants, <b className="text-ink">{moneyText(proposal.cost, settings)}</b></span>
                <button type="button" className="press" onClick={() => onKeep(proposal)}>Plant this one</button>
              </p>
            </div>
          </li>
        ))}
      </ul>
    </div>
  );
}
