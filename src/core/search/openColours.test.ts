import { OPEN_SCHEMES } from '../colour/schemes';
import { schoolsFor, SCHOOLS } from '../schools/index';
import { askFor } from '../../../tests/builders/ask';
import { asksByScheme, schoolsInTurn } from './openColours';
import { briefOf, plantingOf } from '../plantings/brief';
import { opinionOf } from '../checks/opinion';
import { planted } from '../../../tests/builders/plantings';
import { BOOK } from '../plants/book/index';
import { hurdleOf } from './ask';
import { askFor as askOf } from './remade';
import { vary } from './vary';
import { proposeNow } from './propose';

const OPEN = askFor({}, { anyColours: true });

test('colours left open are asked for scheme by scheme; what is wished for is asked for alone, and so is what is to be eaten', () => {
  expect(asksByScheme(OPEN).map(({ wishes }) => wishes.scheme)).toEqual(OPEN_SCHEMES);
  expect(asksByScheme(OPEN).some(({ wishes }) => wishes.anyColours)).toBe(false);
  const warm = askFor();
  expect(asksByScheme(warm)).toEqual([warm]);
  const eaten = { ...OPEN, wishes: { ...OPEN.wishes, kitchen: true } };
  expect(asksByScheme(eaten)).toEqual([eaten]);
});

test('where something must be there, the schemes are those in which it is at home', () => {
  const kindsOf = (...must: string[]) =>
    asksByScheme(askFor({}, { anyColours: true, must })).map(({ wishes }) => wishes.scheme.kind);
  expect(kindsOf('petunia-blue')).not.toContain('warm');
  expect(kindsOf('marguerite-yellow')).not.toContain('cool');
  // White is at home in all; two that are at home in none together leave all open.
  expect(kindsOf('petunia-white')).toHaveLength(OPEN_SCHEMES.length);
  expect(kindsOf('petunia-blue', 'french-marigold-orange')).toHaveLength(OPEN_SCHEMES.length);
});

test('every school is looked at in turn, each in two schemes where there are four of each; one school alone in all of them', () => {
  const schools = schoolsFor(OPEN, { school: 'any', kitchen: false });
  const counts = new Map(schools.map((school) => [school, 0]));
  for (const at of OPEN_SCHEMES.keys())
    for (const school of schoolsInTurn(schools, { at, of: OPEN_SCHEMES.length }))
      counts.set(school, counts.get(school)! + 1);
  expect(schools).toHaveLength(4);
  expect([...counts.values()]).toEqual([2, 2, 2, 2]);
  expect(schoolsInTurn(schools, { at: 1, of: 2 })).toHaveLength(4);
  expect(schoolsInTurn([SCHOOLS.dome], { at: 3, of: 4 })).toEqual([SCHOOLS.dome]);
  expect(schoolsInTurn(schools, null)).toBe(schools);
});

test('the six are of at least three ideas of colour, and each tells which it was composed in', () => {
  const six = proposeNow(OPEN);
  expect(six).toHaveLength(6);
  expect(new Set(six.map(({ scheme }) => scheme.kind)).size).toBeGreaterThanOrEqual(3);
  for (const { scheme, coloured } of six) {
    expect(OPEN_SCHEMES).toContain(scheme);
    expect(coloured).toBeGreaterThan(0);
  }
  expect(new Set(proposeNow(askFor()).map(({ scheme }) => scheme.kind))).toEqual(new Set(['warm']));
});

test('a kind of none of the schemes that take turns is ruled out by its colour, one of any of them is not', () => {
  const ruledOut = (ask: typeof OPEN) =>
    ask.kinds.filter((kind) => hurdleOf(kind, ask) === 'scheme').map(({ id }) => id);
  const inAll = OPEN_SCHEMES.map((scheme) => ruledOut(askFor({}, { scheme })));
  const inNone = inAll[0]!.filter((id) => inAll.every((list) => list.includes(id)));
  expect(ruledOut(OPEN)).toEqual(inNone);
});

describe('a planting whose colours are left open', () => {
  const blue = planted(
    [
      ['salvia-mealy-violet', 0, -4],
      ['petunia-blue', -8, 4],
      ['petunia-blue', 8, 4],
      ['lobelia-blue', -13, 8],
      ['lobelia-blue', 13, 8],
    ],
    { wishes: OPEN.wishes },
  );
  const schemeIn = (it: typeof blue) =>
    opinionOf(it).remarks.find(({ check }) => check === 'scheme')!;

  test('is judged by the idea it comes nearest to, not by one that nobody wished for', () => {
    const asWarm = planted([], {}).planting.wishes;
    const warm = schemeIn({ ...blue, planting: { ...blue.planting, wishes: asWarm } });
    expect(schemeIn(blue).facts).toMatchObject({ scheme: { kind: 'cool' } });
    expect(schemeIn(blue).severity).toBe('right');
    expect(warm.facts).toMatchObject({ scheme: { kind: 'warm' } });
    expect(warm.severity).not.toBe('right');
  });

  test('is made anew in the colours it has; a mood that is taken is a wish from then on', () => {
    const ask = askOf(blue, BOOK);
    expect(ask.wishes.scheme).toEqual({ kind: 'cool' });
    expect(ask.wishes.anyColours).toBeUndefined();
    const [mood] = vary(blue, BOOK, [{ kind: 'warm' }]);
    expect(mood!.remade.change.wishes).toMatchObject({ scheme: { kind: 'warm' } });
    expect(mood!.remade.change.wishes).not.toHaveProperty('anyColours');
  });

  test('stays open when it is composed by hand, and is settled by a proposal that is planted', () => {
    const brief = briefOf(blue);
    const who = { id: 'p', name: 'P' };
    expect(plantingOf({ places: [] }, brief, who).wishes.anyColours).toBe(true);
    const [one] = proposeNow(OPEN);
    expect(plantingOf(one!, brief, who).wishes).toMatchObject({ scheme: one!.scheme });
    expect(plantingOf(one!, brief, who).wishes).not.toHaveProperty('anyColours');
  });
});
