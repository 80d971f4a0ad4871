import { GRAVITY, petHarm, type Harm } from '../kind';
import { each, genusOf } from './rule';

/** The least harm to people and to pets that is told of a genus, from what is widely known of its family. */
const FLOOR: readonly (readonly [genera: string, people: Harm, pets: Harm])[] = [
  ['Brugmansia Datura Nicotiana', 'poisonous', 'poisonous'],
  ['Solanum Capsicum', 'none known', 'mild'],
  ['Euphorbia Ricinus', 'mild', 'mild'],
  [
    'Alocasia Anthurium Caladium Colocasia Epipremnum Monstera Philodendron Spathiphyllum Syngonium Zantedeschia',
    'poisonous',
    'poisonous',
  ],
  ['Adenium Nerium', 'poisonous', 'poisonous'],
  ['Catharanthus Mandevilla Vinca', 'mild', 'mild'],
  ['Lilium', 'none known', 'poisonous'],
  ['Hemerocallis', 'none known', 'poisonous'],
  ['Clivia Hippeastrum Narcissus Hyacinthus Galanthus Colchicum Nerine', 'mild', 'poisonous'],
  ['Allium Tulbaghia', 'none known', 'poisonous'],
  ['Senecio Jacobaea Curio Pericallis', 'mild', 'poisonous'],
  ['Artemisia', 'none known', 'mild'],
  ['Rhododendron Pieris Leucothoe', 'poisonous', 'poisonous'],
  [
    'Taxus Digitalis Aconitum Convallaria Delphinium Eranthis Helleborus Pulsatilla Wisteria',
    'poisonous',
    'poisonous',
  ],
  ['Buxus Hedera Daphne Lantana', 'mild', 'poisonous'],
  ['Hydrangea', 'mild', 'poisonous'],
  ['Ligustrum', 'poisonous', 'poisonous'],
  ['Vitis', 'none known', 'poisonous'],
  ['Brunnera Myosotis Pulmonaria Convolvulus', 'unsure', 'unsure'],
  ['Nepeta', 'none known', 'mild'],
  ['Farfugium Ligularia Lobelia Isotoma Scilla', 'poisonous', 'poisonous'],
  ['Paeonia Gardenia Hylotelephium', 'mild', 'mild'],
  ['Aloe', 'none known', 'mild'],
  ['Kalanchoe', 'poisonous', 'poisonous'],
];

const floorOf: ReadonlyMap<string, readonly [Harm, Harm]> = new Map(
  FLOOR.flatMap(([genera, people, pets]) =>
    genera.split(' ').map((genus) => [genus, [people, pets]] as const),
  ),
);

/** No record tells of less harm than is widely known of its genus. */
export const harmFloor = each(({ botanical, toxicity }) => {
  const [people, pets] = floorOf.get(genusOf(botanical)) ?? ['none known', 'none known'];
  return [
    GRAVITY[toxicity.people] < GRAVITY[people] &&
      `people: ${toxicity.people}, but its genus is at least ${people}`,
    GRAVITY[petHarm({ toxicity })] < GRAVITY[pets] &&
      `pets: ${petHarm({ toxicity })}, but its genus is at least ${pets}`,
  ];
});

const NIGHTSHADES: ReadonlySet<string> = new Set(['Solanum', 'Capsicum']);

/** Of nightshades that are eaten the record says what must not be. */
export const partsNotEaten = each(({ botanical, edible, notEdible }) => [
  edible !== null &&
    notEdible === null &&
    NIGHTSHADES.has(genusOf(botanical)) &&
    'a nightshade that is eaten needs its parts that must not be',
]);

/** Harm is told with its parts and its way, and only where there is some. */
export const harmHasParts = each(({ toxicity }) =>
  (['people', 'cats', 'dogs', 'horses'] as const).map((who) => {
    const harmless = toxicity[who] === 'none known';
    if (harmless === (toxicity.by[who] === null)) return null;
    return harmless ? `${who}: no harm, but parts that do it` : `${who}: harm, but no parts`;
  }),
);
