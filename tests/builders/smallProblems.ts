import { USUAL_HOUSE } from '@/core/plantings/house';
import { BOOK } from '@/core/plants/book/index';
import type { PlantKind, Role } from '@/core/plants/kind';
import { hash32 } from '@/core/random/hash';
import { Judge, type Member } from '@/core/search/judge';
import type { Ask } from '@/core/search/ask';
import { SCHOOLS } from '@/core/schools/index';
import type { Scheme } from '@/core/colour/schemes';
import { BASKET, BOX, SUNNY, TUB } from './plantings';

const SLOTS: readonly Role[] = ['lead', 'body', 'edge', 'body', 'edge'];
const SCHEMES: readonly Scheme[] = [
  { kind: 'warm' },
  { kind: 'cool' },
  { kind: 'pastel' },
  { kind: 'jewel' },
  { kind: 'opposites', colour: [0.5, 0.19, 293] },
  { kind: 'one-and-white', colour: [0.57, 0.22, 27] },
];

/** A seeded problem small enough to try every way: 24 kinds of the book, so many places, one of several containers and schemes. */
export function smallProblem(seed: number, places: number) {
  const kinds: PlantKind[] = [];
  // Eight that can take each role, so that every slot has a choice.
  for (const role of ['lead', 'body', 'edge'] as const) {
    const able = BOOK.filter((kind) => kind.roles.includes(role));
    for (let i = 0; kinds.filter((kind) => kind.roles.includes(role)).length < 8; i += 1) {
      const kind = able[hash32(seed, i, role.length) % able.length]!;
      if (!kinds.includes(kind)) kinds.push(kind);
    }
  }
  for (let i = 0; kinds.length < 24; i += 1) {
    const kind = BOOK[hash32(seed, i, 99) % BOOK.length]!;
    if (!kinds.includes(kind)) kinds.push(kind);
  }
  const ask: Ask = {
    container: [TUB, BOX, BASKET][seed % 3]!,
    spot: { ...SUNNY, sunHours: 3 + (seed % 6) },
    house: USUAL_HOUSE,
    plantedWeek: 20,
    endWeek: 42,
    kinds,
    seed,
    wishes: {
      scheme: SCHEMES[seed % SCHEMES.length]!,
      fullInWeeks: 8,
      budget: null,
      kitchen: false,
      school: 'thriller',
      must: [],
      never: [],
    },
  };
  const slots = SLOTS.slice(0, places);
  const judgeOf = (order: readonly PlantKind[]) =>
    new Judge({ ...ask, kinds: order }, order, SCHOOLS.thriller);
  const judge = judgeOf(kinds);
  return {
    ask,
    kinds,
    slots,
    judge,
    offered: (role: Role) => kinds.filter((kind) => judge.of(kind, role) > 0),
    again: (_: 'reversed') => judgeOf([...kinds].reverse()),
  };
}

/** The best of every way there is to fill the slots: the plain answer. */
export function everyWay({ judge, slots, offered }: ReturnType<typeof smallProblem>): number {
  let best = 0;
  const members: Member[] = [];
  const fill = (at: number) => {
    if (at === slots.length) {
      best = Math.max(best, judge.promise(members));
      return;
    }
    for (const kind of offered(slots[at]!)) {
      if (members.some((member) => member.kind === kind)) continue;
      members.push({ kind, role: slots[at]! });
      fill(at + 1);
      members.pop();
    }
  };
  fill(0);
  return best;
}
