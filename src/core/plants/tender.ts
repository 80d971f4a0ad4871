import type { PlantKind } from './kind';

/** Kinds that do not live through this, °C, stand as long as the weather lets them, whatever weeks their record tells. */
const TENDER_C = -4;
/** What is hurt by cold above freezing is hurt by several such nights, or covered for one: so far under its limit may a rare one fall, K. Ours. */
const CHILLED_K = 3.5;

/** Is it a kind that lives on only where frost does not end it: then the weather, not the book's weeks out of doors, says how long it stands? */
export const isTender = ({ lowestC }: Pick<PlantKind, 'lowestC'>): boolean => lowestC > TENDER_C;

/** The coldest night its top lives through, °C. */
export function borneC({ lowestC }: Pick<PlantKind, 'lowestC'>): number {
  return lowestC > 0 ? Math.max(0, lowestC - CHILLED_K) : lowestC;
}
