import { addDays, daysBetween, weekOfDay, type Day } from '../../calendar/day';
import { dayOfYear } from '../../sky/clock';
import { surroundingsOf } from '../../spots/light';
import { reckonDay } from '../../spots/reckoning';
import type { Spot } from '../../spots/spot';
import { lightFit } from '../../suitability/light';
import type { Rule } from '../task';
import { kindsOf, SOON_DAYS } from './kindly';

type Leafy = Extract<Spot['obstacles'][number], { readonly kind: 'hedge' | 'tree' }>;

/** Sun that a turning tree gives or takes below this is not worth carrying a pot for, hours. Ours. */
const MATTERS_H = 1;
/** So long after leaves turn it is still asked for, days: they come and go over three weeks. */
const TURNING_DAYS = 21;

const isLeafy = (obstacle: Spot['obstacles'][number]): obstacle is Leafy =>
  (obstacle.kind === 'tree' || obstacle.kind === 'hedge') && !obstacle.evergreen;

/** Hours of sun on a day, with every deciduous crown in leaf or bare. */
function hoursOf(spot: Spot, day: Day, state: 'leaf' | 'bare'): number {
  const obstacles = spot.obstacles.map((obstacle) =>
    isLeafy(obstacle)
      ? {
          ...obstacle,
          evergreen: true,
          letsThrough: state === 'leaf' ? obstacle.letsThrough : obstacle.bareLetsThrough,
        }
      : obstacle,
  );
  const sun = reckonDay(surroundingsOf({ ...spot, obstacles }), dayOfYear(day) % 365);
  return (sun.directAmMin + sun.directPmMin + sun.dappledEffectiveMin) / 60;
}

/** The leaves that turn on a day or have just done so, or will within a week; `null`: none. */
function turningOn(
  spot: Spot,
  today: Day,
): { readonly on: Day; readonly is: 'falling' | 'coming' } | null {
  for (let ahead = SOON_DAYS; ahead >= -TURNING_DAYS; ahead -= 1) {
    const day = addDays(today, ahead);
    const [week, before] = [weekOfDay(day), weekOfDay(addDays(day, -1))];
    if (week === before) continue;
    if (spot.obstacles.some((one) => isLeafy(one) && one.leafOffWeek === week))
      return { on: day, is: 'falling' };
    if (spot.obstacles.some((one) => isLeafy(one) && one.leafOnWeek === week))
      return { on: day, is: 'coming' };
  }
  return null;
}

/** Carried elsewhere where a tree drops its leaves or comes into leaf and what stands there no longer has the light it wants. */
export const move: Rule = {
  id: 'move',
  answeredBy: ['moved'],
  tasks: ({ reading, today }) => {
    const { spot } = reading;
    const turning = turningOn(spot, today);
    if (!turning) return [];
    const [before, after] =
      turning.is === 'falling' ? (['leaf', 'bare'] as const) : (['bare', 'leaf'] as const);
    // Once the leaves have turned: in three weeks.
    const then = addDays(turning.on, TURNING_DAYS);
    const [fromH, toH] = [hoursOf(spot, then, before), hoursOf(spot, then, after)];
    if (Math.abs(toH - fromH) < MATTERS_H) return [];
    const faultAt = (kind: Parameters<typeof lightFit>[0], sunHours: number) =>
      lightFit(kind, { sunHours, sunWhen: spot.sunWhen }).fault;
    const ill = reading.all.filter(
      ({ kind }) => faultAt(kind, fromH) === 'none' && faultAt(kind, toH) !== 'none',
    );
    if (ill.length === 0 || daysBetween(today, turning.on) > SOON_DAYS) return [];
    return [
      {
        window: turning.on,
        earliest: addDays(turning.on, -SOON_DAYS),
        best: addDays(turning.on, SOON_DAYS),
        latest: then,
        minutes: 10,
        tools: ['trolley'],
        facts: { rule: 'move', leaves: turning.is, fromH, toH, kinds: kindsOf(ill) },
      },
    ];
  },
};
