import { BASKET, BOX, known, planted, planting, TUB } from '../../../tests/builders/plantings';
import { CHECK_IDS } from '../checks/rules/index';
import type { Container } from '../containers/container';
import { mixSurface } from '../containers/container';
import { insetCm } from '../containers/section';
import { USUAL_HOUSE } from '../plantings/house';
import { wishedPlaces } from '../placing/wishedPlaces';
import type { SchoolId } from '../plantings/schoolId';
import { BOOK } from '../plants/book/index';
import type { PlantKind } from '../plants/kind';
import type { Spot } from '../spots/spot';
import { SCHOOLS, schoolOf, schoolsFor } from './index';
import type { Setting } from './school';

const site = (container: Container, spot: Partial<Spot> = {}): Setting => ({
  container,
  spot: { ...planted([], { container }).spot, ...spot },
  house: USUAL_HOUSE,
});
const overSill = {
  eyes: [{ ...planted([]).spot.eyes[0], sill: { heightCm: 90, depthCm: 20 } }],
} as unknown as Partial<Spot>;
const SITES: readonly Setting[] = [
  site(TUB, { view: 'one side' }),
  site(TUB, { view: 'all round' }),
  site(BOX, { view: 'one side' }),
  site(BASKET, { view: 'all round' }),
];
const ANY = { school: 'any', kitchen: false } as const;
const tried = (setting: Setting, wishes: Parameters<typeof schoolsFor>[1] = ANY) =>
  schoolsFor(setting, wishes).map(({ id }) => id);
const each = Object.values(SCHOOLS).map((school) => [school.id, school] as const);

test.each(each)(
  '%s can be practised: shares that add up, roles it has, checks that exist',
  (id, school) => {
    expect(SCHOOLS[id]).toBe(school);
    for (const [check, weight] of Object.entries(school.weights)) {
      expect(CHECK_IDS).toContain(check);
      expect(weight).toBeGreaterThanOrEqual(0);
      expect(weight).toBeLessThanOrEqual(2);
    }
    for (const setting of SITES) {
      const suits = school.suits(setting);
      expect(suits).toBeGreaterThanOrEqual(0);
      expect(suits).toBeLessThanOrEqual(1);
      const parts = school.parts(setting);
      let [least, most] = [0, 0];
      for (const { share } of parts) {
        expect(share[0]).toBeLessThan(share[1]);
        least += share[0];
        most += share[1];
      }
      // Some planting keeps all its shares at once.
      expect(least).toBeLessThanOrEqual(1);
      expect(most).toBeGreaterThanOrEqual(1);
      for (const cast of school.casts(setting))
        for (const { role, share } of parts)
          if (share[0] > 0 && id !== 'group')
            expect([id, cast]).toEqual([id, expect.arrayContaining([role])]);
      // What hangs has no tall lead in the middle of it.
      if (setting.container === BASKET && suits >= 0.4)
        expect([id, parts.some(({ role }) => role === 'lead')]).toEqual([id, false]);
    }
  },
);

test.each(each)('%s has a place inside the mix for every plant it is asked for', (_, school) => {
  for (const setting of SITES.filter((one) => school.suits(one) > 0))
    for (const { role } of school.parts(setting))
      for (const count of [1, 2, 5]) {
        const spots = school.spots(setting, role, count, role === 'lead' ? count : 1);
        expect(spots).toHaveLength(count);
        for (const { xCm, zCm } of spots)
          expect(insetCm(mixSurface(setting.container), xCm, zCm)).toBeGreaterThanOrEqual(-1e-6);
      }
});

test('left to the search, the four that suit best are tried, best first: by shape, by who looks, by the mix', () => {
  expect(tried(site(TUB, { view: 'one side' }))).toEqual([
    'thriller',
    'leaf-led',
    'shares',
    'dome',
  ]);
  expect(tried(site(TUB, { view: 'all round' }))).toEqual([
    'thriller',
    'leaf-led',
    'dome',
    'opposite-pairs',
  ]);
  expect(tried(site(BASKET, { view: 'all round' }))).toEqual([
    'dome',
    'opposite-pairs',
    'thriller',
    'leaf-led',
  ]);
  expect(tried(site(BOX, { view: 'one side' })).slice(0, 3)).toEqual([
    'thriller',
    'repeat-run',
    'leaf-led',
  ]);
  expect(tried(site(BOX, overSill))).toContain('screen');
  expect(tried(site(TUB))).not.toContain('screen');
  expect(tried(site({ ...TUB, mix: 'gritty' })).slice(0, 2)).toEqual([
    'thriller',
    'clustered-odds',
  ]);
});

