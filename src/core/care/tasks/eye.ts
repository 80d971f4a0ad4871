import { addDays, weekOfDay } from '../../calendar/day';
import { isHung } from '../../containers/shape';
import type { PlantKind } from '../../plants/kind';
import { bookWeek } from '../../spots/spot';
import type { Pest, Rule } from '../task';
import { lastDay, lastDone } from '../world';
import { again, kindsOf } from './kindly';

/** Yellow leaves come off this often, days, once leaves are dense. */
const TIDY_DAYS = 14;
const TIDY_FROM_DAYS = 42;
/** A pot lit from one side leans within two weeks. Usual advice. */
const TURN_DAYS = 10;
/** Leaves are looked under this often, days. */
const LOOK_DAYS = 10;

/** What is usual in these book weeks; whom it likes is told by leaf and family. General terms, ours. */
const PESTS: readonly {
  readonly pest: Pest;
  readonly weeks: readonly [number, number];
  readonly likes: (kind: PlantKind) => boolean;
}[] = [
  {
    pest: 'aphids',
    weeks: [16, 38],
    likes: ({ cycle }) => cycle !== 'succulent' && cycle !== 'desert succulent',
  },
  {
    pest: 'slugs and snails',
    weeks: [12, 42],
    likes: ({ botanical, edible }) =>
      /^(Hosta|Dahlia|Tagetes|Petunia|Lobelia|Zinnia)/.test(botanical) || edible !== null,
  },
  {
    pest: 'red spider mite',
    weeks: [24, 36],
    likes: ({ botanical }) =>
      /^(Fuchsia|Impatiens|Ipomoea|Brugmansia|Musa|Thunbergia|Hedera)/.test(botanical),
  },
  {
    pest: 'whitefly',
    weeks: [20, 40],
    likes: ({ botanical }) => /^(Fuchsia|Pelargonium|Lantana|Solanum|Verbena)/.test(botanical),
  },
  {
    pest: 'vine weevil',
    weeks: [30, 44],
    likes: ({ botanical }) => /^(Heuchera|Primula|Begonia|Cyclamen|Sedum|Fuchsia)/.test(botanical),
  },
  {
    pest: 'mildew',
    weeks: [26, 40],
    likes: ({ botanical }) => /^(Verbena|Phlox|Begonia|Viola|Zinnia|Calendula)/.test(botanical),
  },
  {
    pest: 'grey mould',
    weeks: [36, 12],
    likes: ({ botanical }) => /^(Pelargonium|Cyclamen|Primula|Begonia|Viola)/.test(botanical),
  },
  {
    pest: 'leaf miners',
    weeks: [20, 38],
    likes: ({ botanical }) => /^(Argyranthemum|Chrysanthemum|Aquilegia|Calendula)/.test(botanical),
  },
];

const isIn = ([from, to]: readonly [number, number], week: number): boolean =>
  from <= to ? week >= from && week <= to : week >= from || week <= to;

/** The pests that are usual on a kind in a week of the book. */
export function pestsOn(kind: PlantKind, book: number): readonly Pest[] {
  return PESTS.filter(({ weeks, likes }) => isIn(weeks, book) && likes(kind)).map(
    ({ pest }) => pest,
  );
}

/** A look under the leaves, for what those kinds usually have in that month. */
export const look: Rule = {
  id: 'look',
  answeredBy: ['looks bad'],
  tasks: (world) => {
    const { reading, life, today } = world;
    const book = bookWeek(weekOfDay(today), reading.spot);
    const plants = reading.all.filter(({ kind }) => pestsOn(kind, book).length > 0);
    const pests = [...new Set(plants.flatMap(({ kind }) => pestsOn(kind, book)))].slice(0, 3);
    return again(plants, {
      today,
      from: addDays(life.plantedOn, 14),
      since: lastDone(world, 'look'),
      every: LOOK_DAYS,
      minutes: 1,
      tools: [],
      facts: { rule: 'look', pests, kinds: kindsOf(plants).slice(0, 3) },
    });
  },
};

/** Yellow and broken leaves, before they rot. */
export const tidy: Rule = {
  id: 'tidy',
  answeredBy: [],
  tasks: (world) => {
    const { reading, life, today } = world;
    const plants = reading.all.filter(({ kind }) => kind.cycle !== 'desert succulent');
    return again(plants, {
      today,
      from: addDays(life.plantedOn, TIDY_FROM_DAYS),
      since: lastDone(world, 'tidy'),
      every: TIDY_DAYS,
      minutes: 1.5,
      tools: ['bag'],
      facts: { rule: 'tidy', kinds: kindsOf(plants).slice(0, 2) },
    });
  },
};

/** Turned for even light: what stands before a wall and can be turned by hand. */
export const turn: Rule = {
  id: 'turn',
  answeredBy: ['turned'],
  tasks: (world) => {
    const { reading, life, today } = world;
    const { shape } = reading.planting.container;
    const isRound = shape.kind === 'round' || shape.kind === 'bowl' || shape.kind === 'cylinder';
    // What is seen from one side is composed for it, and stays so.
    if (!isRound || isHung(shape) || reading.spot.view === 'one side') return [];
    return again(reading.plants, {
      today,
      from: addDays(life.plantedOn, TURN_DAYS),
      since: lastDay(world, ['turned']),
      every: TURN_DAYS,
      minutes: 0.5,
      tools: [],
      facts: { rule: 'turn', everyDays: TURN_DAYS },
    }).map((task) => ({ ...task, places: [] }));
  },
};

/** What is left of a plant that is no longer worth its pocket; seed heads and bare twigs may be. */
const GONE = new Set(['nothing', 'yellowing leaves', 'dead stems']);

/** A pocket whose plant has gone over, with season left. */
export const swap: Rule = {
  id: 'swap',
  answeredBy: ['removed', 'ended'],
  tasks: ({ reading, life, today }) => {
    const book = bookWeek(weekOfDay(today), reading.spot);
    const over = reading.plants.filter(
      ({ kind, id }) =>
        kind.goneOver !== null &&
        GONE.has(kind.goneOver.remains) &&
        !life.gone.has(id) &&
        (book - kind.goneOver.week + 52) % 52 < 5,
    );
    if (over.length === 0) return [];
    return [
      {
        window: over.map(({ id }) => id).join(','),
        earliest: today,
        best: today,
        latest: addDays(today, 14),
        minutes: over.length * 4,
        tools: ['bag'],
        places: over.map(({ id }) => id),
        facts: { rule: 'swap', kinds: kindsOf(over) },
      },
    ];
  },
};
