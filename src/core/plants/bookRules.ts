import { petHarm, GRAVITY, type Harm, type PlantKind } from './kind';
import { sharedWeeks, type Weeks } from './season';
import { weeksBetween } from '../units/units';

/** What a rule finds wrong with a record. */
export interface BookFault {
  readonly rule: BookRule;
  readonly id: string;
  readonly says: string;
}

/** What may differ within a species on purpose, by kind: the fields its record overrides. */
export type Excused = (id: string) => readonly string[];

type Rule = (
  kinds: readonly PlantKind[],
  excused: Excused,
) => readonly (readonly [string, string])[];

/** Cold of two kinds of one species that is told apart within this is no quarrel, K. */
const COLD_APART_K = 3;

/** The genus of a botanical name; hybrids' signs left out. */
export const genusOf = (botanical: string): string =>
  botanical.split(' ').find((word) => word !== '×') ?? botanical;

/** Kinds of one species say the same of harm, skin and cold, but for what is excused by name. */
const oneTruth: Rule = (kinds, excused) => {
  const bySpecies = new Map<string, PlantKind[]>();
  for (const kind of kinds)
    bySpecies.set(kind.botanical, [...(bySpecies.get(kind.botanical) ?? []), kind]);
  return [...bySpecies.values()].flatMap(([first, ...rest]) =>
    rest.flatMap((kind): (readonly [string, string])[] => {
      const said: (readonly [string, string])[] = [];
      const free = [...excused(kind.id), ...excused(first!.id)];
      for (const who of ['people', 'cats', 'dogs', 'horses'] as const)
        if (kind.toxicity[who] !== first!.toxicity[who] && !free.includes('harm'))
          said.push([
            kind.id,
            `${who}: ${kind.toxicity[who]}, but ${first!.toxicity[who]} in ${first!.id}`,
          ]);
      if (kind.irritant.skin !== first!.irritant.skin && !free.includes('skin'))
        said.push([kind.id, `skin: ${kind.irritant.skin}, but not in ${first!.id}`]);
      if (Math.abs(kind.lowestC - first!.lowestC) > COLD_APART_K && !free.includes('lowestC'))
        said.push([kind.id, `cold: ${kind.lowestC} °C, but ${first!.lowestC} °C in ${first!.id}`]);
      return said;
    }),
  );
};

/** Nothing called tender bears this, and nothing that bears it is brought in, °C. */
const TENDER_BEARS_C = -6;
const HARDY_C = -10;
/** What bears some frost is brought in no further above it than this, K. */
const BROUGHT_IN_K = 8;

/** A tender cycle, and bringing in, agree with the cold that is borne: both ways. */
const tenderAgrees: Rule = (kinds) =>
  kinds.flatMap(({ id, cycle, lowestC, bringInC }): (readonly [string, string])[] => {
    const said: (readonly [string, string])[] = [];
    const tender = cycle === 'tender perennial' || cycle === 'tender shrub';
    if (tender && lowestC < TENDER_BEARS_C) said.push([id, `${cycle}, but bears ${lowestC} °C`]);
    if (tender && bringInC === null) said.push([id, `${cycle}, but never brought in`]);
    if (bringInC !== null && bringInC <= lowestC)
      said.push([id, `brought in at ${bringInC} °C, but dies at ${lowestC} °C`]);
    if (bringInC !== null && lowestC <= HARDY_C)
      said.push([id, `brought in at ${bringInC} °C, but bears ${lowestC} °C`]);
    if (bringInC !== null && lowestC < 0 && bringInC - lowestC > BROUGHT_IN_K)
      said.push([id, `brought in at ${bringInC} °C, though it bears ${lowestC} °C`]);
    if (bringInC === null && lowestC > 0 && cycle !== 'annual' && cycle !== 'biennial')
      said.push([id, `${cycle} that dies at ${lowestC} °C, but never brought in`]);
    return said;
  });

