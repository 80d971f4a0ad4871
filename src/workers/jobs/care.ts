import { careFrom, worldsOf, type Care } from '@/core/care/careOf';
import { awayPlan } from '@/core/care/away';
import { dripZones } from '@/core/care/drip';
import { seasonWater, type SeasonWater } from '@/core/care/season';
import { warningsOf } from '@/core/care/warnings';
import type { CareWorld } from '@/core/care/world';
import type { DayWeather } from '@/core/climate/weather';
import { inSpot, type PlantingInSpot } from '@/core/plantings/planting';
import type { Library } from '@/core/plants/library';
import type { Stand } from '../messages';
import type { Handler } from './desk';

/** What is found is told this often while the rest is looked at, ms. */
const TELL_MS = 120;

/**
 * What every planting that stands asks today, told as it is found; with an absence, what becomes of each meanwhile. Plantings that did not
 * change since they were last looked at keep what was worked out of them.
 */
export const care: Handler<'care'> = async (
  { stands, away, isSeasonAsked = false, ...ask },
  { run, tell, library },
) =>
  run(
    (function* () {
      const found: Care[] = [];
      const worlds: CareWorld[] = [];
      let untold: Care[] = [];
      let toldAt = performance.now();
      const its = stands.map((stand) => joined(stand, library));
      for (const world of worldsOf({ its, ...ask })) {
        yield;
        if (!world) continue;
        const one = careFrom(world);
        found.push(one);
        untold.push(one);
        worlds.push(world);
        if (performance.now() - toldAt < TELL_MS) continue;
        tell({ care: untold, skies: skiesOf(worlds) });
        untold = [];
        toldAt = performance.now();
      }
      const season: SeasonWater[] = [];
      for (const world of isSeasonAsked ? worlds : []) {
        yield;
        season.push(seasonWater(world));
      }
      return {
        care: found,
        season,
        away: away ? awayPlan(worlds, away) : [],
        warnings: warningsOf(worlds),
        skies: skiesOf(worlds),
        drips: dripZones(worlds),
      };
    })(),
  );

/** The day's weather at each spot. */
function skiesOf(worlds: readonly CareWorld[]): ReadonlyMap<string, DayWeather> {
  return new Map(worlds.map(({ reading, weather, today }) => [reading.spot.id, weather.on(today)]));
}

const known = new Map<string, { readonly text: string; readonly it: PlantingInSpot }>();
let knownBy: Library | null = null;

/** A planting with the book's records: the same object as last time, as long as nothing in it changed, so that what was worked out of it holds. */
function joined({ planting, spot, house, weeksBefore }: Stand, library: Library): PlantingInSpot {
  if (knownBy !== library) {
    known.clear();
    knownBy = library;
  }
  const text = JSON.stringify([planting, spot, house, weeksBefore]);
  const before = known.get(planting.id);
  if (before?.text === text) return before.it;
  const it = inSpot(planting, spot, library.kindOf, house, weeksBefore);
  known.set(planting.id, { text, it });
  return it;
}
