import { askFor } from '../../../tests/builders/ask';
import { USUAL_HOUSE } from '../plantings/house';
import { ballsOf, BASKET, BOX, planted, GOOD, SUNNY, TUB } from '../../../tests/builders/plantings';
import { opinionOf } from '../checks/opinion';
import { dangerInReach } from '../suitability/harm';
import { soldIn } from '../suitability/shops';
import { worstShortfallCm, FIT_TOLERANCE_CM } from '../placing/fit';
import { fromHex } from '../colour/oklch';
import { BOOK, kindOf } from '../plants/book/index';
import { inSpot } from '../plantings/planting';
import { plantCost } from '../shopping/plantCost';
import { hurdleOf } from './ask';
import { plantingOf } from '../plantings/brief';
import { obstaclesTo } from './obstacles';
import { differ } from './ideas';
import { propose, proposeNow } from './propose';
import { standInsFor } from './standIns';
import { applyEdit, swapEdit } from '../plantings/edits';
import type { Scheme } from '../colour/schemes';

const SCHEMES: readonly Scheme[] = [
  { kind: 'warm' },
  { kind: 'cool' },
  { kind: 'hot' },
  { kind: 'pastel' },
  { kind: 'one-and-white', colour: [0.5, 0.2, 293] },
  { kind: 'opposites', colour: [0.5, 0.2, 293] },
  { kind: 'loved', colour: [0.67, 0.19, 5] },
];

test.each(SCHEMES.map((scheme) => [scheme.kind, scheme] as const))(
  'six different plantings that fit for a %s scheme',
  (_, scheme) => {
    const found = proposeNow(askFor({}, { scheme }));
    expect(found.length).toBe(6);
    found.forEach((a, i) => {
      expect(worstShortfallCm(TUB, ballsOf(a.places))).toBeLessThanOrEqual(FIT_TOLERANCE_CM);
      expect(a.score).toBeGreaterThan(0.75);
      found.slice(i + 1).forEach((b) => expect(differ(a, b)).toBe(true));
    });
  },
);

test.each([
  ['box', BOX, { dropCm: 90 }],
  ['basket', BASKET, { view: 'from below' as const, dropCm: 200, sunHours: 4 }],
])('plantings for a %s fit it and keep clear of trouble', (_, container, spot) => {
  const asked = askFor({ container, spot: { ...SUNNY, ...spot } });
  const found = proposeNow(asked);
  expect(found.length).toBeGreaterThanOrEqual(6);
  for (const proposal of found) {
    expect(worstShortfallCm(container, ballsOf(proposal.places))).toBeLessThanOrEqual(
      FIT_TOLERANCE_CM,
    );
    const opinion = opinionOf(
      inSpot(plantingOf(proposal, asked, { id: 'a', name: 'a' }), asked.spot, kindOf, USUAL_HOUSE),
    );
    expect(
      opinion.remarks
        .filter(({ check }) => check === 'light' || check === 'thirst' || check === 'root-balls')
        .every(({ severity }) => severity !== 'trouble'),
    ).toBe(true);
  }
});

test('hard limits hold: light, reach, budget and eating', () => {
  const safe = askFor({ spot: { ...SUNNY, pets: true, children: true } }, { budget: 30 });
  for (const { places } of proposeNow(safe)) {
    const plants = inSpot(
      plantingOf({ places }, safe, { id: 'a', name: 'a' }),
      safe.spot,
      kindOf,
      USUAL_HOUSE,
    ).plants;
    expect(plants.every(({ kind }) => dangerInReach(kind, safe.spot) < 2)).toBe(true);
    expect(plantCost(plants)).toBeLessThanOrEqual(30);
  }
  const kitchen = proposeNow(askFor({}, { kitchen: true }));
  expect(kitchen.length).toBeGreaterThan(0);
  for (const { places } of kitchen)
    expect(places.every(({ kindId }) => kindOf(kindId)!.edible !== null)).toBe(true);
});

test('the same ask and seed give the same answer; the search can be stopped at any step with something to show', () => {
  expect(proposeNow(askFor())).toEqual(proposeNow(askFor()));
  const search = propose(askFor());
  let turn = search.next();
  // While kinds are sorted there is nothing yet; from the first planting judged there is.
  for (let i = 0; i < 3 && !turn.done && turn.value.step === 0; i += 1) turn = search.next();
  expect(turn.done).toBe(false);
  if (!turn.done) expect(turn.value.best.length).toBeGreaterThan(0);
});

