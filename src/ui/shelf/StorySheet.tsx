'use client';

import { RoomLink } from '@/ui/controls/RoomLink';
import { useRouter } from 'next/navigation';
import { useMemo } from 'react';
import { byPlanting, cleared, lifeOf } from '@/core/log/life';
import { illnessesIn } from '@/core/diary/potMemory';
import { storyOf } from '@/core/log/story';
import { benchHref } from '@/ui/session/links';
import { dayIn, weekOfDay } from '@/core/calendar/day';
import { plantsIn, type PlantingInSpot } from '@/core/plantings/planting';
import { nextPlanting, staying } from '@/core/suitability/nextPlanting';
import { Button } from '@/ui/controls/Button';
import { useClock } from '@/ui/session/useClock';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { usePlanted } from '@/ui/session/usePlanted';
import { useLive, useStore } from '@/ui/session/StoreProvider';
import { capital, countText } from '@/words/format';
import { dayText, lifeText } from '@/words/life';
import { inSentence } from '@/words/names';

/** What stood in this container, one planting after another, and what is meant to. */
export function StorySheet({ shelfId }: { readonly shelfId: string }) {
  const store = useStore();
  const router = useRouter();
  const clock = useClock();
  const { kindOf } = useLibrary();
  const planted = usePlanted();
  const told = useLive(
    async (s) => ({ plantings: await s.plantings.all(), entries: await s.log.entries() }),
    [shelfId],
  );
  const held = useMemo(() => byPlanting(told?.entries ?? []), [told]);
  const story = useMemo(() => {
    return storyOf(shelfId, told?.plantings ?? [], (id) => lifeOf(held.get(id) ?? []));
  }, [told, held, shelfId]);
  if (story.length === 0) return null;
  const followed = new Set(story.map(({ planting }) => planting.follows));
  const lastPlanted = story.findLast(
    ({ planting, life }) => life.plantedOn !== null && !followed.has(planting.id),
  );
  const last = planted?.its.find(({ planting }) => planting.id === lastPlanted?.planting.id);
  const ill = illnessesIn(story, (id) => held.get(id) ?? []);
  const nameOf = (id: string) => story.find(({ planting }) => planting.id === id)!.planting.name;
  const gone = last ? cleared(held.get(last.planting.id) ?? []) : null;
  const stays = last ? staying(last, gone).length : 0;
  const planNext = async (it: PlantingInSpot) => {
    const id = `planting-${crypto.randomUUID().slice(0, 8)}`;
    const today = dayIn(it.spot.site.timeZone, clock.now());
    await store?.plantings.add(
      nextPlanting(it, { id, plantedWeek: weekOfDay(today), cleared: gone }),
      it.spot,
    );
    router.push(benchHref(id));
  };
  return (
    <section aria-label="Its story" className="bg-paper px-3.5 py-3">
      <h2 className="text-lead font-semibold">Its story</h2>
      <ol className="pt-1">
        {story.map(({ planting, life }) => (
          <li key={planting.id} className="border-t border-rule py-1.5 first:border-t-0">
            <RoomLink
              href={benchHref(planting.id)}
              className="font-semibold wrap-anywhere underline decoration-rule2 underline-offset-3"
            >
              {planting.name}
            </RoomLink>
            <span className="block text-ink2">
              {countText(plantsIn(planting), 'plant')}; {lifeText(life)}
            </span>
          </li>
        ))}
      </ol>
      {ill.map(({ day, plantingId, kindId }) => (
        <p key={`${plantingId} ${kindId}`} data-ill className="border-t border-rule py-1.5">
          <b>
            {kindId ? capital(inSentence(kindOf(kindId)?.common ?? kindId)) : 'A plant'} was ill in{' '}
            {nameOf(plantingId)}
          </b>{' '}
          ({dayText(day)} {day.slice(0, 4)}). Not the same again in that container; all of the mix
          goes, not onto the heap, and the pot is scrubbed.
        </p>
      ))}
      {last && (
        <p className="border-t border-rule pt-2.5">
          <Button onClick={() => void planNext(last)}>Plan what comes next</Button>
          <span className="block pt-1 text-note text-ink2">
            {stays === 0
              ? 'Nothing of it stays: a clear container.'
              : `${countText(stays, 'plant')} ${stays === 1 ? 'stays' : 'stay'}, and ${stays === 1 ? 'keeps its' : 'keep their'} age.`}
          </span>
        </p>
      )}
    </section>
  );
}
