import { BOOK } from '@/core/plants/book/index';
import { colourClassesOf } from '@/core/plants/coverage';
import { leadingColour } from '@/core/plants/colours';
import { familiarity } from '@/core/plants/familiar';
import { findKinds } from '@/core/plants/find/index';
import { slipsAllowed, slipsBetween } from '@/core/plants/find/slips';
import { tellingWords, wordsOf } from '@/core/plants/find/words';
import { noHarmKnown, petHarm, type PlantKind } from '@/core/plants/kind';
import { leafContrast, leafWorth } from '@/core/plants/leaves';
import { MARKETS } from '@/core/plants/market';
import { NURSERY_SIZE_IDS, nearestSize } from '@/core/plants/nursery';
import { guessedFrom, nearestKind, withTold } from '@/core/plants/own';
import { pickedAs } from '@/core/plants/picked';
import { priceIn, priceRange } from '@/core/plants/prices';
import { printOf } from '@/core/plants/print';
import { depthWantedCm, hatesLime, rootsIn } from '@/core/plants/rooting';
import { bookFaults } from '@/core/plants/rules/index';
import { ofInterest } from '@/core/plants/season';
import { bearsBerries, isForTouch, movesInWind } from '@/core/plants/senses';
import { borneC, isTender, wantsWinter } from '@/core/plants/tender';
import { scentsEvening } from '@/core/plants/eveningScent';
import { LIKES } from '@/core/plantings/schema';
import { hash01, hash32 } from '@/core/random/hash';
import { isLiked, likingFor, shrubCost } from '@/core/search/liking';
import { pairWorth } from '@/core/search/pairWorth';
import { shareAPot, unlike } from '@/core/search/partners';
import { sleepsBeneath, soldDryIn, weeksToFlowers } from '@/core/suitability/beneath';
import { keepsCompany } from '@/core/suitability/company';
import { dangerInReach } from '@/core/suitability/harm';
import { flowerWorth } from '@/core/suitability/interest';
import { easeInLight, lightFit } from '@/core/suitability/light';
import { goodRatios, wishedRatios } from '@/core/suitability/proportion';
import { kindFitsScheme } from '@/core/suitability/scheme';
import { isForShrubs, isOfSmallThings, leastStay, ofTheSeason } from '@/core/suitability/season';
import { keptThere, soldIn } from '@/core/suitability/shops';
import { easeInSummer, rootsColdC, standingOf } from '@/core/suitability/standing';
import { usualEndWeek } from '@/core/suitability/usualStay';
import { driesOut, thirstMatch } from '@/core/suitability/watering';
import { windFit } from '@/core/suitability/wind';
import { yearOut } from '@/core/spots/yearOut';
import { randomAsk } from './randomAsk';
import { toldOf, type Told } from './told';

type Row = readonly [of: string, told: Told];

/** Every so many kinds of the book; a number that shares nothing with how its files are ordered. */
const EVERY = 13;
const SOME: readonly PlantKind[] = BOOK.filter((_, i) => i % EVERY === 0);
const nextTo = (i: number, step: number): PlantKind => SOME[(i + step) % SOME.length]!;

/** What the book and what stands on it tell of single kinds, of pairs, and of words that are looked for. */
export function kindsTold(): readonly Row[] {
  return [...SOME.flatMap(kindTold), ...foundTold(), ...faultsTold(), ...ownTold()];
}

function kindTold(kind: PlantKind, i: number): readonly Row[] {
  const [near, far] = [nextTo(i, 1), nextTo(i, 17)];
  return [
    [
      kind.id,
      toldOf([
        leadingColour(kind),
        colourClassesOf(kind),
        familiarity(kind),
        [noHarmKnown(kind), petHarm(kind), pickedAs(kind)],
        [leafWorth(kind), flowerWorth(kind), printOf(kind)],
        [depthWantedCm(kind), rootsIn(kind, 10), rootsIn(kind, 20), hatesLime(kind)],
        [borneC(kind), isTender(kind), wantsWinter(kind)],
        [movesInWind(kind), isForTouch(kind), bearsBerries(kind), scentsEvening(kind)],
        [2, 15, 28, 41].map((week) => ofInterest(kind, week)),
        NURSERY_SIZE_IDS.map((size) => nearestSize(kind, size)),
        kind.sold.map(({ price }) => [
          priceRange(price),
          MARKETS.map((market) => priceIn(market, price)),
        ]),
      ]),
    ],
    [
      `${kind.id} with ${near.id} and ${far.id}`,
      toldOf(
        [near, far].map((other) => [
          leafContrast(kind, other),
          keepsCompany(kind, other),
          thirstMatch(kind, other),
          pairWorth(kind, other, false),
          pairWorth(kind, other, true),
          shareAPot(kind, other),
          unlike(kind, other),
        ]),
      ),
    ],
    ...staysTold(kind, i),
  ];
}

/** Two stays of each kind, other ones for each. */
const STAYS = 2;

