import { type WeighedColour } from '../colour/schemes';
import { isGround } from '../colour/sorts';
import type { PlantKind } from './kind';
import { once } from '../work/once';

/**
 * What colours a kind shows at its best, by rough share of what is seen: leaves, their second colour and underside,
 * flowers with their eye, fruit. Weights sum to about 1.
 */
export const coloursOf = once((kind: PlantKind): readonly WeighedColour[] =>
  coloursShown(kind, { bloom: 1, fruit: 1 }),
);

/** What colours a kind shows when so much of its best flowering and fruiting is out. */
export function coloursShown(
  kind: PlantKind,
  out: { readonly bloom: number; readonly fruit: number },
): readonly WeighedColour[] {
  const { foliage, bloom, fruit } = kind;
  const cover = (bloom?.cover ?? 0) * out.bloom;
  const leafShare = 1 - cover;
  const secondShare =
    foliage.second === null
      ? 0
      : { edge: 0.4, centre: 0.35, stripe: 0.35, vein: 0.2, speckle: 0.2, zone: 0, plain: 0 }[
          foliage.pattern
        ];
  const list: WeighedColour[] = [{ colour: foliage.main, weight: leafShare * (1 - secondShare) }];
  if (foliage.second && secondShare > 0)
    list.push({ colour: foliage.second, weight: leafShare * secondShare });
  if (bloom && cover > 0) {
    const second = bloom.second ? 0.3 : 0;
    // Flowers draw the eye: they count double their plain area.
    list.push({ colour: bloom.main, weight: cover * 2 * (1 - second) });
    if (bloom.second) list.push({ colour: bloom.second, weight: cover * 2 * second });
    if (bloom.eye) list.push({ colour: bloom.eye, weight: cover * 0.12 });
  }
  if (fruit && out.fruit > 0) list.push({ colour: fruit.colour, weight: 0.1 * out.fruit });
  return list;
}

/** The colour a gardener would name first: the strongest that is not plain green, or the leaf itself. */
export const leadingColour = once(findLeading);

function findLeading(kind: PlantKind): WeighedColour['colour'] {
  const coloured = coloursOf(kind).filter(({ colour }) => !isGround(colour) || colour[0] > 0.85);
  if (kind.bloom && kind.bloom.cover >= 0.15) return kind.bloom.main;
  const best = [...coloured].sort((a, b) => b.weight - a.weight)[0];
  return best ? best.colour : kind.foliage.main;
}
