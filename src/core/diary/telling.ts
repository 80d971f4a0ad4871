import type { Day } from '../calendar/day';
import type { What } from '../log/entry';
import { CAUSES, LOOKS_BAD } from '../log/terms';

/** What is told in the diary in a few taps. */
export const TOLD = [
  'photographed',
  'measured',
  'in flower',
  'gone over',
  'looks bad',
  'died',
  'noted',
] as const;
export type ToldSort = (typeof TOLD)[number];

/** Something that is being told, as it was typed; lengths in cm, `null` where none was, NaN where it is no number. */
export interface Telling {
  readonly sort: ToldSort;
  readonly on: Day;
  readonly highCm: number | null;
  readonly wideCm: number | null;
  /** How it looks, or of what it died. */
  readonly detail: string;
  readonly words: string;
}

/** The largest a plant in a container is told to be, cm. */
const MOST_CM = 1000;

/** Is it of one kind only: what cannot be told of a whole container? */
export const isOfAPlant = (sort: ToldSort): boolean => sort === 'measured' || sort === 'died';

export type TellingFault = 'still to come' | 'not planted yet' | 'no length';

/** What is wrong with it; `null`: nothing. */
export function faultOf(
  { sort, on, highCm, wideCm }: Telling,
  { today, plantedOn }: { readonly today: Day; readonly plantedOn: Day | null },
): TellingFault | null {
  const isLength = (cm: number | null) =>
    cm === null || (Number.isFinite(cm) && cm > 0 && cm <= MOST_CM);
  if (on > today) return 'still to come';
  if (plantedOn !== null && on < plantedOn) return 'not planted yet';
  return sort === 'measured' && !(isLength(highCm) && isLength(wideCm)) ? 'no length' : null;
}

/** Does it say anything yet? */
export function isEmpty({ sort, highCm, wideCm, words }: Telling): boolean {
  if (sort === 'measured') return highCm === null && wideCm === null;
  return sort === 'noted' && words.trim() === '';
}

/** What is written down. A photograph is kept by itself: `null`. */
export function whatTold({ sort, highCm, wideCm, detail, words }: Telling): What | null {
  switch (sort) {
    case 'photographed':
      return null;
    case 'measured':
      return { did: 'measured', heightCm: highCm, spreadCm: wideCm, trailCm: null };
    case 'looks bad':
      return {
        did: 'looks bad',
        how: LOOKS_BAD.find((one) => one === detail) ?? LOOKS_BAD[0],
        words: words.trim(),
      };
    case 'died':
      return { did: 'died', why: CAUSES.find((one) => one === detail) ?? CAUSES[0] };
    case 'noted':
      return { did: 'noted', words: words.trim() };
    case 'in flower':
    case 'gone over':
      return { did: sort };
  }
}