function staysTold(kind: PlantKind, i: number): readonly Row[] {
  return Array.from({ length: STAYS }, (_, n): Row => {
    const ask = randomAsk(7 * i + 311 * n);
    const { spot, container, plantedWeek, wishes } = ask;
    const standing = standingOf(kind, ask);
    return [
      `${kind.id} in ask ${7 * i + 311 * n}`,
      toldOf([
        standing,
        easeInSummer(standing),
        [lightFit(kind, spot), easeInLight(kind, spot), windFit(kind, spot)],
        [soldIn(kind, plantedWeek, spot), keptThere(kind, spot), ofTheSeason(kind, ask)],
        [soldDryIn(kind, plantedWeek, spot), sleepsBeneath(kind, ask)],
        kind.bloom && weeksToFlowers(kind, ask),
        [dangerInReach(kind, { pets: true, children: n === 0 }), driesOut(kind, ask)],
        [likingFor(kind, ask), shrubCost(kind, ask), kindFitsScheme(kind, wishes.scheme)],
        LIKES.filter((like) => isLiked(kind, like, ask)),
        [goodRatios(container), wishedRatios(container, wishes)],
        [isForShrubs(ask), isOfSmallThings(ask), leastStay(ask), usualEndWeek(plantedWeek, spot)],
        rootsColdC(yearOut(spot).weeks[i % 52]!, container),
      ]),
    ];
  });
}

const QUERIES = [
  'rose',
  'mums',
  'pansy',
  'bell pepper',
  'lavander',
  'trailing blue',
  'Englsh ivy',
  'hens and chicks',
  'fern',
  'tall grasses',
  'fuschia',
  'red geranium flower',
  'basil',
  'chrysanthemun',
  'snapdragons',
  'sweet pea vine',
  'lobelia white',
  'houseleek',
  'aloe vera',
  'daffodil miniature',
] as const;
const WORDS = ['pelargonium', 'petunia', 'salvia', 'thyme', 'heuchera', 'ivy'] as const;

function foundTold(): readonly Row[] {
  return [
    ...QUERIES.map((query): Row => {
      const found = findKinds(BOOK, query);
      return [
        `looked for: ${query}`,
        toldOf([found.length, found.slice(0, 8).map(({ id }) => id), tellingWords(wordsOf(query))]),
      ];
    }),
    ...WORDS.map((word): Row => [
      `slips: ${word}`,
      toldOf([
        slipsAllowed(word.length),
        ...[word.slice(1), `${word}x`, word.split('').reverse().join(''), `s${word}`].map((other) =>
          slipsBetween(word, other, 2),
        ),
        slipsBetween(word, word.replace(/(.)(.)/, '$2$1'), 1),
      ]),
    ]),
  ];
}

/** A record with one of its numbers and one of its words made wrong, by lot. */
function made(kind: PlantKind, lot: number): PlantKind {
  const shift = Math.round(24 * hash01(lot, 1)) - 12;
  const week = (of: number) => ((of + 30 * shift + 51) % 52) + 1;
  switch (lot % 8) {
    case 0:
      return { ...kind, lowestC: kind.lowestC + shift };
    case 1:
      return { ...kind, bringInC: kind.lowestC + shift / 2, sulksC: kind.lowestC + shift };
    case 2:
      return { ...kind, rootsC: kind.lowestC + shift, hardenedC: kind.lowestC + shift };
    case 3:
      return { ...kind, summer: { ...kind.summer, dryC: 12 + shift, humidC: 14 + shift / 2 } };
    case 4:
      return { ...kind, inLeaf: [week(kind.inLeaf[0]), week(kind.inLeaf[1])] };
    case 5:
      return kind.bloom
        ? { ...kind, bloom: { ...kind.bloom, weeks: [week(10), week(20)], form: 'star' } }
        : { ...kind, edible: 'leaves', notEdible: null };
    case 6:
      return { ...kind, cycle: (['annual', 'bulb', 'shrub', 'biennial'] as const)[lot % 3]! };
    default:
      return {
        ...kind,
        botanical: `${['Solanum', 'Euphorbia', 'Senecio', 'Lilium'][lot % 4]} novum`,
        heightCm: [5 + shift, 20 + 4 * shift],
      };
  }
}

/** How many records are made wrong. */
const MADE = 160;

function faultsTold(): readonly Row[] {
  return Array.from({ length: MADE }, (_, lot): Row => {
    const kind = BOOK[hash32(lot, 5) % BOOK.length]!;
    const kin = BOOK.filter(({ botanical, id }) => botanical === kind.botanical && id !== kind.id);
    return [
      `made wrong ${lot}: ${kind.id}`,
      toldOf(bookFaults([made(kind, lot), ...kin]).map(({ rule, id }) => `${rule}: ${id}`)),
    ];
  });
}

function ownTold(): readonly Row[] {
  return SOME.slice(0, 24).map((kind, i): Row => {
    const told = {
      common: `My ${kind.common}`,
      ...(i % 2 ? { botanical: kind.botanical } : {}),
      heightCm: [10 + i, 30 + 3 * i] as [number, number],
      spreadCm: [12, 20 + 2 * i] as [number, number],
      hours: [i % 5, 4 + (i % 6)] as [number, number],
      flowerWeeks: [10 + i, 20 + i] as [number, number],
      lowestC: -i,
      ...(i % 3 ? { price: 2 + i / 4 } : { size: '1L' as const }),
      ...(i % 4 ? {} : { trailCm: [10, 20 + i] as [number, number] }),
    };
    const { inLeaf, goneOver, sold, rootsC, bloom, toxicity } = withTold(kind, told);
    const like = nearestKind(BOOK, told);
    return [
      `told of ${kind.id}`,
      toldOf([
        [inLeaf, goneOver, sold, rootsC, bloom?.weeks, toxicity.people],
        like.id,
        guessedFrom(like, 'own', told).toxicity,
      ]),
    ];
  });
}
