'use client';

import { useMemo } from 'react';
import { roundOf, walkingOrder } from '@/core/care/round';
import { ButtonLink } from '@/ui/controls/Button';
import { useCare } from '@/ui/session/useCare';
import { useSettings } from '@/ui/session/StoreProvider';
import type { Planted } from '@/ui/session/usePlanted';
import { roundText } from '@/words/care';

/** Today's round in a line, with what cannot wait named. */
export default function YardRound({ planted }: { readonly planted: Planted }) {
  const settings = useSettings();
  const cared = useCare(planted);
  const round = useMemo(() => {
    if (!cared) return null;
    const order = walkingOrder([...cared.byId.keys()], planted.log, cared.today);
    return roundOf(
      order,
      [...cared.byId.values()].flatMap(({ tasks }) => tasks),
      cared.today,
    );
  }, [cared, planted.log]);
  // Its line is kept, so that nothing below it jumps when it arrives.
  if (!round || !cared || cared.byId.size === 0) return <p className="min-h-10" />;
  const urgent = round.stops
    .filter(({ tasks }) => tasks.some(({ isUrgent }) => isUrgent))
    .map(({ plantingId }) => planted.its.find(({ planting }) => planting.id === plantingId))
    .map((it) => it?.planting.name)
    .filter(Boolean);
  return (
    <p className="flex min-h-10 flex-wrap items-center gap-x-3 gap-y-1 text-lead" data-yard-round>
      <b className="font-semibold">{roundText(round, settings)}</b>
      {urgent.length > 0 && <span>▲ Cannot wait: {urgent.join(', ')}.</span>}
      {round.stops.length > 0 && (
        <ButtonLink look="link" href="/rounds">
          Walk the round
        </ButtonLink>
      )}
    </p>
  );
}
