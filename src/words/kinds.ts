import type { Company, PlantKind } from '@/core/plants/kind';
import { isEverInLeaf, type Weeks } from '@/core/plants/season';
import { dateText, priceText, sizeName, temperatureText, type Units } from './format';

/** "early May to late October", or "all year". */
function weeksText([from, to]: Weeks): string {
  return `${dateText(from)} to ${dateText(to)}`;
}

/** Cold of the top, of roots in a pot, and when to bring it in. */
export function coldText(kind: PlantKind, units: Units): string {
  const { lowestC, rootsC, bringInC, sulksC } = kind;
  return [
    `bears about ${temperatureText(lowestC, units)}`,
    ...(rootsC > lowestC ? [`its roots in a pot about ${temperatureText(rootsC, units)}`] : []),
    ...(bringInC === null ? [] : [`bring in below ${temperatureText(bringInC, units)} at night`]),
    ...(sulksC === null || sulksC === bringInC
      ? []
      : [`stands still in nights below ${temperatureText(sulksC, units)}`]),
  ].join('; ');
}

/** The summer it needs, and what heat it bears; days' highest in the warmest month. */
export function summerText({ summer }: PlantKind, units: Units): string {
  const { leastC, dryC, humidC } = summer;
  const bears = [
    dryC === null ? 'any dry heat' : `dry heat to ${temperatureText(dryC, units)}`,
    humidC === null ? 'any damp heat' : `damp heat to ${temperatureText(humidC, units)}`,
  ];
  return `wants days of ${temperatureText(leastC, units)} or more; bears ${bears.join(', ')}`;
}

const WIND = {
  bears: 'bears wind',
  'a breeze': 'bears a breeze',
  shelter: 'wants shelter from wind',
} as const;
const SALT = { bears: 'bears salt', some: 'bears some salt', none: 'no salt' } as const;
const LIME = {
  wants: 'wants lime',
  bears: 'bears lime',
  hates: 'no lime in mix or water',
} as const;

/** Wind, salt and lime in a few words. */
export function bearsText({ bears: { wind, salt, lime } }: PlantKind): string {
  return `${WIND[wind]}, ${SALT[salt]}, ${LIME[lime]}`;
}

/** When it is in leaf, and what is left when it has gone over. */
export function yearText(kind: PlantKind): string {
  const leaves = isEverInLeaf(kind) ? 'all year' : weeksText(kind.inLeaf);
  if (!kind.goneOver) return leaves;
  const { week, remains } = kind.goneOver;
  return `${leaves}; over by ${dateText(week)}${remains === 'nothing' ? '' : `, leaving ${remains}`}`;
}

export const COMPANY_NAMES: Readonly<Record<Company, string>> = {
  'cool-season bedding': 'cool-season bedding',
  'summer bedding': 'summer bedding',
  'bold tender foliage': 'bold tender leaves',
  'woodland shade': 'woodland shade plants',
  'dry and silver': 'dry, silver plants',
  'meadow and grasses': 'meadow flowers and grasses',
  alpine: 'alpines',
  'soft succulents': 'soft succulents',
  desert: 'desert plants',
  kitchen: 'kitchen plants',
  'evergreen structure': 'evergreens for structure',
  moist: 'plants for moist mix',
};

/** The plants it is really grown with. */
export function companyText({ company }: PlantKind): string {
  return company.map((one) => COMPANY_NAMES[one]).join('; ');
}

/** When shops have it growing in a pot. */
export function shopsText({ inShops }: PlantKind): string {
  return inShops.map(weeksText).join(' and ');
}

const DONE = { seed: ', sown', plug: ',', 'bare-root': ',' } as const;

/**
 * In what those who raise plants themselves buy it, and when: "packet of seed about £2–3.50, sown 5 March to 30 April".
 * @returns empty when there is nothing earlier than a plant in growth
 */
export function earlyText({ early = [] }: Pick<PlantKind, 'early'>, units: Units): string {
  const sizes = [...new Set(early.map(({ size }) => size))];
  return sizes
    .map((size) => {
      const same = early.filter((one) => one.size === size);
      const when = same.map(({ weeks }) => weeksText(weeks)).join(' or ');
      return `${sizeName(size, units)} ${priceText(same[0]!.price, units)}${DONE[size]} ${when}`;
    })
    .join('; ');
}

const SURE = { good: 'widely agreed', fair: 'less sure', low: 'a guess in part' } as const;

/** How sure the book is: groups of facts by how sure. */
export function sureText({ confidence }: PlantKind): string {
  const groups = [
    ['how it grows', confidence.growing],
    ['cold', confidence.cold],
    ['heat', confidence.heat],
    ['harm', confidence.harm],
  ] as const;
  return (['good', 'fair', 'low'] as const)
    .map((sure) => [SURE[sure], groups.filter(([, is]) => is === sure)] as const)
    .filter(([, of]) => of.length > 0)
    .map(([words, of]) => `${words}: ${of.map(([name]) => name).join(', ')}`)
    .join('; ');
}
