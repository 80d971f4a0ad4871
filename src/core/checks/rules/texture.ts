import { isOrdinaryGreen } from '../../colour/sorts';
import type { PlantKind } from '../../plants/kind';
import { leafContrast } from '../../plants/leaves';
import { clamp } from '../../units/units';
import { standingOf } from '../../suitability/standing';
import type { Check } from '../check';
import type { Reading } from '../reading';

export interface TextureFacts {
  readonly textures: number;
  /** Kinds with middling leaves of plain green: a muddle once the flowers stop. */
  readonly middlingGreens: number;
  readonly kinds: number;
  readonly meanContrast: number;
}

function isMiddlingGreen({ foliage }: PlantKind): boolean {
  return (
    foliage.texture === 'medium' && foliage.pattern === 'plain' && isOrdinaryGreen(foliage.main)
  );
}

/** Score under which leaves do not fall while flowers carry the planting, just right; and the share of their best from which they do. Ours. */
const CARRIED_BY_FLOWERS = 0.42;
const IN_FLOWER = 0.5;
/** Contrast up to which leaves are one green, and flowers do not help. Ours. */
const ALL_ALIKE = 0.15;

/** Do flowers carry it for most of its weeks? */
function isInFlower({ plants, planting, spot }: Reading): boolean {
  const stay = { ...planting, spot };
  const flowering = plants.map(({ kind }) => standingOf(kind, stay).flowering);
  return flowering.reduce((sum, one) => sum + one, 0) / flowering.length >= IN_FLOWER;
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
  judge: (reading) => {
    const { plants } = reading;
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
      // Where flowers are out all along, leaves hold together less of it.
      score: Math.max(
        share < 1 && meanContrast > ALL_ALIKE && isInFlower(reading) ? CARRIED_BY_FLOWERS : 0,
        clamp((meanContrast - 0.18) / 0.34, 0, 1) * (share > 0.6 ? 0.75 : 1),
      ),
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
