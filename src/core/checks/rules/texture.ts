import { deltaE } from '../../colour/oklch';
import { isOrdinaryGreen } from '../../colour/schemes';
import type { PlantKind } from '../../plants/kind';
import { clamp } from '../../units/units';
import type { Check } from '../check';

export interface TextureFacts {
  readonly textures: number;
  /** Kinds with middling leaves of plain green: a muddle once the flowers stop. */
  readonly middlingGreens: number;
  readonly kinds: number;
  readonly meanContrast: number;
}

const LEVEL = { fine: 0, medium: 1, bold: 2 } as const;

/** How different two kinds' leaves look, 0–1: size, shape, surface and colour. */
export function leafContrast(a: PlantKind, b: PlantKind): number {
  const size =
    Math.min(1, Math.abs(Math.log2(a.foliage.lengthCm / b.foliage.lengthCm)) / 2.5) * 0.6 +
    (Math.abs(LEVEL[a.foliage.texture] - LEVEL[b.foliage.texture]) / 2) * 0.4;
  const shape = a.foliage.shape === b.foliage.shape ? 0 : 1;
  const habit = a.habit === b.habit ? 0 : 1;
  const surface = a.foliage.surface === b.foliage.surface ? 0 : 1;
  const colour = Math.min(1, deltaE(a.foliage.main, b.foliage.main) / 0.28);
  return 0.28 * size + 0.18 * shape + 0.16 * habit + 0.12 * surface + 0.26 * colour;
}

function isMiddlingGreen({ foliage }: PlantKind): boolean {
  return (
    foliage.texture === 'medium' && foliage.pattern === 'plain' && isOrdinaryGreen(foliage.main)
  );
}

/** Do the leaves differ enough to hold the planting together when flowers stop? */
export const texture: Check<'texture', TextureFacts> = {
  id: 'texture',
  weight: 1.3,
  certainty: 'fairly sure',
  source: {
    kind: 'ours',
    reason:
      'Leaf size, shape, surface and colour compared between kinds; two or more middling plain greens make a muddle.',
  },
  limits: { trouble: 0.15, look: 0.4 },
  judge: ({ plants }) => {
    const kinds = [...new Map(plants.map(({ kind }) => [kind.id, kind])).values()];
    if (kinds.length < 2) return null;
    let sum = 0;
    let pairs = 0;
    kinds.forEach((a, i) => {
      for (let j = 0; j < i; j += 1) {
        sum += leafContrast(a, kinds[j]!);
        pairs += 1;
      }
    });
    const greens = kinds.filter(isMiddlingGreen);
    const share = greens.length / kinds.length;
    const meanContrast = sum / pairs;
    return {
      score: clamp((meanContrast - 0.18) / 0.34, 0, 1) * (share > 0.6 ? 0.75 : 1),
      facts: {
        textures: new Set(kinds.map((k) => k.foliage.texture)).size,
        middlingGreens: greens.length,
        kinds: kinds.length,
        meanContrast,
      },
      culprits:
        share > 0.6 ? plants.filter(({ kind }) => isMiddlingGreen(kind)).map(({ id }) => id) : [],
    };
  },
};
