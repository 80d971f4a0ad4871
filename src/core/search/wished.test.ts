import { askFor } from '../../../tests/builders/ask';
import { BASKET, BOX, known, planted } from '../../../tests/builders/plantings';
import { mixL } from '../containers/container';
import { usualContainer } from '../containers/usual';
import { BOOK, kindOf } from '../plants/book/index';
import { scentsEvening } from '../plants/eveningScent';
import { familiarity } from '../plants/familiar';
import type { PlantKind } from '../plants/kind';
import { pickedAs } from '../plants/picked';
import { SCHOOLS } from '../schools/index';
import type { Spot } from '../spots/spot';
import { likeNamed } from '../colour/likeness';
import { fromHex, type Oklch } from '../colour/oklch';
import { coloursOf } from '../plants/colours';
import { grownHeightCm, hurdleOf, type Ask } from './ask';
import { bulbsFor, withBulb } from './bulbs';
import { eligible } from './compose';
import { hangsIll } from './hung';
import { Judge } from './judge';
import { isLiked, likingFor, shrubCost } from './liking';
import { goTogether, keepsWishes } from './oneIdea';
import { obstaclesTo } from './obstacles';
import { obstacleText } from '../../words/obstacles';
import { thinIn } from './place';
import type { Proposal } from './proposal';
import { proposeNow } from './propose';

const FEW = { wanted: 4, effort: 24, improve: 0 };
/** Steps in which likes take the place of some. */
const IMPROVED = 500;
const kindsIn = ({ places }: Proposal) =>
  [...new Set(places.map(({ kindId }) => kindId))].map((id) => kindOf(id)!);

test.each([
  ['herbs', (kinds: number) => (kinds < 4 ? 0 : 1)],
  ['salad', (kinds: number) => (kinds < 4 ? 0 : 1)],
  // At the foot of tomatoes stands basil.
  ['fruit', (kinds: number) => Math.floor(kinds * 0.6)],
] as const)(
  'who asks for %s gets little else, and nothing that is not eaten, in whatever colours they come',
  (like, mayLack) => {
    // Improved as they are shown: a like kind that is put in the place of one is of the sort too.
    const found = proposeNow(
      askFor({}, { kitchen: true, likes: [like], scheme: { kind: 'warm' } }),
      { ...FEW, improve: IMPROVED },
    );
    expect(found.length).toBeGreaterThan(0);
    for (const one of found) {
      const kinds = kindsIn(one);
      const others = kinds.filter((kind) => pickedAs(kind) !== like);
      expect(others.length).toBeLessThanOrEqual(mayLack(kinds.length));
      expect(kinds.map(pickedAs)).not.toContain(null);
    }
  },
);

test('who asks for scent in the evening gets flowers that scent it, half of the kinds and more', () => {
  const found = proposeNow(askFor({}, { likes: ['evening scent'], scheme: { kind: 'cool' } }), FEW);
  expect(found.length).toBeGreaterThan(0);
  for (const kinds of found.map(kindsIn))
    expect(kinds.filter(scentsEvening).length).toBeGreaterThanOrEqual(kinds.length / 2);
  expect(
    ['tobacco-white', 'lavender-violet', 'basil-green'].map((id) => scentsEvening(known(id))),
  ).toEqual([true, false, false]);
});

test('what comes back lives through the winter where it stands; in a place without frost more does', () => {
  const at = (climate: Spot['site']['climate'], latitudeDeg: number) => {
    const ask = askFor();
    const site = { ...ask.spot.site, climate, latitudeDeg };
    return { ...ask, spot: { ...ask.spot, site } };
  };
  const cool = at('cool-maritime', 52);
  const mild = at('cool-summer-coast', 38);
  const back = (id: string, ask: Ask) => isLiked(known(id), 'comes back', ask);
  expect(
    ['catmint-blue', 'pelargonium-scarlet', 'lobelia-blue'].map((id) => back(id, cool)),
  ).toEqual([true, false, false]);
  expect(
    ['catmint-blue', 'pelargonium-scarlet', 'lobelia-blue'].map((id) => back(id, mild)),
  ).toEqual([true, true, false]);
  const found = proposeNow(askFor({}, { likes: ['comes back'], anyColours: true }), FEW);
  expect(found.length).toBeGreaterThan(0);
  for (const one of found) {
    const kinds = kindsIn(one);
    const lacking = kinds.filter((kind) => !isLiked(kind, 'comes back', askFor()));
    expect(lacking.length).toBeLessThanOrEqual(kinds.length / 5);
  }
  // Whoever says so thinks of perennials, which rest, rather than of shrubs.
  const year = askFor({ plantedWeek: 17, endWeek: 16 }, { likes: ['comes back'] });
  const any = askFor({ plantedWeek: 17, endWeek: 16 });
  const more = (id: string) => likingFor(known(id), year) - likingFor(known(id), any);
  expect(more('catmint-blue')).toBeGreaterThan(more('spindle-gold') + 0.1);
  expect(shrubCost(known('spindle-gold'), any)).toBe(0);
  expect(shrubCost(known('spindle-gold'), year)).toBeGreaterThan(0.1);
  const shady = { ...year, spot: { ...year.spot, sunHours: 2.9 } };
  expect(shrubCost(known('spindle-gold'), shady)).toBe(0);
});

