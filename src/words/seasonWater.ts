import type { SeasonWater } from '@/core/care/season';
import type { Settings } from '@/core/files/plantingFile';
import { dayText } from './life';

/** What a cubic metre of tap water costs where the gardener has not said, pence or cents. The bill wins. */
export const USUAL_WATER_MINOR_M3 = 350;

const LITRES_M3 = 1000;

/** What so many litres cost, pence or cents. */
export function waterCostMinor(
  litres: number,
  { waterMinorM3 = USUAL_WATER_MINOR_M3 }: Pick<Settings, 'waterMinorM3'>,
): number {
  return Math.round((litres / LITRES_M3) * waterMinorM3);
}

/** How often somebody comes by promise: "once a day", "every 3 days", "twice a day". */
export function promiseText(everyDays: number): string {
  if (everyDays <= 0.5) return everyDays === 0.5 ? 'twice a day' : 'several times a day';
  if (everyDays <= 1) return 'once a day';
  return everyDays === 2 ? 'every other day' : `every ${Math.round(everyDays)} days`;
}

/** Why a promise does not keep a planting, and what would. */
export function unkeptText({ everyDays, unkept }: SeasonWater): string {
  if (!unkept) return `${promiseText(everyDays)} keeps it.`;
  const often =
    unkept.timesADay > 1.05
      ? `wants water ${Math.ceil(unkept.timesADay)} times on the hottest`
      : 'does not last until the next visit';
  return `${promiseText(everyDays)} is too seldom between ${dayText(unkept.from)} and ${dayText(unkept.to)}: it ${often}. Come more often in heat, give it midday shade, or put it on drip.`;
}
