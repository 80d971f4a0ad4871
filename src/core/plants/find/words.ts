import { folded } from '../folded';

/** Plurals that follow no rule. */
const ONE_OF: Readonly<Record<string, string>> = {
  cacti: 'cactus',
  gladioli: 'gladiolus',
  narcissi: 'narcissus',
  leaves: 'leaf',
  daffs: 'daffodil',
  chrysanths: 'chrysanthemum',
  veg: 'vegetable',
  veggies: 'vegetable',
  toms: 'tomato',
  chilli: 'chili',
  chillies: 'chili',
  chilies: 'chili',
  grey: 'gray',
  liquorice: 'licorice',
  fibre: 'fiber',
};

/** A word without its plural: "pansies" and "pansy" are one, "grasses" and "grass". */
export function singular(word: string): string {
  const known = ONE_OF[word];
  if (known) return known;
  if (word.length < 4 || !word.endsWith('s')) return word;
  if (/[^aeiou]ies$/.test(word)) return `${word.slice(0, -3)}y`;
  if (/(ss|sh|ch|us|x|o)es$/.test(word)) return word.slice(0, -2);
  return /(ss|us|is)$/.test(word) ? word : word.slice(0, -1);
}

/** The words of a text, folded, each without its plural. */
export function wordsOf(text: string): readonly string[] {
  return folded(text)
    .split(/[^a-z0-9]+/)
    .filter(Boolean)
    .map(singular);
}

/** Words that say nothing of which plant is meant, where another word does. */
const IDLE: ReadonlySet<string> = new Set(
  'plant flower flowering tree vine bush shrub seed seedling bulb pot potted a an and for in of the with'.split(
    ' ',
  ),
);

/** The words that tell which plant is meant; all of them when none does. */
export function tellingWords(words: readonly string[]): readonly string[] {
  const telling = words.filter((word) => !IDLE.has(word));
  return telling.length > 0 ? telling : words;
}
