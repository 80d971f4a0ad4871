'use client';

import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import { localTime } from '@/core/calendar/day';
import type { Entry } from '@/core/log/entry';
import { asBought } from '@/core/making/asBought';
import { byPlanting, lifeOf } from '@/core/log/life';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { Button, ButtonLink } from '@/ui/controls/Button';
import { pottingHref } from '@/ui/session/links';
import { useClock } from '@/ui/session/useClock';
import { useLive, useStore } from '@/ui/session/StoreProvider';
import { capital } from '@/words/format';
import { lifeText } from '@/words/life';

const TurnOverSheet = dynamic(() => import('./TurnOverSheet'), { ssr: false });
const TrialSheet = dynamic(() => import('./TrialSheet'), { ssr: false });
const PocketsSheet = dynamic(() => import('./PocketsSheet'), { ssr: false });
const TemplateSheet = dynamic(() => import('@/ui/potting/TemplateSheet'), { ssr: false });

/** How far this planting has come, and what comes next: chosen to be made, bought, potted up. */
export function MakeIt({ it }: { readonly it: PlantingInSpot }) {
  const store = useStore();
  const clock = useClock();
  const { id } = it.planting;
  const [isOnPaper, setOnPaper] = useState(false);
  const [isEnding, setEnding] = useState(false);
  const [isTrying, setTrying] = useState(false);
  const [isChanging, setChanging] = useState(false);
  const entries = useLive((s) => s.log.entries(id), [id]);
  const own = useMemo(() => byPlanting(entries ?? []).get(id) ?? [], [entries, id]);
  const life = useMemo(() => lifeOf(own), [own]);
  const onPaper = useMemo(() => asBought(it, own), [it, own]);
  if (!entries || it.plants.length === 0) return null;
  const zone = it.spot.site.timeZone;
  const write = (what: Entry['what']) =>
    store?.log.write([
      {
        at: localTime(zone, clock.now()),
        zone,
        of: { plantingId: id, spotId: it.spot.id },
        what,
      },
    ]) ?? Promise.resolve([]);
  const choose = () => void write({ did: 'chosen' });
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
      {(life.stage === 'planted' || life.stage === 'standing') && (
        <Button look="plain" onClick={() => setEnding(true)}>
          It is over
        </Button>
      )}
      <Button look="plain" onClick={() => setOnPaper(true)}>
        Plan on paper
      </Button>
      <Button look="plain" onClick={() => setTrying(true)}>
        A trial
      </Button>
      <Button look="plain" onClick={() => setChanging(true)}>
        Pockets
      </Button>
      {isChanging && <PocketsSheet it={it} onClose={() => setChanging(false)} />}
      {isTrying && <TrialSheet it={it} onClose={() => setTrying(false)} />}
      {isEnding && <TurnOverSheet it={it} gone={life.gone} onClose={() => setEnding(false)} />}
      {isOnPaper && <TemplateSheet it={onPaper} onClose={() => setOnPaper(false)} />}
    </p>
  );
}
