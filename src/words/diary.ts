import type { Sort } from '@/core/diary/didWell';
import { SCHOOL_IDS } from '@/core/plantings/schoolId';
import { inSentence, SCHEME_NAMES } from './names';
import { SCHOOL_NAMES } from './schools';
import { QUESTIONS } from '@/core/plantings/trial';
import type { SeasonLine } from '@/core/diary/seasonLine';
import type { Entry } from '@/core/log/entry';
import type { KindId, PlantKind, Rest, SeenShift } from '@/core/plants/kind';
import { capital, countText, lengthText, volumeText, weightText, type Units } from './format';
import { minorText } from './making';
import { dayText } from './life';
import { answerFigure, questionText } from './trial';

export interface DiaryWords {
  readonly kindOf: (id: KindId) => PlantKind | null;
  /** Name of a planting, a spot or a container; empty: it is not here any more. */
  readonly nameOf: (id: string) => string;
  readonly units: Units;
}

const PLAIN: Partial<Readonly<Record<Entry['what']['did'], string>>> = {
  chosen: 'Chosen to be made',
  planted: 'Planted',
  'put out': 'Put out',
  pinched: 'Pinched',
  tied: 'Tied in',
  deadheaded: 'Deadheaded',
  covered: 'Covered',
  uncovered: 'Cover taken off',
  'brought in': 'Brought in',
  'taken out again': 'Taken out again',
  wrapped: 'Pot wrapped',
  'in flower': 'In flower',
  'gone over': 'Gone over',
  'run begun': 'Several alike begun',
  round: 'Order of walking told',
  photographed: 'Photograph',
  'task done': 'Done',
  'task skipped': 'Skipped',
  'task later': 'Put off',
  'taken back': 'Taken back',
};

/** Is what an entry tells somebody’s own words, and none of ours? */
export const isOwnWords = ({ what }: Pick<Entry, 'what'>): boolean => what.did === 'noted';

/** What happened, in a sentence without its full stop: "Coral bells measured: 31 cm high". */
export function entryText(entry: Entry, words: DiaryWords): string {
  const plant = plantText(entry, words);
  const what = whatText(entry, words);
  if (plant === '') return what;
  // Somebody's own words stay as they were written.
  const told = isOwnWords(entry) ? what : `${what.charAt(0).toLowerCase()}${what.slice(1)}`;
  return `${capital(plant)}: ${told}`;
}

/** The kind it is of, where it is of one. */
function plantText({ of, what }: Entry, { kindOf }: DiaryWords): string {
  if (of.kindId === undefined || what.did === 'bought') return '';
  return inSentence(kindOf(of.kindId)?.common ?? of.kindId);
}

function whatText({ what }: Entry, words: DiaryWords): string {
  const { units, nameOf, kindOf } = words;
  switch (what.did) {
    case 'bought': {
      const [sort = '', kindId = ''] = what.key.split(' ');
      const name = sort === 'plants' ? inSentence(kindOf(kindId)?.common ?? kindId) : sort;
      const paid = what.paidMinor === null ? '' : `, ${minorText(what.paidMinor, units)}`;
      return `Bought ${what.got} of ${what.wanted} ${name}${paid}`;
    }
    case 'watered':
      return what.litres === null ? 'Watered' : `Watered, ${volumeText(what.litres, units)}`;
    case 'fed':
      return `Fed, ${what.what}${what.grams === null ? '' : `, ${Math.round(what.grams)} g`}`;
    case 'felt':
      return `Mix felt ${what.how}`;
    case 'weighed':
      return `Weighed ${weightText(what.kg, units)}`;
    case 'reading':
      return `${capital(what.device)} read ${what.value}`;
    case 'turned':
      return `Turned by ${what.byDeg}°`;
    case 'trimmed':
      return `Trimmed by ${Math.round(what.share * 100)}%`;
    case 'moved':
      return `Moved to ${nameOf(what.to) || 'another spot'}`;
    case 'looks bad':
      return `Looks bad, ${what.how}${what.words ? `: ${what.words}` : ''}`;
    case 'measured':
      return `Measured, ${measuredText(what, units)}`;
    case 'noted':
      return what.words;
    case 'removed':
      return `Taken out (${what.why}), to ${what.to}`;
    case 'died':
      return `Died: ${what.why}`;
    case 'ended':
      return `Over: ${what.why || 'its season'}`;
    case 'step':
      return `A step of making ${what.how}`;
    case 'run changed':
      return `From now on ${inSentence(kindOf(what.to)?.common ?? what.to)} for ${inSentence(kindOf(what.from)?.common ?? what.from)}`;
    case 'asked':
      return askedText(what, units);
    default:
      return PLAIN[what.did] ?? capital(what.did);
  }
}

/** An answer to a question of a trial, under the words it was asked in. */
function askedText(
  { question, answer }: Extract<Entry['what'], { readonly did: 'asked' }>,
  units: Units,
): string {
  const asked = QUESTIONS.find((one) => question.startsWith(`${one} `));
  if (!asked) return `Trial: ${question}: ${answer}`;
  const figure = Math.round(answerFigure(asked, Number(answer), units) * 10) / 10;
  return `Trial: ${inSentence(questionText(asked, units))}: ${figure}`;
}

