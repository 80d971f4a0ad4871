import { dripPlaces } from '../placing/drip';
import type { DayWeather } from '../climate/weather';
import type { CareWorld } from './world';

/** What ran through a line and into the pots of one zone. */
export interface DripZone {
  readonly spotId: string;
  readonly pots: readonly {
    readonly plantingId: string;
    readonly emitters: number;
    /** Litres it wants on that day, and what the run gives it. */
    readonly wantsL: number;
    readonly getsL: number;
  }[];
  /** Minutes of one run that give the thirstiest what it wants. */
  readonly minutes: number;
  /** Runs of that length a day: more when one would run through. */
  readonly runs: number;
  readonly litres: number;
}

/** An emitter's flow, L/h; shares lost to drainage meant to happen, and in the line (models). */
const FLOW_L_H = 2;
const LEACH = 0.1;
const EFFICIENCY = 0.9;
/** More than this share of what a mix holds at one run runs through. */
const MOST_AT_ONCE = 0.4;

/** Minutes that so many emitters must run for so many litres to be drunk. */
export function dripMinutes(
  demandL: number,
  emitters: number,
  { flowLH = FLOW_L_H, leach = LEACH, efficiency = EFFICIENCY } = {},
): number {
  return (60 * (demandL / (1 - leach) / efficiency)) / (emitters * flowLH);
}

/** A zone for each spot that is on a drip line, for today's weather. */
export function dripZones(worlds: readonly CareWorld[]): readonly DripZone[] {
  const bySpot = new Map<string, CareWorld[]>();
  for (const world of worlds) {
    const { id } = world.reading.spot;
    if (world.pot.isDripped) bySpot.set(id, [...(bySpot.get(id) ?? []), world]);
  }
  return [...bySpot.values()].map((own) => dripZone(own, own[0]!.weather.on(own[0]!.today)));
}

/** One programme for unlike containers on one line: long enough for the thirstiest, split where the smallest would overflow. */
export function dripZone(worlds: readonly CareWorld[], day: DayWeather): DripZone {
  const asked = worlds.map(({ reading, pot, water, weeksOn }) => ({
    plantingId: reading.planting.id,
    emitters: Math.max(1, dripPlaces(reading.planting.container, reading.plants).length),
    wantsL: pot.demandL(day, weeksOn(day.date)) * water.thirst.factor,
    capL: pot.capL,
  }));
  const minutes = Math.max(
    0,
    ...asked.map(({ wantsL, emitters }) => dripMinutes(wantsL, emitters)),
  );
  const pots = asked.map(({ plantingId, emitters, wantsL }) => ({
    plantingId,
    emitters,
    wantsL,
    getsL: (minutes / 60) * emitters * FLOW_L_H * EFFICIENCY,
  }));
  const runs = Math.max(
    1,
    ...pots.map(({ getsL }, i) => Math.ceil(getsL / (MOST_AT_ONCE * asked[i]!.capL) - 1e-9)),
  );
  return {
    spotId: worlds[0]?.reading.spot.id ?? '',
    pots,
    minutes: minutes / runs,
    runs,
    litres: pots.reduce((sum, { emitters }) => sum + (minutes / 60) * emitters * FLOW_L_H, 0),
  };
}