test('a height is kept to: nothing over the most that was wished, a lead of the least', () => {
  const heights = (tallestCm: readonly [number, number]) =>
    proposeNow(askFor({}, { tallestCm, anyColours: true }), FEW).map((one) =>
      Math.max(...kindsIn(one).map((kind) => grownHeightCm(kind))),
    );
  const low = heights([0, 30]);
  const tall = heights([80, 400]);
  expect([low.length > 0, tall.length > 0]).toEqual([true, true]);
  for (const cm of low) expect(cm).toBeLessThanOrEqual(33);
  for (const cm of tall) expect(cm).toBeGreaterThanOrEqual(76);
  const ask = askFor({}, { tallestCm: [0, 30] });
  expect(hurdleOf(known('canna-bronze'), ask)).toBe('size');
  // So low, nothing stands over the others.
  const box = askFor({ container: BOX }, { tallestCm: [0, 25], anyColours: true });
  const flat = proposeNow(box, FEW);
  expect(flat.length).toBeGreaterThan(0);
  expect(flat.map(({ lead }) => lead)).toEqual(flat.map(() => null));
});

test('colours that are named are there, each of them, or the proposal says which is not', () => {
  const [violet, orange] = [fromHex('#6a3fa0')!, fromHex('#ee7d1d')!];
  const found = proposeNow(
    askFor({}, { scheme: { kind: 'named', colours: [violet, orange] } }),
    FEW,
  );
  expect(found.length).toBeGreaterThan(0);
  for (const one of found) {
    const seen = kindsIn(one).flatMap((kind) => coloursOf(kind).map(({ colour }) => colour));
    const has = (named: Oklch) => seen.some((colour) => likeNamed(colour, named) >= 0.5);
    expect([has(violet), one.missing.includes('leading colour')]).not.toEqual([false, false]);
    expect([has(orange), one.missing.includes('opposite colour')]).not.toEqual([false, false]);
  }
  expect(found.filter(({ missing }) => missing.length === 0).length).toBeGreaterThan(0);
});

test('where children pick, nothing burns their eyes; without them chillies are picked', () => {
  const picked = askFor({}, { kitchen: true, scheme: { kind: 'warm' } });
  const withChildren = { ...picked, spot: { ...picked.spot, children: true } };
  const chilli = known('chilli-red');
  expect([hurdleOf(chilli, picked), hurdleOf(chilli, withChildren)]).toEqual([null, 'reach']);
  expect(hurdleOf(known('strawberry'), withChildren)).toBeNull();
});

test('what fruits has mix enough to: no more plants of it than one to twelve litres', () => {
  const tub = usualContainer('Tub', { kind: 'square', topCm: 50, baseCm: 45, depthCm: 45 }, 'oak');
  const ask = askFor({ container: tub }, { likes: ['fruit'], kitchen: true });
  const most = mixL(tub) / 12;
  const found = proposeNow(ask, FEW);
  expect(found.length).toBeGreaterThan(0);
  for (const { places } of found) {
    const fruiting = places.filter(({ kindId }) => {
      const kind = known(kindId);
      return pickedAs(kind) === 'fruit' && kind.cycle === 'annual';
    });
    expect(fruiting.length).toBeLessThanOrEqual(most);
  }
});

