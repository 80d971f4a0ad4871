import { askFor } from '../../../tests/builders/ask';
import { handComposed } from '../../../tests/builders/handComposed';
import { ballsOf, BASKET, BOX, known, SUNNY, TUB } from '../../../tests/builders/plantings';
import { usualContainer } from '../containers/usual';
import { FIT_TOLERANCE_CM, worstShortfallCm } from '../placing/fit';
import { BOOK, kindOf } from '../plants/book/index';
import { applyEdit } from '../plantings/edits';
import { inSpot } from '../plantings/planting';
import { SCHOOL_IDS } from '../plantings/schoolId';
import { SCHOOLS, schoolsFor } from '../schools/index';
import { isLong } from '../containers/container';
import { kindFitsScheme } from '../suitability/scheme';
import { opinionOf } from '../checks/opinion';
import { plantCost } from '../shopping/plantCost';
import { finish } from './finish';
import { readGroup } from '../checks/asOne';
import { composeGroup } from './group';
import type { Proposal } from './proposal';
import { propose, proposeNow } from './propose';
import { decisionsFor, refresh } from './refresh';
import { repeat } from './repeat';
import { scale } from './scale';
import { seasonChange } from './seasonChange';
import { vary } from './vary';
import { USUAL_HOUSE } from '../plantings/house';
import { mixDepthCm } from '../containers/container';
import { isHung } from '../containers/shape';
import { SHIPPED } from '../shelf/shipped';
import { FIRST_FORM } from '../../ui/start/startForm';
import { readStart } from '../../ui/start/readStart';
import type { Remade } from './remade';

const hand = handComposed();
const get = (name: string) => hand.find((one) => one.name.startsWith(name))!.it;
const fits = (it: ReturnType<typeof get>, { change }: Remade) =>
  worstShortfallCm(change.container ?? it.planting.container, ballsOf(change.places)) <=
  FIT_TOLERANCE_CM;
/** A third of the book is choice enough where every container is tried. */
const FEW = BOOK.filter((_, i) => i % 3 === 0);
const WHERE = [
  ['tub', TUB, SUNNY],
  ['box', BOX, { ...SUNNY, dropCm: 90 }],
  ['basket', BASKET, { ...SUNNY, view: 'from below' as const, dropCm: 200 }],
] as const;

describe.each(SCHOOL_IDS.map((id) => [id] as const))('%s', (id) => {
  test.each(WHERE)(
    'composes in a %s it goes with: its roles, its kinds, places that fit',
    (_, container, spot) => {
      const site = { container, spot, house: get('Box in red').house };
      if (SCHOOLS[id].suits(site) === 0) return;
      const found = proposeNow(
        askFor({ container, spot }, { school: id, kitchen: id === 'kitchen' }),
        { wanted: 3, effort: 12, improve: 0 },
      );
      expect(found.length).toBeGreaterThan(0);
      for (const proposal of found) {
        expect(proposal.school).toBe(id);
        expect(worstShortfallCm(container, ballsOf(proposal.places))).toBeLessThanOrEqual(
          FIT_TOLERANCE_CM,
        );
        proposal.bodies.forEach((kind) =>
          expect(
            SCHOOLS[id].allows(known(kind), 'body') || SCHOOLS[id].allows(known(kind), 'lead'),
          ).toBe(true),
        );
        if (id === 'opposite-pairs' && !isLong(container))
          proposal.bodies.forEach((kind) =>
            expect(proposal.places.filter(({ kindId }) => kindId === kind).length % 2).toBe(0),
          );
      }
    },
  );
});

test('left to the search, schools that suit are tried and the six shown are of more than one', () => {
  expect(
    schoolsFor(
      { container: BASKET, spot: SUNNY, house: get('Box in red').house },
      { school: 'any', kitchen: false },
    ).map(({ id }) => id),
  ).toEqual(expect.arrayContaining(['dome', 'opposite-pairs']));
  const found = proposeNow(askFor());
  expect(new Set(found.map(({ school }) => school)).size).toBeGreaterThan(1);
});

