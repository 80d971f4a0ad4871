import { known } from '../../../tests/builders/plantings';
import { fitOfColour, readScheme, type Scheme } from '../colour/schemes';
import type { PlantKind } from '../plants/kind';
import { kindFitsScheme } from './scheme';

const GREEN = [0.5, 0.09, 140] as const;
const WHITE = [0.97, 0.01, 100] as const;
const plain = known('petunia-white');
/** Ordinary green leaves with flowers of these colours. */
const flowering = (
  main: readonly [number, number, number],
  rest: Partial<NonNullable<PlantKind['bloom']>> = {},
): PlantKind => ({
  ...plain,
  id: `${main.join()} ${JSON.stringify(rest)}`,
  foliage: { ...plain.foliage, main: GREEN, second: null, pattern: 'plain' },
  bloom: { ...plain.bloom!, main, second: null, eye: null, cover: 0.5, ...rest },
});
const WARM: Scheme = { kind: 'warm' };
const COOL: Scheme = { kind: 'cool' };

test('plain green and white belong to every scheme; a colour to its own', () => {
  const schemes: readonly Scheme[] = [WARM, COOL, { kind: 'jewel' }, { kind: 'pastel' }];
  for (const scheme of schemes)
    expect([scheme.kind, kindFitsScheme(flowering(WHITE), scheme)]).toEqual([scheme.kind, 1]);
  const [orange, blue] = [flowering([0.72, 0.19, 52]), flowering([0.56, 0.17, 265])];
  expect(kindFitsScheme(orange, WARM)).toBeGreaterThan(0.8);
  expect(kindFitsScheme(orange, COOL)).toBeLessThan(0.4);
  expect(kindFitsScheme(blue, COOL)).toBeGreaterThan(0.8);
  expect(kindFitsScheme(blue, WARM)).toBeLessThan(0.4);
});

test('a yellow eye in a white flower takes it out of no scheme; a yellow flower does', () => {
  const yellow = [0.87, 0.17, 95] as const;
  expect(kindFitsScheme(flowering(WHITE, { eye: yellow }), COOL)).toBe(1);
  expect(kindFitsScheme(flowering(yellow), COOL)).toBeLessThan(0.5);
});

test('of two colours each counts as much as it is of the flower', () => {
  const [orange, blue] = [
    [0.72, 0.19, 52],
    [0.56, 0.17, 265],
  ] as const;
  const both = kindFitsScheme(flowering(orange, { second: blue }), WARM);
  const only = kindFitsScheme(flowering(orange), WARM);
  const other = kindFitsScheme(flowering(blue), WARM);
  expect(both).toBeCloseTo(0.7 * only + 0.3 * other, 6);
});

test('red is no pink where red was asked for; violet and lilac go as one', () => {
  const red = { kind: 'one-and-white', colour: [0.55, 0.22, 27] } as const;
  const violet = { kind: 'one-and-white', colour: [0.5, 0.2, 293] } as const;
  expect(fitOfColour([0.57, 0.21, 25], red)).toBe(1);
  expect(fitOfColour([0.75, 0.12, 0], red)).toBeLessThan(0.5);
  expect(fitOfColour([0.8, 0.08, 300], violet)).toBe(1);
});

test('white is ground anywhere but among hot colours, and magenta is not hot', () => {
  expect(fitOfColour(WHITE, { kind: 'warm' })).toBe(null);
  expect(fitOfColour(WHITE, { kind: 'hot' })).toBe(0);
  expect(fitOfColour([0.6, 0.24, 27], { kind: 'hot' })).toBe(1);
  expect(fitOfColour([0.6, 0.24, 340], { kind: 'hot' })).toBe(0);
});

test('pink passes at best among hot colours, black is a hole among pale ones, wine is no cool colour', () => {
  const rose = [0.67, 0.19, 5] as const;
  expect(fitOfColour(rose, { kind: 'hot' })).toBeLessThan(0.5);
  expect(fitOfColour([0.7, 0.17, 25], { kind: 'hot' })).toBe(1);
  expect(fitOfColour([0.46, 0.18, 16], { kind: 'hot' })).toBeGreaterThan(0.5);
  const black = [0.27, 0.04, 330] as const;
  expect(fitOfColour(black, { kind: 'pastel' })).toBe(0);
  expect(fitOfColour([0.36, 0.09, 145], { kind: 'pastel' })).toBe(null);
  expect(fitOfColour([0.38, 0.11, 15], COOL)).toBeLessThan(0.5);
  expect(fitOfColour([0.3, 0.06, 10], COOL)).toBeGreaterThan(0.5);
});

test('a cool pink is half at home among warm colours, magenta is not, coral and apricot are', () => {
  const fit = (colour: readonly [number, number, number]) => fitOfColour(colour, WARM)!;
  expect(fit([0.75, 0.12, 0])).toBeGreaterThanOrEqual(0.5);
  expect(fit([0.75, 0.12, 0])).toBeLessThan(0.75);
  expect(fit([0.6, 0.24, 350])).toBeLessThan(0.5);
  for (const own of [
    [0.7, 0.17, 25],
    [0.82, 0.11, 65],
  ] as const)
    expect(fit(own)).toBe(1);
});

test('lime goes with anything, so it stands against nothing', () => {
  const scheme = { kind: 'opposites', colour: [0.5, 0.17, 275] } as const;
  const withBlue = (colour: readonly [number, number, number]) =>
    readScheme(
      [
        { colour: scheme.colour, weight: 1 },
        { colour, weight: 1 },
      ],
      scheme,
    ).missing;
  expect(withBlue([0.8, 0.12, 120])).toEqual(['opposite colour']);
  expect(withBlue([0.85, 0.16, 90])).toEqual([]);
});

test('a lemon flower is no lime leaf', () => {
  const leads = { kind: 'one-and-white', colour: [0.55, 0.22, 27] } as const;
  expect(fitOfColour([0.82, 0.15, 108], leads)).toBeGreaterThan(0.5);
  expect(fitOfColour([0.93, 0.12, 105], leads)).toBeLessThan(0.5);
});