test('a sink of alpines is led by nothing from elsewhere', () => {
  const sink = usualContainer(
    'Sink',
    { kind: 'box', lengthCm: 70, widthCm: 40, baseLengthCm: 68, baseWidthCm: 38, depthCm: 14 },
    'stone',
  );
  const found = proposeNow(
    askFor(
      { container: { ...sink, mix: 'gritty' } },
      { company: 'alpine', scheme: { kind: 'jewel' } },
    ),
    FEW,
  );
  expect(found.length).toBeGreaterThan(0);
  for (const one of found) {
    if (one.lead !== null) expect(known(one.lead).company).toContain('alpine');
    const kinds = kindsIn(one);
    expect(kinds.length).toBeGreaterThanOrEqual(3);
    expect(kinds.filter(({ company }) => !company.includes('alpine')).length).toBeLessThanOrEqual(
      kinds.length * 0.4,
    );
  }
});

test('double flowers are no food for insects', () => {
  const open = { ...known('dahlia-single-lemon'), wildlife: ['bees'] as never };
  expect(isLiked(open, 'wildlife', askFor())).toBe(true);
  const double = { ...open, bloom: { ...open.bloom!, form: 'double' as const } };
  expect(isLiked(double, 'wildlife', askFor())).toBe(false);
  // Nor is what feeds moths at night, or birds in winter, for bees and butterflies.
  expect(isLiked({ ...open, wildlife: ['moths', 'birds'] as never }, 'wildlife', askFor())).toBe(
    false,
  );
});

test('berries are asked for in the weeks that have them; a third of the kinds with them is enough, and none is not', () => {
  const winter = askFor({ plantedWeek: 41, endWeek: 12 }, { likes: ['berries'] });
  const spring = { ...winter, plantedWeek: 14, endWeek: 30 };
  const [berried, ivy, heath] = [
    known('pernettya-pink'),
    known('ivy-white-edge'),
    known('heather-winter-pink'),
  ];
  expect(isLiked(berried, 'berries', winter)).toBe(true);
  expect(isLiked(berried, 'berries', spring)).toBe(false);
  // What is eaten from a plant in the kitchen garden is no heap of berries.
  expect(isLiked(known('tomato-tumbling-red'), 'berries', { ...winter, plantedWeek: 24 })).toBe(
    false,
  );
  expect(keepsWishes([berried, ivy, heath], winter)).toBe(true);
  expect(keepsWishes([ivy, heath], winter)).toBe(false);
  // One that stands alone is not without.
  expect([keepsWishes([ivy], winter), keepsWishes([berried], winter)]).toEqual([false, true]);
});

test('among the candidates some have what was asked for, however much better others are; nobody asked, nobody is added', () => {
  const bodies = (likes: Ask['wishes']['likes']) => {
    const ask = askFor({ plantedWeek: 41, endWeek: 12 }, likes ? { likes } : {});
    const found = new Judge(ask, eligible(ask), SCHOOLS.thriller).best('body', 6);
    return { found, liked: found.filter((kind) => isLiked(kind, 'berries', ask)) };
  };
  expect(bodies(undefined).liked).toEqual([]);
  expect(bodies(undefined).found).toHaveLength(6);
  expect(bodies(['berries']).liked.length).toBeGreaterThan(0);
  expect(new Set(bodies(['berries', 'scent']).found).size).toBe(
    bodies(['berries', 'scent']).found.length,
  );
});

test('a part of a cast may wait for what is to come; the whole may not', () => {
  const winter = askFor({ plantedWeek: 41, endWeek: 12 }, { likes: ['berries'] });
  const [ivy, heath] = [known('ivy-white-edge'), known('heather-winter-pink')];
  expect(keepsWishes([ivy, heath], winter, 1)).toBe(true);
  expect(keepsWishes([ivy, heath], winter, 0)).toBe(false);
  expect(keepsWishes([ivy, heath, known('viola-white')], winter)).toBe(false);
});

test.each([
  ['berries', { plantedWeek: 41, endWeek: 12 }, 'green-and-white'],
  ['movement', { plantedWeek: 20, endWeek: 42 }, 'pastel'],
  ['touch', { plantedWeek: 20, endWeek: 42 }, 'pastel'],
] as const)('who asks for %s gets it in each planting', (like, stay, scheme) => {
  const ask = askFor(stay, { likes: [like], scheme: { kind: scheme } });
  const found = proposeNow(ask);
  expect(found.length).toBeGreaterThan(0);
  for (const one of found)
    expect(kindsIn(one).filter((kind) => isLiked(kind, like, ask)).length).toBeGreaterThanOrEqual(
      kindsIn(one).length / 3,
    );
});

