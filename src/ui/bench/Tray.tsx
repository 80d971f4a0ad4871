'use client';

import { memo, useState } from 'react';
import type { Proposal } from '@/core/search/proposal';
import { plantingOf } from '@/core/plantings/brief';
import { inSpot } from '@/core/plantings/planting';
import { hash32 } from '@/core/random/hash';
import { plantCost } from '@/core/shopping/plantCost';
import type { Settings } from '@/core/files/plantingFile';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { askOf } from '@/ui/session/askOf';
import { say } from '@/ui/session/say';
import type { Editing } from '@/ui/session/useEditing';
import { ProposalPicture } from '@/ui/start/ProposalPicture';
import { aboutText } from '@/words/about';
import { moneyText } from '@/words/format';
import { runJob } from '@/workers/runJob';

/** Other ways to plant the same container, as little elevations on one line. Pressing one tries it; undo brings the old one back. */
export const Tray = memo(function Tray({ editing, settings, weeks }: { readonly editing: Editing; readonly settings: Settings; readonly weeks: number }) {
  const { planting, spot, it, apply } = editing;
  const [ways, setWays] = useState<readonly Proposal[]>([]);
  const [looking, setLooking] = useState(false);
  const ask = askOf(planting, spot, hash32(planting.places[0]?.seed ?? 1, ways.length));
  const look = async () => {
    setLooking(true);
    const current = new Set(planting.places.map(({ kindId }) => kindId));
    const found = await runJob('propose', { ...ask, effort: 40, wanted: 6, improve: 400 }, { onProgress: ({ best }) => setWays(best.slice(0, 4)) }).catch(() => []);
    // The planting on the bench is not another way.
    setWays(found.filter((p) => p.places.some(({ kindId }) => !current.has(kindId))).slice(0, 4));
    setLooking(false);
    if (found.length === 0) say('No other planting suits this container, light and scheme.');
  };
  const { kindOf } = useLibrary();
  const cost = plantCost(it.plants);
  return (
    <section aria-label="Tray">
      <h2 className="flex items-baseline gap-2 text-[15px] font-semibold">Tray <span className="text-[13px] font-normal text-ink2">other ways to plant it</span></h2>
      {ways.length === 0 ? (
        <button type="button" className="press-quiet mt-2" onClick={() => void look()} disabled={looking}>{looking ? 'Looking…' : 'Show other ways'}</button>
      ) : (
        <>
          <ul className="grid grid-cols-4 border-x-[1.5px] border-b-[1.5px] border-tick">
            {ways.map((way) => {
              const other = inSpot(plantingOf(way, ask, { id: 'way', name: 'way' }), spot, kindOf);
              return (
                <li key={way.places.map((p) => p.kindId).join()}>
                  <button type="button" title={aboutText(way, kindOf)} aria-label={`Try: ${aboutText(way, kindOf)}`} onClick={() => apply({ kind: 'arrange', places: way.places })} className="block w-full">
                    <ProposalPicture it={other} widthPx={84} heightPx={104} weeks={Math.max(6, weeks)} />
                  </button>
                </li>
              );
            })}
          </ul>
          <ul className="mt-1 grid grid-cols-4 text-[12px] leading-4">
            {ways.map((way) => (
              <li key={way.places.map((p) => p.kindId).join()} className="pr-1">
                <b className="line-clamp-2 font-semibold">{kindOf(way.lead ?? way.bodies[0] ?? way.edges[0] ?? '')?.common}</b>
                <span className="text-ink2">{way.cost === cost ? 'same' : `${way.cost > cost ? '+' : '−'}${moneyText(Math.abs(way.cost - cost), settings)}`}</span>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
});
