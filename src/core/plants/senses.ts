import { once } from '../work/once';
import type { PlantKind } from './kind';

/** Habits whose stems and blades stir in the least wind. */
const STIRRING: ReadonlySet<PlantKind['habit']> = new Set(['grass', 'threads', 'umbrella']);
/** Of other habits those that do, and of grassy ones those that stand still or lie. From general knowledge of the garden; ours. */
const MOVING: ReadonlySet<string> = new Set([
  ...`Anethum Briza Coreopsis Cosmos Deschampsia Fargesia Foeniculum Gypsophila Nigella Oenothera Phyllostachys Poterium
  Scabiosa`.split(/\s+/),
  'Agastache hybrids',
  'Aquilegia vulgaris',
  'Erigeron karvinskianus',
  'Verbena bonariensis',
]);
const STILL: ReadonlySet<string> = new Set([
  'Acorus',
  'Catananche',
  'Chamaecyparis',
  'Equisetum',
  'Isolepis',
  'Ophiopogon',
]);

/** Does it move in a light wind: grasses, bamboos, and flowers on thin stems? */
export const movesInWind = once(
  ({ botanical, habit }: Pick<PlantKind, 'botanical' | 'habit'>): boolean => {
    const genus = botanical.split(' ')[0]!;
    return MOVING.has(genus) || MOVING.has(botanical) || (STIRRING.has(habit) && !STILL.has(genus));
  },
);

/** Genera and species with soft leaves and heads that hands go to, and leaves that scent the hand that rubs them. From general knowledge of the garden; ours. */
const TOUCHED: ReadonlySet<string> = new Set([
  ...`Adiantum Alchemilla Aloysia Briza Celosia Dichondra Lagurus Lavandula Leucophyta Melissa Mentha Muhlenbergia
  Nassella Nepeta Origanum Pennisetum Ptilotus Sagina Satureja Soleirolia Thymus`.split(/\s+/),
  'Convolvulus cneorum',
  'Gomphrena globosa',
  'Helichrysum petiolare',
  'Plectranthus argentatus',
  'Salvia officinalis',
  'Salvia rosmarinus',
  'Stachys byzantina',
]);

/** Is it one to stroke or to rub between fingers: soft or scented, and not known to sting, stain or inflame? What is unsure counts as a no. */
export const isForTouch = once(
  ({
    botanical,
    irritant,
    toxicity,
  }: Pick<PlantKind, 'botanical' | 'irritant' | 'toxicity'>): boolean =>
    (TOUCHED.has(botanical.split(' ')[0]!) || TOUCHED.has(botanical)) &&
    irritant.skin === 'no' &&
    toxicity.people !== 'poisonous',
);

/** What is larger is fruit, cm. Ours. */
const BERRY_CM = 2;

/** Does it bear berries to look at, for weeks and in heaps? */
export const bearsBerries = ({ fruit, cycle }: Pick<PlantKind, 'fruit' | 'cycle'>): boolean =>
  fruit !== null && fruit.sizeCm <= BERRY_CM && cycle !== 'annual';

/** All that is named here: genera, and species with both names. */
export const NAMED_FOR_SENSES: readonly string[] = [...MOVING, ...STILL, ...TOUCHED];
