import { askFor } from '../../../tests/builders/ask';
import { BASKET, known, planted, SUNNY, TUB, type Put } from '../../../tests/builders/plantings';
import { opinionOf } from '../checks/opinion';
import type { ClimateId } from '../climate/climates';
import { usualContainer } from '../containers/usual';
import { isOfSmallThings } from '../suitability/season';
import { keptThere } from '../suitability/shops';
import { weekAfter } from '../units/units';
import { hurdleOf, type Ask } from './ask';
import { isLiked, likingFor, shrubCost } from './liking';
import { keepsWishes } from './oneIdea';
import { leafyIn } from './proposal';
import { proposeNow } from './propose';

const at = (climate: ClimateId, latitudeDeg: number) => ({
  ...SUNNY,
  site: { ...SUNNY.site, climate, latitudeDeg },
});
const kinds = (...ids: string[]) => ids.map(known);

describe('for bees and butterflies', () => {
  const bees = askFor({}, { likes: ['wildlife'] });

  test('no flower that feeds none of them stands among the others; leaves and grasses may, one of three', () => {
    expect(keepsWishes(kinds('salvia-mealy-violet', 'alyssum-white', 'petunia-red'), bees)).toBe(
      false,
    );
    expect(keepsWishes(kinds('salvia-mealy-violet', 'alyssum-white', 'coleus-red'), bees)).toBe(
      true,
    );
    expect(
      keepsWishes(kinds('salvia-mealy-violet', 'alyssum-white', 'fountain-grass-purple'), bees),
    ).toBe(true);
    expect(
      keepsWishes(kinds('salvia-mealy-violet', 'fountain-grass-purple', 'coleus-red'), bees),
    ).toBe(false);
    // What must be there is there.
    expect(
      keepsWishes(
        kinds('salvia-mealy-violet', 'alyssum-white', 'petunia-red'),
        askFor({}, { likes: ['wildlife'], must: ['petunia-red'] }),
      ),
    ).toBe(true);
    // A red petunia stands in nobody’s way where insects are not asked for.
    expect(
      keepsWishes(kinds('salvia-mealy-violet', 'alyssum-white', 'petunia-red'), askFor()),
    ).toBe(true);
  });

  test('what feeds several sorts is liked more, and is bought for that though it lives for years', () => {
    const [lavender, bee, none] = kinds('lavender-violet', 'thyme-common', 'petunia-red');
    const gain = (kind: typeof lavender) => likingFor(kind!, bees) - likingFor(kind!, askFor());
    expect(isLiked(bee!, 'wildlife', bees)).toBe(true);
    expect(gain(lavender)).toBeGreaterThan(gain(bee));
    expect(gain(bee)).toBeGreaterThan(gain(none));
    expect(shrubCost(lavender!, bees)).toBe(0);
    expect(shrubCost(lavender!, askFor())).toBeGreaterThan(0);
    expect(shrubCost(known('box-ball'), bees)).toBeGreaterThan(0);
  });
});

test('where it never cools, what bears a hot damp summer dwindles in a stay of months, and serves for weeks', () => {
  const stay = (climate: ClimateId, latitudeDeg: number, weeks: number): Ask =>
    askFor(
      { spot: at(climate, latitudeDeg), plantedWeek: 20, endWeek: weekAfter(20, weeks) },
      { anyColours: true },
    );
  const bidens = known('bidens-gold');
  expect(hurdleOf(bidens, stay('tropical-wet', 4, 12))).toBe('heat');
  expect(hurdleOf(bidens, stay('tropical-wet', 4, 11))).not.toBe('heat');
  expect(hurdleOf(known('coleus-red'), stay('tropical-wet', 4, 30))).not.toBe('heat');
  expect(hurdleOf(bidens, stay('humid-subtropical', 33, 20))).not.toBe('heat');
  // Marguerites stop sooner; zonal pelargoniums bear a little more, and the dry heat of the Mediterranean.
  expect(hurdleOf(known('marguerite-pink'), stay('humid-subtropical', 33, 20))).toBe('heat');
  expect(hurdleOf(known('pelargonium-pink'), stay('humid-subtropical', 33, 20))).not.toBe('heat');
  expect(hurdleOf(known('pelargonium-pink'), stay('mediterranean-inland', 39, 20))).not.toBe(
    'heat',
  );
});

