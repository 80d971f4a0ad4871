import type { Remark } from '@/core/checks/opinion';
import type { CheckId, FactsOf } from '@/core/checks/rules/index';
import type { Edit } from '@/core/plantings/edits';
import type { Container } from '@/core/containers/container';
import { allPlants, type PlaceId, type PlantingInSpot } from '@/core/plantings/planting';
import type { KindId, PlantKind } from '@/core/plants/kind';
import { weekAfter } from '@/core/units/units';
import { MIX_NAMES } from './containers';
import { countText, dateText, lengthText, type Units } from './format';
import { inSentence, keyed, SUPPORT_NAMES } from './names';
import { CONDITIONS } from './remarks/conditions';
import { CONTAINER } from './remarks/container';
import { COMPOSING } from './remarks/composing';
import { COLOUR } from './remarks/colour';
import { SAFETY } from './remarks/safety';
import { BUYING } from './remarks/buying';
import type { Sentence, Teller, WordsFor } from './remarks/teller';

export type { Sentence } from './remarks/teller';

/** One sentence maker for each check. A check without one does not compile. */
const WORDS: WordsFor<CheckId> = {
  ...CONDITIONS,
  ...CONTAINER,
  ...COMPOSING,
  ...COLOUR,
  ...SAFETY,
  ...BUYING,
};

/** Puts a remark into words. */
export function sentenceOf(remark: Remark, it: PlantingInSpot, units: Units): Sentence {
  const letters = new Map(keyed(it).map(({ kind, letter }) => [kind.id, letter]));
  const kinds = new Map<string, PlantKind>(allPlants(it).map(({ kind }) => [kind.id, kind]));
  const name = (id: KindId) => {
    const letter = letters.get(id);
    return `${inSentence(kinds.get(id)?.common ?? id)}${letter ? ` (${letter})` : ''}`;
  };
  const tell = WORDS[remark.check] as (facts: unknown, teller: Teller) => Sentence;
  return tell(remark.facts, { units, it, right: remark.severity === 'right', name });
}

/** The lead word of a remark. */
export function leadWord(remark: Remark): string {
  if (remark.certainty === 'a caution' && remark.severity !== 'right') return 'Caution';
  return { trouble: 'Trouble', look: 'Look', taste: 'Taste', right: 'Right' }[remark.severity];
}

/** What a fix does, as the words on its button. */
export function editText(
  edit: Edit,
  it: PlantingInSpot,
  units: Units,
  kindOf: (id: KindId) => PlantKind | null,
): string {
  switch (edit.kind) {
    case 'move': {
      const place = it.planting.places.find(({ id }) => id === edit.place);
      if (!place) return 'Move it';
      const [dx, dz] = [edit.xCm - place.xCm, edit.zCm - place.zCm];
      const way =
        Math.abs(dx) >= Math.abs(dz)
          ? dx < 0
            ? 'to the left'
            : 'to the right'
          : dz < 0
            ? 'back'
            : 'forward';
      return `Try it ${lengthText(Math.hypot(dx, dz), units)} ${way}`;
    }
    case 'swap':
      return `Try ${inSentence(kindOf(edit.to)?.common ?? edit.to)}`;
    case 'remove':
      return withoutText(edit.place, it);
    case 'shift':
      return 'Try them moved';
    case 'clear':
      return 'Try it without them';
    case 'pose':
      return 'Try it leaning';
    case 'lock':
      return 'Lock it';
    case 'arrange':
      return 'Try another order';
    case 'container':
      return containerText(edit.change);
    case 'add':
      return `Add ${inSentence(kindOf(edit.place.kindId)?.common ?? edit.place.kindId)}`;
    case 'trim':
      return `Trim it about ${dateText(weekAfter(it.planting.plantedWeek, edit.weeks))}`;
    case 'untrim':
      return 'Leave it untrimmed';
    case 'remake':
      return 'Plant it this way';
    case 'support':
      return edit.support
        ? `Try ${SUPPORT_NAMES[edit.support.form].one} there`
        : 'Try it without the support';
    case 'sides':
      return edit.sides.length > (it.planting.sides?.length ?? 0)
        ? 'Plant the empty holes'
        : 'Leave those holes empty';
    case 'sow':
      return 'Sow round the rim';
    case 'second choice':
      return 'Keep a second choice';
    case 'wish':
      return 'Wish for it';
    case 'rename':
      return `Call it ${edit.name}`;
    case 'plant':
      return 'Plant it';
    case 'mean':
      return 'I mean it';
  }
}

/** "Try it without coral calibrachoa", or with one fewer where others of its kind stay. */
function withoutText(place: PlaceId, { plants }: PlantingInSpot): string {
  const gone = plants.find(({ id }) => id === place);
  if (!gone) return 'Try it without one';
  const name = inSentence(gone.kind.common);
  const isLast = plants.filter(({ kindId }) => kindId === gone.kindId).length === 1;
  return isLast ? `Try it without ${name}` : `Try it with one ${name} fewer`;
}

function containerText({ drainHoles, mix }: Partial<Container>): string {
  if (drainHoles) return `Mark ${countText(drainHoles, 'hole')}`;
  // What a mix is for is told where it is chosen.
  return mix ? `Try ${MIX_NAMES[mix].split(',')[0]} mix` : 'Try it';
}

/** What a fix comes to, where a figure tells it: "shows 40 % more of it". */
export function fixEffect(check: CheckId, before: unknown, after: unknown): string | null {
  if (check !== 'money-seen' || !after) return null;
  const more =
    ((after as FactsOf<'money-seen'>).share - (before as FactsOf<'money-seen'>).share) * 100;
  return more >= 1 ? `shows ${Math.round(more)}% more of what is hidden` : null;
}

/** What history calls an arrangement. */
