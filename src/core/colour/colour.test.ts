import { colourName } from './names';
import { seenWithout } from './vision';
import { converter } from 'culori';
import fc from 'fast-check';
import { deltaE, fromHex, fromRgb, toHex, toRgb, type Oklch } from './oklch';
import { fitOfColour, isEcho, oppositeHuesDeg, readScheme, type Scheme } from './schemes';
import { isGround, isLime } from './sorts';

const VIOLET: Oklch = [0.5, 0.2, 293];
const YELLOW: Oklch = [0.87, 0.17, 95];
const SCARLET: Oklch = [0.62, 0.23, 27];
const WHITE: Oklch = [0.97, 0.01, 100];
const GREEN: Oklch = [0.53, 0.1, 138];

test('sRGB to OKLCH agrees with an independent library over the cube', () => {
  const theirs = converter('oklch');
  const channel = fc.integer({ min: 0, max: 255 });
  fc.assert(
    fc.property(channel, channel, channel, (r, g, b) => {
      const ours = fromRgb([r / 255, g / 255, b / 255]);
      const other = theirs({ mode: 'rgb', r: r / 255, g: g / 255, b: b / 255 });
      expect(ours[0]).toBeCloseTo(other.l, 3);
      expect(ours[1]).toBeCloseTo(other.c, 3);
      if (other.c > 0.01)
        expect(Math.abs(((ours[2] - (other.h ?? 0) + 540) % 360) - 180)).toBeLessThan(0.6);
    }),
    { seed: 31 },
  );
});

test('known colours: pure red is .62796 .25768 29.234', () => {
  const [L, C, h] = fromHex('#ff0000')!;
  expect(L).toBeCloseTo(0.62796, 4);
  expect(C).toBeCloseTo(0.25768, 4);
  expect(h).toBeCloseTo(29.234, 1);
});

test('a colour outside sRGB keeps its lightness and never turns to a grey of another one', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.1, max: 0.95, noNaN: true }),
      fc.double({ min: 0, max: 0.4, noNaN: true }),
      fc.double({ min: 0, max: 360, noNaN: true }),
      (L, C, h) => {
        const back = fromRgb(toRgb([L, C, h]));
        expect(Math.abs(back[0] - L)).toBeLessThan(0.01);
        expect(back[1]).toBeLessThanOrEqual(C + 0.01);
      },
    ),
    { seed: 32 },
  );
  expect(toHex([1.4, 0, 0])).toMatch(/^#f/);
});

test('text that is no colour is no colour', () => {
  expect(fromHex('#12345')).toBeNull();
  expect(fromHex('red')).toBeNull();
});

test('plain green, white and silver are ground; lime and scarlet are not', () => {
  expect([GREEN, WHITE, [0.81, 0.026, 165] as Oklch].map(isGround)).toEqual([true, true, true]);
  expect(isGround(SCARLET)).toBe(false);
  expect(isLime([0.81, 0.165, 118])).toBe(true);
});

test.each<[Scheme['kind'], Scheme, Oklch, Oklch]>([
  ['warm', { kind: 'warm' }, SCARLET, [0.56, 0.17, 255]],
  ['cool', { kind: 'cool' }, VIOLET, SCARLET],
  ['hot', { kind: 'hot' }, SCARLET, [0.84, 0.08, 50]],
  ['pastel', { kind: 'pastel' }, [0.86, 0.08, 350], SCARLET],
  ['one-and-white', { kind: 'one-and-white', colour: VIOLET }, VIOLET, YELLOW],
  ['opposites', { kind: 'opposites', colour: VIOLET }, YELLOW, [0.6, 0.15, 200]],
  ['loved', { kind: 'loved', colour: SCARLET }, [0.72, 0.19, 52], [0.56, 0.17, 265]],
])('in a %s scheme one colour belongs and the other does not', (_, scheme, belongs, not) => {
  expect(fitOfColour(belongs, scheme)).toBeGreaterThan(0.7);
  expect(fitOfColour(not, scheme)).toBeLessThan(0.45);
});

test('a scheme of one colour and white misses white when there is none, and its colour when only white is there', () => {
  const scheme: Scheme = { kind: 'one-and-white', colour: VIOLET };
  expect(
    readScheme(
      [
        { colour: VIOLET, weight: 1 },
        { colour: GREEN, weight: 2 },
      ],
      scheme,
    ).missing,
  ).toEqual(['white']);
  expect(readScheme([{ colour: WHITE, weight: 1 }], scheme).missing).toEqual(['leading colour']);
  expect(
    readScheme(
      [
        { colour: WHITE, weight: 1 },
        { colour: VIOLET, weight: 1 },
      ],
      scheme,
    ).missing,
  ).toEqual([]);
});

test('reds have two opposites: the eye’s cyan and the painter’s green', () => {
  expect(oppositeHuesDeg(27)).toHaveLength(2);
  expect(oppositeHuesDeg(293)).toEqual([113]);
});

test('an echo is near in colour, or near in hue and lightness', () => {
  expect(isEcho([0.38, 0.13, 345], [0.36, 0.085, 345])).toBe(true);
  expect(isEcho(VIOLET, YELLOW)).toBe(false);
  expect(deltaE(WHITE, WHITE)).toBe(0);
});

test('white, black and every grey come back as they were told', () => {
  for (let v = 0; v <= 255; v += 1) {
    const hex = `#${v.toString(16).padStart(2, '0').repeat(3)}`;
    expect(toHex(fromHex(hex)!)).toBe(hex);
  }
});

test('grey stays grey without a sort of cone, and a middle grey is called so', () => {
  for (const cone of ['red', 'green'] as const)
    for (const L of [0.3, 0.6, 0.9]) {
      const [seen, chroma] = seenWithout([L, 0, 0], cone);
      expect(seen).toBeCloseTo(L, 2);
      expect(chroma).toBeLessThan(0.004);
    }
  expect([0.56, 0.62].map((L) => colourName([L, 0.01, 200]))).toEqual(['grey', 'grey']);
});
