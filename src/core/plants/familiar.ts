import { once } from '../work/once';
import type { PlantKind } from './kind';

/** How soon a kind comes to a planter's mind, and how surely a shop has it. */
export type Familiarity = 'staple' | 'known' | 'seldom';

const names = (list: string): ReadonlySet<string> => new Set(list.trim().split(/\s+/));

/** Genera that every garden centre has for containers, in their season. From general knowledge of the trade; ours. */
const STAPLES = names(`
  Acer Agapanthus Agave Ageratum Ajuga Aloe Angelonia Antirrhinum Argyranthemum Astilbe Athyrium Begonia
  Bellis Bidens Brachyscome Brassica Buxus Caladium Calendula Calibrachoa Calluna Camellia Canna Capsicum Carex
  Catharanthus Celosia Chaenostoma Chamaecyparis Chrysanthemum Clematis Coleus Colocasia Cordyline Coreopsis
  Cosmos Crassula Crocus Cyclamen Dahlia Dianthus Diascia Dichondra Dryopteris Echeveria Erica Erigeron Erysimum
  Euonymus Fatsia Felicia Festuca Fragaria Fuchsia Gaultheria Gazania Glechoma Gomphrena Hakonechloa Hedera
  Helichrysum Heliotropium Helleborus Heuchera Hosta Hyacinthus Hydrangea Hylotelephium Ilex Impatiens Ipomoea
  Jacobaea Juniperus Lactuca Lantana Lathyrus Laurus Lavandula Lobelia Lobularia Lysimachia Mentha Muscari
  Myosotis Narcissus Nassella Nemesia Nephrolepis Nicotiana Ocimum Olea Ophiopogon Origanum Osteospermum
  Pelargonium Pennisetum Pentas Petroselinum Petunia Phormium Picea Pieris Plectranthus Polystichum Portulaca
  Primula Rudbeckia Salvia Sanvitalia Scaevola Sedum Sempervivum Skimmia Solanum Symphyotrichum Tagetes Taxus
  Thunbergia Thymus Tiarella Trachelospermum Tropaeolum Tulipa Verbena Veronica Viburnum Vinca Viola Zinnia
`);

/** Of genera that are not, species that are. */
const STAPLE_SPECIES: ReadonlySet<string> = new Set([
  'Allium schoenoprasum',
  'Beta vulgaris',
  'Anethum graveolens',
]);

/** Genera seldom met with in mixed containers: of the house, the border, the bog or the collector. Ours. */
const SELDOM = names(`
  Abelmoschus Aconitum Actaea Adenium Akebia Alonsoa Amaranthus Anisodontea Anthurium Armoracia Basella Bassia
  Borago Bouteloua Briza Brugmansia Callianthe Catananche Centaurea Chamaedorea Chasmanthium Cichorium Citrus Clivia
  Cobaea Codiaeum Colchicum Convallaria Coprosma Cortaderia Crassothonna Craspedia Cyperus Dasylirion Datura
  Dicksonia Dracaena Duranta Eccremocarpus Equisetum Eranthis Erythranthe Eschscholzia Eucomis Euryops Freesia
  Fritillaria Fittonia Gardenia Gentiana Gladiolus Goeppertia Heptapleurum Heterocentron Hippeastrum
  Hoya Houttuynia Hypoestes Humulus Isolepis Isotoma Juncus Lablab Lagurus Leptospermum Leucophyta
  Levisticum Limnanthes Limonium Linaria Lithops Malus Maranta Mecardonia Melaleuca Melinis
  Moluccella Monstera Muhlenbergia Nemophila Nerine Nigella Pachysandra Paeonia Passiflora Peperomia
  Perilla Philodendron Polemonium Polygala Poterium Ptilotus Pulsatilla Rhodochiton Ribes Rubus Ruellia Sagina
  Salpiglossis Sarracenia Schizanthus Schlumbergera Soleirolia Spathiphyllum Strelitzia Streptocarpus Strobilanthes
  Syngonium Tithonia Torenia Tricyrtis Tulbaghia Uncinia Vitis Westringia Wisteria Xerochrysum Zantedeschia
`);

/** Of genera that are well known, species that are not: of the bog and the border. */
const SELDOM_SPECIES: ReadonlySet<string> = new Set(['Lobelia cardinalis', 'Lobelia siphilitica']);

/** Of genera that every shop has, species that only some have. */
const KNOWN_SPECIES: ReadonlySet<string> = new Set(['Lysimachia congestiflora']);

/** How well known a kind is; a gardener's own kind of a genus that is not listed counts as known. */
export const familiarity = once(({ botanical }: Pick<PlantKind, 'botanical'>): Familiarity => {
  const genus = botanical.split(' ').find((word) => word !== '×') ?? botanical;
  if (SELDOM_SPECIES.has(botanical)) return 'seldom';
  if (KNOWN_SPECIES.has(botanical)) return 'known';
  if (STAPLES.has(genus) || STAPLE_SPECIES.has(botanical)) return 'staple';
  return SELDOM.has(genus) ? 'seldom' : 'known';
});
