import type { Day } from '../calendar/day';
import { kindOfEntry } from '../learning/badly';
import { dayOf, isOf, type Entry } from '../log/entry';
import type { Chapter } from '../log/story';
import type { KindId } from '../plants/kind';

/** A disease that may live on in the mix a plant stood in. */
export interface Illness {
  readonly day: Day;
  readonly plantingId: string;
  /** `null`: nobody told of which plant. */
  readonly kindId: KindId | null;
}

/** Does an entry tell of a disease of roots or stems? Mildew comes through the air, and frost and slugs leave the mix as it was. */
function isIllness(entry: Entry): boolean {
  if (isOf(entry, 'died') || isOf(entry, 'removed')) return entry.what.why === 'ill';
  return isOf(entry, 'looks bad') && entry.what.how === 'rotting';
}

/** What was ill in a container, in the order of its story; each kind of a planting once, when it was first told. */
export function illnessesIn(
  story: readonly Chapter[],
  heldOf: (plantingId: string) => readonly Entry[],
): readonly Illness[] {
  return story.flatMap(({ planting }) => {
    const found = new Map<KindId | null, Illness>();
    for (const entry of heldOf(planting.id).filter(isIllness)) {
      const kindId = kindOfEntry(entry, { planting });
      if (!found.has(kindId))
        found.set(kindId, { day: dayOf(entry), plantingId: planting.id, kindId });
    }
    return [...found.values()];
  });
}

/** Was something ill in the planting that last stood there and is over? Then its mix is used no more, whatever the house does. */
export function isMixIll(
  story: readonly Chapter[],
  heldOf: (plantingId: string) => readonly Entry[],
): boolean {
  const last = story.findLast(({ life }) => life.stage === 'over');
  return last !== undefined && illnessesIn([last], heldOf).length > 0;
}
