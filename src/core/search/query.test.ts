import { NAMED_COLOURS } from '../colour/names';
import { BOOK } from '../plants/book/index';
import type { PlantKind } from '../plants/kind';
import { known } from '../../../tests/builders/plantings';
import { bulliesOf, partnersOf, shareAPot, standInsLike } from './partners';
import { ofInterest } from '../plants/season';
import { asked, colourGap, findBy, NO_QUERY, standsAgainst, type Query } from './query';

const ids = (query: Partial<Query>, kinds = BOOK) =>
  findBy(kinds, { ...NO_QUERY, ...query }).suited.map(({ kind }) => kind.id);

test('nothing asked offers the whole book; each thing asked can only take away', () => {
  expect(ids({})).toHaveLength(BOOK.length);
  expect(asked(NO_QUERY)).toEqual([]);
  const steps: Partial<Query>[] = [
    { role: 'edge' },
    { sunHours: 4 },
    { trails: true },
    { safeFor: ['cats'] },
    { coldestC: -5 },
    { week: 2 },
  ];
  let so = {};
  let before = BOOK.length;
  for (const step of steps) {
    so = { ...so, ...step };
    const now = ids(so).length;
    expect([step, now < before && now > 0]).toEqual([step, true]);
    before = now;
  }
});

test('hours of sun: one inside the range suits, one hour outside stands against; all-day plants bear any length of day', () => {
  const hosta = known('hosta-blue');
  const [least, most] = hosta.light.hours;
  const against = (sunHours: number, kind = hosta) =>
    standsAgainst(kind, { ...NO_QUERY, sunHours });
  expect([against(least), against(most), against(most + 1)]).toEqual([[], [], ['sunHours']]);
  const agave = known('agave-blue');
  expect(against(16, agave)).toEqual([]);
  expect(against(agave.light.hours[0] - 1, agave)).toEqual(['sunHours']);
});

test('colour is sought in the part asked, nearest first', () => {
  const lime = { at: NAMED_COLOURS.lime, part: 'leaf' as const };
  const found = findBy(BOOK, { ...NO_QUERY, colour: lime }).suited;
  const gaps = found.map(({ kind }) => colourGap(kind, lime));
  expect(gaps).toEqual([...gaps].sort((a, b) => a - b));
  expect(found.slice(0, 20).map(({ kind }) => kind.id)).toContain('potato-vine-lime');
  expect(found.map(({ kind }) => kind.id)).not.toContain('tobacco-lime');
  expect(ids({ colour: { at: NAMED_COLOURS.lime, part: 'flower' } })).toContain('tobacco-lime');
  // Red veins in a green leaf are found in the vein and nowhere else.
  expect(ids({ colour: { at: [0.45, 0.16, 15], part: 'vein' } })).toContain('sorrel-red-vein');
  expect(ids({ colour: { at: [0.45, 0.16, 15], part: 'leaf' } })).not.toContain('sorrel-red-vein');
});

test('safe for cats leaves out what harms them, and what nobody knows', () => {
  const safe = new Set(ids({ safeFor: ['cats'] }));
  for (const id of ['daylily-gold', 'lily-dwarf-white', 'love-in-a-mist', 'chives'])
    expect([id, safe.has(id)]).toEqual([id, false]);
  expect(new Set(ids({ safeFor: ['dogs'] })).has('hop-gold')).toBe(false);
  expect(new Set(ids({ safeFor: ['horses'] })).has('switch-grass-blue')).toBe(false);
  expect(safe.has('switch-grass-blue')).toBe(true);
});

test('weeks of interest run over the turn of the year; evergreens always have some; coloured leaves while they are out', () => {
  const heath = known('heather-winter-pink');
  expect(
    [50, 3, 16].map((week) =>
      ofInterest({ ...heath, foliage: { ...heath.foliage, evergreen: false } }, week),
    ),
  ).toEqual([true, true, true]);
  expect(ofInterest({ ...heath, inLeaf: [14, 44] }, 30)).toBe(false);
  expect(ofInterest(heath, 30)).toBe(true);
  const at = (id: string, week: number) => ofInterest(known(id), week);
  expect([at('coleus-lime', 28), at('coleus-lime', 5)]).toEqual([true, false]);
  expect([at('tulip-plum', 18), at('tulip-plum', 24)]).toEqual([true, false]);
});

test('what misses by one thing is told apart from what misses by more', () => {
  const { suited, nearly } = findBy(BOOK, { ...NO_QUERY, trails: true, sunHours: 4, edible: true });
  for (const { kind, against } of [...suited, ...nearly])
    expect(
      standsAgainst(kind, { ...NO_QUERY, trails: true, sunHours: 4, edible: true }, 9),
    ).toEqual(against ? [against] : []);
  expect(nearly.length).toBeGreaterThan(suited.length);
});

test('partners share light and water and say what they take up; none is of the same species', () => {
  for (const kind of BOOK.filter((_, i) => i % 9 === 0)) {
    const { echoes, contrasts } = partnersOf(kind, BOOK);
    for (const partner of [...echoes, ...contrasts]) {
      expect([kind.id, partner.kind.id, shareAPot(kind, partner.kind)]).toEqual([
        kind.id,
        partner.kind.id,
        true,
      ]);
      expect(partner.kind.botanical).not.toBe(kind.botanical);
    }
  }
  const throat = partnersOf(known('bacopa-white'), BOOK);
  expect(throat.contrasts.length + throat.echoes.length).toBeGreaterThan(0);
  expect(
    partnersOf(known('calibrachoa-apricot'), BOOK).echoes.some(
      (p) => p.why === 'echo' && p.part === 'throat',
    ),
  ).toBe(true);
});

test('spring bulbs are no partners of summer bedding, nor winter violas; an evergreen goes with both', () => {
  const pair = (a: string, b: string) => shareAPot(known(a), known(b));
  expect([
    pair('tulip-plum', 'petunia-white'),
    pair('pansy-blue', 'pelargonium-scarlet'),
    pair('tulip-plum', 'pansy-blue'),
  ]).toEqual([false, false, true]);
  expect([pair('ivy-green', 'tulip-white'), pair('ivy-green', 'begonia-bedding-white')]).toEqual([
    true,
    true,
  ]);
});

test('the nearest stand-in for a colour form is its like, and a kind is never its own stand-in', () => {
  const like = (id: string) => standInsLike(known(id), BOOK, 6).map((kind) => kind.id);
  expect(like('calibrachoa-plum')).toEqual(expect.arrayContaining(['calibrachoa-violet']));
  for (const id of ['canna-orange', 'hosta-lime', 'ivy-green']) expect(like(id)).not.toContain(id);
  expect(known(like('hosta-lime')[0]!).light.hours[1]).toBeLessThanOrEqual(7);
});

test('bullies are those that would share the pot and outgrow it by two steps of vigour', () => {
  const quiet: PlantKind = { ...known('viola-white') };
  for (const bully of bulliesOf(quiet, BOOK, 20))
    expect(bully.vigour - quiet.vigour).toBeGreaterThanOrEqual(2);
  expect(bulliesOf({ ...quiet, vigour: 4 }, BOOK)).toEqual([]);
});