test('a must is in every proposal, what is never wanted in none, the house preference for pairs is kept', () => {
  const found = proposeNow(
    askFor({}, { must: ['coleus-lime'], never: ['ti-plant-pink', 'calibrachoa-yellow'] }),
  );
  expect(found.length).toBeGreaterThan(0);
  for (const { places } of found) {
    expect(places.some(({ kindId }) => kindId === 'coleus-lime')).toBe(true);
    expect(
      places.some(({ kindId }) => kindId === 'ti-plant-pink' || kindId === 'calibrachoa-yellow'),
    ).toBe(false);
  }
  const { house } = get('Box in red');
  for (const { bodies, places } of proposeNow(
    askFor({ house: { ...house, counts: 'pairs' } }, { school: 'thriller' }),
  ))
    for (const id of bodies)
      expect(places.filter(({ kindId }) => kindId === id).length % 2).toBe(0);
});

test('a rated load is a limit: nothing is proposed that is heavier', () => {
  expect(
    proposeNow(askFor({ spot: { ...SUNNY, ratedLoad: { kg: 20, toldBy: 'owner' } } }), {
      wanted: 3,
      effort: 12,
      improve: 0,
    }),
  ).toEqual([]);
  expect(
    proposeNow(askFor({ spot: { ...SUNNY, ratedLoad: { kg: 200, toldBy: 'owner' } } }), {
      wanted: 3,
      effort: 12,
      improve: 0,
    }).length,
  ).toBe(3);
});

test('improving never makes it worse and keeps to the limits', () => {
  const plain = proposeNow(askFor({}, { budget: 30 }), { wanted: 3, effort: 12, improve: 0 });
  const better = proposeNow(askFor({}, { budget: 30 }), { wanted: 3, effort: 12, improve: 260 });
  expect(Math.max(...better.map(({ score }) => score))).toBeGreaterThanOrEqual(
    Math.max(...plain.map(({ score }) => score)),
  );
  for (const { cost, places } of better) {
    expect(cost).toBeLessThanOrEqual(30);
    expect(worstShortfallCm(TUB, ballsOf(places))).toBeLessThanOrEqual(FIT_TOLERANCE_CM);
  }
});

test('names, order and side change no answer', () => {
  const usual = proposeNow(askFor(), { wanted: 4, effort: 16, improve: 0 });
  const kinds = [...BOOK]
    .reverse()
    .map((kind) => ({ ...kind, id: `x-${kind.id}`, common: `${kind.common} again` }));
  const renamed = proposeNow(askFor({ kinds }), { wanted: 4, effort: 16, improve: 0 });
  expect(
    renamed.map(({ places, score, school }) => [
      school,
      score,
      places.map(({ kindId, xCm, zCm, seed }) => [kindId.replace(/^x-/, ''), xCm, zCm, seed]),
    ]),
  ).toEqual(
    usual.map(({ places, score, school }) => [
      school,
      score,
      places.map(({ kindId, xCm, zCm, seed }) => [kindId, xCm, zCm, seed]),
    ]),
  );
  for (const { it } of hand) {
    const mirrored = inSpot(
      { ...it.planting, places: it.planting.places.map((p) => ({ ...p, xCm: -p.xCm })) },
      it.spot,
      kindOf,
      USUAL_HOUSE,
    );
    expect(opinionOf(mirrored).score).toBeCloseTo(opinionOf(it).score, 6);
    const reordered = inSpot(
      { ...it.planting, places: [...it.planting.places].reverse() },
      it.spot,
      kindOf,
      USUAL_HOUSE,
    );
    expect(opinionOf(reordered).score).toBeCloseTo(opinionOf(it).score, 6);
  }
});

test('inches and centimetres of the same pot give the same plantings', () => {
  const inCm = readStart(
    { ...FIRST_FORM, top: 38.1, base: 27.94, depth: 33.02 },
    's',
    null,
    USUAL_HOUSE,
  );
  const inInches = readStart(
    { ...FIRST_FORM, unit: 'in', top: 15, base: 11, depth: 13 },
    's',
    null,
    USUAL_HOUSE,
  );
  if (!inCm.ok || !inInches.ok) throw new Error('Both forms read.');
  expect(inInches.container).toEqual(inCm.container);
  expect(
    proposeNow(askFor({ container: inInches.container }), { wanted: 3, effort: 9, improve: 0 }),
  ).toEqual(
    proposeNow(askFor({ container: inCm.container }), { wanted: 3, effort: 9, improve: 0 }),
  );
});

