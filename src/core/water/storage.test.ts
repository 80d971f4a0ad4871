import { TUB } from '../../../tests/builders/plantings';
import { mixL, type Container } from '../containers/container';
import { MIXES } from '../containers/mixes';
import { availableL, heldAt, heldIn, heldShare, USUAL_MIX } from './storage';

test('a taller column holds less water in each litre: the worked means over its height', () => {
  const means: readonly (readonly [depthCm: number, mean: number])[] = [
    [10, 0.78],
    [15, 0.736],
    [25, 0.67],
    [40, 0.604],
  ];
  for (const [depthCm, mean] of means) expect(heldIn(depthCm)).toBeCloseTo(mean, 2);
  expect(heldAt(0, USUAL_MIX)).toBe(USUAL_MIX.saturated);
});

/** A straight-sided pot of this depth. */
const pot = (depthCm: number, change: Partial<Container> = {}): Container => ({
  ...TUB,
  shape: { kind: 'round', topCm: 30, baseCm: 30, depthCm },
  headspaceCm: 0.5,
  ...change,
});

test('of the same mix a shallow bowl holds more in each litre than a tall pot, within what mixes hold', () => {
  const shares = [8, 15, 25, 40, 60].map((depth) => heldShare(pot(depth)));
  expect(shares).toEqual([...shares].sort((a, b) => b - a));
  for (const depth of [8, 20, 60]) {
    const each = availableL(pot(depth)) / mixL(pot(depth));
    expect(each).toBeGreaterThan(0.18);
    expect(each).toBeLessThan(0.45);
  }
  const { poreShare } = MIXES[TUB.mix];
  expect(heldShare(pot(5))).toBeLessThan(poreShare);
});

test('stones at the foot make it no drier: the mix above them is shorter, and holds more in each litre and less in all', () => {
  const plain = pot(30, { foot: 'none', footCm: 0 });
  const stones = pot(30, { foot: 'coarse', footCm: 8 });
  expect(heldShare(stones)).toBeGreaterThan(heldShare(plain));
  expect(availableL(stones)).toBeLessThan(availableL(plain));
});
