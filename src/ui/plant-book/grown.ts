import { mixHeightCm, type Container } from '@/core/containers/container';
import { usualContainer } from '@/core/containers/usual';
import { freely } from '@/core/growth/conditions';
import type { PlantKind } from '@/core/plants/kind';
import { seedOf } from '@/core/random/hash';
import type { Subject } from '@/core/seeing/subject';
import { within } from '@/core/plants/season';
import { weekAfter, weeksBetween } from '@/core/units/units';

export const POT_HEIGHT_CM = 15;
const NURSERY_POT = usualContainer(
  'nursery pot',
  { kind: 'round', topCm: 15, baseCm: 11, depthCm: POT_HEIGHT_CM },
  'terracotta',
);

/** Weeks after planting by which a kind is full grown. */
export const grownWeeks = (kind: PlantKind): number =>
  Math.max(14, Math.round(kind.weeksToFill * 1.2));

/** Room below the foot of the pot that trails need, cm. */
export const belowCm = (kind: PlantKind, container: Container = NURSERY_POT): number =>
  kind.trailCm ? Math.max(3, kind.trailCm[1] + 2 - mixHeightCm(container)) : 3;

/** Room above a plant's usual height: some grow taller. Share. */
const HEADROOM = 1.08;

/** Height a kind takes in its pot at a scale, px. */
export function drawnHeightPx(kind: PlantKind, pxPerCm: number): number {
  const { heightCm } = kind;
  return Math.ceil((POT_HEIGHT_CM + heightCm[1] * HEADROOM + belowCm(kind)) * pxPerCm);
}

/** Week of planting for pictures where the season does not matter. */
const USUAL_WEEK = 20;
/** What flowers once, and soon, is planted so many weeks before it does. */
const BEFORE_FLOWERS = 14;

/** When to plant a kind so that it is in flower when it is full grown. */
function plantedWeek(kind: PlantKind): number {
  const { bloom } = kind;
  if (!bloom) return USUAL_WEEK;
  const grown = grownWeeks(kind);
  if (!bloom.continuous) return weekAfter(bloom.weeks[0], -BEFORE_FLOWERS);
  if (within(bloom.weeks, weekAfter(USUAL_WEEK, grown))) return USUAL_WEEK;
  return weekAfter(bloom.weeks[0], Math.round(weeksBetween(...bloom.weeks) / 2) - grown);
}

/** One plant of a kind in a pot, planted so that it is in flower when it is full grown. */
export function grownSubject(kind: PlantKind, container: Container = NURSERY_POT): Subject {
  return {
    container,
    hung: kind.trailCm !== null,
    plantedWeek: plantedWeek(kind),
    conditions: freely((kind.light.hours[0] + kind.light.hours[1]) / 2),
    plants: [
      {
        kind,
        xCm: 0,
        zCm: kind.trailCm ? 4 : 0,
        seed: seedOf(kind.id),
        size: kind.sold[0]!.size,
      },
    ],
  };
}