test('every school lays out every shipped container it goes with', () => {
  const failed: string[] = [];
  for (const container of SHIPPED)
    for (const id of SCHOOL_IDS) {
      const spot = {
        ...SUNNY,
        sunHours: 6,
        ...(isHung(container.shape) ? { view: 'from below' as const, dropCm: 200 } : {}),
      };
      // What is shallower than a bedding plant's ball takes succulents only.
      if (
        SCHOOLS[id].suits({ container, spot, house: USUAL_HOUSE }) < 0.3 ||
        (mixDepthCm(container) <= 9 && id !== 'clustered-odds')
      )
        continue;
      let first: Proposal | undefined;
      for (const { best } of propose(
        askFor(
          { container, spot, kinds: id === 'clustered-odds' ? BOOK : FEW },
          { school: id, kitchen: id === 'kitchen' },
        ),
        { wanted: 1, effort: 24, improve: 0 },
      ))
        if ((first = best[0])) break;
      if (!first || worstShortfallCm(container, ballsOf(first.places)) > FIT_TOLERANCE_CM)
        failed.push(`${container.name} ${id}`);
    }
  expect(failed).toEqual([]);
});

test('finish: what is fixed stays where it is, the rest is filled with what the school lacks', () => {
  const it = get('Red cabbage');
  const lead = it.plants.find(({ kindId }) => kindId === 'cabbage-palm-red')!;
  const ways = finish(it, BOOK, [lead.id]);
  expect(ways.length).toBeGreaterThan(1);
  for (const way of ways) {
    expect(way.change.places.find(({ id }) => id === lead.id)).toMatchObject({
      xCm: lead.xCm,
      zCm: lead.zCm,
      kindId: lead.kindId,
    });
    expect(way.change.places.length).toBeGreaterThan(3);
    expect(fits(it, way)).toBe(true);
    // What was taken out is not put back.
    expect(way.come).not.toContain('pelargonium-scarlet');
  }
  expect(
    finish(
      inSpot(
        { ...it.planting, wishes: { ...it.planting.wishes, budget: 25 } },
        it.spot,
        kindOf,
        USUAL_HOUSE,
      ),
      BOOK,
      [lead.id],
    ).every(({ cost }) => cost <= 25),
  ).toBe(true);
});

test('scale: more plants in a larger container, fewer in a smaller, a stand-in where a ball does not go in', () => {
  const it = get('Red cabbage');
  const to = (topCm: number, depthCm: number) =>
    scale(
      it,
      usualContainer('Other', { kind: 'round', topCm, baseCm: topCm * 0.8, depthCm }, 'terracotta'),
      BOOK,
    )!;
  const [small, large] = [to(28, 26), to(60, 50)];
  expect(small.change.places.length).toBeLessThan(large.change.places.length);
  expect(fits(it, small) && fits(it, large)).toBe(true);
  expect(new Set(large.change.places.map(({ kindId }) => kindId))).toEqual(
    new Set(it.plants.map(({ kindId }) => kindId)),
  );
  const box = scale(it, BOX, BOOK)!;
  expect(fits(it, box)).toBe(true);
  expect(box.change.places.some(({ kindId }) => kindId === 'pelargonium-scarlet')).toBe(true);
});

test('scale: something to climb comes along, no wider than goes in, in its usual place', () => {
  const it = get('Red cabbage');
  const wide = { form: 'obelisk', heightCm: 130, widthCm: 46, xCm: 6, zCm: -5 } as const;
  const to = (topCm: number) =>
    scale(
      inSpot({ ...it.planting, support: wide }, it.spot, kindOf, USUAL_HOUSE),
      usualContainer(
        'Other',
        { kind: 'round', topCm, baseCm: topCm * 0.8, depthCm: topCm * 0.9 },
        'terracotta',
      ),
      BOOK,
    )!.change.support!;
  expect(to(28)).toMatchObject({ form: 'obelisk', heightCm: 130, xCm: 0, zCm: 0 });
  expect(to(28).widthCm).toBeLessThan(24);
  expect(to(90).widthCm).toBe(46);
  expect(scale(it, BOX, BOOK)!.change).not.toHaveProperty('support');
});

