import { HIGHEST_CM } from '@/core/plantings/heights';
import { LIKES } from '@/core/plantings/schema';
import { isPick } from '@/core/search/liking';
import { CLIMATE_IDS, type ClimateId } from '@/core/climate/climates';
import type { Oklch } from '@/core/colour/oklch';
import { SCHEME_KINDS, type Scheme } from '@/core/colour/schemes';
import { isHung } from '@/core/containers/shape';
import { USUAL_HOUSE } from '@/core/plantings/house';
import { SCHOOL_IDS } from '@/core/plantings/schoolId';
import { BOOK } from '@/core/plants/book/index';
import { hash01, hash32 } from '@/core/random/hash';
import type { Ask } from '@/core/search/ask';
import { SHIPPED } from '@/core/shelf/shipped';
import { usualSpot } from '@/core/spots/spot';
import { weekAfter } from '@/core/units/units';

/** Where on earth each climate is met with, degrees. */
const LATITUDES: Readonly<Record<ClimateId, number>> = {
  'cool-maritime': 52,
  'mild-maritime': 50,
  'northern-maritime': 57,
  'temperate-transitional': 49,
  'cold-continental': 51,
  'hot-summer-continental': 41,
  'short-summer-continental': 46,
  subarctic: 64,
  'mountain-valley': 47,
  'humid-subtropical': 33,
  'warm-humid-subtropical': 28,
  'mediterranean-coast': 41,
  'mediterranean-inland': 39,
  'cool-summer-coast': 38,
  'dry-steppe': 47,
  'hot-desert': 32,
  'tropical-highland': -1,
  'tropical-seasonal': 14,
  'tropical-wet': 3,
  'southern-temperate': -37,
  'southern-maritime': -42,
  'southern-subtropical': -30,
};

const COLOURS = [
  [0.5, 0.2, 293],
  [0.57, 0.22, 27],
  [0.85, 0.17, 95],
  [0.7, 0.17, 0],
  [0.55, 0.17, 265],
] as const;

/** One ask in so many is for a place in the wind. */
const WINDY_ONE_IN = 7;

/** One ask in so many leaves its colours open. */
const OPEN_ONE_IN = 4;

/** One ask in so many is for plants that have something. */
const LIKING_ONE_IN = 5;
const LIKED = LIKES.filter((like) => !isPick(like));

/** One ask in so many names its colours, one or two; one in so many says how high it may or shall stand, cm. */
const NAMED_ONE_IN = 9;
const HEIGHT_ONE_IN = 11;
const HEIGHTS = [
  [0, 25],
  [0, 40],
  [70, HIGHEST_CM],
  [100, HIGHEST_CM],
] as const;

function named(seed: number, colour: Oklch): Scheme {
  const other = COLOURS[seed % COLOURS.length]!;
  return { kind: 'named', colours: other === colour ? [colour] : [colour, other] };
}

/** An ask drawn by lot: any container of the shelf, climate, weeks, light, scheme, school, budget and reach. The same for the same seed. */
export function randomAsk(seed: number): Ask {
  let key = 0;
  const chance = () => hash01(seed, (key += 1), 77);
  const pick = <T>(list: readonly T[]): T => list[hash32(seed, (key += 1), 78) % list.length]!;
  const container = pick(SHIPPED);
  const climate = pick(CLIMATE_IDS);
  const kind = pick(SCHEME_KINDS.filter((one) => one !== 'palette' && one !== 'named'));
  const colour = pick(COLOURS);
  const scheme = seed % NAMED_ONE_IN === 4 ? named(seed, colour) : ({ kind, colour } as Scheme);
  const plantedWeek = 1 + Math.floor(chance() * 52);
  const hung = isHung(container.shape);
  // By the seed itself, as the wind is.
  const like =
    seed % LIKING_ONE_IN === 1 ? LIKED[Math.floor(seed / LIKING_ONE_IN) % LIKED.length] : null;
  return {
    container,
    spot: usualSpot({
      id: 'spot',
      name: 'Spot',
      sunHours: Math.round(chance() * 20) / 2,
      sunWhen: pick(['spread', 'morning', 'afternoon'] as const),
      view: hung ? 'from below' : pick(['one side', 'all round'] as const),
      pets: chance() < 0.15,
      children: chance() < 0.15,
      dropCm: hung ? 190 : 0,
      // By the seed itself: what else is drawn stays as it was.
      exposure: seed % WINDY_ONE_IN === 0 ? 'balcony' : 'open',
      site: { latitudeDeg: LATITUDES[climate], longitudeDeg: 0, timeZone: 'UTC', climate },
    }),
    house: USUAL_HOUSE,
    plantedWeek,
    endWeek: weekAfter(plantedWeek, 8 + Math.floor(chance() * 36)),
    kinds: BOOK,
    seed,
    wishes: {
      scheme,
      fullInWeeks: 4 + Math.floor(chance() * 9),
      budget: chance() < 0.2 ? 15 + Math.round(chance() * 60) : null,
      kitchen: chance() < 0.08,
      school: chance() < 0.25 ? pick(SCHOOL_IDS.filter((one) => one !== 'kitchen')) : 'any',
      must: [],
      never: [],
      ...(like ? { likes: [like] } : {}),
      ...(seed % HEIGHT_ONE_IN === 3 ? { tallestCm: HEIGHTS[seed % HEIGHTS.length]! } : {}),
      ...(seed % OPEN_ONE_IN === 2 ? { anyColours: true } : {}),
    },
  };
}
