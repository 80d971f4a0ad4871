import { daysBetween } from '../../calendar/day';
import type { Rule } from '../task';
import type { CareWorld } from '../world';

/** A word that puts a dripped pot right by this share of what it holds says that the line did not do what it should. Ours. */
const MUCH = 0.28;
/** Once may be a wrong finger. */
const LEAST_TIMES = 2;
/** Told so long ago it has been seen to, days. */
const STILL_DAYS = 4;

/** Which way the line is suspected to fail: too little comes, or too much. `null`: nothing of the kind was told lately. */
export function suspectOf({ pot, lately }: Pick<CareWorld, 'pot' | 'lately'>): {
  readonly on: string;
  readonly is: 'stopped' | 'leak';
} | null {
  if (!pot.isDripped) return null;
  const told = lately.filter(({ correctedL }) => Math.abs(correctedL) > MUCH * pot.capL);
  const dry = told.filter(({ correctedL }) => correctedL < 0);
  const wet = told.filter(({ correctedL }) => correctedL > 0);
  const more = dry.length >= wet.length ? dry : wet;
  if (more.length < LEAST_TIMES) return null;
  return { on: more[more.length - 1]!.day, is: more === dry ? 'stopped' : 'leak' };
}

/** A stopped emitter or a leak, suspected where a finger again and again finds what the line should not have left. */
export const line: Rule = {
  id: 'line',
  answeredBy: [],
  tasks: (world) => {
    const suspect = suspectOf(world);
    if (!suspect || daysBetween(suspect.on, world.today) > STILL_DAYS) return [];
    return [
      {
        window: suspect.on,
        earliest: suspect.on,
        best: world.today,
        latest: world.today,
        minutes: 4,
        tools: suspect.is === 'stopped' ? ['can'] : [],
        isUrgent: suspect.is === 'stopped',
        facts: { rule: 'line', suspect: suspect.is },
      },
    ];
  },
};