test('where hands go among the plants nothing stabs; who insists on it has it', () => {
  const ask = askFor({ plantedWeek: 20, endWeek: 42 }, { likes: ['touch'] });
  const agave = { ...known('lavender-pink'), irritant: known('agave-blue').irritant };
  expect(hurdleOf(agave, ask)).toBe('touch');
  expect(hurdleOf(known('lavender-pink'), ask)).not.toBe('touch');
  expect(hurdleOf(agave, { ...ask, wishes: { ...ask.wishes, likes: ['scent'] } })).not.toBe(
    'touch',
  );
  expect(hurdleOf(agave, { ...ask, wishes: { ...ask.wishes, must: [agave.id] } })).toBeNull();
});

test('what is known to do a little harm gives way where pets reach it, what passes where it is to last, succulents where there is no grit', () => {
  const difference = (id: string, a: Ask, b: Ask) =>
    likingFor(known(id), a) - likingFor(known(id), b);
  const home = askFor({ spot: { ...askFor().spot, pets: false, children: false } });
  const pets = { ...home, spot: { ...home.spot, pets: true } };
  expect(difference('coleus-red', home, pets)).toBeGreaterThan(0.1);
  expect(difference('petunia-white', home, pets)).toBeCloseTo(0, 9);
  const stay = (weeks: number) => ({ ...home, plantedWeek: 14, endWeek: 14 + weeks });
  expect(difference('kale-curly', stay(34), stay(35))).toBeGreaterThan(0.1);
  const gritty = { ...home, container: { ...home.container, mix: 'gritty' as const } };
  expect(difference('echeveria-lime', gritty, home)).toBeGreaterThan(0.1);
  expect(difference('stonecrop-gold', gritty, home)).toBeCloseTo(0, 1);
});

test('a meadow holds no shrubs, even one that is to last', () => {
  const ask = askFor({ plantedWeek: 14, endWeek: 10 }, { company: 'meadow and grasses' });
  expect(shrubCost(known('weigela-dark'), ask)).toBeGreaterThan(0.3);
  expect(shrubCost(known('clematis-white'), ask)).toBe(0);
  expect(shrubCost(known('weigela-dark'), askFor({ plantedWeek: 14, endWeek: 10 }))).toBe(0);
});

test('money that is short buys packs before it leaves a box half empty', () => {
  const plants = (budget: number | null) =>
    Math.max(
      ...proposeNow(askFor({ container: BOX }, { budget }), FEW).map(({ places }) => places.length),
    );
  const spare = proposeNow(askFor({ container: BOX }, { budget: 20 }), FEW);
  for (const { cost } of spare) expect(cost).toBeLessThanOrEqual(20);
  expect(spare.some(({ places }) => places.some(({ size }) => size === 'six-pack'))).toBe(true);
  expect(plants(20)).toBeGreaterThan(0.6 * plants(null));
});

test('led by a company means led by one of it, where there is one', () => {
  const leads = (wishes: Partial<Ask['wishes']>) => {
    const ask = askFor({}, wishes);
    return new Judge(ask, eligible(ask), SCHOOLS.thriller).best('lead', 5);
  };
  const bold = 'bold tender foliage' as const;
  const own = leads({ company: bold }).filter(({ company }) => company.includes(bold));
  expect(own.length).toBeGreaterThanOrEqual(3);
  expect(leads({}).some(({ company }) => !company.includes(bold))).toBe(true);
});

test('a cone leads no few weeks of flowers; it leads a winter, neat evergreens, what stands for years, and what insists on it', () => {
  const cone: PlantKind = { ...known('petunia-white'), id: 'cone', habit: 'cone', roles: ['lead'] };
  const lead = (
    change: Parameters<typeof askFor>[0] = {},
    wishes: Partial<Ask['wishes']> = {},
    school: keyof typeof SCHOOLS = 'thriller',
  ) => {
    const ask = askFor({ kinds: [cone], ...change }, wishes);
    return new Judge(ask, [cone], SCHOOLS[school]).of(cone, 'lead');
  };
  expect(lead()).toBe(0);
  for (const worth of [
    lead({ plantedWeek: 44, endWeek: 12 }),
    lead({}, { company: 'evergreen structure' }),
    lead({}, { must: ['cone'] }),
    lead({}, {}, 'specimen'),
  ])
    expect(worth).toBeGreaterThan(0);
});

