'use client';

import { useEffect, useMemo } from 'react';
import { roundOf, walkingOrder } from '@/core/care/round';
import { ButtonLink } from '@/ui/controls/Button';
import { useCare } from '@/ui/session/useCare';
import { useSettings } from '@/ui/session/StoreProvider';
import type { Planted } from '@/ui/session/usePlanted';
import { roundText, taskTitle } from '@/words/care';
import type { Due } from './dueMark';

/** Today's round in a line, with what cannot wait named. */
export default function YardRound({
  planted,
  onDue,
}: {
  readonly planted: Planted;
  /** Told what is due, by planting. */
  readonly onDue: (due: ReadonlyMap<string, readonly Due[]>) => void;
}) {
  const settings = useSettings();
  const cared = useCare(planted);
  const round = useMemo(() => {
    if (!cared) return null;
    const order = walkingOrder(
      planted.its.map(({ planting }) => planting.id).filter((id) => cared.byId.has(id)),
      planted.log,
      cared.today,
    );
    return roundOf(
      order,
      [...cared.byId.values()].flatMap(({ tasks }) => tasks),
      cared.today,
    );
  }, [cared, planted]);
  useEffect(() => {
    if (round)
      onDue(
        new Map(
          round.stops.map(({ plantingId, tasks }) => [
            plantingId,
            [...tasks]
              .sort((a, b) => Number(b.isUrgent) - Number(a.isUrgent))
              .map((task) => ({
                id: task.key,
                rule: task.rule,
                title: taskTitle(task, settings),
                isUrgent: task.isUrgent,
              })),
          ]),
        ),
      );
  }, [round, settings, onDue]);
  const urgentIds = new Set(
    round?.stops
      .filter(({ tasks }) => tasks.some(({ isUrgent }) => isUrgent))
      .map(({ plantingId }) => plantingId),
  );
  // Its line is kept, so that nothing below it jumps when it arrives.
  if (!round || !cared || cared.byId.size === 0) return <p className="min-h-10" />;
  const urgent = planted.its
    .filter(({ planting }) => urgentIds.has(planting.id))
    .map(({ planting }) => planting.name);
  return (
    <p className="flex min-h-10 flex-wrap items-baseline gap-x-3 gap-y-1 text-lead" data-yard-round>
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
