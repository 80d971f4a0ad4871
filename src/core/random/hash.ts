/**
 * Seeded randomness without a generator. A value depends only on its keys (plant seed, stem, node,
 * purpose), so drawing one stem more or asking in another order never reshuffles the rest.
 * Integer mixing after MurmurHash3's finaliser.
 */
function stir(h: number, key: number): number {
  let k = Math.imul(key | 0, 0xcc9e2d51);
  k = (k << 15) | (k >>> 17);
  k = Math.imul(k, 0x1b873593);
  h ^= k;
  h = (h << 13) | (h >>> 19);
  return (Math.imul(h, 5) + 0xe6546b64) | 0;
}

/** A 32-bit number, 0 to 2³²−1, from up to four whole keys. */
export function hash32(seed: number, a = 0, b = 0, c = 0): number {
  let h = stir(stir(stir(stir(0x9747b28c, seed), a), b), c);
  h ^= h >>> 16;
  h = Math.imul(h, 0x85ebca6b);
  h ^= h >>> 13;
  h = Math.imul(h, 0xc2b2ae35);
  h ^= h >>> 16;
  return h >>> 0;
}

/** Evenly spread in [0, 1). */
export function hash01(seed: number, a = 0, b = 0, c = 0): number {
  return hash32(seed, a, b, c) / 4294967296;
}

/** Evenly spread in [−1, 1). */
export function hashSigned(seed: number, a = 0, b = 0, c = 0): number {
  return hash01(seed, a, b, c) * 2 - 1;
}

/** A seed from a text, the same on every machine (FNV-1a over UTF-16 units). */
export function seedOf(text: string): number {
  let h = 0x811c9dc5;
  for (let i = 0; i < text.length; i += 1) h = Math.imul(h ^ text.charCodeAt(i), 0x01000193);
  return h >>> 0;
}

/**
 * A short name for a text, 64 bits: FNV-1a in two lanes of other primes. Of thousands of texts no two meet by chance (1 in 10¹² for
 * five thousand); it is no protection against somebody who wants them to.
 */
export function digestOf(text: string): string {
  let [a, b] = [0x811c9dc5, 0x1b873593];
  for (let i = 0; i < text.length; i += 1) {
    const unit = text.charCodeAt(i);
    a = Math.imul(a ^ unit, 0x01000193);
    b = Math.imul(b ^ unit, 0x85ebca6b);
    // The second lane also turns, so that both do not forget the same high bits.
    b = (b << 13) | (b >>> 19);
  }
  return `${(a >>> 0).toString(36)}-${(b >>> 0).toString(36)}`;
}
