import type { PlantKind } from '../kind';
import type { Propagation } from '../terms';
import { each } from './rule';

/** Forms that are drawn as spires. */
const SPIRES: ReadonlySet<string> = new Set(['spike', 'plume']);

/** A text that promises spires or spikes of flower has that form. */
export const spiresAreSpires = each(({ description, bloom }) => [
  bloom !== null &&
    /\b(spires?|flower spikes?)\b/i.test(description) &&
    !SPIRES.has(bloom.form) &&
    `told as a spire, drawn as ${bloom.form}`,
]);

/** Highest of what is sold in packs of six, and of four, cm. */
const SIX_PACK_CM = 110;
const FOUR_PACK_CM = 45;
const WOODY: ReadonlySet<PlantKind['cycle']> = new Set(['shrub', 'tender shrub']);

/** Units suit what is sold in them: bulbs are bulbs, packs hold what is small and soft. */
export const unitsSuit = each(({ cycle, sold, heightCm, support }) => {
  const sizes = sold.map(({ size }) => size);
  // Climbers are sold as seedlings, long before they have climbed.
  const tallCm = support === 'climb' ? 0 : heightCm[0];
  const woody = WOODY.has(cycle);
  const what = `${cycle} of ${heightCm[0]} cm or more`;
  return [
    sizes.includes('bulb') && cycle !== 'bulb' && `${cycle}, but sold as a bulb`,
    sizes.includes('six-pack') && (woody || tallCm > SIX_PACK_CM) && `${what} in packs of six`,
    sizes.includes('four-pack') && (woody || tallCm > FOUR_PACK_CM) && `${what} in packs of four`,
  ];
});

/** Lowest temperature that what is sold with bare roots in winter bears at least, °C. */
const BARE_ROOTED_C = -15;

/** What is bought early suits the kind: seed of what comes from seed, plugs of what is raised soft, bare roots of what is hardy and stays. */
export const earlySuits = each(({ early = [], cycle, propagation, lowestC }) => {
  const sizes = new Set(early.map(({ size }) => size));
  const stays = cycle === 'shrub' || cycle === 'perennial';
  const isRaised = cycle !== 'bulb' && cycle !== 'succulent' && cycle !== 'desert succulent';
  return [
    sizes.has('seed') &&
      !propagation.some((way) => way.startsWith('seed')) &&
      'a packet of seed, but it is not raised from seed',
    sizes.has('plug') && !isRaised && `${cycle}, but sold as plugs`,
    sizes.has('bare-root') &&
      !(stays && lowestC <= BARE_ROOTED_C) &&
      `${cycle} that bears ${lowestC} °C, but sold with bare roots`,
  ];
});

/** How fast wood grows is told of what is woody, and of nothing else. */
export const woodIsWoody = each(({ cycle, woodGrows }) => [
  WOODY.has(cycle) && woodGrows === null && `${cycle}, but its growth in a season is not told`,
  !WOODY.has(cycle) && woodGrows !== null && `${cycle}, but told to grow wood`,
]);

/** Ways to make more that only some cycles or habits allow. */
const ONLY: Readonly<Partial<Record<Propagation, (kind: PlantKind) => boolean>>> = {
  'bulbs lifted and parted when dormant': ({ cycle, habit }) =>
    cycle === 'bulb' || habit === 'bulb' || cycle === 'tender perennial',
  'spores, slowly': ({ habit, foliage }) => habit === 'fern' || foliage.shape === 'strap',
  'grafted: buy it': ({ cycle }) => WOODY.has(cycle),
  'hardwood cuttings in winter': ({ cycle }) => WOODY.has(cycle),
  'leaf or stem cuttings left to dry': ({ dryBetween, cycle }) =>
    dryBetween || cycle === 'succulent' || cycle === 'tender perennial',
  'runners pegged down': ({ habit }) => habit === 'mound' || habit === 'trailing',
  'division in spring': ({ cycle }) => cycle !== 'annual',
  'division after flowering': ({ cycle }) => cycle !== 'annual',
};

/** Ways to make more suit the habit: bulbs are parted, annuals are not divided, only wood is grafted. */
export const waysSuit = each((kind) => [
  ...kind.propagation.map(
    (way) => ONLY[way]?.(kind) === false && `${kind.cycle}, ${kind.habit}: not by ${way}`,
  ),
  kind.cycle === 'bulb' &&
    !kind.propagation.some((way) => /bulbs|tubers|offsets/.test(way)) &&
    'a bulb that is not parted',
]);
