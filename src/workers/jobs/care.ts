import { careFrom, worldsOf, type Care } from '@/core/care/careOf';
import { awayPlan } from '@/core/care/away';
import { dripZones } from '@/core/care/drip';
import { warningsOf } from '@/core/care/warnings';
import type { CareWorld } from '@/core/care/world';
import type { Handler } from './desk';

/** What every planting that stands asks today; with an absence, what becomes of each meanwhile. */
export const care: Handler<'care'> = async ({ away, ...ask }, { run }) =>
  run(
    (function* () {
      const found: Care[] = [];
      const worlds: CareWorld[] = [];
      for (const world of worldsOf(ask)) {
        yield;
        if (!world) continue;
        found.push(careFrom(world));
        worlds.push(world);
      }
      return {
        care: found,
        away: away ? awayPlan(worlds, away) : [],
        warnings: warningsOf(worlds),
        sky: worlds[0]?.weather.on(ask.today) ?? null,
        drips: dripZones(worlds),
      };
    })(),
  );
