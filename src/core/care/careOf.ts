import { read } from '../checks/reading';
import type { DayWeather } from '../climate/weather';
import { byPlanting, lifeOf } from '../log/life';
import type { Entry } from '../log/entry';
import type { Day } from '../calendar/day';
import type { PlantingInSpot } from '../plantings/planting';
import { lastReading, stuckReadings } from './device';
import type { WaterOutlook } from './outlook';
import { spotWeather } from './spotWeather';
import type { Task } from './task';
import { tasksOf } from './tasks/index';
import { careWorld, type CareWorld, type Weather } from './world';

/** What care of one planting comes to today: plain data that crosses from a worker. */
export interface Care {
  readonly plantingId: string;
  readonly tasks: readonly Task[];
  readonly outlook: WaterOutlook;
  /** How much more or less than reckoned it drinks, as fingers have told. */
  readonly factor: number;
  readonly weeks: number;
  readonly plantedOn: Day;
  readonly measured: {
    /** What is reckoned to be there to measure: water, percent of the mix's volume, and weight, kg. */
    readonly waterPercent: number;
    readonly weightKg: number;
    /** What its probe and a scale showed last; `null`: nothing yet. */
    readonly probePercent: number | null;
    readonly scaleKg: number | null;
    /** The last reading of this is not believed: it hangs. */
    readonly isStuck: 'probe' | 'scale' | null;
  };
}

export interface CareAsk {
  readonly its: readonly PlantingInSpot[];
  readonly log: readonly Entry[];
  readonly today: Day;
  readonly hour: number;
  /** Daily records by spot. */
  readonly records: Readonly<Record<string, readonly DayWeather[]>>;
}

/** The worlds of all that stands planted. */
export function* worldsOf({
  its,
  log,
  today,
  hour,
  records,
}: CareAsk): Generator<CareWorld | null> {
  const held = byPlanting(log);
  const weather = new Map<string, Weather>();
  for (const it of its) {
    const { spot, planting } = it;
    const own = held.get(planting.id) ?? [];
    let here = weather.get(spot.id);
    if (!here) weather.set(spot.id, (here = spotWeather(spot, records[spot.id] ?? [], today)));
    yield careWorld(read(it), { life: lifeOf(own), held: own, today, hour, weather: here });
  }
}

export function careFrom(world: CareWorld): Care {
  return {
    plantingId: world.reading.planting.id,
    tasks: tasksOf(world),
    outlook: world.outlook,
    factor: world.water.thirst.factor,
    weeks: world.weeksOn(world.today),
    plantedOn: world.life.plantedOn,
    measured: measuredIn(world),
  };
}

function measuredIn({ held, outlook, filled }: CareWorld): Care['measured'] {
  const [probe, scale] = [lastReading(held, 'reading'), lastReading(held, 'weighed')];
  const stuck = stuckReadings(held);
  const { fullShare, wiltShare, drainedKg, capL } = filled;
  return {
    waterPercent: 100 * (wiltShare + outlook.share * (fullShare - wiltShare)),
    weightKg: Math.max(0.1, drainedKg - capL * (1 - outlook.share)),
    probePercent: probe?.value ?? null,
    scaleKg: scale?.value ?? null,
    isStuck: probe && stuck.has(probe.id) ? 'probe' : scale && stuck.has(scale.id) ? 'scale' : null,
  };
}
