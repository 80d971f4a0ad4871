'use client';

import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import { localTime } from '@/core/calendar/day';
import { todayAt } from '@/core/calendar/clock';
import { tillOf, type BuyLine } from '@/core/making/list';
import { swapEdit } from '@/core/plantings/edits';
import { seasonWeeks, type PlantingInSpot } from '@/core/plantings/planting';
import type { KindId } from '@/core/plants/kind';
import type { NurserySizeId } from '@/core/plants/nursery';
import { STOPS } from '@/core/shopping/stops';
import { ButtonLink } from '@/ui/controls/Button';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { say } from '@/ui/session/say';
import { useClock } from '@/ui/session/useClock';
import { usePlanted, type Planted } from '@/ui/session/usePlanted';
import { useSettings, useStore } from '@/ui/session/StoreProvider';
import { countText } from '@/words/format';
import { inSentence } from '@/words/names';
import { BuyRow, type Told } from './BuyRow';
import { NotToBeHad } from './NotToBeHad';
import { TakeAlong } from './TakeAlong';
import { TillBar } from './TillBar';
import { useAllBenches } from './useAllBenches';
import { CHEAPEST, useShopping } from './useShopping';
import { WhereToGo } from './WhereToGo';

const TrolleyContainers = dynamic(
  () => import('./TrolleyContainers').then((m) => m.TrolleyContainers),
  { ssr: false },
);
const SwapSheet = dynamic(() => import('./SwapSheet'), { ssr: false });

const NONE: readonly PlantingInSpot[] = [];

/** What to buy for the containers that are to be made: where to go, stop by stop what to take, and all else that goes in. */
export function Trolley() {
  const settings = useSettings();
  const store = useStore();
  const clock = useClock();
  const { kindOf } = useLibrary();
  const planted = usePlanted();
  const its = planted?.its ?? NONE;
  const [picked, setPicked] = useState<ReadonlySet<string> | null>(null);
  const [goTo, setGoTo] = useState(CHEAPEST);
  const [swapping, setSwapping] = useState<BuyLine | null>(null);
  const toMake = useMemo(() => (planted ? toMakeOf(planted) : new Set<string>()), [planted]);
  const wanted = picked ?? toMake;
  const chosen = useMemo(
    () => its.filter(({ planting }) => wanted.has(planting.id)),
    [its, wanted],
  );
  const zone = its[0]?.spot.site.timeZone ?? 'UTC';
  const today = todayAt(clock, { timeZone: zone });
  const benches = useAllBenches(today);
  const shopping = useShopping({ chosen, planted, benches, goTo, today });
  if (!planted)
    return (
      <p className="py-10 text-ink2" role="status">
        Fetching the trolley…
      </p>
    );
  if (its.length === 0) return <NothingToBuy />;

  const tell = (line: BuyLine, told: Told | null) => {
    const was = shopping?.answers.get(line.key);
    const at = localTime(zone, clock.now());
    const of = { plantingIds: neededFor(line, chosen).map(({ planting }) => planting.id) };
    const takesBack = was ? { takesBack: was.id } : {};
    void store?.log([
      told === null
        ? { at, zone, of, what: { did: 'taken back' }, ...takesBack }
        : {
            at,
            zone,
            of,
            what: { did: 'bought', key: line.key, wanted: line.packs, stop: line.stop, ...told },
            ...takesBack,
          },
    ]);
  };
  const take = async (line: BuyLine, to: KindId, size: NurserySizeId) => {
    if (line.what.kind !== 'plants' || !store) return;
    const from = line.what.kindId;
    const changed = neededFor(line, chosen);
    for (const { planting } of changed)
      await store.edit(planting.id, swapEdit(from, to, size, null));
    setSwapping(null);
    say(
      `${kindOf(to)?.common ?? to} instead of ${inSentence(kindOf(from)?.common ?? from)} in ${countText(changed.length, 'container')}.`,
      {
        label: 'Undo',
        go: () =>
          changed.forEach(
            ({ planting }) => void store.undo({ table: 'plantings', id: planting.id }),
          ),
      },
    );
  };

  const lines = shopping?.lines ?? [];
  const till = shopping && tillOf(lines, shopping.answers);
  const openStops = new Set(benches?.map(({ id }) => id));
  const places = [...(shopping?.plan.stops ?? []), null];
  return (
    <div className="gap-6 pt-3.5 wide:grid wide:grid-cols-[minmax(0,1fr)_344px]">
      <div className="min-w-0">
        <header className="flex flex-wrap items-end gap-x-4 pb-2">
          <h1 className="display text-room leading-10">Trolley</h1>
          <p className="pb-1.5 text-ink2">
            Stops and their stock are simulated; the tag and the till win.
          </p>
        </header>
        {chosen.length === 0 ? (
          <p className="bg-paper px-4 py-6 text-lead">
            Everything here is planted. Tick a container to buy for it again.
          </p>
        ) : (
          <>
            <WhereToGo goTo={goTo} onGoTo={setGoTo} plan={shopping?.plan} open={openStops} />
            {places.map((stop) => {
              const here = lines.filter((line) => line.stop === stop);
              return (
                here.length > 0 && (
                  <section key={stop ?? 'any'} aria-label={placeName(stop)} className="mt-4">
                    <h2 className="mb-1 flex items-baseline gap-3 text-name font-semibold">
                      {placeName(stop)}
                      <span className="text-note font-normal text-ink2">
                        {stop === null
                          ? countText(here.length, 'line')
                          : `${countText(here.length, 'line')}, in walking order`}
                      </span>
                    </h2>
                    <ul className="bg-paper">
                      {here.map((line) => (
                        <BuyRow
                          key={line.key}
                          line={line}
                          answer={shopping?.answers.get(line.key)}
                          units={settings}
                          spareFor={elsewhere(line, its, chosen)}
                          onTell={tell}
                          onSwap={setSwapping}
                        />
                      ))}
                    </ul>
                  </section>
                )
              );
            })}
            {shopping && <NotToBeHad plan={shopping.plan} chosen={chosen} onSwap={setSwapping} />}
            {till && shopping && (
              <TillBar
                till={till}
                tripsMinor={shopping.plan.tripsMinor}
                containers={chosen.length}
                weeks={chosen.reduce((sum, { planting }) => sum + seasonWeeks(planting), 0)}
                budget={budgetOf(chosen)}
                units={settings}
              />
            )}
            <TakeAlong lines={lines} units={settings} />
            <p className="mt-3 max-w-[70ch] text-note text-ink2">
              Damp the mix before handling it, wear gloves, wash hands afterwards, and open bags
              away from your face. Keep feed locked away.
            </p>
          </>
        )}
      </div>
      <TrolleyContainers its={its} wanted={wanted} onWanted={setPicked} lifeOf={planted.lifeOf} />
      {swapping?.what.kind === 'plants' && (
        <SwapSheet
          kindId={swapping.what.kindId}
          its={neededFor(swapping, chosen)}
          there={thereAt(swapping.stop, benches)}
          units={settings}
          onTake={(to, size) => void take(swapping, to, size)}
          onClose={() => setSwapping(null)}
        />
      )}
    </div>
  );
}

