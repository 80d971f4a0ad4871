'use client';

import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import { todayAt } from '@/core/calendar/clock';
import { tillOf, type BuyLine } from '@/core/making/list';
import { allPlants, seasonWeeks, type PlantingInSpot } from '@/core/plantings/planting';
import type { KindId } from '@/core/plants/kind';
import { STOPS } from '@/core/shopping/stops';
import { ButtonLink } from '@/ui/controls/Button';
import { useClock } from '@/ui/session/useClock';
import { usePlanted, type Planted } from '@/ui/session/usePlanted';
import { useSettings } from '@/ui/session/StoreProvider';
import { NotToBeHad } from './NotToBeHad';
import { StopList } from './StopList';
import { TakeAlong } from './TakeAlong';
import { ThereAlready } from './ThereAlready';
import { TillBar } from './TillBar';
import { useAllBenches } from './useAllBenches';
import { neededFor, useBuying } from './useBuying';
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
  const clock = useClock();
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
  const { tell, take, choose } = useBuying({ chosen, shopping, zone, clock });
  if (!planted)
    return (
      <p className="py-10 text-ink2" role="status">
        Fetching the trolley…
      </p>
    );
  if (its.length === 0) return <NothingToBuy />;

  const lines = shopping?.lines ?? [];
  const till = shopping && tillOf(lines, shopping.answers);
  const openStops = benches && new Set(benches.map(({ id }) => id));
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
            <WhereToGo
              goTo={goTo}
              onGoTo={setGoTo}
              plan={shopping?.plan}
              open={openStops}
              knownSince={benches?.find(({ knownSince }) => knownSince)?.knownSince ?? null}
            />
            {places.map((stop) => {
              const here = lines.filter((line) => line.stop === stop);
              return (
                here.length > 0 && (
                  <StopList
                    key={stop ?? 'any'}
                    name={placeName(stop)}
                    isWalked={stop !== null}
                    lines={here}
                    shopping={shopping}
                    spareFor={(line) => elsewhere(line, its, chosen)}
                    onTell={tell}
                    onSwap={setSwapping}
                    onTake={(line, unit) => void take(line, unit)}
                  />
                )
              );
            })}
            {shopping && (
              <NotToBeHad
                plan={shopping.plan}
                chosen={chosen}
                onSwap={setSwapping}
                onTake={(line, unit) => void take(line, unit)}
              />
            )}
            {shopping && <ThereAlready there={shopping.there} />}
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
            {shopping && <TakeAlong lines={lines} units={settings} />}
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
          onTake={(to, size) => {
            setSwapping(null);
            void take(swapping, { kindId: to, size });
          }}
          onChoose={(to) => void choose(swapping, to)}
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

/** Another container in which a line's kind grows already, where a plant that is left over could go. */
function elsewhere(
  { what }: BuyLine,
  its: readonly PlantingInSpot[],
  chosen: readonly PlantingInSpot[],
): string | null {
  if (what.kind !== 'plants') return null;
  const other = its.find(
    (it) => !chosen.includes(it) && allPlants(it).some(({ kindId }) => kindId === what.kindId),
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
