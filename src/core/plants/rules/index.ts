import type { PlantKind } from '../kind';
import { coldInOrder, summerInOrder, tenderAgrees } from './cold';
import { earlySuits, spiresAreSpires, unitsSuit, waysSuit, woodIsWoody } from './growing';
import { harmFloor, harmHasParts, partsNotEaten } from './harm';
import { namesApart, noTradeNames } from './names';
import type { Excused, Rule } from './rule';
import { drawnOneWay, oneTruth } from './species';
import { bloomsInLeaf, goesOverWithItsLeaves, soldInLeaf } from './year';

/** What a rule finds wrong with a record. */
export interface BookFault {
  readonly rule: BookRule;
  readonly id: string;
  readonly says: string;
}

const RULES = {
  'one truth for a species': oneTruth,
  'a species is drawn one way': drawnOneWay,
  'tender agrees with cold': tenderAgrees,
  'cold in order': coldInOrder,
  'summer in order': summerInOrder,
  'a floor of harm by genus': harmFloor,
  'parts that must not be eaten': partsNotEaten,
  'harm has its parts': harmHasParts,
  'in flower while in leaf': bloomsInLeaf,
  'goes over with its leaves': goesOverWithItsLeaves,
  'sold while in leaf': soldInLeaf,
  'spires are spires': spiresAreSpires,
  'units suit': unitsSuit,
  'what is bought early suits': earlySuits,
  'wood is woody': woodIsWoody,
  'ways to make more suit': waysSuit,
  'names belong to one genus': namesApart,
  'no trade names': noTradeNames,
} as const satisfies Record<string, Rule>;

export type BookRule = keyof typeof RULES;

/** Everything the rules find wrong with records, rule by rule. */
export function bookFaults(
  kinds: readonly PlantKind[],
  excused: Excused = () => [],
): readonly BookFault[] {
  return (Object.keys(RULES) as BookRule[]).flatMap((rule) =>
    RULES[rule](kinds, excused).map(([id, says]) => ({ rule, id, says })),
  );
}