/** Plantings that were chosen to be made; where none was, every one that is still an idea. */
function toMakeOf({ its, lifeOf }: Planted): ReadonlySet<string> {
  const open = its
    .map(({ planting }) => planting.id)
    .filter((id) => lifeOf(id).plantedOn === null && lifeOf(id).stage !== 'over');
  const chosen = open.filter((id) => lifeOf(id).stage !== 'idea');
  return new Set(chosen.length > 0 ? chosen : open);
}

/** Plantings a line is bought for. */
function neededFor({ what }: BuyLine, chosen: readonly PlantingInSpot[]) {
  return what.kind === 'plants'
    ? chosen.filter(({ plants }) => plants.some(({ kindId }) => kindId === what.kindId))
    : chosen;
}

/** Another container in which a line's kind grows already, where a plant that is left over could go. */
function elsewhere(
  { what }: BuyLine,
  its: readonly PlantingInSpot[],
  chosen: readonly PlantingInSpot[],
): string | null {
  if (what.kind !== 'plants') return null;
  const other = its.find(
    (it) => !chosen.includes(it) && it.plants.some(({ kindId }) => kindId === what.kindId),
  );
  return other?.planting.name ?? null;
}

/** Kinds that a stop has today; of all that answer when no stop is told, `null` when none does. */
function thereAt(
  stop: string | null,
  benches: ReturnType<typeof useAllBenches>,
): readonly KindId[] | null {
  const there = benches?.filter(({ id }) => stop === null || id === stop) ?? [];
  if (there.length === 0) return null;
  return [
    ...new Set(
      there.flatMap(({ lines }) =>
        lines.filter(({ count }) => count > 0).map(({ kindId }) => kindId),
      ),
    ),
  ];
}

function placeName(stop: string | null): string {
  if (stop === null) return 'Mix, feed and the rest';
  return STOPS.find(({ id }) => id === stop)?.name ?? 'Anywhere, at typical prices';
}

/** What may be spent on plants for all of these; `null` when none of them has a limit. */
function budgetOf(chosen: readonly PlantingInSpot[]): number | null {
  const told = chosen.flatMap(({ planting }) => planting.wishes.budget ?? []);
  return told.length === 0 ? null : told.reduce((sum, one) => sum + one, 0);
}

function NothingToBuy() {
  return (
    <div className="py-16">
      <h1 className="display text-room leading-10">Nothing to buy yet</h1>
      <p className="mt-2 text-lead">
        Once a planting is on the bench, its plants, mix and feed are counted here.
      </p>
      <ButtonLink look="act" href="/start" className="mt-5">
        Start a planting
      </ButtonLink>
    </div>
  );
}
