import type { PlantKind } from '../plants/kind';
import type { Spot } from '../spots/spot';

/** How a kind stands the wind of a spot. */
export type InWind = 'well' | 'a little torn' | 'badly';

/** Is a spot in the wind? At the height of balconies and roofs, and by the sea, it blows on most days. */
export const isWindy = ({ exposure }: Pick<Spot, 'exposure'>): boolean =>
  exposure === 'balcony' || exposure === 'coast';

/** What wind there does to a kind: what wants shelter is torn or snapped where it blows, and what bears no salt burns by the sea. */
export function inWind({ bears }: Pick<PlantKind, 'bears'>, spot: Pick<Spot, 'exposure'>): InWind {
  if (!isWindy(spot)) return 'well';
  if (bears.wind === 'shelter') return 'badly';
  const bearsSalt = spot.exposure !== 'coast' || bears.salt !== 'none';
  return bears.wind === 'bears' && bearsSalt ? 'well' : 'a little torn';
}

/** Does salt on the wind burn it? */
export const isBurnt = (
  { bears }: Pick<PlantKind, 'bears'>,
  spot: Pick<Spot, 'exposure'>,
): boolean => spot.exposure === 'coast' && bears.salt === 'none';