function measuredText(
  { heightCm, spreadCm, trailCm }: Extract<Entry['what'], { readonly did: 'measured' }>,
  units: Units,
): string {
  const parts = [
    heightCm === null ? '' : `${lengthText(heightCm, units)} high`,
    spreadCm === null ? '' : `${lengthText(spreadCm, units)} across`,
    trailCm === null ? '' : `trails ${lengthText(trailCm, units)}`,
  ].filter(Boolean);
  return parts.join(', ') || 'nothing';
}

/** What is learnt of a kind here, in a sentence: "Here it reaches 35 cm: 3 pots seen, one year". */
export function hereText(
  { here, heightCm, spreadCm, light }: Pick<PlantKind, 'here' | 'heightCm' | 'spreadCm' | 'light'>,
  units: Units,
): readonly string[] {
  if (!here) return [];
  const rests = (seen: Rest) =>
    `${countText(seen.plantings, 'pot')} seen, ${seen.years === 1 ? 'in one year only' : `in ${seen.years} years`}`;
  const { height, spread, flowersFrom, flowersTo, leastSun, mostSun, thirst } = here;
  const sun = (seen: SeenShift, hours: number, what: string) =>
    `Here it ${what} ${hours.toFixed(1)} h of sun, ${Math.abs(seen.by).toFixed(1)} h ${seen.by > 0 ? 'more' : 'less'} than the book says: ${rests(seen)}.`;
  return [
    height &&
      `Here it reaches ${lengthText(heightCm[1], units)}, ${shareText(height.factor)}: ${rests(height)}.`,
    spread &&
      `Here it spreads to ${lengthText(spreadCm[1], units)}, ${shareText(spread.factor)}: ${rests(spread)}.`,
    flowersFrom && `Here its flowers begin ${shiftText(flowersFrom.by)}: ${rests(flowersFrom)}.`,
    flowersTo && `Here its flowers end ${shiftText(flowersTo.by)}: ${rests(flowersTo)}.`,
    leastSun && sun(leastSun, light.hours[0], 'makes do with'),
    mostSun && sun(mostSun, light.hours[1], 'bears at most'),
    thirst && `Here it drinks ${shareText(thirst.factor)}: ${rests(thirst)}.`,
    here.badly > 0 && `It did badly in ${here.badly} of ${countText(here.stood, 'planting')} here.`,
  ].filter((line): line is string => Boolean(line));
}

/** "2 weeks later than the book says" */
function shiftText(weeks: number): string {
  const whole = Math.round(weeks);
  return whole === 0
    ? 'as the book says'
    : `${countText(Math.abs(whole), 'week')} ${whole > 0 ? 'later' : 'earlier'} than the book says`;
}

function shareText(factor: number): string {
  const percent = Math.round((factor - 1) * 100);
  return percent === 0
    ? 'as the book says'
    : `${Math.abs(percent)}% ${percent > 0 ? 'more' : 'less'} than the book says`;
}

/** A season's line for who cannot see it: how tall it was expected to be at its end, and what was seen. */
export function lineText(
  { heightCm, marks }: Pick<SeasonLine, 'heightCm' | 'marks'>,
  units: Units,
): string {
  const [low, high] = heightCm[heightCm.length - 1] ?? [0, 0];
  const seen = marks
    .filter(({ did }) => did !== 'photographed')
    .map(
      ({ day, did, heightCm: cm }) =>
        `${dayText(day)} ${did}${cm === null ? '' : ` ${lengthText(cm, units)}`}`,
    );
  return `Expected at the end: ${lengthText(low, units)} to ${lengthText(high, units)} high. Seen: ${seen.join(', ') || 'nothing yet'}.`;
}

/** What a row of "what did well" is called. */
export function didWellName(
  sort: Sort,
  key: string,
  {
    kindOf,
    spotName,
  }: {
    readonly kindOf: (id: KindId) => PlantKind | null;
    readonly spotName: (id: string) => string;
  },
): string {
  switch (sort) {
    case 'kinds':
      return kindOf(key)?.common ?? key;
    case 'pairs':
      return key
        .split(' ')
        .map((id, i) => {
          const name = kindOf(id)?.common ?? id;
          return i === 0 ? name : inSentence(name);
        })
        .join(' with ');
    case 'schools': {
      const school = SCHOOL_IDS.find((id) => id === key);
      return school ? SCHOOL_NAMES[school] : 'no school named';
    }
    case 'colours': {
      const scheme = (Object.keys(SCHEME_NAMES) as (keyof typeof SCHEME_NAMES)[]).find(
        (kind) => kind === key,
      );
      return scheme ? SCHEME_NAMES[scheme] : key;
    }
    case 'spots':
      return spotName(key);
    case 'years':
      return key;
  }
}
