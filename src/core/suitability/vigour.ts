import type { PlantKind } from '../plants/kind';

/** Vigour from which a kind may swallow others, and by how much it must lead. Ours. */
const STRONG = 4;
const LEADS_BY = 2;

/** Is it a kind that spreads over what stands beside it? */
export const isStrong = ({ vigour }: Pick<PlantKind, 'vigour'>): boolean => vigour >= STRONG;

/** Would one kind, given room and time, run over the other? */
export const overruns = (
  one: Pick<PlantKind, 'vigour'>,
  other: Pick<PlantKind, 'vigour'>,
): boolean => isStrong(one) && one.vigour - other.vigour >= LEADS_BY;
