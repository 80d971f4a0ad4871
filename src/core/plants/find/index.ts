import { once } from '../../work/once';
import type { PlantKind } from '../kind';
import { groupWords } from './groups';
import { slipsAllowed, slipsBetween } from './slips';
import { tellingWords, wordsOf } from './words';

const commonNamesBesides = ({ alsoCalled, british, american }: PlantKind) => [
  ...alsoCalled,
  ...british,
  ...american,
];
const botanicalNamesBesides = ({ synonyms, misapplied }: PlantKind) => [...synonyms, ...misapplied];

/** What a word counts by where it stands. A name's last word is what the plant is, those before it what kind of one. Ours. */
const WEIGHT = {
  noun: 4,
  genus: 3.6,
  otherNoun: 3.4,
  adjective: 2.2,
  group: 2,
  botanical: 1.8,
  text: 0.8,
} as const;

/** What it adds when a word of its name is also the group it belongs to. Ours. */
const BELONGS = 1.5;
/** What it adds when the words looked for are a whole name, or stand together in one. Ours. */
const WHOLE = { common: 8, other: 6, genus: 5, within: 2.5 } as const;
/** Written as one word or as two: "snap dragon", "sweetpea". */
const RUN_TOGETHER = 4;
/** What is grown in many colours is what people mean first. Adds at most this. */
const COMMONNESS = 0.4;

/** Words of a list of kinds, each once, with the kinds they stand in and what they count there. */
interface WordIndex {
  readonly words: readonly string[];
  readonly at: readonly ReadonlyMap<number, number>[];
  /** A row a kind. */
  readonly rows: readonly IndexRow[];
}

interface IndexRow {
  readonly kind: PlantKind;
  /** Names in plain words with single spaces: its own, the others, its genus. */
  readonly common: string;
  readonly others: readonly string[];
  readonly genus: string;
  /** The same names without spaces. */
  readonly joined: readonly string[];
  readonly commonness: number;
}

const indexOf = once((kinds: readonly PlantKind[]): WordIndex => {
  const at = new Map<string, Map<number, number>>();
  const sisters = new Map<string, number>();
  for (const { botanical } of kinds) sisters.set(botanical, (sisters.get(botanical) ?? 0) + 1);
  const rows = kinds.map((kind, i): IndexRow => {
    const put = (words: readonly string[], weight: number) => {
      for (const word of words) {
        let places = at.get(word);
        if (!places) at.set(word, (places = new Map()));
        if ((places.get(i) ?? 0) < weight) places.set(i, weight);
      }
    };
    const common = wordsOf(kind.common);
    const others = commonNamesBesides(kind).map(wordsOf);
    const botanical = wordsOf(kind.botanical);
    put(common.slice(-1), WEIGHT.noun);
    put(common.slice(0, -1), WEIGHT.adjective);
    put(botanical.slice(0, 1), WEIGHT.genus);
    put(botanical.slice(1), WEIGHT.botanical);
    for (const name of others) {
      put(name.slice(-1), WEIGHT.otherNoun);
      put(name.slice(0, -1), WEIGHT.adjective);
    }
    put(botanicalNamesBesides(kind).flatMap(wordsOf), WEIGHT.botanical);
    for (const word of groupWords(kind)) {
      // What is called a fern and is one comes before what is only called so.
      put([word], Math.max(WEIGHT.group, (at.get(word)?.get(i) ?? 0) + BELONGS));
    }
    put(wordsOf(`${kind.description} ${kind.habit} ${kind.cycle}`), WEIGHT.text);
    return {
      kind,
      common: common.join(' '),
      others: others.map((name) => name.join(' ')),
      genus: botanical[0] ?? '',
      joined: [common, ...others].map((name) => name.join('')),
      commonness: COMMONNESS * Math.min(1, (sisters.get(kind.botanical) ?? 1) / 8),
    };
  });
  return { words: [...at.keys()], at: [...at.values()], rows };
});

/** How well a word looked for is met by one of the record, 0–1: whole, begun, within, with slips. Ours. */
const MET = { whole: 1, begun: 0.7, within: 0.3, slipped: 0.5, twiceSlipped: 0.35 } as const;
/** Shorter words are not looked for within others. */
const WITHIN_LETTERS = 4;

/** The kinds that a word meets, and how well; by slips only where it meets none as it is written. */
function meets(word: string, { words, at }: WordIndex): Map<number, number> {
  const hits = new Map<number, number>();
  const add = (w: number, fit: number) => {
    for (const [i, weight] of at[w] ?? []) hits.set(i, Math.max(hits.get(i) ?? 0, fit * weight));
  };
  words.forEach((other, w) => {
    if (other === word) add(w, MET.whole);
    else if (other.startsWith(word)) add(w, MET.begun);
    else if (word.length >= WITHIN_LETTERS && other.includes(word)) add(w, MET.within);
  });
  if (hits.size > 0) return hits;
  const most = slipsAllowed(word.length);
  if (most > 0)
    words.forEach((other, w) => {
      const slips = slipsBetween(word, other, most);
      if (slips <= most) add(w, slips === 1 ? MET.slipped : MET.twiceSlipped);
    });
  return hits;
}

/** What the words as a whole add for a kind whose names they are. */
function wholeNames(phrase: string, joined: string, row: IndexRow): number {
  if (row.common === phrase) return WHOLE.common;
  if (row.others.includes(phrase)) return WHOLE.other;
  if (row.genus === phrase) return WHOLE.genus;
  const spaced = ` ${phrase} `;
  if ([row.common, ...row.others].some((name) => ` ${name} `.includes(spaced))) return WHOLE.within;
  return row.joined.some((name) => name === joined || name.endsWith(joined)) ? RUN_TOGETHER : 0;
}

/**
 * Kinds whose names, groups or description hold every telling word looked for, those people mean
 * first: whole words before parts, what a plant is before what it is like. Plurals, idle words
 * ("plant", "flower") and slips (one from five letters, two from seven) are forgiven; a word that
 * no kind has is passed over where another finds some.
 */
export function findKinds(kinds: readonly PlantKind[], query: string): readonly PlantKind[] {
  const all = wordsOf(query);
  if (all.length === 0) return kinds;
  const index = indexOf(kinds);
  const phrase = all.join(' ');
  const joined = all.join('');
  const scores = allMet(tellingWords(all), index) ?? new Map<number, number>();
  index.rows.forEach((row, i) => {
    const whole = wholeNames(phrase, joined, row);
    if (whole > 0) scores.set(i, (scores.get(i) ?? 0) + whole);
  });
  return [...scores]
    .map(([i, score]) => ({ i, score: score + (index.rows[i]?.commonness ?? 0) }))
    .sort((a, b) => b.score - a.score || a.i - b.i)
    .flatMap(({ i }) => index.rows[i]?.kind ?? []);
}

/** Scores of the kinds that meet every word that any kind meets. @returns `null` when no word is met */
function allMet(words: readonly string[], index: WordIndex): Map<number, number> | null {
  const found = words.map((word) => meets(word, index)).filter((hits) => hits.size > 0);
  const [first, ...rest] = found;
  if (!first) return null;
  return new Map(
    [...first].flatMap(([i, score]) => {
      let sum = score;
      for (const hits of rest) {
        const more = hits.get(i);
        if (more === undefined) return [];
        sum += more;
      }
      return [[i, sum] as const];
    }),
  );
}
