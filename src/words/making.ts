import type { BuyLine } from '@/core/making/list';
import type { Bit, FeedLine } from '@/core/making/needs';
import type { KindId, PlantKind } from '@/core/plants/kind';
import { inSentence } from './names';
import { MIX_NAMES } from './containers';
import {
  capital,
  countText,
  moneyText,
  sizeName,
  volumeText,
  weightText,
  type Units,
} from './format';

/** Money from pence or cents. */
export function minorText(minor: number, units: Units): string {
  return moneyText(minor / 100, units);
}

const FEED_NAMES: Readonly<Record<FeedLine['what'], string>> = {
  'slow-release': 'Slow-release feed',
  liquid: 'Liquid feed',
  pellets: 'Organic pellets',
};
const BIT_NAMES: Readonly<Record<Bit['what'], string>> = {
  mesh: 'Mesh over the holes',
  'coarse layer': 'Coarse stuff for the foot',
  liner: 'Basket liner',
  dressing: 'Dressing for the top',
  obelisk: 'Obelisk',
  wigwam: 'Canes for a wigwam',
  trellis: 'Trellis',
  ties: 'Soft ties',
  hook: 'Hook or bracket',
  emitters: 'Drip emitters',
  'drip line': 'Drip line',
  seed: 'Seed for the rim',
};

/** What a line that is not a plant is called. */
export function lineName({ what }: BuyLine, kindOf: (id: KindId) => PlantKind | null): string {
  switch (what.kind) {
    case 'plants':
      return kindOf(what.kindId)?.common ?? what.kindId;
    case 'mix':
      return what.line.mix === 'own'
        ? 'Your own mix'
        : `${capital(MIX_NAMES[what.line.mix])} potting mix`;
    case 'feed':
      return FEED_NAMES[what.line.what];
    case 'bit':
      return what.line.kindId
        ? `${BIT_NAMES[what.line.what]}: ${inSentence(kindOf(what.line.kindId)?.common ?? what.line.kindId)}`
        : BIT_NAMES[what.line.what];
  }
}

/** How much of it: "2 × six-pack", "1 × 40 L + 1 × 20 L", "3 pieces". */
export function amountText({ what, packs }: BuyLine, units: Units): string {
  switch (what.kind) {
    case 'plants':
      return `${packs} × ${sizeName(what.size, units)}`;
    case 'mix':
      return what.line.bags.map(({ litres, count }) => `${count} × ${litres} L`).join(' + ');
    case 'feed':
      return `${packs} × ${what.line.packAmount} ${unitOf(what.line)}`;
    case 'bit':
      return bitAmount(what.line, units);
  }
}

const unitOf = ({ what }: FeedLine): string => (what === 'liquid' ? 'ml' : 'g');

function bitAmount({ amount, unit }: Bit, units: Units): string {
  if (unit === 'packets') return countText(Math.ceil(amount), 'packet');
  if (unit === 'pieces') return countText(Math.ceil(amount), 'piece');
  if (unit === 'litres') return volumeText(amount, units);
  return units.length === 'cm' ? `${amount.toFixed(1)} m` : `${(amount / 0.3048).toFixed(0)} ft`;
}

/** What to take where it is not to be had: "else coral bells, 9 cm pot"; nothing when nothing was chosen. */
export function orElseText(
  { what }: BuyLine,
  kindOf: (id: KindId) => PlantKind | null,
  units: Units,
): string {
  if (what.kind !== 'plants' || what.orElse.length === 0) return '';
  const all = what.orElse.map(
    ({ kindId, size }) =>
      `${inSentence(kindOf(kindId)?.common ?? kindId)}, ${sizeName(size, units)}`,
  );
  return `else ${all.join('; or ')}`;
}

/** What is worth knowing beside the amount; nothing when nothing is. */
export function lineNote(
  { what, packs }: BuyLine,
  units: Units,
  /** Another container in which the kind stands: where what is left over could go. */
  spareFor: string | null = null,
): string {
  switch (what.kind) {
    case 'plants': {
      const over =
        what.spare > 0
          ? `${countText(what.spare, 'plant')} over${spareFor ? ` for ${spareFor}` : ''}`
          : '';
      const few = what.stock !== null && what.stock <= packs ? 'the last there' : '';
      return [over, few].filter(Boolean).join(', ');
    }
    case 'mix':
      return `${volumeText(what.line.netL, units)} in place, ${volumeText(what.line.buyL, units)} loose`;
    case 'feed':
      return `${Math.round(what.line.amount)} ${unitOf(what.line)} in all; the label’s dose wins`;
    case 'bit':
      return what.line.bearsKg === undefined
        ? ''
        : `rated for ${weightText(what.line.bearsKg, units)} or more; the maker and whoever fixes it have the last word`;
  }
}
