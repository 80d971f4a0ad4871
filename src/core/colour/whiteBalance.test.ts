import { decode, deltaE, encode, fromRgb, toRgb, type Oklch, type Rgb } from './oklch';
import { NAMED_COLOURS } from './names';
import { balanced, gainsFrom, type Gains } from './whiteBalance';

/** A colour as a camera sees it that takes this light for white. */
const under = (colour: Rgb, light: Rgb): Rgb =>
  colour.map((coded, i) => encode(decode(coded) * light[i]!)) as unknown as Rgb;
const LIGHTS: Readonly<Record<string, Rgb>> = {
  evening: [1, 0.7, 0.42],
  shade: [0.62, 0.78, 1],
  'under leaves': [0.7, 1, 0.55],
};
const grey: Rgb = [0.6, 0.6, 0.6];

test.each(Object.entries(LIGHTS))(
  '%s: balanced by a grey card every colour is what it is in white light, but for how bright it is',
  (_, light) => {
    const gains = gainsFrom(under(grey, light)) as Gains;
    for (const named of Object.values(NAMED_COLOURS)) {
      const truth = toRgb(named as unknown as Oklch);
      // What is dim enough that nothing is brighter than white afterwards.
      const dim = truth.map((coded) => encode(decode(coded) * 0.5)) as unknown as Rgb;
      const found = balanced(under(dim, light), gains);
      const scale = decode(found[1]) / Math.max(1e-9, decode(dim[1]));
      const expected = dim.map((coded) => encode(decode(coded) * scale)) as unknown as Rgb;
      expect(deltaE(fromRgb(found), fromRgb(expected))).toBeLessThan(0.01);
      const [L, C] = fromRgb(balanced(under(grey, light), gains));
      expect(C).toBeLessThan(0.002);
      expect(L).toBeGreaterThan(0.3);
    }
  },
);

test('what is grey already changes nothing; what is too dark, clipped or plainly coloured is refused', () => {
  const same = gainsFrom(grey) as Gains;
  expect(balanced([0.3, 0.5, 0.2], same).map((one) => one.toFixed(6))).toEqual(
    [0.3, 0.5, 0.2].map((one) => one.toFixed(6)),
  );
  expect(gainsFrom([0.05, 0.05, 0.05])).toBe('too dark');
  expect(gainsFrom([0.2, 0.2, 0.2])).not.toBe('too dark');
  expect(gainsFrom([1, 0.9, 0.9])).toBe('too bright');
  expect(gainsFrom([0.98, 0.9, 0.9])).not.toBe('too bright');
  expect(gainsFrom([0.9, 0.3, 0.2])).toBe('too coloured');
});