test('repeat: units along a box; matched ends mirror, party ends do not', () => {
  const it = get('Box in red');
  const unit = ['p0', 'p3', 'p5'];
  const matched = repeat(it, { unit, units: 2, ends: 'matched' }, BOOK)!;
  const party = repeat(it, { unit, units: 2, ends: 'party' }, BOOK)!;
  expect(matched.change.places).toHaveLength(6);
  expect(fits(it, matched)).toBe(true);
  const kindsAcross = ({ change }: Remade) =>
    [...change.places].sort((a, b) => a.xCm - b.xCm).map(({ kindId }) => kindId);
  expect([...kindsAcross(matched)].reverse()).toEqual(kindsAcross(matched));
  expect([...kindsAcross(party)].reverse()).not.toEqual(kindsAcross(party));
  expect(() => repeat(it, { unit, units: 1, ends: 'party' }, BOOK)).toThrow(
    'A run has two or more units; got 1.',
  );
});

test('season change: the evergreen frame stays, annuals go, what comes suits the new weeks', () => {
  const it = get('Box ball');
  const [best] = seasonChange(it, { plantedWeek: 21, endWeek: 41 }, BOOK);
  expect(best!.change.places.some(({ kindId }) => kindId === 'box-ball')).toBe(true);
  expect(best!.gone).toEqual(expect.arrayContaining(['pansy-white', 'pansy-blue']));
  expect(best!.change).toMatchObject({ plantedWeek: 21, endWeek: 41 });
  const after = inSpot(
    applyEdit(it.planting, { kind: 'remake', why: 'season', change: best!.change }),
    it.spot,
    kindOf,
    USUAL_HOUSE,
  );
  expect(opinionOf(after).remarks.find(({ check }) => check === 'cold')!.severity).toBe('right');
});

test('refresh: keeps what is fresh, cuts back what trails long, replaces what is over, and says why', () => {
  const it = get('Tulips over violas');
  const decided = decisionsFor(it, 13);
  expect(
    decided
      .filter(({ kindId }) => kindId === 'tulip-plum')
      .every(({ what, why }) => what === 'replace' && why === 'over'),
  ).toBe(true);
  const flax = refresh(get('Flax, salvia'), 18, BOOK);
  const cut = flax.decisions.filter(({ what }) => what === 'cut back');
  expect(cut.length).toBeGreaterThan(0);
  expect(flax.ways[0]!.change.care!.trims.map(({ place }) => place)).toEqual(
    expect.arrayContaining(cut.map(({ place }) => place)),
  );
});

test('vary: three moods on the same bones, each truer to its scheme than what was there', () => {
  const it = get('Red cabbage');
  const moods = vary(it, BOOK);
  expect(moods).toHaveLength(3);
  for (const { scheme, remade } of moods) {
    expect(remade.change.places.map(({ id, xCm, zCm }) => [id, xCm, zCm])).toEqual(
      it.planting.places.map(({ id, xCm, zCm }) => [id, xCm, zCm]),
    );
    const fit = (ids: readonly string[]) =>
      ids.reduce((sum, id) => sum + kindFitsScheme(known(id), scheme), 0) / ids.length;
    expect(fit(remade.come)).toBeGreaterThan(fit(remade.gone));
  }
});

test('group: the largest in the middle, one kind in all, rims apart; joint remarks tell when it is not so', () => {
  const small = usualContainer(
    'Small',
    { kind: 'round', topCm: 30, baseCm: 24, depthCm: 26 },
    'terracotta',
  );
  const bowl = usualContainer('Bowl', { kind: 'bowl', topCm: 40, depthCm: 18 }, 'terracotta');
  const { container: _, ...rest } = askFor();
  const members = composeGroup([small, TUB, bowl], rest)!;
  expect(members.map(({ container }) => container.name)[1]).toBe('Tub');
  expect(members.every(({ atCm }, i) => i === 0 || atCm > members[i - 1]!.atCm)).toBe(true);
  const reading = readGroup(members, kindOf)!;
  expect(reading.tallestInside).toBe(true);
  expect(reading.repeated.length).toBeGreaterThan(0);
  const shuffled = readGroup([members[1]!, members[0]!, members[2]!], kindOf)!;
  expect(shuffled.tallestInside).toBe(false);
  expect(shuffled.score).toBeLessThan(reading.score);
  expect(readGroup(members.slice(0, 1), kindOf)).toBeNull();
  expect(
    plantCost(
      members.flatMap(({ places }) =>
        places.map(({ kindId, size }) => ({ kind: known(kindId), kindId, size })),
      ),
    ),
  ).toBeGreaterThan(0);
});
