import type { Container } from '../containers/container';
import { isHung } from '../containers/shape';
import type { Conditions } from '../growth/conditions';
import { conditionsOf, olderGrowers } from '../growth/seasonOf';
import type { Light } from '../marks/light';
import type { PlacedPlant, PlantingInSpot, SidePlant } from '../plantings/planting';
import type { PlantKind } from '../plants/kind';
import type { Support } from '../plantings/support';
import { bookWeek, hangsFree } from '../spots/spot';
import { once } from '../work/once';

/** What a drawing needs of a planting: plain data that crosses to a worker. */
export interface Subject {
  readonly container: Container;
  /** Hung up or on a sill, with a drop below it. */
  readonly hung: boolean;
  readonly plantedWeek: number;
  readonly conditions: Conditions;
  /** Something to climb; left out: nothing. */
  readonly support?: Support;
  /** Left out: the studio's. */
  readonly light?: Light;
  readonly plants: readonly (Pick<
    PlacedPlant,
    'kind' | 'xCm' | 'zCm' | 'seed' | 'size' | 'lean' | 'turnDeg'
  > & { readonly grown?: number })[];
  /** Plants in side holes; left out: none. Their sizes come after those of the others. */
  readonly sides?: readonly Pick<
    SidePlant,
    'kind' | 'xCm' | 'zCm' | 'heightCm' | 'out' | 'seed' | 'size'
  >[];
}

export function subjectOf(it: PlantingInSpot): Subject {
  const { planting, spot, sides } = it;
  return {
    container: planting.container,
    hung: isHung(planting.container.shape) || hangsFree(spot),
    plantedWeek: bookWeek(planting.plantedWeek, spot),
    conditions: conditionsOf(it),
    ...(planting.support ? { support: planting.support } : {}),
    plants: olderGrowers(it).map(({ kind, xCm, zCm, seed, size, lean, turnDeg, grown }) => ({
      kind,
      xCm,
      zCm,
      seed,
      size,
      ...(lean ? { lean } : {}),
      ...(turnDeg ? { turnDeg } : {}),
      ...(grown ? { grown } : {}),
    })),
    ...(sides.length === 0
      ? {}
      : {
          sides: sides.map(({ kind, xCm, zCm, heightCm, out, seed, size }) => ({
            kind,
            xCm,
            zCm,
            heightCm,
            out,
            seed,
            size,
          })),
        }),
  };
}

let next = 0;

/** A number of its own for every record: a kind whose record was changed has another than before. */
export const numberOf = once((_kind: PlantKind): number => (next += 1));

/** Two subjects with one key are drawn alike. It holds while the program runs, not beyond. */
export const subjectKey = once((subject: Subject): string =>
  JSON.stringify({
    ...subject,
    plants: subject.plants.map(({ kind, ...place }) => [numberOf(kind), place]),
    sides: subject.sides?.map(({ kind, ...place }) => [numberOf(kind), place]),
  }),
);
