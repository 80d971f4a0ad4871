'use client';

import Link from 'next/link';
import { useMemo } from 'react';
import { byPlanting, lifeOf } from '@/core/log/life';
import { storyOf } from '@/core/log/story';
import { benchHref } from '@/ui/session/links';
import { useLive } from '@/ui/session/StoreProvider';
import { countText } from '@/words/format';
import { lifeText } from '@/words/life';

/** What stood in this container, one planting after another, and what is meant to. */
export function StorySheet({ shelfId }: { readonly shelfId: string }) {
  const told = useLive(
    async (s) => ({ plantings: await s.plantings(), entries: await s.entries() }),
    [shelfId],
  );
  const story = useMemo(() => {
    const held = byPlanting(told?.entries ?? []);
    return storyOf(shelfId, told?.plantings ?? [], (id) => lifeOf(held.get(id) ?? []));
  }, [told, shelfId]);
  if (story.length === 0) return null;
  return (
    <section aria-label="Its story" className="bg-paper px-3.5 py-3">
      <h2 className="text-lead font-semibold">Its story</h2>
      <ol className="pt-1">
        {story.map(({ planting, life }) => (
          <li key={planting.id} className="border-t border-rule py-1.5 first:border-t-0">
            <Link
              prefetch={false}
              href={benchHref(planting.id)}
              className="font-semibold underline decoration-rule2 underline-offset-3"
            >
              {planting.name}
            </Link>
            <span className="block text-ink2">
              {countText(planting.places.length, 'plant')}; {lifeText(life)}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}
