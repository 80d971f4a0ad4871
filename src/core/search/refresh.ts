import { isStrong } from '../suitability/vigour';
import { read } from '../checks/reading';
import { applyEdit } from '../plantings/edits';
import { inSpot, seasonWeeks, type PlaceId, type PlantingInSpot } from '../plantings/planting';
import type { KindId, PlantKind } from '../plants/kind';
import { bookWeek } from '../spots/spot';
import { weekAfter, weeksBetween } from '../units/units';
import { finished, type Work } from '../work/steps';
import { finishing } from './finish';
import { judged, kindsIn, type Remade } from './remade';

/** What to do with one plant of a leggy pot, and why. */
export interface Decision {
  readonly place: PlaceId;
  readonly kindId: KindId;
  readonly what: 'keep' | 'cut back' | 'replace';
  readonly why: 'fresh' | 'overgrown' | 'flowers again after a cut' | 'over' | 'smothered';
}

/** A trim that renews, and the size from which a plant is leggy: shares of its full size. Ours. */
const RENEWING_CUT = 0.5;
const LEGGY = 0.85;
/** Shade under which a plant has gone thin, 0–1. */
const SMOTHERED = 0.6;
/** Weeks of flower left that are worth keeping a plant for. */
const WORTH_WEEKS = 4;

/** What to do with each plant some weeks after planting: keep what holds, cut back what will come again, replace what is over. */
export function decisionsFor(it: PlantingInSpot, weeks: number): readonly Decision[] {
  const sizes = read(it).sizesAt(weeks);
  const calendar = bookWeek(weekAfter(it.planting.plantedWeek, weeks), it.spot);
  const left = seasonWeeks(it.planting) - weeks;
  return it.plants.map(({ id, kindId, kind }, i): Decision => {
    const { share, shaded } = sizes[i]!;
    const lasts = kind.bloom ? weeksBetween(calendar, kind.bloom.weeks[1]) : null;
    const over =
      kind.cycle === 'annual' &&
      lasts !== null &&
      (lasts > 40 || lasts < Math.min(WORTH_WEEKS, left));
    if (over || kind.cycle === 'bulb') return { place: id, kindId, what: 'replace', why: 'over' };
    if (shaded > SMOTHERED && kind.light.hours[0] > 3)
      return { place: id, kindId, what: 'replace', why: 'smothered' };
    if (share > LEGGY && (kind.trailCm !== null || isStrong(kind)))
      return {
        place: id,
        kindId,
        what: 'cut back',
        why: kind.bloom?.continuous ? 'flowers again after a cut' : 'overgrown',
      };
    return { place: id, kindId, what: 'keep', why: 'fresh' };
  });
}

/** A leggy pot made new: the decisions carried out, with several ways to fill what was taken out. */
export function refresh(...asked: Parameters<typeof refreshing>): Refreshed {
  return finished(refreshing(...asked));
}

/** What to do with each plant, and ways to fill what was taken out. */
export interface Refreshed {
  readonly decisions: readonly Decision[];
  readonly ways: readonly Remade[];
}

/** The same, way by way. */
export function* refreshing(
  it: PlantingInSpot,
  weeks: number,
  kinds: readonly PlantKind[],
): Work<Refreshed> {
  const decisions = decisionsFor(it, weeks);
  const kindOf = kindsIn(it, kinds);
  const trims = decisions
    .filter(({ what }) => what === 'cut back')
    .map(({ place }) => ({ place, weeks, cut: RENEWING_CUT }));
  const kept = decisions.filter(({ what }) => what !== 'replace').map(({ place }) => place);
  const care = {
    ...it.planting.care,
    trims: [
      ...it.planting.care.trims.filter(
        ({ place, weeks: at }) =>
          kept.includes(place) && !trims.some((trim) => trim.place === place && trim.weeks === at),
      ),
      ...trims,
    ],
  };
  if (kept.length === it.plants.length)
    return {
      decisions,
      ways: [judged(it, 'refresh', { places: it.planting.places, care }, kindOf)],
    };
  // What comes in is planted that week: it is judged for the rest of the season.
  const plantedWeek = weekAfter(it.planting.plantedWeek, weeks);
  const rest =
    weeksBetween(plantedWeek, it.planting.endWeek) >= 4
      ? it.planting.endWeek
      : weekAfter(plantedWeek, 8);
  const then = inSpot(
    {
      ...applyEdit(it.planting, {
        kind: 'remake',
        why: 'refresh',
        change: { places: it.planting.places },
      }),
      plantedWeek,
      endWeek: rest,
    },
    it.spot,
    kindOf,
    it.house,
  );
  return {
    decisions,
    ways: (yield* finishing(then, kinds, kept)).map(({ change }) =>
      judged(it, 'refresh', { places: change.places, care }, kindOf),
    ),
  };
}
