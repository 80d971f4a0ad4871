/** Where plants are bought: what units are called there, and about what they cost. */
export const MARKETS = ['european', 'american', 'australian'] as const;
export type Market = (typeof MARKETS)[number];

/** Where plants are bought, told or taken from how lengths are told. */
export function marketOf({
  market,
  length,
}: {
  readonly market?: Market | undefined;
  readonly length: 'cm' | 'in';
}): Market {
  return market ?? (length === 'in' ? 'american' : 'european');
}
