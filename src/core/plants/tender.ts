import type { PlantKind } from './kind';

/** Kinds that do not live through this, °C, stand as long as the weather lets them, whatever weeks their record tells. */
const TENDER_C = -4;
/** What is hurt by cold above freezing is hurt by several such nights, or covered for one: so far under its limit may a rare one fall, K. Ours. */
const CHILLED_K = 3.5;

/** Is it a kind that lives on only where frost does not end it: then the weather, not the book's weeks out of doors, says how long it stands? */
export const isTender = ({ lowestC }: Pick<PlantKind, 'lowestC'>): boolean => lowestC > TENDER_C;

/** The coldest night its top lives through, °C; of what was out all autumn, hardened or under fleece on a rare night. */
export function borneC({ lowestC, hardenedC }: Pick<PlantKind, 'lowestC' | 'hardenedC'>): number {
  return hardenedC ?? (lowestC > 0 ? Math.max(0, lowestC - CHILLED_K) : lowestC);
}

/** The coldest night its top lives through with nobody's help, °C: below it there is something to do. */
export const unhelpedC = ({ lowestC }: Pick<PlantKind, 'lowestC'>): number => borneC({ lowestC });

/** What lives through this, °C, is of cold winters. Ours. */
const COLD_WINTERS_C = -7;

/** Does it want a winter's rest: not last where there is none, and, of bulbs, not flower? */
export const wantsWinter = ({ lowestC }: Pick<PlantKind, 'lowestC'>): boolean =>
  lowestC <= COLD_WINTERS_C;
