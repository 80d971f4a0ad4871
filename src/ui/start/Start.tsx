'use client';

import { keepForGood } from '@/ui/session/storage';
import dynamic from 'next/dynamic';
import { useRouter, useSearchParams } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import { useForm, useWatch, type UseFormReturn } from 'react-hook-form';
import { todayAt } from '@/core/calendar/clock';
import { weekOfDay } from '@/core/calendar/day';
import { USUAL_SPOT } from '@/core/spots/usual';
import { useClock } from '@/ui/session/useClock';
import { plantingOf } from '@/core/plantings/brief';
import type { Proposal } from '@/core/search/proposal';
import { standings } from '@/core/shelf/shelf';
import { benchHref } from '@/ui/session/links';
import { say } from '@/ui/session/say';
import { useBenches } from '@/ui/session/useBenches';
import { useLive, useSettings, useStore } from '@/ui/session/StoreProvider';
import { countText } from '@/words/format';
import { HAVE, isHave } from './haves';
import { StartSheet } from './StartSheet';
import {
  FIRST_FORM,
  withHave,
  withSpot,
  withUnit,
  type StartForm,
  type StartReading,
} from './startForm';
import { briefFrom, useProposals } from './useProposals';
import { Button } from '@/ui/controls/Button';

const ProposalStrip = dynamic(() => import('./ProposalStrip'), { ssr: false });
const InTheWay = dynamic(() => import('./InTheWay').then((m) => m.InTheWay), { ssr: false });
const ProposalGrid = dynamic(() => import('./ProposalGrid'), { ssr: false });

/** Until what reads the sheet has been fetched. */
const UNREAD: StartReading = { ok: false, faults: {} };

/** What a link asks for: what there is to plant, and the week; this week, where it asks for none. */
function useAskedByLink(form: UseFormReturn<StartForm>, search: URLSearchParams, week: number) {
  const have = search.get('have');
  useEffect(() => {
    if (isHave(have)) form.reset(withHave(form.getValues(), have));
  }, [form, have]);
  const asked = Number(search.get('week'));
  const planted = Number.isInteger(asked) && asked >= 1 && asked <= 52 ? asked : week;
  useEffect(() => form.setValue('plantedWeek', planted), [form, planted]);
}

