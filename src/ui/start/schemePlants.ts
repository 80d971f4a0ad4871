import type { PLAIN_SCHEMES } from '@/core/colour/schemes';
import type { Oklch } from '@/core/colour/oklch';
import type { KindId, PlantKind } from '@/core/plants/kind';

/** Schemes that are shown by plants, and colours left open. */
export type ShownScheme = (typeof PLAIN_SCHEMES)[number] | 'any';
type Part = 'leaf' | 'flower';

/** Plants of the book whose colours show what a scheme means, and by which part of them. */
export const SCHEME_PLANTS: Readonly<
  Record<ShownScheme, readonly (readonly [kind: KindId, part: Part])[]>
> = {
  any: [
    ['pelargonium-scarlet', 'flower'],
    ['calibrachoa-yellow', 'flower'],
    ['lobelia-blue', 'flower'],
    ['bacopa-pink', 'flower'],
  ],
  warm: [
    ['petunia-apricot', 'flower'],
    ['calibrachoa-coral', 'flower'],
    ['begonia-tuberous-yellow', 'flower'],
    ['coleus-rust', 'leaf'],
  ],
  cool: [
    ['petunia-violet', 'flower'],
    ['lobelia-blue', 'flower'],
    ['bacopa-lilac', 'flower'],
    ['nemesia-white', 'flower'],
  ],
  hot: [
    ['pelargonium-scarlet', 'flower'],
    ['begonia-bolivian-orange', 'flower'],
    ['calibrachoa-coral', 'flower'],
    ['creeping-zinnia-gold', 'flower'],
  ],
  pastel: [
    ['petunia-lemon', 'flower'],
    ['bacopa-pink', 'flower'],
    ['lobelia-sky', 'flower'],
    ['verbena-lilac', 'flower'],
  ],
  jewel: [
    ['petunia-violet', 'flower'],
    ['petunia-magenta', 'flower'],
    ['lobelia-blue', 'flower'],
    ['verbena-crimson', 'flower'],
  ],
  'dark-and-lime': [
    ['coleus-black', 'leaf'],
    ['potato-vine-lime', 'leaf'],
    ['petunia-black', 'flower'],
    ['zinnia-lime', 'flower'],
  ],
  'green-and-white': [
    ['ivy-white-edge', 'leaf'],
    ['ivy-green', 'leaf'],
    ['bacopa-white', 'flower'],
    ['liquorice-silver', 'leaf'],
  ],
};

/** The colour that a part of a kind shows; that of its leaf where it does not flower. */
export function shownColour({ foliage, bloom }: PlantKind, part: Part): Oklch {
  return part === 'flower' && bloom ? bloom.main : foliage.main;
}
