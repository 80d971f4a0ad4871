import { mixL, type Container } from '../containers/container';
import type { PlantKind } from '../plants/kind';
import type { Spot } from '../spots/spot';

/** Thirst as a number: how many steps apart two kinds are. */
export const THIRST_LEVEL: Readonly<Record<PlantKind['thirst'], number>> = {
  low: 0,
  medium: 1,
  high: 2,
};

/** Soft fleshy plants want water weekly, those of the desert far less: they live side by side, but neither thrives. */
const SOFT_AND_DESERT = 0.66;

/** How well two kinds share one watering, 0–1. */
export function thirstMatch(a: PlantKind, b: PlantKind): number {
  const gap = Math.abs(THIRST_LEVEL[a.thirst] - THIRST_LEVEL[b.thirst]);
  if (a.cycle !== b.cycle && isFleshy(a) && isFleshy(b)) return SOFT_AND_DESERT;
  if (a.dryBetween !== b.dryBetween) {
    const dry = a.dryBetween ? a : b;
    return (isFleshy(dry) && dry.lowestC > HARDY_C ? FLESHY_BESIDE : SILVER_BESIDE)[gap] ?? 0;
  }
  return gap === 2 ? FAR_APART : 1;
}

/** What wants little is not what must dry out: it bears the can of a thirsty neighbour. Ours. */
const FAR_APART = 0.68;
/** Houseleeks and stonecrops that live through this, °C, live through wet winters too. Ours. */
const HARDY_C = -15;
/** What must dry out between waterings beside what need not, by steps of thirst: fleshy plants rot, silver and Mediterranean ones only grow lax. Ours. */
const FLESHY_BESIDE = [0.7, 0.3, 0] as const;
const SILVER_BESIDE = [0.8, 0.66, 0.3] as const;

const isFleshy = ({ cycle }: PlantKind): boolean =>
  cycle === 'succulent' || cycle === 'desert succulent';

/** Thirst match below which two kinds are never planted together, and from which they make a pair. Ours. */
const LEAST_MATCH = 0.5;
const PAIR_MATCH = 0.7;

/** May one can water both? */
export const mayShareWatering = (a: PlantKind, b: PlantKind): boolean =>
  thirstMatch(a, b) >= LEAST_MATCH;

/** Are they at home with one watering? */
export const shareWatering = (a: PlantKind, b: PlantKind): boolean =>
  thirstMatch(a, b) >= PAIR_MATCH;

/** Days between waterings that a kind of each thirst bears in 15 L of mix in a sunny summer, and how they go with the litres. Ours. */
const BEARS_DAYS: Readonly<Record<PlantKind['thirst'], number>> = {
  high: 1.6,
  medium: 3.2,
  low: 8,
};
const MIX_L = 15;
const BY_LITRES = 0.4;
/** A reservoir waters for a while by itself; shade saves half. Ours. */
const RESERVOIR_DAYS_PER_L = 0.5;
const SHADE_SAVES = 0.5;

/** Would it dry out between the waterings there? */
export function driesOut(
  { thirst, dryBetween }: Pick<PlantKind, 'thirst' | 'dryBetween'>,
  { spot, container }: { readonly spot: Spot; readonly container: Container },
): boolean {
  const { everyDays, by, reservoirL } = spot.waters;
  if (by === 'drip' || everyDays <= 1) return false;
  const room = Math.max(0.5, mixL(container) / MIX_L) ** BY_LITRES;
  const shade = 1 + SHADE_SAVES * Math.max(0, 1 - spot.sunHours / 6);
  const bears =
    BEARS_DAYS[thirst] * (dryBetween ? 3 : 1) * room * shade + reservoirL * RESERVOIR_DAYS_PER_L;
  return everyDays > bears;
}
