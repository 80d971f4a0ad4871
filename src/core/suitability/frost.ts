import type { PlantKind } from '../plants/kind';
import { frostFreeWeeks } from '../spots/frost';
import type { Spot } from '../spots/spot';
import { weeksBetween } from '../units/units';

/** Weeks before the first autumn frost in which planting something tender is not worth it. */
const TOO_LATE_WEEKS = 2;

/** Would this kind be caught by frost if planted then and left until the end? Kinds that bear −4 °C are not asked. */
export function frosted(
  kind: PlantKind,
  plantedWeek: number,
  spot: Pick<Spot, 'site' | 'normals'>,
): boolean {
  if (kind.lowestC <= -4) return false;
  const free = frostFreeWeeks(spot);
  if (!free) return false;
  return weeksBetween(free.from, plantedWeek) > weeksBetween(free.from, free.to) - TOO_LATE_WEEKS;
}
