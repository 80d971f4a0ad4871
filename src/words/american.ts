/** British words of this app, and how America writes them. */
const SPELT: readonly (readonly [here: string, there: string])[] = [
  ['colour', 'color'],
  ['grey', 'gray'],
  ['metre', 'meter'],
  ['centimetre', 'centimeter'],
  ['millimetre', 'millimeter'],
  ['litre', 'liter'],
  ['centre', 'center'],
  ['centred', 'centered'],
  ['fibre', 'fiber'],
  ['fibreglass', 'fiberglass'],
  ['favourite', 'favorite'],
  ['favour', 'favor'],
  ['neighbour', 'neighbor'],
  ['flavour', 'flavor'],
  ['vigour', 'vigor'],
  ['mould', 'mold'],
  ['sulphur', 'sulfur'],
  ['aluminium', 'aluminum'],
  ['programme', 'program'],
  ['storey', 'story'],
  ['storeys', 'stories'],
  ['labelled', 'labeled'],
  ['judgement', 'judgment'],
  ['recognised', 'recognized'],
  ['learnt', 'learned'],
  ['burnt', 'burned'],
  ['towards', 'toward'],
  ['autumn', 'fall'],
];

const THERE: ReadonlyMap<string, string> = new Map(SPELT);
/** Whole words, the longest first, with the endings that are made of them: a botanical name that begins alike is none of them. */
const WORDS = new RegExp(
  `\\b(${[...THERE.keys()].sort((a, b) => b.length - a.length).join('|')})(s|ed|ing|ful|less|ish)?\\b`,
  'giu',
);

/** Plants whose names keep a word that is spelled otherwise elsewhere. */
const KEPT = /^autumn (anemone|camellia|crocus|fern|gentian|moor|olive|sage|windflower)\b/iu;

/** A text as America spells it: its words and the words made from them, small, capital or all in capitals. What is not among them stays. */
export function american(text: string): string {
  if (text.search(WORDS) < 0) return text;
  return text.replace(
    WORDS,
    (found: string, word: string, ending: string | undefined, at: number) => {
      if (KEPT.test(text.slice(at))) return found;
      const there = (THERE.get(word.toLowerCase()) ?? word) + (ending ?? '');
      if (found === found.toUpperCase()) return there.toUpperCase();
      return /^\p{Lu}/u.test(found) ? there.charAt(0).toUpperCase() + there.slice(1) : there;
    },
  );
}