/** The least harm to people and to pets that is told of a genus, from what is widely known of its family. */
const FLOOR: readonly (readonly [genera: string, people: Harm, pets: Harm])[] = [
  ['Brugmansia Nicotiana', 'poisonous', 'poisonous'],
  ['Solanum Capsicum', 'none known', 'mild'],
  ['Euphorbia Ricinus', 'mild', 'mild'],
  ['Alocasia Caladium Colocasia Epipremnum Syngonium Zantedeschia', 'poisonous', 'poisonous'],
  ['Catharanthus Mandevilla Vinca', 'mild', 'mild'],
  ['Lilium', 'none known', 'poisonous'],
  ['Hemerocallis', 'none known', 'poisonous'],
  ['Narcissus Hyacinthus Galanthus Colchicum Nerine', 'mild', 'poisonous'],
  ['Allium Tulbaghia', 'none known', 'poisonous'],
  ['Senecio Jacobaea Curio', 'mild', 'poisonous'],
  ['Artemisia', 'none known', 'mild'],
  ['Rhododendron Pieris Leucothoe', 'poisonous', 'poisonous'],
  ['Taxus Digitalis Aconitum Delphinium Helleborus', 'poisonous', 'poisonous'],
  ['Buxus Hedera Daphne Lantana', 'mild', 'poisonous'],
  ['Hydrangea', 'mild', 'poisonous'],
  ['Nepeta', 'none known', 'mild'],
  ['Farfugium Ligularia', 'unsure', 'unsure'],
  ['Lobelia', 'mild', 'mild'],
  ['Aloe', 'none known', 'mild'],
  ['Kalanchoe', 'none known', 'poisonous'],
];

const floorOf: ReadonlyMap<string, readonly [Harm, Harm]> = new Map(
  FLOOR.flatMap(([genera, people, pets]) =>
    genera.split(' ').map((genus) => [genus, [people, pets]] as const),
  ),
);

/** No record tells of less harm than is widely known of its genus. */
const harmFloor: Rule = (kinds) =>
  kinds.flatMap(({ id, botanical, toxicity }): (readonly [string, string])[] => {
    const floor = floorOf.get(genusOf(botanical));
    if (!floor) return [];
    const [people, pets] = floor;
    const said: (readonly [string, string])[] = [];
    if (GRAVITY[toxicity.people] < GRAVITY[people])
      said.push([id, `people: ${toxicity.people}, but its genus is at least ${people}`]);
    if (GRAVITY[petHarm({ toxicity })] < GRAVITY[pets])
      said.push([id, `pets: ${petHarm({ toxicity })}, but its genus is at least ${pets}`]);
    return said;
  });

const NIGHTSHADES: ReadonlySet<string> = new Set(['Solanum', 'Capsicum']);

/** Of nightshades that are eaten the record says what must not be. */
const partsNotEaten: Rule = (kinds) =>
  kinds
    .filter(({ botanical, edible }) => edible !== null && NIGHTSHADES.has(genusOf(botanical)))
    .filter(({ notEdible }) => notEdible === null)
    .map(({ id }) => [id, 'a nightshade that is eaten needs its parts that must not be'] as const);

/** What flowers before or after its leaves, or under cover in winter, by botanical name or genus. */
const FLOWERS_BARE = [
  'Colchicum',
  'Nerine',
  'Jasminum nudiflorum',
  'Schlumbergera',
  'Clivia',
  'Strelitzia',
];

/** Most of the bloom falls in weeks in which the plant is in leaf, unless it flowers bare. */
const bloomsInLeaf: Rule = (kinds) =>
  kinds.flatMap((kind): (readonly [string, string])[] => {
    if (!kind.bloom || FLOWERS_BARE.some((name) => kind.botanical.startsWith(name))) return [];
    const weeks: Weeks = kind.bloom.weeks;
    const share = sharedWeeks(kind.inLeaf, weeks) / (weeksBetween(...weeks) + 1);
    return share < 0.5
      ? [[kind.id, `in leaf in ${Math.round(share * 100)} % of the weeks it flowers`]]
      : [];
  });

