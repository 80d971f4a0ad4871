'use client';

import { useEffect, useRef } from 'react';
import { Button } from '@/ui/controls/Button';
import type { Cared } from '@/ui/session/useCare';
import type { Planted } from '@/ui/session/usePlanted';
import { ProposalPicture } from '@/ui/start/ProposalPicture';
import type { Walk } from './useRound';

/** Containers that are shown at once at most. */
const SHOWN = 14;

/** The containers of the round in order, as they look now. */
export function StopStrip({
  planted,
  cared,
  walk,
  at,
  onPick,
}: {
  readonly planted: Planted;
  readonly cared: Cared;
  readonly walk: Walk;
  readonly at: string;
  readonly onPick: (plantingId: string) => void;
}) {
  const { stops } = walk.round;
  // A long walk is shown around where one stands.
  const here = Math.max(
    0,
    stops.findIndex(({ plantingId }) => plantingId === at),
  );
  const first = Math.max(0, Math.min(here - SHOWN / 2, stops.length - SHOWN));
  const shown = stops.slice(first, first + SHOWN);
  // Where one stands is in sight, wherever in the walk that is.
  const strip = useRef<HTMLOListElement>(null);
  const stand = useRef<HTMLLIElement>(null);
  useEffect(() => {
    if (!strip.current || !stand.current) return;
    const { offsetLeft, clientWidth } = stand.current;
    strip.current.scrollLeft =
      offsetLeft - strip.current.offsetLeft - (strip.current.clientWidth - clientWidth) / 2;
  }, [at, here, shown.length]);
  return (
    <ol ref={strip} aria-label="In walking order" className="flex gap-2 overflow-x-auto pt-3 pb-1">
      {first > 0 && <li className="self-center text-ink2">{first} before</li>}
      {shown.map(({ plantingId, tasks }) => {
        const it = planted.its.find(({ planting }) => planting.id === plantingId);
        if (!it) return null;
        const isUrgent = tasks.some(({ isUrgent: urgent }) => urgent);
        return (
          <li key={plantingId} ref={plantingId === at ? stand : null}>
            <Button
              look="bare"
              aria-pressed={plantingId === at}
              data-stop={plantingId}
              onClick={() => onPick(plantingId)}
              className={`block w-[92px] border-b-4 bg-field text-left ${plantingId === at ? 'border-act' : 'border-transparent'}`}
            >
              <ProposalPicture
                it={it}
                widthPx={92}
                heightPx={76}
                weeks={cared.byId.get(plantingId)?.weeks ?? 0}
              />
              <span className="block truncate px-1 text-note leading-5 font-semibold">
                {isUrgent && <b aria-label="cannot wait">! </b>}
                {it.planting.name}
              </span>
            </Button>
          </li>
        );
      })}
      {first + SHOWN < stops.length && (
        <li className="self-center text-ink2">{stops.length - first - SHOWN} more</li>
      )}
    </ol>
  );
}
