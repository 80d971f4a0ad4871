import { OPEN_SCHEMES } from '../colour/schemes';
import { schoolsFor, SCHOOLS } from '../schools/index';
import { askFor } from '../../../tests/builders/ask';
import { asksByScheme, schoolsInTurn } from './openColours';
import { hurdleOf } from './ask';
import { proposeNow } from './propose';

const OPEN = askFor({ anyColours: true });

test('colours left open are asked for scheme by scheme; what is wished for is asked for alone, and so is what is to be eaten', () => {
  expect(asksByScheme(OPEN).map(({ wishes }) => wishes.scheme)).toEqual(OPEN_SCHEMES);
  expect(asksByScheme(OPEN).some(({ anyColours }) => anyColours)).toBe(false);
  const warm = askFor();
  expect(asksByScheme(warm)).toEqual([warm]);
  const eaten = { ...OPEN, wishes: { ...OPEN.wishes, kitchen: true } };
  expect(asksByScheme(eaten)).toEqual([eaten]);
});

test('every school is looked at in turn, each in two schemes where there are four of each; one school alone in all of them', () => {
  const schools = schoolsFor(OPEN, { school: 'any', kitchen: false });
  const counts = new Map(schools.map((school) => [school, 0]));
  for (const at of OPEN_SCHEMES.keys())
    for (const school of schoolsInTurn(schools, at)) counts.set(school, counts.get(school)! + 1);
  expect(schools).toHaveLength(4);
  expect([...counts.values()]).toEqual([2, 2, 2, 2]);
  expect(schoolsInTurn([SCHOOLS.dome], 3)).toEqual([SCHOOLS.dome]);
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
  const inAll = OPEN_SCHEMES.map((scheme) =>
    ruledOut({ ...OPEN, anyColours: false, wishes: { ...OPEN.wishes, scheme } }),
  );
  const inNone = inAll[0]!.filter((id) => inAll.every((list) => list.includes(id)));
  expect(ruledOut(OPEN)).toEqual(inNone);
});
