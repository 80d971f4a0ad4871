import { deltaE, fromHex, toHex, type Oklch } from './oklch';
import { PALETTE_MOST, paletteFrom } from './palette';
import { fitOfColour, neededBy, readScheme, triadHuesDeg, type Scheme } from './schemes';
import { seenWithout } from './vision';

const VIOLET: Oklch = [0.5, 0.19, 293];
const RED: Oklch = [0.57, 0.22, 27];
const YELLOW: Oklch = [0.87, 0.17, 98];
const BLUE: Oklch = [0.52, 0.17, 262];
const LIME: Oklch = [0.82, 0.17, 118];
const DARK: Oklch = [0.3, 0.05, 340];
const PINK: Oklch = [0.7, 0.17, 0];
const ORANGE: Oklch = [0.72, 0.19, 52];
const WHITE: Oklch = [0.97, 0.01, 100];

test.each<[string, Scheme, Oklch, Oklch]>([
  ['jewel', { kind: 'jewel' }, VIOLET, [0.86, 0.06, 350]],
  ['dark and lime', { kind: 'dark-and-lime' }, DARK, [0.7, 0.16, 20]],
  ['dark and lime, a white', { kind: 'dark-and-lime' }, LIME, WHITE],
  ['green and white', { kind: 'green-and-white' }, WHITE, RED],
  ['green and white', { kind: 'green-and-white' }, LIME, [0.92, 0.12, 105]],
  ['tonal', { kind: 'tonal', colour: VIOLET }, [0.7, 0.12, 298], [0.7, 0.15, 340]],
  ['pink', { kind: 'tonal', colour: PINK }, [0.87, 0.07, 5], [0.42, 0.19, 12]],
  ['neighbours', { kind: 'neighbours', colour: RED }, [0.72, 0.18, 60], BLUE],
  ['triad', { kind: 'triad', colour: RED }, YELLOW, [0.6, 0.15, 200]],
  ['palette', { kind: 'palette', colours: [VIOLET, LIME] }, [0.52, 0.18, 292], RED],
  ['violet and orange', { kind: 'named', colours: [VIOLET, ORANGE] }, [0.7, 0.11, 293], YELLOW],
  ['orange', { kind: 'named', colours: [ORANGE] }, [0.74, 0.17, 60], RED],
  ['orange', { kind: 'named', colours: [ORANGE] }, ORANGE, WHITE],
  ['pale pink', { kind: 'named', colours: [[0.8, 0.1, 0]] }, PINK, [0.58, 0.24, 352]],
  ['red', { kind: 'named', colours: [RED] }, [0.54, 0.2, 25], PINK],
  [
    'black and white',
    { kind: 'named', colours: [DARK, WHITE] },
    [0.96, 0.02, 90],
    [0.42, 0.19, 12],
  ],
])('in a %s scheme one colour belongs and the other does not', (_, scheme, belongs, not) => {
  expect(fitOfColour(belongs, scheme)).toBeGreaterThan(0.7);
  expect(fitOfColour(not, scheme)!).toBeLessThan(0.55);
});

test('among colours that are named, leaves of others count less where they are a second colour', () => {
  const black: Oklch = [0.3, 0.02, 340];
  const among = (colour: Oklch, ...colours: Oklch[]) =>
    fitOfColour(colour, { kind: 'named', colours });
  expect([among(LIME, RED), among(LIME, RED, VIOLET)]).toEqual([0.4, 0.6]);
  expect([among(black, WHITE), among(black, WHITE, PINK), among(black, RED)]).toEqual([
    0.4, 0.6, 0.6,
  ]);
  // Ordinary green, however deep, and silver say nothing.
  expect([among([0.35, 0.07, 145], WHITE), among([0.75, 0.02, 140], RED)]).toEqual([null, null]);
});

test('a triad is answered by the painters’ wheel and by OKLCH', () => {
  expect(triadHuesDeg(27)).toEqual(expect.arrayContaining([147, 267, 98, 262]));
  expect(triadHuesDeg(200)).toEqual([320, 80]);
});

test('what a scheme must have and lacks is named', () => {
  const missing = (colours: readonly Oklch[], scheme: Scheme) =>
    readScheme(
      colours.map((colour) => ({ colour, weight: 1 })),
      scheme,
    ).missing;
  expect(missing([DARK], { kind: 'dark-and-lime' })).toEqual(['lime']);
  expect(missing([LIME], { kind: 'dark-and-lime' })).toEqual(['dark']);
  expect(missing([RED], { kind: 'triad', colour: RED })).toEqual(['third colour']);
  expect(missing([RED, YELLOW, BLUE], { kind: 'triad', colour: RED })).toEqual([]);
});

test('red and green come near each other without one cone; blue and yellow do not, white stays white', () => {
  const [red, green] = [fromHex('#d0342c')!, fromHex('#4a8f2c')!];
  for (const cone of ['red', 'green'] as const) {
    expect(deltaE(seenWithout(red, cone), seenWithout(green, cone))).toBeLessThan(
      deltaE(red, green) * 0.62,
    );
    expect(deltaE(seenWithout(BLUE, cone), seenWithout(YELLOW, cone))).toBeGreaterThan(
      deltaE(BLUE, YELLOW) * 0.7,
    );
    expect(toHex(seenWithout(fromHex('#ffffff')!, cone))).toMatch(/^#f[a-f]f[a-f]f[a-f]$/);
  }
});

test('palettes are read from colours written anywhere and from rows of numbers; repeats once, twelve at most, nothing else', () => {
  expect(paletteFrom('a { color: #112233 } b { color: #AABBCC } #112233').map(toHex)).toEqual([
    '#112233',
    '#aabbcc',
  ]);
  expect(
    paletteFrom('Palette\n# comment\n255 0 0\tRed\n  0 128 255 Sky\n999 1 1 no').map(toHex),
  ).toEqual(['#ff0000', '#0080ff']);
  expect(
    paletteFrom(Array.from({ length: 40 }, (_, i) => `#0000${(16 + i).toString(16)}`).join(' ')),
  ).toHaveLength(PALETTE_MOST);
  expect(paletteFrom('no colours, and #12345 is none')).toEqual([]);
});

test('each colour that is named is to be seen: eight in a hundred of what carries them, or it is lacking', () => {
  const scheme: Scheme = { kind: 'named', colours: [VIOLET, ORANGE, WHITE] };
  const lacks = (violet: number, orange: number, white: number) =>
    readScheme(
      [
        { colour: VIOLET, weight: violet },
        { colour: ORANGE, weight: orange },
        { colour: WHITE, weight: white },
      ],
      scheme,
    ).missing;
  expect(neededBy(scheme)).toEqual(['leading colour', 'opposite colour', 'third colour']);
  expect(lacks(60, 31, 9)).toEqual([]);
  expect(lacks(60, 33, 7)).toEqual(['third colour']);
  expect(lacks(87, 7, 6)).toEqual(['opposite colour', 'third colour']);
  expect(lacks(0, 50, 50)).toEqual(['leading colour']);
  // Dark and lime leaves go among them without being one; silver and green are ground.
  expect(fitOfColour(LIME, scheme)).toBeCloseTo(0.6, 9);
  expect(fitOfColour([0.55, 0.1, 140], scheme)).toBeNull();
});
