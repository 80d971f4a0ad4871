import { surfacesOf, type Container } from '../containers/container';

/** Where plants of a tiered vessel stand, as shares of its radius: on top, in the middle tier's rim and in the lowest; `null` for others. */
export function tierShares(
  container: Container,
): { readonly top: number; readonly middle: number; readonly low: number } | null {
  const levels = surfacesOf(container);
  if (levels.length === 1) return null;
  const middles = levels.map(({ section }) =>
    section.kind === 'disc'
      ? section.holeCm > 0
        ? (section.radiusCm + section.holeCm) / 2
        : section.radiusCm * 0.4
      : 0,
  );
  const lowest = levels[0]!.section;
  const R = lowest.kind === 'disc' ? lowest.radiusCm : 1;
  return {
    top: middles[middles.length - 1]! / R,
    middle: middles[Math.floor((levels.length - 1) / 2)]! / R,
    low: middles[0]! / R,
  };
}
