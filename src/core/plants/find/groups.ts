import type { PlantKind } from '../kind';

const CONIFERS = 'Chamaecyparis Cryptomeria Cupressus Juniperus Picea Pinus Taxus Thuja'.split(' ');
const FERNS =
  'Adiantum Asplenium Athyrium Blechnum Cyrtomium Dicksonia Dryopteris Matteuccia Nephrolepis Polypodium Polystichum'.split(
    ' ',
  );
const GRASSES =
  'Bouteloua Briza Calamagrostis Carex Chasmanthium Cortaderia Deschampsia Festuca Hakonechloa Helictotrichon Imperata Lagurus Luzula Melinis Miscanthus Muhlenbergia Nassella Panicum Pennisetum Uncinia'.split(
    ' ',
  );
const PALMS = 'Chamaedorea Chamaerops Phoenix'.split(' ');
const BAMBOOS = 'Fargesia Phyllostachys'.split(' ');

/** Everyday words for whole groups of plants, each with who belongs. */
const GROUPS: readonly (readonly [words: string, belongs: (kind: PlantKind) => boolean])[] = [
  ['grass ornamental', ({ botanical }) => GRASSES.some((genus) => botanical.startsWith(genus))],
  ['fern', ({ botanical }) => FERNS.some((genus) => botanical.startsWith(genus))],
  ['palm', ({ botanical }) => PALMS.some((genus) => botanical.startsWith(genus))],
  ['bamboo', ({ botanical }) => BAMBOOS.some((genus) => botanical.startsWith(genus))],
  ['conifer evergreen', ({ botanical }) => CONIFERS.some((genus) => botanical.startsWith(genus))],
  ['succulent', ({ cycle }) => cycle === 'succulent' || cycle === 'desert succulent'],
  ['bulb', ({ cycle }) => cycle === 'bulb'],
  ['climber climbing vine', ({ support }) => support === 'climb'],
  ['trailing trailer hanging basket', ({ trailCm }) => trailCm !== null],
  ['shrub', ({ cycle }) => cycle === 'shrub' || cycle === 'tender shrub'],
  ['annual bedding', ({ cycle }) => cycle === 'annual'],
  ['perennial', ({ cycle }) => cycle === 'perennial'],
  ['evergreen', ({ foliage, bringInC }) => foliage.evergreen && bringInC === null],
  [
    'houseplant',
    ({ bringInC, foliage }) => bringInC !== null && bringInC >= 10 && foliage.evergreen,
  ],
  ['tropical exotic', ({ company }) => company.includes('bold tender foliage')],
  [
    'herb',
    ({ edible, scent, company }) =>
      company.includes('kitchen') && edible !== null && (scent === 'leaf' || scent === 'both'),
  ],
  ['vegetable edible', ({ edible, company }) => company.includes('kitchen') && edible !== null],
  ['fruit', ({ edible, fruit }) => edible !== null && /fruit|berr/.test(edible) && fruit !== null],
  ['scented fragrant', ({ scent }) => scent !== 'none'],
];

/** Words by which a kind may be looked for besides its names. */
export function groupWords(kind: PlantKind): readonly string[] {
  return GROUPS.filter(([, belongs]) => belongs(kind)).flatMap(([words]) => words.split(' '));
}
