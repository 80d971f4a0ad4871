import fc from 'fast-check';
import { digestOf, hash01, hash32, hashSigned, seedOf } from './hash';

test('no two of many texts that differ in little have one digest, and a text always has the same', () => {
  const long = 'abcdefghij0123456789'.repeat(400);
  const texts = new Set([long, `${long} `, long.slice(1)]);
  for (let i = 0; i < 8000; i += 1)
    texts.add(`${long.slice(0, i)}${String.fromCharCode(33 + (i % 90))}${long.slice(i + 1)}`);
  const digests = new Set([...texts].map(digestOf));
  expect(digests.size).toBe(texts.size);
  // Neither lane alone would do as well as both: each is a hash of its own.
  const lanes = [...digests].map((digest) => digest.split('-'));
  for (const lane of [0, 1])
    expect(new Set(lanes.map((parts) => parts[lane])).size).toBeGreaterThan(texts.size - 40);
  expect(digestOf(long)).toBe(digestOf(`${long}`));
});

test('two letters that change places, and what stands first, are told apart', () => {
  fc.assert(
    fc.property(fc.string({ minLength: 2 }), fc.nat(), (text, at) => {
      const i = at % (text.length - 1);
      const swapped = text.slice(0, i) + text[i + 1]! + text[i]! + text.slice(i + 2);
      fc.pre(swapped !== text);
      expect(digestOf(swapped)).not.toBe(digestOf(text));
    }),
  );
});

test('numbers from keys are spread evenly, and every key counts', () => {
  const counts = Array.from({ length: 20 }, () => 0);
  for (let i = 0; i < 20_000; i += 1) counts[Math.floor(hash01(7, i) * 20)]! += 1;
  for (const count of counts) expect(Math.abs(count - 1000)).toBeLessThan(140);
  const signed = Array.from({ length: 5000 }, (_, i) => hashSigned(3, i));
  expect(Math.min(...signed)).toBeLessThan(-0.99);
  expect(Math.max(...signed)).toBeGreaterThan(0.99);
  fc.assert(
    fc.property(fc.integer(), fc.integer(), fc.integer(), fc.integer(), (seed, a, b, c) => {
      const here = hash32(seed, a, b, c);
      expect(hash32(seed, a, b, c)).toBe(here);
      expect(
        new Set([
          here,
          hash32(seed + 1, a, b, c),
          hash32(seed, a + 1, b, c),
          hash32(seed, a, b + 1, c),
          hash32(seed, a, b, c + 1),
        ]).size,
      ).toBe(5);
    }),
  );
});

test('a seed from a text is that of the published function (FNV-1a, its test vectors), on every machine', () => {
  expect(seedOf('')).toBe(0x811c9dc5);
  expect(seedOf('a')).toBe(0xe40c292c);
  expect(seedOf('foobar')).toBe(0xbf9cf968);
  // A name once given is kept in stored pictures: it must not change.
  expect(digestOf('').split('-')[0]).toBe((0x811c9dc5).toString(36));
  expect(digestOf('foobar').split('-')[0]).toBe((0xbf9cf968).toString(36));
  expect(digestOf('')).not.toBe(digestOf(' '));
});

test('the numbers are the same for ever: drawings and lots that were kept stand on them', () => {
  expect([hash32(1, 2), hash32(20261130, 7, 3)]).toEqual([2610886021, 3803484398]);
  expect(hash01(5, 6, 7, 8)).toBeCloseTo(0.7006486628670245, 12);
  // Left out is the same as nothing.
  expect(hashSigned(9)).toBe(hashSigned(9, 0, 0, 0));
  expect(hashSigned(9)).toBeCloseTo(hash01(9, 0, 0, 0) * 2 - 1, 12);
});
