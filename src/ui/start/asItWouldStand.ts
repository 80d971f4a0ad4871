import { plantingOf, type Brief } from '@/core/plantings/brief';
import { inSpot, type PlantingInSpot } from '@/core/plantings/planting';
import type { KindId, PlantKind } from '@/core/plants/kind';
import type { Proposal } from '@/core/search/proposal';

/** A proposal as it would stand. */
export function asItWouldStand(
  proposal: Proposal,
  brief: Brief,
  at: number,
  kindOf: (id: KindId) => PlantKind | null,
): PlantingInSpot {
  const identity = { id: `proposal-${at}`, name: `Proposal ${at + 1}` };
  return inSpot(plantingOf(proposal, brief, identity), brief.spot, kindOf, brief.house);
}
