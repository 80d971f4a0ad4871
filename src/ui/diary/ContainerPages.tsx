'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import { byPlanting, lifeOf } from '@/core/log/life';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { Button, ButtonLink } from '@/ui/controls/Button';
import { benchHref } from '@/ui/session/links';
import type { Planted } from '@/ui/session/usePlanted';
import { lifeText } from '@/words/life';
import { NextYear } from './NextYear';
import { SeasonFrames } from './SeasonFrames';

const PageSheet = dynamic(() => import('./PageSheet'), { ssr: false });
const RefreshSheet = dynamic(() => import('./RefreshSheet'), { ssr: false });
const SeasonLine = dynamic(() => import('./SeasonLine'), {
  ssr: false,
  loading: () => <p className="min-h-[348px]" />,
});

/** One container's own pages: its season on a line and in pictures, and what can be made of it next. */
export function ContainerPages({
  it,
  planted,
}: {
  readonly it: PlantingInSpot;
  readonly planted: Planted;
}) {
  const [isOnPage, setOnPage] = useState(false);
  const [isRefreshing, setRefreshing] = useState(false);
  const held = byPlanting(planted.log).get(it.planting.id) ?? [];
  const life = lifeOf(held);
  return (
    <>
      <h2 className="pt-4 text-name font-semibold">
        {it.planting.name}
        <span className="pl-2 text-small font-normal text-ink2">{lifeText(life)}</span>
      </h2>
      <SeasonLine it={it} log={planted.log} />
      <SeasonFrames it={it} planted={planted} />
      <div className="flex flex-wrap items-start gap-x-4 gap-y-2 pt-3">
        <NextYear it={it} held={held} />
        {life.overOn === null && <Button onClick={() => setRefreshing(true)}>Refresh it</Button>}
        <Button onClick={() => setOnPage(true)}>A page for someone else</Button>
        <ButtonLink look="link" href={benchHref(it.planting.id)}>
          Open it on the bench
        </ButtonLink>
      </div>
      {isRefreshing && life.plantedOn !== null && (
        <RefreshSheet it={it} plantedOn={life.plantedOn} onClose={() => setRefreshing(false)} />
      )}
      {isOnPage && (
        <PageSheet it={it} held={held} planted={planted} onClose={() => setOnPage(false)} />
      )}
    </>
  );
}