/** Starting a planting: what pot, what light, what colours on one side; plantings that suit on the other, found while the form changes. */
export function Start() {
  const settings = useSettings();
  const store = useStore();
  const router = useRouter();
  const form = useForm<StartForm>({ defaultValues: FIRST_FORM });
  const values = useWatch({ control: form.control }) as StartForm;
  const clock = useClock();
  const search = useSearchParams();
  const week = weekOfDay(todayAt(clock, USUAL_SPOT.site));
  useAskedByLink(form, search, week);
  const [spotId] = useState(() => `spot-${crypto.randomUUID().slice(0, 8)}`);
  // Settings arrive after the page: the sizes stay, the figures change.
  useEffect(() => {
    if (form.getValues('unit') !== settings.length)
      form.reset(withUnit(form.getValues(), settings.length));
  }, [form, settings.length]);
  const asked = search.get('spot');
  const shelf = useLive(async (st) => standings(await st.shelf.all(), await st.plantings.all()));
  const free = (shelf ?? []).filter(({ empty }) => empty > 0);
  const chosen = free.find(({ item }) => item.id === search.get('container'))?.item ?? null;
  const spots = useLive((s) => s.spots.all());
  const given = spots?.find(({ id }) => id === asked) ?? null;
  useEffect(() => {
    if (given) form.reset(withSpot(form.getValues(), given));
    // A spot is laid over the sheet once, when it arrives or another is picked.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [form, given?.id]);
  const key = JSON.stringify([values, given?.id, chosen]);
  const [door, setDoor] = useState<typeof import('./readStart') | null>(null);
  useEffect(() => void import('./readStart').then(setDoor), []);
  const reading = useMemo(
    () =>
      door?.readStart(values, given ?? spotId, chosen?.container ?? null, settings.house) ?? UNREAD,
    // What is read is told by its key: the form hands out a new object at every render.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [door, key, spotId, settings.house],
  );
  const [stop, setStop] = useState('');
  const benches = useBenches(stop || null);
  const owned = useLive(async (s) =>
    (await s.kinds.all())
      .filter((record) => record.owned > 0)
      .map(({ id }) => id)
      .join(),
  );
  // What is in the shed need not be on a bench.
  const only = useMemo(
    () =>
      stop && benches.lines
        ? [...benches.there, ...(owned ?? '').split(',').filter(Boolean)]
        : null,
    [stop, benches, owned],
  );
  const { proposals, betterCount, showBetter, looking, obstacles, ruledOut } = useProposals(
    reading,
    values.plantedWeek,
    only,
    settings.house,
  );

  const go = (change: Readonly<Record<string, string | null>>) => {
    const next = new URLSearchParams(search);
    for (const [name, value] of Object.entries(change)) {
      if (value) next.set(name, value);
      else next.delete(name);
    }
    router.replace(`/start${next.size > 0 ? `?${next}` : ''}`);
  };
  const keep = async (proposal: Proposal) => {
    if (!store || !reading.ok) return;
    const id = `planting-${crypto.randomUUID().slice(0, 8)}`;
    const called = chosen?.container.name ?? HAVE[values.have].name;
    const count = (await store.plantings.all()).filter(({ name }) =>
      name.startsWith(called),
    ).length;
    const planting = plantingOf(
      proposal,
      briefFrom(reading, values.plantedWeek, settings.house, chosen?.id ?? null),
      { id, name: chosen && count === 0 ? called : `${called} ${count + 1}` },
    );
    await store.plantings.add(planting, reading.spot);
    // From the first thing of one's own on it is worth keeping; a browser that asks does so once.
    void keepForGood();
    say(`${planting.name} is on the bench.`);
    router.push(benchHref(id));
  };

  /** The container as it is, to be composed by hand. */
  const keepEmpty = async () => {
    if (!store || !reading.ok) return;
    const id = `planting-${crypto.randomUUID().slice(0, 8)}`;
    const planting = plantingOf(
      { places: [], school: values.school === 'any' ? 'thriller' : values.school },
      briefFrom(reading, values.plantedWeek, settings.house, chosen?.id ?? null),
      { id, name: chosen?.container.name ?? `${HAVE[values.have].name} by hand` },
    );
    await store.plantings.add(planting, reading.spot);
    // From the first thing of one's own on it is worth keeping; a browser that asks does so once.
    void keepForGood();
    router.push(benchHref(id));
  };

  const heading = () => {
    if (proposals.length > 0) return `${countText(proposals.length, 'planting')} that suit`;
    if (!reading.ok && reading !== UNREAD) return 'Mend the sheet first';
    return looking || reading === UNREAD ? 'Looking…' : 'Nothing suits';
  };
  return (
    <div className="gap-6 pt-3.5 wide:grid wide:grid-cols-[392px_minmax(0,1fr)]">
      <div className="min-w-0">
        <h1 className="display text-room leading-10">Start a planting</h1>
        {reading.ok && (
          <div className="sticky top-0 z-20 -mx-4 min-h-[112px] bg-zinc px-4 py-2 wide:hidden">
            <ProposalStrip
              proposals={proposals}
              reading={reading}
              plantedWeek={values.plantedWeek}
              house={settings.house}
            />
          </div>
        )}
        <StartSheet
          form={form}
          values={values}
          reading={reading}
          settings={settings}
          given={given}
          spots={spots ?? []}
          onSpot={(id) => go({ spot: id })}
          free={free.map(({ item }) => item)}
          chosen={chosen}
          onContainer={(id) => go({ container: id })}
          stop={stop}
          onStop={setStop}
          week={week}
        />
      </div>
      <section
        aria-label="Plantings that suit"
        className="mt-6 min-w-0 wide:sticky wide:top-0 wide:mt-0 wide:max-h-dvh wide:self-start wide:overflow-y-auto wide:pb-4"
      >
        <div className="flex h-10 items-end gap-3">
          <h2 className="display text-drawing leading-7">{heading()}</h2>
          <p className="pb-0.5 text-ink2" role="status">
            {looking
              ? 'still looking'
              : proposals.length > 0
                ? 'drawn ten weeks on, all at one scale'
                : ''}
          </p>
          {reading.ok && (
            <Button className="ml-auto" disabled={!store} onClick={() => void keepEmpty()}>
              Compose by hand
            </Button>
          )}
        </div>
        {betterCount > 0 && (
          <p className="flex items-center gap-3 pt-1.5">
            <span>{countText(betterCount, 'better one')} found.</span>
            <Button look="plain" onClick={showBetter}>
              Show {betterCount === 1 ? 'it' : 'them'}
            </Button>
          </p>
        )}
        {reading.ok && (
          <ProposalGrid
            proposals={proposals}
            reading={reading}
            plantedWeek={values.plantedWeek}
            settings={settings}
            onKeep={(proposal) => void keep(proposal)}
          />
        )}
        {!looking && reading.ok && proposals.length < 6 && (
          <InTheWay proposals={proposals} obstacles={obstacles} only={only} ruledOut={ruledOut} />
        )}
        <p className="mt-4 max-w-[70ch] text-note text-ink2">
          Sizes, weeks and prices are typical. The tag in hand and local advice win.
        </p>
      </section>
    </div>
  );
}