test('evergreens for structure are led by what is neat: a sword costs, and only as a lead', () => {
  const neat = askFor({}, { company: 'evergreen structure' });
  const of = (habit: PlantKind['habit'], role: 'lead' | 'body', ask = neat) => {
    const kind: PlantKind = {
      ...known('box-ball'),
      id: habit,
      habit,
      roles: ['lead', 'body'],
      company: ['evergreen structure'],
    };
    return new Judge({ ...ask, kinds: [kind] }, [kind], SCHOOLS.thriller).of(kind, role);
  };
  expect(of('upright', 'lead') - of('sword', 'lead')).toBeGreaterThan(0.15);
  expect(of('upright', 'body') - of('sword', 'body')).toBeCloseTo(0, 1);
  expect(of('upright', 'lead', askFor()) - of('sword', 'lead', askFor())).toBeCloseTo(0, 1);
});

test('nothing stiff is hung up where something arches', () => {
  const found = proposeNow(
    askFor({ container: BASKET, spot: { ...askFor().spot, view: 'from below', dropCm: 200 } }),
    FEW,
  );
  const stiff = found
    .flatMap(kindsIn)
    .filter(({ habit }) => habit === 'strap' || habit === 'spike');
  expect(stiff.map(({ id }) => id)).toEqual([]);
});

test('a shrub costs in a summer pot, twice when it is nothing but structure, and not where it was asked for', () => {
  const ask = askFor();
  const spindle = known('spindle-gold');
  const once = { ...spindle, company: ['dry and silver'] as const };
  expect(shrubCost(spindle, ask)).toBeCloseTo(2 * shrubCost(once, ask), 9);
  expect(shrubCost(once, ask)).toBeGreaterThan(0);
  expect(shrubCost(known('petunia-white'), ask)).toBe(0);
  expect(shrubCost(spindle, askFor({}, { company: 'evergreen structure' }))).toBe(0);
  expect(shrubCost(spindle, askFor({ plantedWeek: 44, endWeek: 12 }))).toBe(0);
  // The shorter it stands, the more.
  expect(shrubCost(once, askFor({ endWeek: 32 }))).toBeGreaterThan(shrubCost(once, ask));
});

test('only a summer’s stay without a word of leaves counts those that do not flower', () => {
  const leafy = (...asked: Parameters<typeof askFor>) =>
    proposeNow(askFor(...asked), { wanted: 2, effort: 12, improve: 0 }).map((one) => one.leafy);
  for (const share of leafy()) expect(share).toBeGreaterThanOrEqual(0);
  for (const scheme of ['green-and-white', 'dark-and-lime'] as const)
    expect(new Set(leafy({}, { scheme: { kind: scheme } }))).toEqual(new Set([undefined]));
});

test('a vegetable costs where nothing is to be eaten, and a silver herb does not', () => {
  const chilli = known('chilli-red');
  const herb = { ...chilli, company: [...chilli.company, 'dry and silver'] as const };
  const asHerb = (kitchen: boolean) => {
    const ask = askFor({}, { kitchen, scheme: { kind: 'warm' } });
    const worth = (kind: PlantKind) =>
      new Judge(ask, [kind], SCHOOLS.thriller).of(kind, 'lead') - likingFor(kind, ask);
    return worth(herb) - worth(chilli);
  };
  expect(asHerb(true)).toBeCloseTo(0, 6);
  expect(asHerb(false)).toBeGreaterThan(0.2);
  expect(shrubCost(known('rosemary-upright'), askFor({}, { kitchen: true }))).toBe(0);
});

test('what comes in together is grown together; one alone, and what is to be eaten, is not asked', () => {
  const [daisy, sedge] = [known('michaelmas-daisy-lilac'), known('sedge-gold-stripe')];
  const { wishes } = askFor();
  expect(goTogether([daisy, sedge], wishes)).toBe(false);
  expect(goTogether([daisy], wishes)).toBe(true);
  expect(goTogether([daisy, sedge], { ...wishes, kitchen: true })).toBe(true);
  expect(goTogether([daisy, known('coneflower-white')], wishes)).toBe(true);
});

