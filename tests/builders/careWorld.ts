import { read } from '../../src/core/checks/reading';
import type { Day } from '../../src/core/calendar/day';
import type { DayWeather } from '../../src/core/climate/weather';
import { wentInOf, type Entry, type What } from '../../src/core/log/entry';
import { byPlanting, lifeOf } from '../../src/core/log/life';
import type { PlantingInSpot } from '../../src/core/plantings/planting';
import { careWorld, type CareWorld } from '../../src/core/care/world';

export const PLANTED = '2026-05-14';
let count = 0;
/** What happened to a planting on a day, in the morning. */
export const entry = (
  it: PlantingInSpot,
  day: Day,
  what: What,
  rest: Partial<Entry['of']> = {},
): Entry => ({
  id: `${String((count += 1)).padStart(6, '0')}`,
  at: `${day}T08:00:00+01:00`,
  zone: 'Europe/London',
  of: { plantingId: it.planting.id, ...rest },
  what,
});
/** The same mild day, whatever the date. */
export const mild =
  (change: Partial<DayWeather> = {}) =>
  (day: Day): DayWeather => ({
    date: day,
    minC: 11,
    maxC: 20,
    rainMm: 0,
    windMs: 2,
    radiationMJ: 15,
    ...change,
  });

/** A planting that was planted and put out in May, looked at on a day. */
export function world(
  it: PlantingInSpot,
  today: Day,
  more: readonly Entry[] = [],
  weather: (day: Day) => DayWeather = mild(),
  hour = 8,
): CareWorld {
  const log = [
    entry(it, PLANTED, { did: 'planted', plants: wentInOf(it.plants) }),
    entry(it, PLANTED, { did: 'put out' }),
    ...more,
  ];
  const held = byPlanting(log).get(it.planting.id)!;
  return careWorld(read(it), {
    life: lifeOf(held),
    held,
    today,
    hour,
    weather: { on: weather, missC: () => 1 },
  })!;
}
