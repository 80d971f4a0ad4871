import { dayIn } from '@/core/calendar/day';
import type { Clock } from '@/core/calendar/clock';
import type { Past } from '@/core/diary/didWell';
import { byPlanting } from '@/core/log/life';
import type { PlantingInSpot } from '@/core/plantings/planting';
import type { Planted } from '@/ui/session/usePlanted';

/** Plantings as they stood to be looked at: from the day they were put out until they were over, or today; with what was told of them. */
export function pastsOf(
  stood: readonly PlantingInSpot[],
  planted: Planted,
  clock: Clock,
): readonly Past[] {
  const held = byPlanting(planted.log);
  return stood.flatMap((it): Past[] => {
    const { plantedOn, putOutOn, overOn } = planted.lifeOf(it.planting.id);
    const from = putOutOn ?? plantedOn;
    const until = overOn ?? dayIn(it.spot.site.timeZone, clock.now());
    return from === null ? [] : [{ it, held: held.get(it.planting.id) ?? [], from, until }];
  });
}
