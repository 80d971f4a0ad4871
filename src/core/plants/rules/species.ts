import type { PlantKind } from '../kind';
import { bySpecies, type Found, type Rule } from './rule';

/** Cold of two kinds of one species that is told apart within this is no quarrel, K. */
const COLD_APART_K = 3;

/** Kinds of one species say the same of harm, skin and cold, but for what is excused by name. */
export const oneTruth: Rule = (kinds, excused) =>
  bySpecies(kinds).flatMap((sisters) =>
    besidesFirst(sisters).flatMap(([first, kind]) => {
      const free = [...excused(kind.id), ...excused(first.id)];
      const found: Found[] = [];
      for (const who of ['people', 'cats', 'dogs', 'horses'] as const)
        if (kind.toxicity[who] !== first.toxicity[who] && !free.includes('harm'))
          found.push([
            kind.id,
            `${who}: ${kind.toxicity[who]}, but ${first.toxicity[who]} in ${first.id}`,
          ]);
      if (kind.irritant.skin !== first.irritant.skin && !free.includes('skin'))
        found.push([kind.id, `skin: ${kind.irritant.skin}, but not in ${first.id}`]);
      if (Math.abs(kind.lowestC - first.lowestC) > COLD_APART_K && !free.includes('lowestC'))
        found.push([kind.id, `cold: ${kind.lowestC} °C, but ${first.lowestC} °C in ${first.id}`]);
      return found;
    }),
  );

/** Leaves of one species are drawn one way, but where a kind says why not. */
export const drawnOneWay: Rule = (kinds, excused) =>
  bySpecies(kinds).flatMap((sisters) => {
    const alike = sisters.filter(({ id }) => !excused(id).includes('drawnApart'));
    return besidesFirst(alike).flatMap(([first, kind]): Found[] =>
      kind.foliage.shape !== first.foliage.shape || kind.foliage.surface !== first.foliage.surface
        ? [
            [
              kind.id,
              `leaves ${kind.foliage.shape} and ${kind.foliage.surface}, but ${first.foliage.shape} and ${first.foliage.surface} in ${first.id}`,
            ],
          ]
        : [],
    );
  });

function besidesFirst(sisters: readonly PlantKind[]): readonly (readonly [PlantKind, PlantKind])[] {
  const [first, ...rest] = sisters;
  return first ? rest.map((kind) => [first, kind] as const) : [];
}
