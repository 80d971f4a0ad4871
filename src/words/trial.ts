import type { TrialFault } from '@/core/learning/trialSetUp';
import type { Told } from '@/core/learning/trialResult';
import { ANSWERS, type Difference, type Question } from '@/core/plantings/trial';
import type { KindId, PlantKind } from '@/core/plants/kind';
import { MIX_NAMES } from './containers';
import { CM_PER_INCH } from '@/core/units/units';
import { countText, type Units } from './format';
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

const ASKED: Readonly<Record<Question, string>> = {
  height: 'Height of the tallest',
  spread: 'Width across',
  looks: 'How good it looks, 1 to 5',
  flowers: 'Flowers open, counted',
  bare: 'Mix still bare, %',
};
const isLength = (question: Question): boolean => question === 'height' || question === 'spread';

/** What is asked, with the unit it is answered in. */
export function questionText(question: Question, { length }: Pick<Units, 'length'>): string {
  return isLength(question) ? `${ASKED[question]}, ${length}` : ASKED[question];
}

/** An answer as it is kept, in the reader's unit: lengths are kept in centimetres. */
export function answerFigure(
  question: Question,
  kept: number,
  { length }: Pick<Units, 'length'>,
): number {
  return isLength(question) && length === 'in' ? kept / CM_PER_INCH : kept;
}

/** A typed answer as it is kept; `null` when it is no number within reach of the question. */
export function answerKept(
  question: Question,
  typed: string,
  { length }: Pick<Units, 'length'>,
): number | null {
  const value = Number(typed.trim().replace(',', '.'));
  const kept = isLength(question) && length === 'in' ? value * CM_PER_INCH : value;
  const { least, most } = ANSWERS[question];
  return typed.trim() !== '' && kept >= least && kept <= most ? Math.round(kept * 10) / 10 : null;
}

/** What a question takes, where something else was typed. */
export function answerFault(question: Question, units: Pick<Units, 'length'>): string {
  const [least, most] = [ANSWERS[question].least, ANSWERS[question].most].map((kept) =>
    Math.round(answerFigure(question, kept, units)),
  );
  return `A number, ${least} to ${most}.`;
}

/** What each half is, the plain one first. */
export function halvesText(
  difference: Difference,
  { kindOf, isDripped }: HalvesOf,
): readonly [string, string] {
  const nameOf = (id: KindId) => inSentence(kindOf(id)?.common ?? id);
  switch (difference.what) {
    case 'spacing': {
      const by = Math.round(Math.abs(1 - difference.factor) * 100);
      return ['as planned', `${by}% ${difference.factor < 1 ? 'nearer' : 'farther apart'}`];
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

function unitOf(question: Question, { length }: Pick<Units, 'length'>): string {
  if (isLength(question)) return ` ${length}`;
  if (question === 'looks') return ' of 5';
  return question === 'bare' ? ' %' : '';
}

const MORE: Readonly<Record<Question, readonly [more: string, less: string]>> = {
  height: ['taller', 'shorter'],
  spread: ['wider', 'narrower'],
  looks: ['better', 'worse'],
  flowers: ['more flowers', 'fewer flowers'],
  bare: ['more bare', 'less bare'],
};

/** What a question has told, in a sentence, with its doubt. @param other what the second half is */
export function toldText(
  { question, more, pairs, verdict }: Told,
  other: string,
  units: Pick<Units, 'length'>,
): string {
  if (pairs === 0) return 'Not asked yet.';
  if (!more || verdict === 'too few')
    return `Too few to tell: ${countText(pairs, 'pair')} of neighbours asked, at least 3 are needed.`;
  const inUnit = (kept: number) => answerFigure(question, kept, units);
  const [up, down] = MORE[question];
  const is = `${rounded(Math.abs(inUnit(more.mean)))}${unitOf(question, units)} ${more.mean < 0 ? down : up}`;
  const doubt = `by ${countText(pairs, 'pair')}; with so few, nine times in ten, anything from ${signed(inUnit(more.from))} to ${signed(inUnit(more.to))}${unitOf(question, units)}`;
  return verdict === 'cannot tell'
    ? `Cannot be told apart: those ${other} are ${is} (${doubt}).`
    : `Those ${other} are ${is} (${doubt}).`;
}

const rounded = (value: number): string => value.toFixed(value >= 10 ? 0 : 1);
const signed = (value: number): string => `${value < 0 ? '−' : '+'}${rounded(Math.abs(value))}`;

/** Said once below, where several things were asked. */
export function chanceText(questions: number): string | null {
  return questions < 2
    ? null
    : `Where ${questions} things are asked, by chance alone about one answer in ten looks like a difference. Believe what a second trial finds too.`;
}