test('something tall along something long hides what is behind it; neat evergreens stand one by itself', () => {
  const tall = { ...ANY, tallestCm: [100, 400] } as const;
  expect(tried(site(BOX), tall)).toContain('screen');
  expect(tried(site(BOX), { ...ANY, tallestCm: [0, 400] })).not.toContain('screen');
  expect(tried(site(TUB), tall)).not.toContain('screen');
  const neat = { ...ANY, company: 'evergreen structure' } as const;
  expect(tried(site(TUB), neat)).toContain('specimen');
  expect(tried(site(TUB), { ...ANY, company: 'alpine' })).not.toContain('specimen');
  expect(tried(site(BOX), neat)).not.toContain('specimen');
});

test('one that was asked for is the only one; food is its own school unless another was asked for', () => {
  for (const [id] of each) expect(tried(SITES[0]!, { school: id, kitchen: false })).toEqual([id]);
  expect(tried(SITES[0]!, { school: 'any', kitchen: true })).toEqual(['kitchen']);
  expect(tried(SITES[0]!, { school: 'dome', kitchen: true })).toEqual(['dome']);
  const judged = (school: SchoolId | 'any', kitchen: boolean) =>
    schoolOf({ wishes: { ...planting([]).wishes, school, kitchen } }).id;
  expect(judged('any', false)).toBe('thriller');
  expect(judged('any', true)).toBe('kitchen');
  expect(judged('dome', true)).toBe('dome');
});

const like = (change: Partial<PlantKind>): PlantKind => ({ ...known('petunia-white'), ...change });

test('whom a school does not allow: both sides of each of its limits', () => {
  const { kitchen, screen } = SCHOOLS;
  const eaten = BOOK.find(({ edible, toxicity }) => edible && toxicity.people === 'none known')!;
  expect(kitchen.allows(eaten, 'body')).toBe(true);
  for (const people of ['poisonous', 'unsure'] as const)
    expect(kitchen.allows({ ...eaten, toxicity: { ...eaten.toxicity, people } }, 'body')).toBe(
      false,
    );
  expect(kitchen.allows({ ...eaten, edible: null }, 'body')).toBe(false);

  const upTo = (cm: number) => like({ trailCm: null, heightCm: [30, cm] });
  expect(screen.allows(upTo(45), 'lead')).toBe(true);
  expect(screen.allows(upTo(44), 'lead')).toBe(false);
  expect(screen.allows(upTo(30), 'body')).toBe(true);
  expect(screen.allows(like({ trailCm: [10, 20], heightCm: [30, 60] }), 'lead')).toBe(false);
  // At its foot anything may stand; over a sill from indoors nobody sees that.
  expect(screen.allows(like({ trailCm: [10, 20] }), 'edge')).toBe(true);
  const castsFrom = (spot: Partial<Spot>) => screen.casts(site(BOX, spot)).map(String);
  expect(castsFrom({})).toContain('lead,edge');
  expect(castsFrom(overSill)).not.toContain('lead,edge');

  const frame = SCHOOLS['evergreen-frame'];
  const leaf = known('petunia-white').foliage;
  const keeps = (lowestC: number, evergreen = true, bringInC: number | null = null) =>
    like({ lowestC, bringInC, foliage: { ...leaf, evergreen } });
  expect(frame.allows(keeps(-5), 'lead')).toBe(true);
  expect(frame.allows(keeps(-4.9), 'lead')).toBe(false);
  expect(frame.allows(keeps(-10, false), 'edge')).toBe(false);
  expect(frame.allows(keeps(-10, true, 2), 'edge')).toBe(false);
  // What changes with the season may be anything.
  expect(frame.allows(keeps(5, false, 8), 'body')).toBe(true);

  const odds = SCHOOLS['clustered-odds'];
  const dry = (dryBetween: boolean, thirst: PlantKind['thirst']) =>
    odds.allows(like({ cycle: 'annual', dryBetween, thirst }), 'body');
  expect(odds.allows(like({ cycle: 'succulent', dryBetween: false }), 'body')).toBe(true);
  expect(odds.allows(like({ cycle: 'desert succulent' }), 'body')).toBe(true);
  expect([dry(true, 'low'), dry(true, 'medium'), dry(false, 'low')]).toEqual([true, false, false]);
});