test('chrysanthemums are sold for their season where summers end them; what lives for years is not', () => {
  const plains = at('hot-summer-continental', 41);
  expect(keptThere(known('mum-bronze'), plains)).toBe(true);
  expect(keptThere({ ...known('mum-bronze'), company: ['meadow and grasses'] }, plains)).toBe(
    false,
  );
  const autumn = askFor({ spot: plains, plantedWeek: 37, endWeek: 45 }, { anyColours: true });
  expect(hurdleOf(known('mum-bronze'), autumn)).toBeNull();
});

test('a spring until summer bedding comes is of small things, as winter is; a summer is not, nor a spring that goes on', () => {
  const of = (plantedWeek: number, weeks: number) =>
    isOfSmallThings({ plantedWeek, endWeek: weekAfter(plantedWeek, weeks), spot: SUNNY });
  expect([of(14, 8), of(16, 14), of(43, 22)]).toEqual([true, true, true]);
  expect([of(16, 15), of(17, 12), of(20, 20)]).toEqual([false, false, false]);
});

test('what hangs behind in a basket comes round when it turns, where in a pot it is never seen; what is hidden in the middle is hidden in both', () => {
  const petunias = [
    ['petunia-red', 0, 2],
    ['petunia-red', -9, 2],
    ['petunia-red', 9, 2],
    ['petunia-red', 0, 11],
    ['petunia-red', -9, 9],
    ['petunia-red', 9, 9],
  ] as const;
  const judged = (container: typeof TUB, ...more: readonly Put[]) => {
    const it = planted([...petunias, ...more], { container }, { view: 'one side' });
    return opinionOf(it).remarks.find(({ check }) => check === 'money-seen')!;
  };
  const behind: Put = ['alyssum-white', 0, -13];
  expect(judged(TUB, behind).severity).toBe('trouble');
  expect(judged(BASKET, behind).severity).toBe('right');
  const among: Put = ['houseleek-green', 0, -3];
  const walled: readonly Put[] = [
    ['petunia-red', 0, -10],
    ['petunia-red', -9, -9],
    ['petunia-red', 9, -9],
  ];
  expect(judged(BASKET, among, ...walled).severity).toBe('look');
});

test('a year’s planting is led by what does not rest; for a summer resting later is no fault', () => {
  const cost = (weeks: number, id: string) => {
    const ask = askFor({
      spot: { ...SUNNY, sunHours: 2 },
      plantedWeek: 18,
      endWeek: weekAfter(18, weeks),
    });
    return likingFor(known(id), ask);
  };
  // Both lose by a long stay what summer bedding would; the hosta loses more, for the weeks without a leaf.
  const loss = (id: string) => cost(22, id) - cost(51, id);
  expect(loss('hosta-blue')).toBeGreaterThan(loss('shield-fern-soft') + 0.1);
});

test('slender bulbs come by the clump: three in a small pot, five in the middle of a large one', () => {
  const spring = { plantedWeek: 10, endWeek: 20 };
  const fewest = (topCm: number) => {
    const container = usualContainer(
      'Pot',
      { kind: 'round', topCm, baseCm: topCm * 0.75, depthCm: topCm * 0.9 },
      'terracotta',
    );
    const found = proposeNow(askFor({ ...spring, container }, { anyColours: true }));
    const counts = found.flatMap(({ places }) => {
      const bulbs = places
        .map(({ kindId }) => known(kindId))
        .filter(({ cycle }) => cycle === 'bulb');
      return [...new Set(bulbs)].map((kind) => bulbs.filter((one) => one === kind).length);
    });
    expect(counts.length).toBeGreaterThan(0);
    return Math.min(...counts);
  };
  expect(fewest(28)).toBeGreaterThanOrEqual(3);
  expect(fewest(42)).toBeGreaterThanOrEqual(5);
});

test('of leaves alone a summer pot is so by the share that does not flower, a winter pot only when nothing flowers or bears', () => {
  const leafy = (week: number, weeks: number, ...ids: string[]) =>
    leafyIn(
      planted(ids.map((id, i): Put => [id, 6 * i, 0])).plants,
      askFor({ plantedWeek: week, endWeek: weekAfter(week, weeks) }),
    ).leafy;
  expect(leafy(21, 18, 'petunia-white', 'coleus-red')).toBeCloseTo(0.5, 6);
  const bare = leafy(41, 22, 'ivy-white-edge', 'sedge-lime');
  expect(bare).toBeGreaterThan(0.3);
  expect(leafy(41, 22, 'ivy-white-edge', 'pansy-blue')).toBeUndefined();
});
