import { deltaE, type Oklch } from '../../colour/oklch';
import { isGround, isWhite } from '../../colour/sorts';
import type { PlantKind } from '../../plants/kind';
import type { Check } from '../check';

export interface EchoFacts {
  readonly from: string;
  /** A kind's minor colour, the container's, or that of something behind (named in `from`). */
  readonly part: 'throat' | 'vein' | 'leaf edge' | 'underside' | 'stem' | 'pot' | 'behind';
  readonly to: string;
  readonly distance: number;
}

/** OKLab distance within which a minor colour is seen to pick up another (models: ≤ .10). */
const ECHO = 0.1;

/** Is a minor colour of one plant the main colour of another? Praise only. */
export const echo: Check<'echo', EchoFacts> = {
  id: 'echo',
  weight: 0.6,
  certainty: 'fairly sure',
  source: {
    kind: 'ours',
    reason:
      'OKLab distance of throats, veins, edges, undersides and stems from other plants’ leading colours.',
  },
  limits: { trouble: 0, look: 0 },
  judge: ({ plants, planting, spot }) => {
    const kinds = [...new Map(plants.map(({ kind }) => [kind.id, kind])).values()];
    let best = null as EchoFacts | null;
    for (const a of kinds)
      for (const [part, colour] of minorColours(a))
        for (const b of kinds) {
          if (a === b) continue;
          for (const main of [b.foliage.main, b.bloom?.main]) {
            if (!main || (isGround(main) && !isWhite(main))) continue;
            const distance = deltaE(colour, main);
            if (distance <= ECHO && (!best || distance < best.distance))
              best = { from: a.id, part, to: b.id, distance };
          }
        }
    // The pot's and the trim's colours may be taken up too; what is barely nearer among the plants goes first.
    const around: readonly (readonly [EchoFacts['part'], string, Oklch])[] = [
      ['pot', 'container', planting.container.colour],
      ...spot.background.map(({ name, colour }) => ['behind', name, colour] as const),
    ];
    for (const [part, from, colour] of around)
      for (const b of kinds)
        for (const main of [b.bloom?.main, b.foliage.main]) {
          if (best || !main || isGround(colour) || isGround(main)) continue;
          const distance = deltaE(colour, main);
          if (distance <= ECHO) best = { from, part, to: b.id, distance };
        }
    if (!best) return null;
    const found: EchoFacts = best;
    return {
      score: 1,
      facts: found,
      culprits: plants
        .filter(({ kind }) => kind.id === found.from || kind.id === found.to)
        .map(({ id }) => id),
    };
  },
};

function minorColours({ foliage, bloom }: PlantKind): (readonly [EchoFacts['part'], Oklch])[] {
  const list: [EchoFacts['part'], Oklch | null | undefined][] = [
    ['throat', bloom?.eye],
    ['vein', foliage.vein],
    ['leaf edge', foliage.pattern === 'edge' ? foliage.second : null],
    ['underside', foliage.under],
    ['stem', foliage.stem],
  ];
  return list.filter(
    (entry): entry is [EchoFacts['part'], Oklch] => !!entry[1] && !isGround(entry[1]),
  );
}
