import type { TrialFault } from '@/core/learning/trialSetUp';
import type { Told } from '@/core/learning/trialResult';
import { ANSWERS, type Difference, type Question } from '@/core/plantings/trial';
import type { KindId, PlantKind } from '@/core/plants/kind';
import { MIX_NAMES } from './containers';
import { countText } from './format';
import { inSentence } from './names';

type KindOf = (id: KindId) => PlantKind | null;

/** What may differ, as a choice. */
export const DIFFERENCE_NAMES: Readonly<Record<Difference['what'], string>> = {
  spacing: 'Spacing',
  kind: 'One plant',
  mix: 'The mix',
  feed: 'Feeding',
  pinch: 'Pinching',
  drip: 'How it is watered',
};

export const QUESTION_NAMES: Readonly<Record<Question, string>> = {
  height: 'Height of the tallest, cm',
  spread: 'Width across, cm',
  looks: 'How good it looks, 1 to 5',
  flowers: 'Flowers open, counted',
  bare: 'Mix still bare, %',
};

/** What each half is, the plain one first. */
export function halvesText(
  difference: Difference,
  { kindOf, isDripped }: HalvesOf,
): readonly [string, string] {
  const nameOf = (id: KindId) => inSentence(kindOf(id)?.common ?? id);
  switch (difference.what) {
    case 'spacing': {
      const by = Math.round(Math.abs(1 - difference.factor) * 100);
      return ['as planned', `${by} % ${difference.factor < 1 ? 'nearer' : 'farther apart'}`];
    }
    case 'kind':
      return [`with ${nameOf(difference.from)}`, `with ${nameOf(difference.to)}`];
    case 'mix':
      return ['in its mix', `in ${MIX_NAMES[difference.mix]} mix`];
    case 'feed':
      return ['fed', 'not fed'];
    case 'pinch':
      return ['pinched', 'not pinched'];
    case 'drip':
      return isDripped ? ['by drip', 'by hand'] : ['by hand', 'by drip'];
  }
}

interface HalvesOf {
  readonly kindOf: KindOf;
  /** Is the spot of the plain half watered by drip? */
  readonly isDripped: boolean;
}

export const TRIAL_FAULTS: Readonly<Record<TrialFault, string>> = {
  pots: 'A trial has an even number of pots, 4 to 24: every second is the other way.',
  questions: 'Pick at least one thing to ask of every pot.',
  'no room nearer': 'Their balls already touch: they cannot stand nearer.',
  'no room apart': 'The wall is in the way: they cannot stand farther apart.',
  'no such kind': 'That plant does not stand in this container.',
  'same kind': 'Pick another plant than the one that stands there.',
  'same mix': 'It is in that mix already.',
};

const UNITS: Readonly<Record<Question, string>> = {
  height: ' cm',
  spread: ' cm',
  looks: ' of 5',
  flowers: '',
  bare: ' %',
};
const MORE: Readonly<Record<Question, readonly [more: string, less: string]>> = {
  height: ['taller', 'shorter'],
  spread: ['wider', 'narrower'],
  looks: ['better', 'worse'],
  flowers: ['more flowers', 'fewer flowers'],
  bare: ['more bare', 'less bare'],
};

/** What a question has told, in a sentence, with its doubt. */
export function toldText({ question, more, pairs, verdict }: Told, other: string): string {
  const figure = (value: number) =>
    `${Math.abs(value).toFixed(ANSWERS[question].grain >= 1 && Math.abs(value) >= 10 ? 0 : 1)}${UNITS[question]}`;
  if (!more || verdict === 'too few')
    return `Too few to tell: ${countText(pairs, 'pair')} of neighbours asked, at least 3 are needed.`;
  const [up, down] = MORE[question];
  const is = more.mean < 0 ? down : up;
  const range = `between ${signed(more.from)} and ${signed(more.to)}${UNITS[question]}`;
  if (verdict === 'cannot tell')
    return `Cannot be told apart. Those ${other} are ${figure(more.mean)} ${is} on the mean of ${countText(pairs, 'pair')}; nine trials in ten like this would find it ${range}.`;
  return `Those ${other} are ${figure(more.mean)} ${is}, by ${countText(pairs, 'pair')}; nine trials in ten like this would find it ${range}.`;
}

const signed = (value: number): string =>
  `${value < 0 ? '−' : '+'}${Math.abs(value).toFixed(Math.abs(value) >= 10 ? 0 : 1)}`;

/** Said once below, where several things were asked. */
export function chanceText(questions: number): string | null {
  return questions < 2
    ? null
    : `${questions} things are asked: by chance alone, about one answer in ten looks like a difference. Believe what a second trial finds too.`;
}
