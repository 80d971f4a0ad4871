import { plantingOf, type Brief } from '../plantings/brief';
import { inSpot, type Place, type PlantingInSpot } from '../plantings/planting';
import type { SchoolId } from '../plantings/schoolId';
import type { KindId, PlantKind } from '../plants/kind';

/** One proposed planting: who, where, what it costs, how it scores. */
export interface Proposal {
  readonly school: SchoolId;
  readonly lead: KindId | null;
  readonly bodies: readonly KindId[];
  readonly edges: readonly KindId[];
  readonly places: readonly Place[];
  readonly cost: number;
  /** Whole opinion, 0–1. */
  readonly score: number;
  /** The first judgement of its cast: settles the order among plantings with nothing wrong. */
  readonly promise: number;
}

/** A proposal as a planting that can be judged and drawn, in the school it was composed in. */
export function proposedIn(
  { places, school }: Pick<Proposal, 'places' | 'school'>,
  ask: Brief,
  kindOf: (id: KindId) => PlantKind | null,
): PlantingInSpot {
  return inSpot(
    plantingOf({ places, school }, ask, { id: 'proposal', name: 'Proposal' }),
    ask.spot,
    kindOf,
    ask.house,
  );
}