/** Forms that are drawn as spires. */
const SPIRES: ReadonlySet<string> = new Set(['spike', 'plume']);

/** A text that promises spires or spikes of flower has that form. */
const spiresAreSpires: Rule = (kinds) =>
  kinds
    .filter(({ description, bloom }) => bloom && /\b(spires?|flower spikes?)\b/i.test(description))
    .filter(({ bloom }) => !SPIRES.has(bloom!.form))
    .map(({ id, bloom }) => [id, `told as a spire, drawn as ${bloom!.form}`] as const);

/** Highest of what is sold in packs of six, and of four, cm. */
const SIX_PACK_CM = 110;
const FOUR_PACK_CM = 45;
const WOODY: ReadonlySet<PlantKind['cycle']> = new Set(['shrub', 'tender shrub']);

/** Units suit what is sold in them: bulbs are bulbs, packs hold what is small and soft. */
const unitsSuit: Rule = (kinds) =>
  kinds.flatMap(({ id, cycle, sold, heightCm, support }): (readonly [string, string])[] => {
    const sizes = sold.map(({ size }) => size);
    // Climbers are sold as seedlings, long before they have climbed.
    const tallCm = support === 'climb' ? 0 : heightCm[0];
    const said: (readonly [string, string])[] = [];
    if (sizes.includes('bulb') && cycle !== 'bulb') said.push([id, `${cycle}, but sold as a bulb`]);
    if (sizes.includes('six-pack') && (WOODY.has(cycle) || tallCm > SIX_PACK_CM))
      said.push([id, `${cycle} of ${heightCm[0]} cm or more in packs of six`]);
    if (sizes.includes('four-pack') && (WOODY.has(cycle) || tallCm > FOUR_PACK_CM))
      said.push([id, `${cycle} of ${heightCm[0]} cm or more in packs of four`]);
    return said;
  });

/** Another name is neither the bare name of another genus nor that of another species of the book. */
const namesApart: Rule = (kinds) => {
  const species = new Set(kinds.map(({ botanical }) => botanical));
  const genera = new Set([...species].map(genusOf));
  return kinds.flatMap(({ id, botanical, alsoCalled }) =>
    alsoCalled
      .filter(
        (name) =>
          (genera.has(name) && name !== genusOf(botanical)) ||
          (species.has(name) && name !== botanical),
      )
      .map((name) => [id, `also called ${name}, which is another plant of the book`] as const),
  );
};

/** Words that name a product or a series rather than a plant; marks, and quoted cultivar names. */
const TRADE = /\b(nymph|campfire|fire sticks?)\b|[®™]|[‘'][A-Z][a-z]+[’']/i;

/** No record names what is traded under a name of its own. */
const noTradeNames: Rule = (kinds) =>
  kinds.flatMap(({ id, common, alsoCalled, description }) =>
    [id.replaceAll('-', ' '), common, description, ...alsoCalled]
      .filter((text) => TRADE.test(text))
      .map((text) => [id, `"${text}" reads like a trade name`] as const),
  );

const RULES = {
  'one truth for a species': oneTruth,
  'tender agrees with cold': tenderAgrees,
  'a floor of harm by genus': harmFloor,
  'parts that must not be eaten': partsNotEaten,
  'in flower while in leaf': bloomsInLeaf,
  'spires are spires': spiresAreSpires,
  'units suit': unitsSuit,
  'names belong to one genus': namesApart,
  'no trade names': noTradeNames,
} as const satisfies Record<string, Rule>;

export type BookRule = keyof typeof RULES;

/** Everything the rules find wrong with records, rule by rule. */
export function bookFaults(
  kinds: readonly PlantKind[],
  excused: Excused = () => [],
): readonly BookFault[] {
  return (Object.keys(RULES) as BookRule[]).flatMap((rule) =>
    RULES[rule](kinds, excused).map(([id, says]) => ({ rule, id, says })),
  );
}
