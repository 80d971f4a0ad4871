import { isOf } from '../../log/entry';
import type { Rule, Task } from '../task';
import type { CareWorld } from '../world';
import { ask } from './ask';
import { afterFrost, bringIn, cover, hardenOff, uncover, wrap } from './cold';
import { look, swap, tidy, turn } from './eye';
import { feed } from './feed';
import { deadhead, pinch, tie, trim } from './knife';
import { line } from './line';
import { move } from './move';
import { water } from './water';

/** Every rule there is: the only list. */
export const RULES: readonly Rule[] = [
  water,
  cover,
  uncover,
  afterFrost,
  bringIn,
  hardenOff,
  feed,
  pinch,
  deadhead,
  trim,
  tie,
  tidy,
  turn,
  look,
  swap,
  wrap,
  move,
  line,
  ask,
];

/**
 * What there is to do to one planting, and what comes within a week: each thing once, without what the log has answered, and without
 * what was put off until later.
 */
export function tasksOf(world: CareWorld): readonly Task[] {
  const { reading, today } = world;
  const plantingId = reading.planting.id;
  return RULES.flatMap((rule) =>
    rule.tasks(world).map(({ window, ...candidate }): Task => ({
      tools: [],
      places: [],
      litres: 0,
      isUrgent: false,
      ...candidate,
      key: `${plantingId} ${rule.id} ${window}`.slice(0, 160),
      plantingId,
      rule: rule.id,
    })),
  ).filter((task) => task.latest >= today && !isAnswered(task, world) && !isPutOff(task, world));
}

/** Tasks whose window is open on the day. */
export function dueOn(tasks: readonly Task[], today: string): readonly Task[] {
  return tasks.filter(({ earliest }) => earliest <= today);
}

function isAnswered(task: Task, { held }: CareWorld): boolean {
  const rule = RULES.find(({ id }) => id === task.rule)!;
  return held.some((entry) => {
    const on = entry.at.slice(0, 10);
    if ((isOf(entry, 'task done') || isOf(entry, 'task skipped')) && entry.what.task === task.key)
      return true;
    return (
      rule.answeredBy.includes(entry.what.did) &&
      on >= task.earliest &&
      // What was done to some plants is not done to the others.
      (task.places.length === 0 ||
        !entry.of.placeIds ||
        task.places.every((place) => entry.of.placeIds!.includes(place)))
    );
  });
}

function isPutOff(task: Task, { held, today }: CareWorld): boolean {
  const later = held.findLast((entry) => isOf(entry, 'task later') && entry.what.task === task.key);
  return later !== undefined && isOf(later, 'task later') && later.what.until > today;
}
