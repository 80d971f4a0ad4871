'use client';

import { useEffect, useMemo, useState } from 'react';
import type { Day } from '@/core/calendar/day';
import { isMixIll } from '@/core/diary/potMemory';
import { byPlanting } from '@/core/log/life';
import { isReused, storyOf } from '@/core/log/story';
import {
  answersOn,
  boughtFor,
  otherLines,
  plantLines,
  plantsBoughtBefore,
  secondChoicesFor,
  type BoughtEntry,
  type BuyLine,
} from '@/core/making/list';
import { needsOf, type Needs } from '@/core/making/needs';
import { anywhere } from '@/core/making/offers';
import { tripTo, type TripPlan } from '@/core/making/trip';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { NURSERY_SIZES } from '@/core/plants/nursery';
import { useLibrary } from '@/ui/session/LibraryProvider';
import type { Planted } from '@/ui/session/usePlanted';
import { useLive, useSettings } from '@/ui/session/StoreProvider';
import { runJob } from '@/workers/runJob';
import type { StopBenches } from './useAllBenches';

/** What a trip costs where the gardener has not said, pence or cents. */
export const USUAL_TRIP_MINOR = 300;
export const CHEAPEST = 'cheapest';

export interface Shopping {
  readonly plan: TripPlan;
  /** Plants by stop, then everything else. */
  readonly lines: readonly BuyLine[];
  /** Plants that are there already, in the shed or bought before, and so are not on the list. */
  readonly there: readonly { readonly kindId: string; readonly plants: number }[];
  /** What was told today of each line, by its key. */
  readonly answers: ReadonlyMap<string, BoughtEntry>;
}

/**
 * What to buy for some plantings, and where. What was bought on earlier days is taken off; what is ticked today stays on the list.
 * @param goTo a stop, or {@link CHEAPEST}
 * @returns `undefined` while it is reckoned
 */
export function useShopping({
  chosen,
  planted,
  benches,
  goTo,
  today,
}: {
  readonly chosen: readonly PlantingInSpot[];
  readonly planted: Planted | undefined;
  readonly benches: readonly StopBenches[] | undefined;
  readonly goTo: string;
  readonly today: Day;
}): Shopping | undefined {
  const { kindOf, ownOf } = useLibrary();
  const { house, tripMinor = USUAL_TRIP_MINOR } = useSettings();
  const bought = useMemo(
    () => boughtFor(planted?.log ?? [], new Set(chosen.map(({ planting }) => planting.id))),
    [planted?.log, chosen],
  );
  const answers = useMemo(() => answersOn(today, bought), [today, bought]);
  const before = useMemo(
    () =>
      plantsBoughtBefore(today, bought, {
        perSale: (kindId, size) =>
          kindOf(kindId)?.sold.find((unit) => unit.size === size)?.perSale ??
          NURSERY_SIZES[size as keyof typeof NURSERY_SIZES]?.perSale ??
          1,
        used: (id, kindId) => usedBy(planted, id, kindId),
      }),
    [today, bought, kindOf, planted],
  );
  // As text: most entries leave it as it is, and the list is not reckoned anew for them.
  const owned = JSON.stringify([...before]);
  const shelf = useLive((store) => store.shelf.all());
  const held = useMemo(() => byPlanting(planted?.log ?? []), [planted]);
  const reused = chosen
    .filter(({ planting: { id, shelfId } }) => {
      const has = shelf?.find((item) => item.id === shelfId);
      const all = planted?.its.map(({ planting }) => planting) ?? [];
      if (has === undefined || shelfId === null) return false;
      const story = storyOf(shelfId, all, planted!.lifeOf);
      // After a disease all of the mix goes.
      return isReused(id, story, has.count) && !isMixIll(story, (one) => held.get(one) ?? []);
    })
    .map(({ planting }) => planting.id)
    .join(' ');
  const needs = useMemo(() => {
    const there = new Map(JSON.parse(owned) as [string, number][]);
    return needsOf(chosen, {
      house,
      owned: (kindId) => (ownOf(kindId)?.owned ?? 0) + (there.get(kindId) ?? 0),
      isReused: (id) => reused.split(' ').includes(id),
    });
  }, [chosen, house, ownOf, owned, reused]);
  const plan = usePlan(needs, benches, goTo, tripMinor);
  return useMemo(
    () =>
      plan && {
        plan,
        lines: [
          ...plantLines(plan, (kindId) =>
            secondChoicesFor(
              kindId,
              chosen.map(({ planting }) => planting),
            ),
          ),
          ...otherLines(needs),
        ],
        there: needs.plants
          .filter(({ fromShed }) => fromShed > 0)
          .map(({ kindId, fromShed }) => ({ kindId, plants: fromShed })),
        answers,
      },
    [plan, needs, answers, chosen],
  );
}

/** Plants of a kind that a planting has taken; 0 while it is not planted. */
function usedBy(planted: Planted | undefined, plantingId: string, kindId: string): number {
  if (!planted || planted.lifeOf(plantingId).plantedOn === null) return 0;
  return planted.lifeOf(plantingId).wentIn.filter((plant) => plant.kindId === kindId).length;
}

function usePlan(
  needs: Needs,
  benches: readonly StopBenches[] | undefined,
  goTo: string,
  tripMinor: number,
): TripPlan | undefined {
  const { kindOf } = useLibrary();
  const [plan, setPlan] = useState<TripPlan>();
  useEffect(() => {
    if (!benches) return;
    const giveUp = new AbortController();
    const stops = benches
      .filter(({ id }) => goTo === CHEAPEST || id === goTo)
      .map((stop) => ({ ...stop, tripMinor }));
    const found =
      benches.length === 0
        ? // No stop answers: typical prices, so that there is a list all the same.
          Promise.resolve(tripTo(needs.plants, [anywhere(kindOf)]))
        : runJob(
            'shop',
            { needs: needs.plants, stops, all: goTo !== CHEAPEST },
            { signal: giveUp.signal },
          );
    found.then(setPlan).catch(() => undefined);
    return () => giveUp.abort();
  }, [needs, benches, goTo, tripMinor, kindOf]);
  return plan;
}
