import type { Container } from '../containers/container';
import type { Scheme } from '../colour/schemes';
import type { PlaceId, PlantingInSpot } from '../plantings/planting';
import type { PlantKind } from '../plants/kind';
import { finished, type Work } from '../work/steps';
import { finishing } from './finish';
import { refreshing, type Decision } from './refresh';
import type { Remade } from './remade';
import { repeating, type Ends } from './repeat';
import { scaling } from './scale';
import { changingSeason } from './seasonChange';
import { varying } from './vary';

/** Ways of making a planting anew, as they are asked for. */
export type RemakeAsk =
  | { readonly kind: 'finish'; readonly keep: readonly PlaceId[] | null }
  | { readonly kind: 'scale'; readonly container: Container; readonly shelfId: string | null }
  | { readonly kind: 'repeat'; readonly unit: readonly PlaceId[] | null; readonly ends: Ends }
  | { readonly kind: 'season'; readonly plantedWeek: number; readonly endWeek: number }
  | { readonly kind: 'refresh'; readonly weeks: number }
  | { readonly kind: 'vary' };

/** What comes of it: the ways, best first, and what marks each off. */
export interface RemakeAnswer {
  readonly ways: readonly { readonly remade: Remade; readonly scheme: Scheme | null }[];
  /** What to do with each plant, when it is refreshed. */
  readonly decisions: readonly Decision[];
}

/** Makes a planting anew in the way asked for. */
export function remaking(...asked: Parameters<typeof remakingSteps>): RemakeAnswer {
  return finished(remakingSteps(...asked));
}

/** The same, way by way. */
export function* remakingSteps(
  it: PlantingInSpot,
  how: RemakeAsk,
  kinds: readonly PlantKind[],
): Work<RemakeAnswer> {
  const plain = (list: readonly Remade[]): RemakeAnswer => ({
    ways: list.map((remade) => ({ remade, scheme: null })),
    decisions: [],
  });
  switch (how.kind) {
    case 'finish':
      return plain(yield* finishing(it, kinds, how.keep));
    case 'scale': {
      const scaled = yield* scaling(it, how.container, kinds, how.shelfId);
      return plain(scaled ? [scaled] : []);
    }
    case 'repeat':
      return plain(yield* repeating(it, how.unit, how.ends, kinds));
    case 'season':
      return plain(yield* changingSeason(it, how, kinds));
    case 'refresh': {
      const { decisions, ways } = yield* refreshing(it, how.weeks, kinds);
      return { ...plain(ways), decisions };
    }
    case 'vary':
      return {
        ways: (yield* varying(it, kinds)).map(({ scheme, remade }) => ({ remade, scheme })),
        decisions: [],
      };
  }
}