test('whom a school likes better: leaves, mounds, what is sold well grown, what feeds insects, what is eaten first', () => {
  const { dome, specimen, shares, kitchen } = SCHOOLS;
  const leafy = SCHOOLS['leaf-led'];
  expect(leafy.prefers(known('coleus-lime'), 'body')).toBeGreaterThan(0);
  expect(leafy.prefers(known('petunia-white'), 'body')).toBeLessThan(0);

  const body = (change: Partial<PlantKind>) =>
    dome.prefers(like({ habit: 'mound', heightCm: [30, 50], roles: ['body'], ...change }), 'body');
  expect(body({})).toBeCloseTo(0.1, 9);
  expect(body({ heightCm: [50, 52] })).toBeCloseTo(0, 9);
  expect(body({ habit: 'spike' })).toBeCloseTo(-0.15, 9);
  expect(body({ roles: ['lead', 'body'] })).toBeCloseTo(0, 9);
  expect(dome.prefers(like({ habit: 'spike' }), 'edge')).toBe(0);

  const sold = (size: '9cm' | '2L' | '3L') =>
    specimen.prefers(like({ sold: [{ ...known('petunia-white').sold[0]!, size }] }), 'lead');
  expect(sold('2L') - sold('9cm')).toBeCloseTo(0.36, 9);
  expect(sold('3L')).toBe(sold('2L'));
  expect(specimen.prefers(like({}), 'edge')).toBe(0);

  const meadow = (change: Partial<PlantKind>) =>
    shares.prefers(like({ habit: 'mound', wildlife: [], ...change }), 'body');
  expect(meadow({})).toBe(0);
  expect(meadow({ habit: 'grass' })).toBeCloseTo(0.08, 9);
  expect(meadow({ wildlife: ['bees'] as never })).toBeCloseTo(0.05, 9);

  const food = (change: Partial<PlantKind>) =>
    kitchen.prefers(like({ fruit: null, company: ['kitchen'], ...change }), 'body');
  expect(food({})).toBeCloseTo(0.06, 9);
  expect(food({ company: ['summer bedding'] })).toBeCloseTo(-0.12, 9);
});

test('leaves are liked by what they are worth over a middling one, six tenths of it; much flower is liked less', () => {
  const leafy = SCHOOLS['leaf-led'];
  const leaf = (pattern: 'plain' | 'edge', cover: number) =>
    leafy.prefers(
      like({
        habit: 'mound',
        foliage: {
          ...known('petunia-white').foliage,
          main: [0.5, 0.09, 140],
          texture: 'medium',
          pattern,
        },
        bloom: { ...known('petunia-white').bloom!, cover },
      }),
      'body',
    );
  expect(leaf('edge', 0.4)).toBeCloseTo(0.6 * (0.75 - 0.45), 9);
  expect(leaf('plain', 0.4)).toBeCloseTo(0.6 * (0.25 - 0.45), 9);
  expect(leaf('plain', 0.5)).toBeCloseTo(0.6 * (0.25 - 0.45) - 0.12, 9);
});

test('where there is no lead to stand round, all places are for the rest: in a screen, in a dome, in pairs', () => {
  const [setting] = SITES;
  const { container } = setting!;
  const round = { leads: 0, lead: 'by view' } as const;
  const asBodies = (count: number) => wishedPlaces(container, 'all round', 'body', count, round);
  for (const count of [2, 3, 5]) {
    expect(SCHOOLS.screen.spots(setting!, 'lead', count, count)).toEqual(asBodies(count));
    expect(SCHOOLS.dome.spots(setting!, 'body', count, 2)).toEqual(asBodies(count));
    expect(SCHOOLS['opposite-pairs'].spots(setting!, 'body', count, 2)).toEqual(asBodies(count));
  }
  expect(wishedPlaces(container, 'all round', 'body', 3, { ...round, leads: 1 })).not.toEqual(
    asBodies(3),
  );
});

test('where one thing stands by itself, what lasts and stands out is liked, and how much is small against the rest', () => {
  const liked = (id: string) => SCHOOLS.specimen.prefers(known(id), 'lead');
  // A shrub of a good size before a perennial that dies down; neither decides everything.
  expect(liked('yew-column')).toBeGreaterThan(liked('scabious-blue') + 0.1);
  for (const id of ['yew-column', 'scabious-blue', 'petunia-white'])
    expect(Math.abs(liked(id))).toBeLessThan(0.8);
  expect(SCHOOLS.specimen.prefers(known('yew-column'), 'edge')).toBe(0);
  // One sort of plant together is what a group and a specimen are: like may touch like.
  expect([SCHOOLS.group.likeMayTouch, SCHOOLS.specimen.likeMayTouch]).toEqual([true, true]);
});
