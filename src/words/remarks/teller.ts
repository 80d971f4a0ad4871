import type { CheckId, FactsOf } from '@/core/checks/rules/index';
import type { PlantingInSpot } from '@/core/plantings/planting';
import type { KindId } from '@/core/plants/kind';
import type { Units } from '../format';

/** A remark in words. */
export interface Sentence {
  /** What was seen. */
  readonly says: string;
  /** Why it matters, with the figures. */
  readonly because: string;
}

/** What the words need besides the facts. */
export interface Teller {
  readonly units: Units;
  readonly it: PlantingInSpot;
  /** The check has nothing to say against it: the sentence may not either. */
  readonly right: boolean;
  /** "lime potato vine (D)" */
  readonly name: (id: KindId) => string;
}

/** Sentence makers for some of the checks: what each says, from its facts. */
export type WordsFor<Ids extends CheckId> = {
  readonly [Id in Ids]: (facts: FactsOf<Id>, teller: Teller) => Sentence;
};

/** "a, b and c". */
export const list = (names: readonly string[]) =>
  names.length < 2
    ? (names[0] ?? '')
    : `${names.slice(0, -1).join(', ')} and ${names[names.length - 1]}`;