test('bulbs that sleep beneath hide no mix, and without a budget nobody counts how thin it is', () => {
  const autumn = { plantedWeek: 42, endWeek: 20 };
  const plants = (ids: readonly string[]) =>
    planted(ids.map((id, i) => [id, 4 * i, 0, id.startsWith('daffodil') ? 'bulb' : '9cm'] as const))
      .plants;
  const ask = askFor(autumn, { budget: 30 });
  const thin = (...ids: string[]) => thinIn(plants(ids), ask).thin!;
  expect(thin('pansy-blue', 'daffodil-small')).toBeCloseTo(thin('pansy-blue'), 9);
  expect(thin('pansy-blue', 'pansy-blue')).toBeLessThan(thin('pansy-blue'));
  expect(thinIn(plants(['pansy-blue']), askFor(autumn))).toEqual({});
});

test('where the wind rules almost everything out, the wind is named, and a corner out of it helps', () => {
  const ask = askFor(
    { spot: { ...askFor().spot, exposure: 'balcony', sunHours: 1 } },
    { company: 'woodland shade', scheme: { kind: 'green-and-white' } },
  );
  const { obstacles, ruledOut } = obstaclesTo(ask);
  expect(ruledOut.wind).toBeGreaterThan(5);
  const named = obstacles.find(({ relaxed }) => relaxed.includes('wind'));
  expect(named?.proposals).toBeGreaterThan(proposeNow(ask, FEW).length);
  expect(obstacleText({ relaxed: ['wind'], proposals: 3 })).toBe(
    'The wind is in the way: in a corner out of the wind there would be 3 plantings.',
  );
});

test('a pack that is paid for is planted: with very little money a box still has a run of something', () => {
  const found = proposeNow(askFor({ container: BOX }, { budget: 12 }), FEW);
  expect(found.length).toBeGreaterThan(0);
  for (const { cost } of found) expect(cost).toBeLessThanOrEqual(12);
  const runs = found.filter(({ places }) => places.length >= 6);
  expect(runs.length).toBeGreaterThanOrEqual(found.length / 2);
});

test('what stands up out of a basket, stiff, heavy or high, hangs ill; what arches or stays low does not', () => {
  for (const id of ['dahlia-orange', 'rudbeckia-gold', 'yew-column'])
    expect([id, hangsIll(known(id))]).toEqual([id, true]);
  for (const id of ['petunia-white', 'pelargonium-coral', 'begonia-trailing-white', 'lobelia-blue'])
    expect([id, hangsIll(known(id))]).toEqual([id, false]);
});

test('among green and white there are no plum leaves and no black flowers', () => {
  const white = askFor(
    { spot: { ...askFor().spot, sunHours: 4 } },
    { scheme: { kind: 'green-and-white' } },
  );
  const hurdle = (id: string) => hurdleOf(known(id), white);
  for (const id of ['calla-black', 'coral-bells-black'])
    expect([id, hurdle(id)]).toEqual([id, 'scheme']);
  for (const id of ['coral-bells-lime', 'tobacco-white', 'ivy-white-edge'])
    expect([id, hurdle(id)]).not.toEqual([id, 'scheme']);
});

test('where a planting stands for a year, perennials planted in spring may rest in its winter; for less, or planted in autumn, not', () => {
  const hurdle = (plantedWeek: number, endWeek: number) =>
    hurdleOf(known('coneflower-pink'), askFor({ plantedWeek, endWeek }));
  expect(hurdle(18, 17)).toBe(null);
  expect(hurdle(18, 5)).toBe('season');
  expect(hurdle(42, 41)).toBe('season');
});

test('beneath a rarity there sleeps no other', () => {
  const ask = askFor({ plantedWeek: 42, endWeek: 22 }, { scheme: { kind: 'cool' } });
  const bulbs = bulbsFor(ask);
  const rare = (kind: PlantKind) => familiarity(kind) === 'seldom';
  const lead = { kind: known('yew-column'), role: 'lead' as const };
  const odd = BOOK.find((kind) => rare(kind) && kind.heightCm[1] < 20)!;
  for (let turn = 0; turn < 6; turn += 1) {
    const bulb = withBulb([lead, { kind: odd, role: 'body' }], bulbs, turn).find(
      ({ isBeneath }) => isBeneath,
    );
    expect(bulb ? rare(bulb.kind) : false).toBe(false);
  }
  expect(bulbs.some(rare)).toBe(true);
});
