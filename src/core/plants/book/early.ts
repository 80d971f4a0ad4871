import type { PlantKind } from '../kind';

type Early = NonNullable<PlantKind['early']>[number];
type Weeks = Early['weeks'];

/** Seed in packets: about what one costs, and how many plants come of it. */
const PACKET = { size: 'seed', price: 2.5, perSale: 40 } as const;

/** What is sown alike, by genus. */
interface Sowing {
  readonly genera: readonly string[];
  /** Weeks of the northern year; where two are told, either will do. */
  readonly weeks: readonly Weeks[];
  /** Sown where it grows, or quicker from seed than by post: nobody sends it as plugs. */
  readonly isQuick?: boolean;
}

const named = (genera: string): readonly string[] => genera.split(' ');

/** How plants that gardeners sow for containers are sown. Only kinds that come from seed have a packet. */
const SOWN: readonly Sowing[] = [
  // Hardy annuals where they grow.
  {
    genera: named(
      'Borago Calendula Catananche Centaurea Eschscholzia Foeniculum Gypsophila Limnanthes Linaria Lobularia Moluccella Nemophila Nigella Lagurus Poterium',
    ),
    weeks: [[10, 18]],
    isQuick: true,
  },
  // Half-hardy annuals under cover.
  {
    genera: named(
      'Ageratum Amaranthus Bassia Brachyscome Browallia Callistephus Celosia Cosmos Datura Delphinium Erythranthe Gomphrena Isotoma Limonium Matthiola Nicotiana Phlox Portulaca Rudbeckia Salpiglossis Sanvitalia Schizanthus Tagetes Tarenaya Torenia Xerochrysum Perilla',
    ),
    weeks: [[9, 16]],
  },
  // Those that are slow from seed, under cover early.
  {
    genera: named(
      'Angelonia Antirrhinum Begonia Catharanthus Cobaea Eccremocarpus Gazania Impatiens Lobelia Petroselinum Salvia Ricinus',
    ),
    weeks: [[4, 10]],
  },
  // Quick and tender: under cover late, or outside once it is warm.
  {
    genera: named(
      'Basella Cucumis Cucurbita Helianthus Ipomoea Lablab Ocimum Phaseolus Thunbergia Tithonia Tropaeolum Zinnia',
    ),
    weeks: [[14, 21]],
    isQuick: true,
  },
  // Sweet peas: in autumn or in early spring.
  {
    genera: named('Lathyrus'),
    weeks: [
      [40, 44],
      [6, 14],
    ],
    isQuick: true,
  },
  // Biennials, for next year.
  {
    genera: named('Aquilegia Bellis Dianthus Digitalis Erysimum Lupinus Myosotis Primula'),
    weeks: [[20, 28]],
  },
  // Winter bedding, in early summer.
  { genera: named('Pericallis Viola'), weeks: [[22, 28]] },
  // Leaves and roots for the kitchen, a little every few weeks.
  {
    genera: named(
      'Allium Anethum Anthriscus Beta Cichorium Coriandrum Daucus Eruca Lactuca Pisum Raphanus Spinacia',
    ),
    weeks: [[10, 32]],
    isQuick: true,
  },
  // Cabbages and their kin.
  { genera: named('Brassica'), weeks: [[14, 30]] },
  // Summer vegetables under cover.
  { genera: named('Capsicum Solanum Apium Abelmoschus'), weeks: [[7, 13]] },
];

const sowingOf = (genus: string): Sowing | undefined =>
  SOWN.find(({ genera }) => genera.includes(genus));

/** Patio plants that come as plugs in early spring, besides the bedding that is sold in packs of six. */
const PLUGS = named(
  'Argyranthemum Bidens Calibrachoa Chaenostoma Diascia Dichondra Fuchsia Helichrysum Nemesia Osteospermum Pelargonium Petunia Plectranthus Scaevola Verbena',
);
/** Plugs of bedding, and of patio plants: about what a dozen costs. */
const BEDDING_PLUGS = 6;
const PATIO_PLUGS = 11;
/** So many weeks before they stand in shops in growth plugs come, until a week before; none before this week. */
const PLUGS_BEFORE = 6;
const FIRST_PLUGS = 6;

/** What is sold with bare roots while it rests: about what one costs, and when. */
const BARE: Readonly<Record<string, readonly [price: number, weeks: Weeks]>> = {
  Rosa: [9, [45, 11]],
  Ribes: [7, [45, 11]],
  Rubus: [5, [45, 11]],
  Vitis: [10, [45, 11]],
  Malus: [18, [45, 11]],
  Ligustrum: [3, [45, 11]],
  Spiraea: [6, [45, 11]],
  Paeonia: [8, [40, 12]],
  Hosta: [5, [5, 14]],
  Hemerocallis: [4, [5, 14]],
  Astilbe: [4, [5, 14]],
  Dicentra: [5, [5, 14]],
  Fragaria: [1.2, [32, 14]],
  Convallaria: [0.8, [42, 12]],
};

/**
 * In what those who raise plants themselves buy a kind, months before it stands in shops in growth; left out where there is nothing.
 * Seed only of what comes from seed, plugs only of what shops sell in spring, bare roots only of what rests.
 */
export function earlyOf(
  kind: Pick<PlantKind, 'botanical' | 'cycle' | 'sold' | 'propagation' | 'inShops'>,
): Pick<PlantKind, 'early'> {
  const genus = kind.botanical.replace(/^× /, '').split(' ')[0]!;
  const early = [...seedOf(genus, kind), ...plugsOf(genus, kind), ...bareOf(genus, kind)];
  return early.length === 0 ? {} : { early };
}

function seedOf(genus: string, { propagation }: Pick<PlantKind, 'propagation'>): readonly Early[] {
  if (!propagation.some((way) => way.startsWith('seed'))) return [];
  return (sowingOf(genus)?.weeks ?? []).map((weeks) => ({ ...PACKET, weeks }));
}

function plugsOf(
  genus: string,
  { cycle, sold, inShops }: Pick<PlantKind, 'cycle' | 'sold' | 'inShops'>,
): readonly Early[] {
  const isPacked = sold.some(({ size }) => size === 'six-pack');
  const isBedding = isPacked && !sowingOf(genus)?.isQuick && cycle !== 'perennial';
  if (!isBedding && !PLUGS.includes(genus)) return [];
  return inShops
    .filter(([from]) => from - 1 > FIRST_PLUGS)
    .map(([from]) => ({
      size: 'plug' as const,
      price: isPacked ? BEDDING_PLUGS : PATIO_PLUGS,
      weeks: [Math.max(FIRST_PLUGS, from - PLUGS_BEFORE), from - 1] as const,
    }));
}

function bareOf(genus: string, { cycle }: Pick<PlantKind, 'cycle'>): readonly Early[] {
  const told = BARE[genus];
  if (!told || (cycle !== 'shrub' && cycle !== 'perennial')) return [];
  return [{ size: 'bare-root', price: told[0], weeks: told[1] }];
}
