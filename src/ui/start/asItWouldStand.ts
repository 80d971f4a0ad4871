import { plantingOf, type Brief } from '@/core/plantings/brief';
import { inSpot, type PlantingInSpot } from '@/core/plantings/planting';
import type { KindId, PlantKind } from '@/core/plants/kind';
import type { Proposal } from '@/core/search/proposal';

/** Weeks after planting in which proposals are drawn. */
export const DRAWN_WEEKS = 10;

type KindOf = (id: KindId) => PlantKind | null;

/** A proposal as it would stand. */
export function asItWouldStand(
  proposal: Proposal,
  brief: Brief,
  at: number,
  kindOf: KindOf,
): PlantingInSpot {
  const identity = { id: `proposal-${at}`, name: `Proposal ${at + 1}` };
  return inSpot(plantingOf(proposal, brief, identity), brief.spot, kindOf, brief.house);
}

/** Lists as they were laid out last, and what for. */
const laid = new WeakMap<
  readonly Proposal[],
  { readonly by: readonly unknown[]; readonly its: readonly PlantingInSpot[] }
>();

/**
 * Proposals as they would stand. Asked again for the same list and sheet the answer is the same plantings: the strip and the large
 * pictures foresee them once.
 * @param briefFor asked only where they are laid out anew
 * @param by what the answer hangs on besides the list
 */
export function asTheyWouldStand(
  proposals: readonly Proposal[],
  briefFor: () => Brief,
  kindOf: KindOf,
  by: readonly unknown[],
): readonly PlantingInSpot[] {
  const held = laid.get(proposals);
  if (held && by.every((one, i) => one === held.by[i])) return held.its;
  const brief = briefFor();
  const its = proposals.map((proposal, at) => asItWouldStand(proposal, brief, at, kindOf));
  laid.set(proposals, { by, its });
  return its;
}
