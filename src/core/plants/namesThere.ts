import type { PlantKind } from './kind';
import type { Market } from './market';

/** Words of plants' common names as the book writes them, and as they are said in America; names of several words before the words in them. */
const AMERICAN: readonly (readonly [here: RegExp, there: string])[] = [
  [/\bCommon box\b/u, 'Boxwood'],
  [/\b(New Guinea|sun) balsam\b/iu, '$1 impatiens'],
  [/\bflowering tobacco\b|\btobacco flower\b/u, 'flowering tobacco'],
  [/\b(zonal|ivy-leaved) pelargonium\b/u, '$1 geranium'],
  [/\bDwarf bean\b/u, 'Bush bean'],
  [/\bspring onion\b/iu, 'scallion'],
  [/\bcabbage palm\b/u, 'dracaena spike'],
  [/\bcotton lavender\b/iu, 'lavender cotton'],
  [/\bFrench lavender\b/u, 'Spanish lavender'],
  [/\bfibre-optic\b/iu, 'fiber-optic'],
  [/\bslipper flower\b/u, 'pocketbook plant'],
  [/\bgloriosa daisy\b/u, 'black-eyed Susan'],
  [/\bblack-eyed daisy\b/u, 'black-eyed Susan'],
  [/\bdouble daisy\b/u, 'English daisy'],
  [/\bdouble thorn apple\b/u, 'devil’s trumpet'],
  [/\bflamingo flower\b/u, 'laceleaf'],
  [/\bSilver ragwort\b/u, 'Dusty miller'],
  [/\bcushion chrysanthemum\b/u, 'garden mum'],
  [/\brose periwinkle\b/iu, 'annual vinca'],
  [/\bannual larkspur\b/u, 'larkspur'],
  [/\bblackcurrant\b/iu, 'black currant'],
  [/\bredcurrant\b/iu, 'red currant'],
  [/\bbergamot\b/u, 'bee balm'],
  [/\bbusy lizzie\b/iu, 'impatiens'],
  [/\baubergine\b/iu, 'eggplant'],
  [/\bbeetroot\b/iu, 'beet'],
  [/\bcourgette\b/iu, 'zucchini'],
  [/\bcoriander\b/iu, 'cilantro'],
  [/\bcornflower\b/iu, 'bachelor’s button'],
  [/\brocket\b/iu, 'arugula'],
  [/\bscabious\b/iu, 'pincushion flower'],
  [/\bCalifornian\b/u, 'California'],
  [/\bliquorice\b/iu, 'licorice'],
  [/\bchilli\b/iu, 'chili'],
  [/\bparlour\b/iu, 'parlor'],
  [/\bgrey\b/iu, 'gray'],
  [/coloured\b/u, 'colored'],
  [/centred\b/u, 'centered'],
];

/** A common name as it is said in a market. Australia says what Britain does. */
export function nameThere(market: Market, common: string): string {
  if (market !== 'american') return common;
  const said = AMERICAN.reduce((name, [here, there]) => name.replace(here, there), common);
  return said.charAt(0).toUpperCase() + said.slice(1);
}

/** A kind called as in a market; by the name that the book has for it, it is still found. */
export function namedIn(market: Market, kind: PlantKind): PlantKind {
  const common = nameThere(market, kind.common);
  return common === kind.common
    ? kind
    : { ...kind, common, british: [...kind.british, kind.common] };
}
