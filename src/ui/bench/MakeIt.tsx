'use client';

import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import { localTime } from '@/core/calendar/day';
import { byPlanting, lifeOf } from '@/core/log/life';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { Button, ButtonLink } from '@/ui/controls/Button';
import { pottingHref } from '@/ui/session/links';
import { useClock } from '@/ui/session/useClock';
import { useLive, useStore } from '@/ui/session/StoreProvider';
import { capital } from '@/words/format';
import { lifeText } from '@/words/life';

const TemplateSheet = dynamic(() => import('@/ui/potting/TemplateSheet'), { ssr: false });

/** How far this planting has come, and what comes next: chosen to be made, bought, potted up. */
export function MakeIt({ it }: { readonly it: PlantingInSpot }) {
  const store = useStore();
  const clock = useClock();
  const { id } = it.planting;
  const [isOnPaper, setOnPaper] = useState(false);
  const entries = useLive((s) => s.entries(id), [id]);
  const life = useMemo(() => lifeOf(byPlanting(entries ?? []).get(id) ?? []), [entries, id]);
  if (!entries || it.plants.length === 0) return null;
  const zone = it.spot.site.timeZone;
  const choose = () =>
    void store?.log([
      {
        at: localTime(zone, clock.now()),
        zone,
        of: { plantingId: id, spotId: it.spot.id },
        what: { did: 'chosen' },
      },
    ]);
  return (
    <p
      className="flex flex-wrap items-center gap-x-3 gap-y-1 pb-1 text-small"
      data-life={life.stage}
    >
      <span className="text-ink2">{capital(lifeText(life))}</span>
      {life.stage === 'idea' && <Button onClick={choose}>Make this one</Button>}
      {(life.stage === 'chosen' || life.stage === 'bought') && (
        <>
          <ButtonLink look="link" href="/trolley">
            Buy for it
          </ButtonLink>
          <ButtonLink look="link" href={pottingHref(id)}>
            Pot it up
          </ButtonLink>
        </>
      )}
      <Button look="plain" onClick={() => setOnPaper(true)}>
        Plan on paper
      </Button>
      {isOnPaper && <TemplateSheet it={it} onClose={() => setOnPaper(false)} />}
    </p>
  );
}
