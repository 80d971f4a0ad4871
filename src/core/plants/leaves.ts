import { deltaE } from '../colour/oklch';
import { isOrdinaryGreen } from '../colour/sorts';
import type { PlantKind } from './kind';

/** Textures in order, fine to bold. */
export const TEXTURE_LEVEL = { fine: 0, medium: 1, bold: 2 } as const;

/** How different two kinds' leaves look, 0–1: size, shape, surface and colour. */
export function leafContrast(a: PlantKind, b: PlantKind): number {
  const size =
    Math.min(1, Math.abs(Math.log2(a.foliage.lengthCm / b.foliage.lengthCm)) / 2.5) * 0.6 +
    (Math.abs(TEXTURE_LEVEL[a.foliage.texture] - TEXTURE_LEVEL[b.foliage.texture]) / 2) * 0.4;
  const shape = a.foliage.shape === b.foliage.shape ? 0 : 1;
  const habit = a.habit === b.habit ? 0 : 1;
  const surface = a.foliage.surface === b.foliage.surface ? 0 : 1;
  const colour = Math.min(1, deltaE(a.foliage.main, b.foliage.main) / 0.28);
  return 0.28 * size + 0.18 * shape + 0.16 * habit + 0.12 * surface + 0.26 * colour;
}

/** Are the leaves more than plain green: coloured, or patterned? */
export const hasColouredLeaves = ({ foliage }: PlantKind): boolean =>
  !isOrdinaryGreen(foliage.main) || foliage.pattern !== 'plain';

/** Do green leaves hold the eye by their form: bold, ferny or grassy? */
export const hasFormedLeaves = ({ foliage, habit }: PlantKind): boolean =>
  foliage.texture === 'bold' || habit === 'fern' || habit === 'grass';

/** What leaves are worth looking at, 0–1: coloured most, formed next, plain green little. Ours. */
const WORTH = { coloured: 0.75, formed: 0.6, plain: 0.25 } as const;

/** What a kind's leaves are worth looking at while it stands in leaf, 0–1. */
export function leafWorth(kind: PlantKind): number {
  if (hasColouredLeaves(kind)) return WORTH.coloured;
  return hasFormedLeaves(kind) ? WORTH.formed : WORTH.plain;
}

/** Leaf area over the ground it covers, of a canopy that is full grown (models: 3). */
export const FULL_LEAF_LAYERS = 3;
/** The same of one just planted. Ours. */
export const YOUNG_LEAF_LAYERS = 0.8;
