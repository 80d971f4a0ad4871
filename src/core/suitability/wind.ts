import type { PlantKind } from '../plants/kind';
import type { Spot } from '../spots/spot';

/** What wind does to a kind: nothing, a little where it bears a breeze only, or much where it wants shelter. */
export type Torn = 'not' | 'a little' | 'badly';

/** Is a spot in the wind? At the height of balconies and roofs, and by the sea, it blows on most days. */
export const isWindy = ({ exposure }: Pick<Spot, 'exposure'>): boolean =>
  exposure === 'balcony' || exposure === 'coast';

/** How a kind stands the wind of a spot, and whether the salt on it browns the leaves. */
export function windFit(
  { bears }: Pick<PlantKind, 'bears'>,
  spot: Pick<Spot, 'exposure'>,
): { readonly torn: Torn; readonly isBurnt: boolean } {
  if (!isWindy(spot)) return { torn: 'not', isBurnt: false };
  return {
    torn: bears.wind === 'shelter' ? 'badly' : bears.wind === 'bears' ? 'not' : 'a little',
    isBurnt: spot.exposure === 'coast' && bears.salt === 'none',
  };
}
