import type { Advice, Fate } from '@/core/diary/turnOver';
import { countText } from './format';
import { dayText } from './life';
import { inSentence } from './names';

export const FATE_NAMES: Readonly<Record<Fate, string>> = {
  keep: 'stays in the pot',
  divide: 'parted, half to the shed',
  cuttings: 'cuttings, then compost',
  indoors: 'indoors, frost-free',
  garden: 'into the ground',
  'give away': 'given away',
  compost: 'compost',
};

/** Why, how and by when, in a sentence or two. */
export function adviceText({ kind, fate, how, by }: Advice): string {
  const name = inSentence(kind.common);
  const deadline = by ? ` By ${dayText(by)}: after that a night may be too cold.` : '';
  switch (fate) {
    case 'keep':
      return `Top and roots come through the winter here. New mix for the top third in spring.`;
    case 'divide':
      return `Two years and more in one pot: ${how ?? 'part it'}. One half goes back, one to the shed.`;
    case 'cuttings':
      return `It would not live through the winter out here: ${how ?? 'cuttings'}.${deadline}`;
    case 'indoors':
      return `${how ? `${how[0]!.toUpperCase()}${how.slice(1)}` : 'Bright, frost-free, watered little'}; look for pests first.${deadline}`;
    case 'garden':
      return `In the ground its roots come through; in a pot they would freeze from the side.${deadline}`;
    case 'give away':
      return `Somebody may want ${name}.`;
    case 'compost':
      return how
        ? `Its year is over; ${how} makes new ones. What was ill goes into the bin, not onto the heap.`
        : 'Its year is over. What was ill goes into the bin, not onto the heap.';
  }
}

/** "3 plants" */
export function adviceCount({ places }: Pick<Advice, 'places'>): string {
  return countText(places.length, 'plant');
}
