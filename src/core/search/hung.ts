import { middle, type PlantKind } from '../plants/kind';
import { NURSERY_SIZES } from '../plants/nursery';

/** What is sold with no root ball under so many litres takes up a basket's room, and weighs. Ours. */
const HEAVY_L = 0.9;
/** Habits that stand stiff where a basket wants what arches and hangs. Ours. */
const STIFF: ReadonlySet<string> = new Set([
  'bulb',
  'strap',
  'grass',
  'spike',
  'paddle',
  'upright',
]);
/** What is higher than this and does not trail stands up out of a basket, cm. Ours. */
const STANDS_CM = 38;

/** Does a kind hang ill: stiff, heavy, or high and bare-legged to those below? */
export function hangsIll({ habit, sold, roles, heightCm, trailCm }: PlantKind): boolean {
  return (
    STIFF.has(habit) ||
    sold.every(({ size }) => NURSERY_SIZES[size].ballL >= HEAVY_L) ||
    (trailCm === null && !roles.includes('edge') && middle(heightCm) > STANDS_CM)
  );
}
