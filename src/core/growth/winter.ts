import type { PlantKind } from '../plants/kind';
import { within } from '../plants/season';
import { borneC, isTender } from '../plants/tender';

/** A plant as far as winters matter to it. */
export interface Wintering {
  readonly kind: PlantKind;
  /** Share of full size of what stands there now. */
  share: number;
  /** Share of full size its crown had when it died back, which it shoots from again; 0 before its first rest. */
  crown: number;
  /** Frost has taken it, or it has had its time. */
  isGone: boolean;
  hasStood: boolean;
}

/** What is left of a plant that is gone, and of one at rest, as a share of its full size; how fast tops die back, a week. Ours. */
const GONE_SHARE = 0.02;
const REST_SHARE = 0.05;
const DIES_BACK = 0.55;
/** A crown that has rested shoots to this share of what it was at once, and grows faster than a young plant until it is that large again. Ours. */
const SHOOTS_TO = 0.3;
const SHOOTS_FASTER = 1.8;

const isInLeaf = (kind: PlantKind, calendar: number): boolean =>
  isTender(kind) || within(kind.inLeaf, calendar);

/** Notes that it stands in leaf: what lives once has its time only after that. */
export function noteLeaf(plant: Wintering, calendar: number): void {
  plant.hasStood ||= isInLeaf(plant.kind, calendar);
}

/** Is it gone, now or before: by frost on its leaves, or because what lives once has had its time? @param calendar week of the book's year */
export function goesOver(plant: Wintering, calendar: number, coldC: number): boolean {
  const { kind } = plant;
  if (!plant.isGone) {
    const inLeaf = isInLeaf(kind, calendar);
    const livesOnce = kind.cycle === 'annual' || kind.cycle === 'biennial';
    plant.isGone =
      ((inLeaf || kind.foliage.evergreen) && coldC < borneC(kind)) ||
      (livesOnce && plant.hasStood && !inLeaf);
  }
  if (plant.isGone) plant.share = GONE_SHARE;
  return plant.isGone;
}

/** Does it rest this week? Then its top dies back to the crown, from which it shoots again. @param calendar week of the book's year */
export function rests(plant: Wintering, calendar: number): boolean {
  const { kind } = plant;
  const diesBack =
    (kind.cycle === 'perennial' || kind.cycle === 'bulb') &&
    !kind.foliage.evergreen &&
    !isTender(kind);
  if (diesBack && !within(kind.inLeaf, calendar)) {
    plant.crown = Math.max(plant.crown, plant.share);
    plant.share = Math.max(REST_SHARE, plant.share * DIES_BACK);
    return true;
  }
  plant.share = Math.max(plant.share, plant.crown * SHOOTS_TO);
  return false;
}

/** How much faster it grows than a young plant: until it is as large again as before its rest. */
export const shootsFaster = ({ share, crown }: Pick<Wintering, 'share' | 'crown'>): number =>
  share < crown ? SHOOTS_FASTER : 1;
