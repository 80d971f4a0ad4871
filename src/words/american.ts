/** British spellings and words of this app, and how America writes them: each as the start of a word, what follows is kept. */
const SPELT: readonly (readonly [here: string, there: string])[] = [
  ['colour', 'color'],
  ['multicolour', 'multicolor'],
  ['grey', 'gray'],
  ['metre', 'meter'],
  ['centimetre', 'centimeter'],
  ['millimetre', 'millimeter'],
  ['kilometre', 'kilometer'],
  ['litre', 'liter'],
  ['millilitre', 'milliliter'],
  ['centred', 'centered'],
  ['centre', 'center'],
  ['fibre', 'fiber'],
  ['favourite', 'favorite'],
  ['favour', 'favor'],
  ['neighbour', 'neighbor'],
  ['honour', 'honor'],
  ['flavour', 'flavor'],
  ['harbour', 'harbor'],
  ['odour', 'odor'],
  ['vapour', 'vapor'],
  ['vigour', 'vigor'],
  ['mould', 'mold'],
  ['moulting', 'molting'],
  ['sulphur', 'sulfur'],
  ['aluminium', 'aluminum'],
  ['plough', 'plow'],
  ['catalogue', 'catalog'],
  ['programme', 'program'],
  ['draught', 'draft'],
  ['kerb', 'curb'],
  ['storeys', 'stories'],
  ['storey', 'story'],
  ['cosy', 'cozy'],
  ['sceptic', 'skeptic'],
  ['labelled', 'labeled'],
  ['labelling', 'labeling'],
  ['travelled', 'traveled'],
  ['travelling', 'traveling'],
  ['cancelled', 'canceled'],
  ['cancelling', 'canceling'],
  ['levelled', 'leveled'],
  ['judgement', 'judgment'],
  ['recognis', 'recogniz'],
  ['organis', 'organiz'],
  ['realis', 'realiz'],
  ['fertilis', 'fertiliz'],
  ['galvanis', 'galvaniz'],
  ['learnt', 'learned'],
  ['burnt', 'burned'],
  ['spoilt', 'spoiled'],
  ['leant', 'leaned'],
  ['towards', 'toward'],
  ['licence', 'license'],
  ['autumnal', 'fall'],
  ['autumn', 'fall'],
  ['pavement', 'sidewalk'],
  ['hosepipe', 'hose'],
];

const THERE: ReadonlyMap<string, string> = new Map(SPELT);
// The longest first, so that “centred” is not read as “centre” and a d.
const WORDS = new RegExp(
  `\\b(${[...THERE.keys()].sort((a, b) => b.length - a.length).join('|')})`,
  'giu',
);

/** Plants whose names keep a word that is spelled otherwise elsewhere. */
const KEPT = /\bautumn (anemone|camellia|crocus|fern|gentian|moor|olive|sage|windflower)\b/iu;

/**
 * A text as America spells it: its words and the words made from them, small, capital or all in capitals. What is not among them stays.
 */
export function american(text: string): string {
  if (text.search(WORDS) < 0) return text;
  return text.replace(WORDS, (found: string, _word: string, at: number) => {
    if (KEPT.test(text.slice(at, at + LONGEST_KEPT))) return found;
    const there = THERE.get(found.toLowerCase()) ?? found;
    if (found === found.toUpperCase()) return there.toUpperCase();
    return /^\p{Lu}/u.test(found) ? there.charAt(0).toUpperCase() + there.slice(1) : there;
  });
}

const LONGEST_KEPT = 'autumn windflower '.length;