test('when a wish stands in the way it is named, with what relaxing it gives', () => {
  const { obstacles } = obstaclesTo(askFor({}, { budget: 3 }));
  expect(obstacles[0]).toEqual({ relaxed: ['budget'], proposals: 6 });
  expect(proposeNow(askFor({}, { budget: 3 }))).toHaveLength(0);
});

test('hurdles: both sides of the light, and out of season', () => {
  const petunia = kindOf('petunia-white')!;
  expect(
    hurdleOf(petunia, askFor({}, { scheme: { kind: 'one-and-white', colour: [0.5, 0.2, 293] } })),
  ).toBeNull();
  expect(hurdleOf(petunia, askFor({ spot: { ...SUNNY, sunHours: 3 } }))).toBe('light');
  expect(hurdleOf(petunia, askFor({ plantedWeek: 10 }))).toBe('cold');
  const tulip = kindOf('tulip-plum')!;
  expect(hurdleOf(tulip, askFor())).toBe('shops');
  expect(hurdleOf(tulip, askFor({ plantedWeek: 12 }))).toBe('season');
  expect(
    hurdleOf(tulip, askFor({ plantedWeek: 12, endWeek: 20 }, { scheme: { kind: 'jewel' } })),
  ).toBeNull();
});

test('what flowers where it is warm is no plant for a mild winter; what afternoons scorch bears no hour too many', () => {
  const coast = {
    ...SUNNY,
    sunHours: 3,
    site: { ...SUNNY.site, climate: 'cool-summer-coast' as const, latitudeDeg: 38 },
  };
  const [balsam, pansy] = [kindOf('new-guinea-balsam-orange')!, kindOf('pansy-yellow')!];
  const winter = { plantedWeek: 40, endWeek: 16, spot: coast };
  const sooner = { ...winter, plantedWeek: 37 };
  expect(hurdleOf(balsam, askFor(sooner, { scheme: { kind: 'warm' } }))).toBe('season');
  // By then shops have none any more.
  expect(hurdleOf(balsam, askFor(winter, { scheme: { kind: 'warm' } }))).toBe('shops');
  expect(hurdleOf(pansy, askFor(winter, { scheme: { kind: 'warm' } }))).toBeNull();
  // Cool nights in six weeks of ten keep no canna out of a summer; a summer of nothing else does.
  const bold = { scheme: { kind: 'warm' }, company: 'bold tender foliage' } as const;
  const canna = (climate: 'cool-maritime' | 'northern-maritime', latitudeDeg: number) =>
    hurdleOf(
      kindOf('canna-red')!,
      askFor({ spot: { ...SUNNY, site: { ...SUNNY.site, climate, latitudeDeg } } }, bold),
    );
  expect([canna('cool-maritime', 52), canna('northern-maritime', 57)]).toEqual([null, 'cold']);
  const hakone = kindOf('hakone-grass-gold')!;
  const inSun = (sunHours: number) =>
    hurdleOf(hakone, askFor({ spot: { ...SUNNY, sunHours } }, { scheme: { kind: 'warm' } }));
  expect([inSun(6), inSun(7)]).toEqual([null, 'light']);
});

test('alpines flower by turns: they need to agree in colour less than others do', () => {
  const inWarm = (id: string, company?: 'alpine') =>
    hurdleOf(
      kindOf(id)!,
      askFor(
        { plantedWeek: 18, endWeek: 36 },
        { scheme: { kind: 'warm' }, ...(company ? { company } : {}) },
      ),
    );
  expect([inWarm('pinks-rose', 'alpine'), inWarm('pinks-rose')]).toEqual([null, 'scheme']);
  expect(inWarm('pasque-flower-violet', 'alpine')).toBe('scheme');
});

test('heathers and spindles hide what grows among stones; elsewhere beside evergreens they are met with', () => {
  const wished = (id: string, company: 'alpine' | 'woodland shade', plantedWeek = 16) =>
    hurdleOf(kindOf(id)!, askFor({ plantedWeek }, { company, anyColours: true }));
  for (const id of ['spindle-white', 'heather-gold-leaf'])
    expect([id, wished(id, 'alpine')]).toEqual([id, 'company']);
  expect(wished('spindle-white', 'woodland shade')).not.toBe('company');
  expect(wished('juniper-column', 'alpine')).toBeNull();
  // What grows on dry banks may stand beside them when it is as low and as hardy.
  expect(wished('pelargonium-salmon', 'alpine', 22)).toBe('company');
  expect(wished('blue-fescue', 'alpine')).not.toBe('company');
});

