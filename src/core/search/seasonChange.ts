import { frosted } from '../suitability/frost';
import { within } from '../plants/season';
import { inSpot, USUAL_CARE, type PlaceId, type PlantingInSpot } from '../plantings/planting';
import type { PlantKind } from '../plants/kind';
import { bookWeek } from '../spots/spot';
import { weekAfter } from '../units/units';
import { finished, type Work } from '../work/steps';
import { finishing } from './finish';
import { judged, kindsIn, type Remade } from './remade';

/** What stays for the coming season: hardy, in leaf through it, no annual past its time. */
export function frameFor(it: PlantingInSpot, plantedWeek: number): readonly PlaceId[] {
  const halfway = bookWeek(weekAfter(plantedWeek, 8), it.spot);
  return it.plants
    .filter(
      ({ kind }) =>
        kind.cycle !== 'annual' &&
        kind.bringInC === null &&
        !frosted(kind, plantedWeek, it.spot) &&
        within(kind.inLeaf, halfway) &&
        (kind.foliage.evergreen || kind.cycle === 'shrub' || kind.cycle === 'perennial'),
    )
    .map(({ id }) => id);
}

/**
 * Keeps the frame and fills the pockets for another season.
 * @param plantedWeek when the pockets change; `endWeek` when that season is over
 */
export function seasonChange(...asked: Parameters<typeof changingSeason>): readonly Remade[] {
  return finished(changingSeason(...asked));
}

/** The same, way by way. */
export function* changingSeason(
  it: PlantingInSpot,
  { plantedWeek, endWeek }: { readonly plantedWeek: number; readonly endWeek: number },
  kinds: readonly PlantKind[],
): Work<readonly Remade[]> {
  const keep = frameFor(it, plantedWeek);
  const kindOf = kindsIn(it, kinds);
  const then = inSpot(
    { ...it.planting, plantedWeek, endWeek, care: USUAL_CARE },
    it.spot,
    kindOf,
    it.house,
  );
  return (yield* finishing(then, kinds, keep)).map(({ change }) =>
    judged(it, 'season', { ...change, plantedWeek, endWeek, care: USUAL_CARE }, kindOf),
  );
}
