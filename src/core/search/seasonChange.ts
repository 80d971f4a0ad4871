import { standingOf } from '../suitability/standing';
import { inSpot, USUAL_CARE, type PlaceId, type PlantingInSpot } from '../plantings/planting';
import type { PlantKind } from '../plants/kind';
import { finished, type Work } from '../work/steps';
import { finishing } from './finish';
import { judged, kindsIn, type Remade } from './remade';

/** Share of the coming weeks that a plant must be there to be seen to stay for them. Ours. */
const STAYS_FROM = 0.75;

/** What stays for the coming season: it lives through it, is there to be seen, and is no annual past its time. */
export function frameFor(
  it: PlantingInSpot,
  { plantedWeek, endWeek }: { readonly plantedWeek: number; readonly endWeek: number },
): readonly PlaceId[] {
  const stay = { plantedWeek, endWeek, spot: it.spot, container: it.planting.container };
  return it.plants
    .filter(({ kind }) => {
      const { lost, present } = standingOf(kind, stay);
      return (
        kind.cycle !== 'annual' &&
        kind.cycle !== 'biennial' &&
        kind.bringInC === null &&
        lost === null &&
        present >= STAYS_FROM &&
        (kind.foliage.evergreen || kind.cycle === 'shrub' || kind.cycle === 'perennial')
      );
    })
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
  const keep = frameFor(it, { plantedWeek, endWeek });
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
