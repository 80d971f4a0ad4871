import type { SixthAsk } from './heldSixth';

/** Of these, some name their colours and some say how high it may or shall be, as the words have it. */
export interface EighthAsk extends SixthAsk {
  /** Colours by the names of the start sheet; white is one of them. */
  readonly colours?: readonly string[];
  /** How high its tallest plant shall and may stand over the mix, cm. */
  readonly highCm?: readonly [least: number, most: number];
}

/**
 * Sixteen more, held back an eighth time: written on 30 November 2026 before colours could be named and heights be asked for, read once
 * after that, and never edited.
 */
export const HELD_EIGHTH: readonly EighthAsk[] = [
  {
    id: 'ferry-slip-tubs',
    words: 'Two tubs at the top of the slip. Purple and orange, as loud as you like.',
    climate: 'cool-maritime',
    latitudeDeg: 56,
    week: 22,
    weeks: 17,
    pot: 'round 45 40',
    sunHours: 6,
    colours: ['violet', 'orange'],
    would:
      'Petunia Verbena Salvia Calibrachoa Bidens Tagetes Osteospermum Heliotropium Gazania Nemesia Diascia Lobelia Viola Dahlia Antirrhinum Calendula Cuphea Lantana Begonia Scaevola Brachyscome Ageratum Zinnia Eschscholzia Tropaeolum Crocosmia Geum Lavandula Coleus Heuchera Perilla Ipomoea',
    wouldNot: 'Hosta Taxus Primula Erica Sempervivum',
    because: 'Violet spires or petunias with marigolds, orange calibrachoas and gazanias.',
  },
  {
    id: 'nursery-window-pale',
    words: 'The sill of the baby’s room: pale pink and white, nothing strong.',
    climate: 'temperate-transitional',
    latitudeDeg: 49,
    week: 20,
    weeks: 18,
    pot: 'box 70 20 18',
    sunHours: 5,
    colours: ['pink', 'white'],
    would:
      'Pelargonium Petunia Calibrachoa Verbena Diascia Nemesia Lobelia Sutera Bacopa Argyranthemum Begonia Fuchsia Impatiens Lobularia Antirrhinum Gaura Osteospermum Erigeron Dichondra Helichrysum Brachyscome Dianthus Phlox Scaevola Angelonia Euphorbia Iberis',
    wouldNot: 'Canna Dahlia Taxus Tagetes Hosta Iresine',
    because: 'Pink and white bedding with something small between.',
  },
  {
    id: 'tap-room-steps-tall',
    words:
      'A big square pot either side of the door, as tall as I can have it this summer, at least up to my hip.',
    climate: 'hot-summer-continental',
    latitudeDeg: 41,
    week: 21,
    weeks: 18,
    pot: 'square 50 50',
    sunHours: 7,
    highCm: [80, 250],
    would:
      'Canna Pennisetum Cordyline Salvia Colocasia Cosmos Cleome Musa Ensete Hibiscus Miscanthus Panicum Petunia Calibrachoa Verbena Ipomoea Lantana Angelonia Coleus Scaevola Bidens Helianthus Cyperus Phormium Gaura Dichondra Zinnia Tithonia Dahlia Alocasia Amaranthus Ricinus Plumbago Brugmansia Hyparrhenia Pelargonium Euphorbia Cuphea',
    wouldNot: 'Viola Primula Sempervivum Hosta Erica',
    because: 'A canna, a grass or a tall sage behind, colour at its waist, vines over the edge.',
  },
  {
    id: 'casement-opens-out',
    words:
      'The window opens outwards over the box: nothing over twenty-five centimetres, or it is knocked off.',
    climate: 'cool-maritime',
    latitudeDeg: 52,
    week: 21,
    weeks: 19,
    pot: 'box 80 20 18',
    sunHours: 5,
    highCm: [0, 25],
    would:
      'Petunia Calibrachoa Lobelia Sutera Bacopa Verbena Begonia Viola Brachyscome Lobularia Nemesia Diascia Scaevola Sanvitalia Impatiens Erigeron Helichrysum Dichondra Lysimachia Ageratum Tagetes Campanula Bidens Portulaca Thymus Convolvulus Phlox Gazania Dianthus Isotoma Lamium Glechoma Hedera Sedum Mimulus Evolvulus',
    wouldNot: 'Canna Dahlia Pennisetum Cordyline Cosmos Taxus Antirrhinum',
    because: 'Low cushions and trailers.',
  },
  {
    id: 'gatehouse-perennials',
    words: 'A barrel by the gate that comes back every year without my doing. Sun till four.',
    climate: 'temperate-transitional',
    latitudeDeg: 48,
    week: 17,
    weeks: 51,
    pot: 'barrel 60 42',
    sunHours: 7,
    told: { likes: ['comes back'] },
    would:
      'Lavandula Salvia Nepeta Geranium Sedum Hylotelephium Echinacea Rudbeckia Heuchera Stachys Achillea Coreopsis Gaura Scabiosa Aster Symphyotrichum Festuca Calamagrostis Pennisetum Stipa Dianthus Penstemon Perovskia Agastache Campanula Veronica Helleborus Euphorbia Thymus Alchemilla Hemerocallis Sesleria Erigeron Eryngium Leucanthemum Teucrium Origanum Miscanthus Carex Rosmarinus Gaillardia Armeria Potentilla Hydrangea Panicum',
    wouldNot: 'Petunia Begonia Calibrachoa Impatiens Coleus Viola',
    because: 'Hardy perennials with long seasons, a grass, something grey at the edge.',
  },
  {
    id: 'back-door-cook',
    words: 'What I reach for when I cook, in one round pot by the kitchen door.',
    climate: 'mild-maritime',
    latitudeDeg: 50,
    week: 18,
    weeks: 22,
    pot: 'round 42 38',
    sunHours: 6,
    kitchen: true,
    told: { likes: ['herbs'] },
    would:
      'Rosmarinus Salvia-rosmarinus Thymus Salvia Origanum Petroselinum Allium Ocimum Mentha Satureja Artemisia Laurus Levisticum Anthriscus Melissa Coriandrum Anethum Foeniculum Rumex Tropaeolum Fragaria',
    wouldNot: 'Solanum Cucurbita Lactuca Petunia',
    because: 'Rosemary or sage up, thyme and oregano over the side, parsley and chives between.',
  },
  {
    id: 'station-bracket-shade',
    words: 'A basket under the canopy; the sun never gets there. Flowers please.',
    climate: 'northern-maritime',
    latitudeDeg: 55,
    week: 22,
    weeks: 16,
    pot: 'basket 40 22',
    sunHours: 1.5,
    view: 'from below',
    would:
      'Begonia Fuchsia Impatiens Lobelia Sutera Bacopa Lysimachia Hedera Torenia Viola Glechoma Lamium Plectranthus Mimulus Coleus Nemesia Ajuga Vinca Campanula',
    wouldNot: 'Petunia Lantana Gazania Portulaca Pennisetum Hosta Taxus',
    because: 'Begonias and fuchsias that hang, lobelia, something gold to trail.',
  },
  {
    id: 'fire-colours-august',
    words: 'August. The spring pots are finished; red, orange and yellow until the frost.',
    climate: 'temperate-transitional',
    latitudeDeg: 50,
    week: 33,
    weeks: 11,
    pot: 'round 40 36',
    sunHours: 6,
    colours: ['red', 'orange', 'yellow'],
    would:
      'Chrysanthemum Rudbeckia Dahlia Gaillardia Helenium Coreopsis Tagetes Calendula Capsicum Bidens Sanvitalia Zinnia Begonia Salvia Crocosmia Heuchera Carex Pelargonium Calibrachoa Celosia Cuphea Lysimachia Coleus Helianthus Antirrhinum Kniphofia Uncinia Zauschneria Panicum Imperata Solanum',
    wouldNot: 'Primula Hosta Taxus Lobelia Sempervivum',
    because: 'What shops have in August: rudbeckias, mums, dahlias, peppers, with bronze leaves.',
  },
  {
    id: 'chapel-wall-winter',
    words: 'The trough under the east wall from November until Easter. It need not be loud.',
    climate: 'cool-maritime',
    latitudeDeg: 53,
    week: 45,
    weeks: 21,
    pot: 'box 90 25 24',
    sunHours: 3,
    sunWhen: 'morning',
    would:
      'Viola Hedera Skimmia Gaultheria Cyclamen Erica Heuchera Helleborus Carex Euonymus Sarcococca Leucothoe Primula Bellis Galanthus Narcissus Crocus Ajuga Buxus Vinca Brassica Polystichum Chamaecyparis Iris Muscari Asplenium Tulipa Bergenia Eranthis',
    wouldNot: 'Petunia Pelargonium Begonia Fuchsia Canna',
    because: 'Small evergreens, hellebores or skimmia, violas, bulbs beneath, ivy at the edge.',
  },
  {
    id: 'courtyard-drip-none',
    words: 'An old oil jar in full sun. I water it on Sundays and that is all.',
    climate: 'mediterranean-coast',
    latitudeDeg: 38,
    week: 16,
    weeks: 28,
    pot: 'round 40 42',
    sunHours: 9,
    would:
      'Sedum Agave Aeonium Echeveria Crassula Euphorbia Lavandula Rosmarinus Salvia Santolina Helichrysum Cistus Festuca Stipa Lampranthus Delosperma Portulaca Senecio Gazania Pelargonium Aloe Teucrium Thymus Kalanchoe Sempervivum Yucca Cordyline Phormium Dianella Leucophyta Convolvulus Erigeron Lantana Artemisia Bulbine Cotyledon Opuntia Hesperaloe Graptopetalum Curio Westringia Dasylirion Myrtus Olea',
    wouldNot: 'Impatiens Lobelia Hosta Fuchsia Begonia Mimulus Hydrangea',
    because: 'Succulents or grey Mediterranean shrubs.',
  },
  {
    id: 'school-gate-blue-white',
    words: 'School colours on the gate piers: blue and white, for September term to the half.',
    climate: 'mild-maritime',
    latitudeDeg: 51,
    week: 36,
    weeks: 12,
    pot: 'urn 40 40',
    sunHours: 5,
    reach: 'children',
    colours: ['blue', 'white'],
    would:
      'Viola Aster Symphyotrichum Ageratum Salvia Lobelia Cyclamen Caryopteris Senecio Veronica Hebe Brachyscome Campanula Chrysanthemum Gaura Lobularia Erica Calluna Heuchera Festuca Ajuga Bellis Scaevola Sutera Bacopa Leucanthemum Anemone Scabiosa Nemesia Carex Hedera Dichondra Brassica Convolvulus Ceratostigma',
    wouldNot: 'Petunia Taxus Hosta Canna Rudbeckia',
    because: 'Blue asters or salvias up, violas, white cyclamen or daisies, silver over the rim.',
  },
  {
    id: 'gulf-patio-fall',
    words: 'It has cooled down at last. Something cheerful for the patio until spring.',
    climate: 'humid-subtropical',
    latitudeDeg: 30,
    week: 45,
    weeks: 18,
    pot: 'round 40 36',
    sunHours: 6,
    would:
      'Viola Antirrhinum Dianthus Petunia Lobularia Brassica Calendula Cyclamen Nemesia Diascia Beta Lobelia Primula Snapdragon Juncus Senecio Jacobaea Erysimum Delphinium Papaver Osteospermum Argyranthemum Verbena Dusty Heuchera Hedera Carex Acorus Matthiola Linaria Euphorbia Allium Rosmarinus Dichondra',
    wouldNot: 'Impatiens Caladium Hosta Coleus Taxus Begonia-tuberous Fuchsia',
    because: 'Snapdragons, pansies, alyssum, ornamental kale: the cool season’s bedding.',
  },
  {
    id: 'bay-window-southern-spring',
    words: 'Spring at last, for the long box under the bay. Bees on it, please.',
    climate: 'southern-temperate',
    latitudeDeg: -38,
    week: 40,
    weeks: 22,
    pot: 'box 100 22 20',
    sunHours: 6,
    told: { likes: ['wildlife'] },
    would:
      'Salvia Lavandula Verbena Scaevola Bidens Cuphea Nepeta Erigeron Heliotropium Lobularia Brachyscome Ageratum Lobelia Borago Thymus Origanum Cosmos Zinnia Tagetes Calendula Gaura Nemesia Felicia Sanvitalia Coreopsis Agastache Scabiosa Argyranthemum Tropaeolum Campanula Geranium Convolvulus Antirrhinum Dahlia Rosmarinus Gaillardia Xerochrysum',
    wouldNot: 'Hosta Taxus Canna Pelargonium Viola',
    because: 'Sages and lavender behind, alyssum, daisies and scaevola in front.',
  },
  {
    id: 'stairwell-leaves-only',
    words:
      'Down in the area, hardly any light. I like leaves better than flowers anyway. All year.',
    climate: 'cool-maritime',
    latitudeDeg: 51,
    week: 15,
    weeks: 51,
    pot: 'round 45 42',
    sunHours: 1,
    told: { company: 'woodland shade' },
    would:
      'Fatsia Polystichum Dryopteris Asplenium Hosta Heuchera Hedera Carex Athyrium Tiarella Heucherella Helleborus Epimedium Hakonechloa Blechnum Polypodium Aspidistra Liriope Ajuga Sarcococca Skimmia Pachysandra Brunnera Pulmonaria Asarum Saxifraga Lamium Vinca Mahonia Aucuba Matteuccia Rodgersia Bergenia Cyclamen',
    wouldNot: 'Petunia Pelargonium Lavandula Coleus Begonia Sedum',
    because: 'Ferns, a fatsia, coral bells, ivy.',
  },
  {
    id: 'tropic-entrance',
    words: 'Beside the hotel entrance, bright shade under the porch roof, colour at all times.',
    climate: 'tropical-seasonal',
    latitudeDeg: 14,
    week: 24,
    weeks: 30,
    pot: 'round 50 48',
    sunHours: 3,
    sunWhen: 'morning',
    would:
      'Cordyline Codiaeum Caladium Coleus Dracaena Begonia Torenia Anthurium Spathiphyllum Tradescantia Nephrolepis Alocasia Calathea Aglaonema Impatiens Ipomoea Syngonium Philodendron Epipremnum Strobilanthes Iresine Plectranthus Chlorophytum Pentas Schefflera Dieffenbachia Heliconia Costus Hemigraphis Pilea Neoregelia Maranta Asparagus Scindapsus Angelonia',
    wouldNot: 'Viola Lavandula Hosta Petunia Primula Taxus Sempervivum',
    because: 'A cordyline or croton, caladiums or coleus, something to hang down.',
  },
  {
    id: 'first-flat-small-money',
    words: 'First flat, one pot on the step, fifteen in my pocket. It must look full soon.',
    climate: 'mild-maritime',
    latitudeDeg: 52,
    week: 21,
    weeks: 18,
    pot: 'round 32 28',
    sunHours: 5,
    budget: 15,
    would:
      'Petunia Pelargonium Lobelia Begonia Tagetes Verbena Calibrachoa Nemesia Diascia Sutera Bacopa Lobularia Antirrhinum Fuchsia Impatiens Coleus Bidens Salvia Helichrysum Ageratum Viola Lysimachia Nicotiana Osteospermum Argyranthemum Brachyscome Dianthus Glechoma Hedera Cosmos Dahlia',
    wouldNot: 'Taxus Hosta Canna Cordyline Sempervivum Erica',
    because: 'A geranium and a six-pack of trailing lobelia; cheap and full.',
  },
];
