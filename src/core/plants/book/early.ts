import type { PlantKind } from '../kind';

type Early = NonNullable<PlantKind['early']>[number];
type Weeks = Early['weeks'];

/** Seed in packets: about what one costs, and how many plants come of it. */
const PACKET = { size: 'seed', price: 2.5, perSale: 40 } as const;

/** When seed is sown for containers, weeks of the northern year; where two are told, either will do. */
const SOWING: Readonly<Record<string, readonly [Weeks, ...Weeks[]]>> = {
  /** Hardy annuals where they grow. */
  hardy: [[10, 18]],
  /** Half-hardy annuals under cover. */
  cover: [[9, 16]],
  /** Those that are slow from seed, under cover early. */
  slow: [[4, 10]],
  /** Quick and tender: under cover late, or outside once it is warm. */
  warm: [[14, 21]],
  /** Sweet peas: in autumn or in early spring. */
  peas: [
    [40, 44],
    [6, 14],
  ],
  /** Biennials, for next year. */
  nextYear: [[20, 28]],
  /** Winter bedding, in early summer. */
  winter: [[22, 28]],
  /** Leaves and roots for the kitchen, a little every few weeks. */
  kitchen: [[10, 32]],
  /** Cabbages and their kin. */
  greens: [[14, 30]],
  /** Summer vegetables under cover. */
  tomatoes: [[7, 13]],
};

/** How plants that gardeners sow are sown, by genus. Only kinds that come from seed have a packet. */
const SOWN: Readonly<Record<keyof typeof SOWING, string>> = {
  hardy:
    'Borago Calendula Catananche Centaurea Eschscholzia Foeniculum Gypsophila Limnanthes Linaria Lobularia Moluccella Nemophila Nigella Lagurus Poterium',
  cover:
    'Ageratum Amaranthus Bassia Brachyscome Browallia Callistephus Celosia Cosmos Datura Delphinium Erythranthe Gomphrena Isotoma Limonium Matthiola Nicotiana Phlox Portulaca Rudbeckia Salpiglossis Sanvitalia Schizanthus Tagetes Tarenaya Torenia Xerochrysum Perilla',
  slow: 'Angelonia Antirrhinum Begonia Catharanthus Cobaea Eccremocarpus Gazania Impatiens Lobelia Petroselinum Salvia Ricinus',
  warm: 'Basella Cucumis Cucurbita Helianthus Ipomoea Lablab Ocimum Phaseolus Thunbergia Tithonia Tropaeolum Zinnia',
  peas: 'Lathyrus',
  nextYear: 'Aquilegia Bellis Dianthus Digitalis Erysimum Lupinus Myosotis Primula',
  winter: 'Pericallis Viola',
  kitchen:
    'Allium Anethum Anthriscus Beta Cichorium Coriandrum Daucus Eruca Lactuca Pisum Raphanus Spinacia',
  greens: 'Brassica',
  tomatoes: 'Capsicum Solanum Apium Abelmoschus',
};

/** Patio plants that come as plugs in early spring, besides the bedding that is sold in packs of six. */
const PLUGS = new Set(
  'Argyranthemum Bidens Calibrachoa Chaenostoma Diascia Dichondra Fuchsia Helichrysum Nemesia Osteospermum Pelargonium Petunia Plectranthus Scaevola Verbena'.split(
    ' ',
  ),
);
/** Plugs of bedding, and of patio plants: about what a dozen costs. */
const BEDDING_PLUGS = 6;
const PATIO_PLUGS = 11;
/** So many weeks before they stand in shops in growth, plugs come; nobody raises them over Christmas. */
const PLUGS_BEFORE = [6, 2] as const;
const FIRST_PLUGS = 3;

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
  const how = Object.keys(SOWN).find((one) => SOWN[one]!.split(' ').includes(genus));
  return how ? SOWING[how]!.map((weeks) => ({ ...PACKET, weeks })) : [];
}

function plugsOf(
  genus: string,
  { cycle, sold, inShops }: Pick<PlantKind, 'cycle' | 'sold' | 'inShops'>,
): readonly Early[] {
  const isPacked = sold.some(({ size }) => size === 'six-pack');
  // Sown where they grow, or quicker from seed: nobody sends them as plugs.
  const isSown = ['hardy', 'warm', 'kitchen', 'peas'].some((how) =>
    SOWN[how]!.split(' ').includes(genus),
  );
  const isBedding = isPacked && !isSown && cycle !== 'perennial';
  if (!isBedding && !PLUGS.has(genus)) return [];
  return inShops.flatMap(([from]) => {
    const first = from - PLUGS_BEFORE[0];
    if (first < FIRST_PLUGS) return [];
    return [
      {
        size: 'plug' as const,
        price: isPacked ? BEDDING_PLUGS : PATIO_PLUGS,
        weeks: [first, from - PLUGS_BEFORE[1]] as const,
      },
    ];
  });
}

function bareOf(genus: string, { cycle }: Pick<PlantKind, 'cycle'>): readonly Early[] {
  const told = BARE[genus];
  if (!told || (cycle !== 'shrub' && cycle !== 'perennial')) return [];
  return [{ size: 'bare-root', price: told[0], weeks: told[1] }];
}