test('who names one colour is given that: flowers of another over leaves of it are another, and dark leaves beside yellow too', () => {
  const named = (id: string, ...hexes: string[]) =>
    hurdleOf(
      kindOf(id)!,
      askFor({}, { scheme: { kind: 'named', colours: hexes.map((hex) => fromHex(hex)!) } }),
    );
  const [yellow, red, pink] = ['#f5d93c', '#d7263d', '#ee7fb1'] as const;
  expect(named('fuchsia-gold-leaf', yellow)).toBe('scheme');
  expect(named('coleus-trailing-plum', yellow)).toBe('scheme');
  expect(named('calibrachoa-yellow', yellow)).not.toBe('scheme');
  expect(named('coral-bells-plum', red)).not.toBe('scheme');
  // Coral is no pink.
  expect(named('diascia-coral', pink)).toBe('scheme');
  expect(named('twinspur-pink', pink)).not.toBe('scheme');
});

test('where white alone was named, white with red in it is red', () => {
  const named = (id: string, ...hexes: string[]) =>
    hurdleOf(
      kindOf(id)!,
      askFor(
        { plantedWeek: 21 },
        { scheme: { kind: 'named', colours: hexes.map((hex) => fromHex(hex)!) } },
      ),
    );
  const [white, pink] = ['#f7f6f1', '#e78fb3'];
  expect(named('fuchsia-bush-white-red', white)).toBe('scheme');
  expect(named('fuchsia-bush-white-red', white, pink)).not.toBe('scheme');
});

test('winter benches hold what winter pots are made of until Christmas and after it, and no bedding of summer', () => {
  const { spot } = askFor();
  const there = { ...spot, site: { ...spot.site, climate: 'cold-continental' as const } };
  const inShops = (id: string, week: number) => soldIn(kindOf(id)!, week, there);
  const from = (id: string, weeks: readonly number[]) => weeks.map((week) => inShops(id, week));
  expect(from('skimmia-red-bud', [49, 2])).toEqual([true, true]);
  expect(from('ivy-green', [49, 2])).toEqual([true, true]);
  expect(from('christmas-rose', [49, 2])).toEqual([true, true]);
  // Cyclamen until Christmas; pansies until mid December, and from the end of January.
  expect(from('cyclamen-red', [51, 2])).toEqual([true, false]);
  expect(from('pansy-red', [50, 51, 3, 4])).toEqual([true, false, false, true]);
  expect(from('marguerite-pink', [49, 2])).toEqual([false, false]);
});

test('a desert’s summer has flowers of its own, and ends those of kinder places', () => {
  const desert = {
    ...SUNNY,
    site: { ...SUNNY.site, climate: 'hot-desert' as const, latitudeDeg: 33 },
  };
  const ask = askFor({ plantedWeek: 21, endWeek: 40, spot: desert }, { scheme: { kind: 'warm' } });
  const hurdles = (ids: readonly string[]) => ids.map((id) => hurdleOf(kindOf(id)!, ask));
  expect(hurdles(['rose-periwinkle-rose', 'lantana-gold', 'purslane-orange'])).toEqual(
    Array(3).fill(null),
  );
  expect(hurdles(['marguerite-white', 'african-daisy-copper'])).toEqual(['heat', 'heat']);
  const led = new Set(proposeNow(ask).map(({ lead }) => lead));
  expect(led.size).toBeGreaterThanOrEqual(3);
});

test('stand-ins suit the place, are not there already, and change the score by what they said', () => {
  const it = planted(GOOD);
  const found = standInsFor(it, 'pelargonium-scarlet', BOOK);
  expect(found.length).toBeGreaterThan(2);
  expect(found.every(({ kindId }) => !GOOD.some(([id]) => id === kindId))).toBe(true);
  const [best] = found;
  const after = opinionOf(
    inSpot(
      applyEdit(it.planting, swapEdit('pelargonium-scarlet', best!.kindId, best!.size)),
      it.spot,
      kindOf,
      USUAL_HOUSE,
    ),
  ).score;
  expect(after - opinionOf(it).score).toBeCloseTo(best!.scoreChange, 6);
});
