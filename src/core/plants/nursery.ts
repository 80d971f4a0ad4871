/**
 * Sizes in which nurseries sell plants, with the true volume and shape of one root ball.
 * Volumes are trade means (ranges ±20–30 %); the tag or a ruler at the shop wins.
 */
export interface NurserySize {
  readonly ballL: number;
  /** Width of the ball at its top, cm. */
  readonly topCm: number;
  readonly baseCm: number;
  readonly heightCm: number;
  /** Plants in one sale, where a kind does not tell. */
  readonly perSale: number;
}

/** Sizes by which it is told what a container holds. */
export const PACKED_SIZE_IDS = ['six-pack', 'four-pack', '9cm', '1L', '2L', '3L', 'bulb'] as const;
export type PackedSizeId = (typeof PACKED_SIZE_IDS)[number];

export const NURSERY_SIZE_IDS = [
  ...PACKED_SIZE_IDS,
  'plug',
  '10cm',
  '11cm',
  '5L',
  'bare-root',
  'seed',
  'cutting',
] as const;
export type NurserySizeId = (typeof NURSERY_SIZE_IDS)[number];

export const NURSERY_SIZES: Readonly<Record<NurserySizeId, NurserySize>> = {
  'six-pack': { ballL: 0.11, topCm: 5.4, baseCm: 4, heightCm: 5.5, perSale: 6 },
  'four-pack': { ballL: 0.15, topCm: 6, baseCm: 4.6, heightCm: 6, perSale: 4 },
  '9cm': { ballL: 0.36, topCm: 8.4, baseCm: 6, heightCm: 8.2, perSale: 1 },
  '1L': { ballL: 1, topCm: 12, baseCm: 9.2, heightCm: 11, perSale: 1 },
  '2L': { ballL: 2, topCm: 15.5, baseCm: 12, heightCm: 13.5, perSale: 1 },
  '3L': { ballL: 3, topCm: 18, baseCm: 14, heightCm: 15, perSale: 1 },
  bulb: { ballL: 0.03, topCm: 3.6, baseCm: 3.6, heightCm: 4, perSale: 10 },
  plug: { ballL: 0.02, topCm: 3, baseCm: 2.2, heightCm: 3.6, perSale: 12 },
  '10cm': { ballL: 0.48, topCm: 9.4, baseCm: 6.8, heightCm: 8.8, perSale: 1 },
  '11cm': { ballL: 0.65, topCm: 10.6, baseCm: 7.8, heightCm: 9.4, perSale: 1 },
  '5L': { ballL: 5.5, topCm: 22, baseCm: 17.5, heightCm: 18.5, perSale: 1 },
  // Roots spread out in the hole take about as much room as a small pot's.
  'bare-root': { ballL: 0.9, topCm: 11.5, baseCm: 9, heightCm: 11, perSale: 1 },
  seed: { ballL: 0.004, topCm: 1.8, baseCm: 1.8, heightCm: 1.6, perSale: 40 },
  cutting: { ballL: 0.008, topCm: 2.2, baseCm: 2, heightCm: 2.6, perSale: 10 },
};

/** The size a kind is sold in that is closest in root ball to another size. */
export function nearestSize(
  { sold }: { readonly sold: readonly { readonly size: NurserySizeId }[] },
  size: NurserySizeId,
): NurserySizeId {
  const off = (other: NurserySizeId) =>
    Math.abs(Math.log(NURSERY_SIZES[other].ballL / NURSERY_SIZES[size].ballL));
  return sold.reduce(
    (best, { size: other }) => (off(other) < off(best) ? other : best),
    sold[0]!.size,
  );
}
