import { addDays } from '../calendar/day';
import { spotWeather } from '../care/spotWeather';
import { careWorld } from '../care/world';
import { read } from '../checks/reading';
import type { DayWeather } from '../climate/weather';
import type { Entry } from '../log/entry';
import { lifeOf } from '../log/life';
import type { PlantingInSpot } from '../plantings/planting';

/** One planting that was planted, with what was told of it. */
export interface Past {
  readonly it: PlantingInSpot;
  /** Its entries that hold, in order. */
  readonly own: readonly Entry[];
  readonly plantedOn: string;
}

/** Daily weather that was kept, by spot. */
export type WeatherRecords = Readonly<Record<string, readonly DayWeather[]>>;

/** Fewer words about its water tell nothing of how much it drinks. Ours. */
const LEAST_WORDS = 4;
const WORDS: ReadonlySet<Entry['what']['did']> = new Set(['felt', 'weighed', 'reading']);

/**
 * How much more than reckoned a container drank that is over: the logarithm of the factor its fingers had taught by then.
 * @returns `null` while it stands, or when too little was told of its water
 */
export function thirstOf(
  { it, own }: Past,
  records: WeatherRecords,
): { readonly off: number; readonly day: string } | null {
  const life = lifeOf(own);
  if (life.overOn === null) return null;
  if (own.filter(({ what }) => WORDS.has(what.did)).length < LEAST_WORDS) return null;
  const day = addDays(life.overOn, -1);
  const world = careWorld(read(it), {
    life,
    held: own,
    today: day,
    hour: 20,
    weather: spotWeather(it.spot, records[it.spot.id] ?? [], day),
  });
  return world && { off: Math.log(world.water.thirst.factor), day };
}
