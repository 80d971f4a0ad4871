import { colourName } from '@/core/colour/names';
import { middle, type PlantKind } from '@/core/plants/kind';
import { coloursAt, type Against, type Query } from '@/core/search/query';
import type { Partner } from '@/core/search/partners';
import type { StockLine } from '@/core/shopping/stock';
import {
  dateText,
  hoursText,
  lengthFigure,
  lengthText,
  moneyText,
  temperatureText,
  type Units,
} from './format';

/** Sizes in short: "45–65 cm tall, 30–40 wide". */
export function plantSizeText(
  { heightCm: h, spreadCm: s, trailCm: t }: PlantKind,
  { length }: Units,
): string {
  const span = ([low, high]: readonly [number, number]) =>
    `${lengthFigure(low, length)}–${lengthFigure(high, length)}`;
  return `${span(h)} ${length} tall, ${span(s)} wide${t ? `, trails ${span(t)}` : ''}`;
}

/** The worst harm known to those asked about. */
function harmText({ toxicity, irritant }: PlantKind, { safeFor }: Query): string {
  const bad = safeFor.filter((who) => toxicity[who] !== 'none known');
  if (bad.length === 0) return irritant.skin === 'unsure' ? 'may irritate skin' : 'irritates skin';
  const [first] = bad;
  const harm = toxicity[first!];
  return `${harm === 'mild' ? 'harmful' : harm} ${harm === 'unsure' ? 'for' : 'to'} ${bad.join(' and ')}`;
}

/** What stands against a kind, in a few words. */
export function againstText(kind: PlantKind, against: Against, query: Query, units: Units): string {
  switch (against) {
    case 'role':
      return `a ${kind.roles.join(' or ')} plant`;
    case 'habit':
      return `grows as ${kind.habit}`;
    case 'sunHours':
      return `wants ${kind.light.hours[0]}–${hoursText(kind.light.hours[1])} of sun`;
    case 'tallestCm':
      return `grows ${lengthText(middle(kind.heightCm), units)} tall`;
    case 'widestCm':
      return `grows ${lengthText(middle(kind.spreadCm), units)} wide`;
    case 'trails':
      return 'does not trail';
    case 'thirst':
      return `${kind.thirst} thirst`;
    case 'colour': {
      const part = query.colour!.part;
      const shown = coloursAt(kind, part);
      return shown.length === 0
        ? `no ${part === 'any part' ? 'such colour' : part}`
        : `${part === 'any part' ? 'is' : `its ${part} is`} ${[...new Set(shown.map(colourName))].join(' and ')}`;
    }
    case 'texture':
      return `${kind.foliage.texture} leaves`;
    case 'leafShape':
      return `${kind.foliage.shape} leaves`;
    case 'surface':
      return `${kind.foliage.surface} leaves`;
    case 'form':
      return kind.bloom ? `${kind.bloom.form} flowers` : 'no flowers to speak of';
    case 'week':
      return kind.bloom
        ? `flowers ${dateText(kind.bloom.weeks[0])} to ${dateText(kind.bloom.weeks[1])}`
        : 'little to show then';
    case 'coldestC':
      return `bears only ${temperatureText(kind.lowestC, units)}`;
    case 'edible':
      return 'not for eating';
    case 'safeFor':
      return harmText(kind, query);
    case 'scented':
      return 'no scent';
    case 'wildlife':
      return 'little for wildlife';
    case 'priceMost':
      return `from ${moneyText(Math.min(...kind.sold.map(({ price }) => price)), units)}`;
    case 'among':
      return 'not on the benches today';
  }
}

/** Why a kind is offered: what was asked, as it is for this one. */
export function offeredText(
  kind: PlantKind,
  query: Query,
  units: Units,
  lines: readonly StockLine[] | null,
): string {
  const said: string[] = [];
  if (query.sunHours !== null)
    said.push(`thrives in ${kind.light.hours[0]}–${hoursText(kind.light.hours[1])} of sun`);
  if (query.trails && kind.trailCm)
    said.push(
      `trails ${lengthFigure(kind.trailCm[0], units.length)}–${lengthText(kind.trailCm[1], units)}`,
    );
  if (query.coldestC !== null) said.push(`bears ${temperatureText(kind.lowestC, units)}`);
  if (query.week !== null && kind.bloom)
    said.push(`flowers ${dateText(kind.bloom.weeks[0])} to ${dateText(kind.bloom.weeks[1])}`);
  if (query.edible && kind.edible) said.push(`eaten: ${kind.edible}`);
  if (query.safeFor.length > 0) said.push(`no harm known to ${query.safeFor.join(', ')}`);
  const there = lines?.filter(({ count }) => count > 0).sort((a, b) => a.price - b.price)[0];
  if (query.among !== null && there)
    said.push(`${there.count} there at ${moneyText(there.price, units)}`);
  return said.length > 0 ? said.join('; ') : plantSizeText(kind, units);
}

/** Why two kinds go together. */
export function partnerText(partner: Partner): string {
  return partner.why === 'echo'
    ? `takes up the ${colourName(partner.colour)} of its ${partner.part}`
    : `${colourName(partner.colour)} sets it off, and the leaf differs`;
}

/** How a stand-in does in a planting, by what it changes of its score. */
export function suitsText(scoreChange: number): string {
  if (scoreChange > 0.004) return 'better here';
  return scoreChange > -0.01 ? 'as good here' : 'less suited';
}
