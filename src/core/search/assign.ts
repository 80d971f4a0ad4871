import type { PlantKind, Role } from '../plants/kind';
import { printOf } from '../plants/print';
import type { Judge, Member } from './judge';

/** Members for the slots, with the promise of the whole. */
export interface Assigned {
  readonly members: readonly Member[];
  readonly promise: number;
}

/** How wide and how long to look. Exact on small problems: wide enough to hold every kind that could matter (see `assign.test.ts` and the bench). */
export interface Effort {
  /** Partial casts kept at each step. */
  readonly beam: number;
  /** Kinds tried for each slot. */
  readonly candidates: number;
  /** Finished casts that are improved by changing one kind, then two at once. */
  readonly polished: number;
}

const QUICK: Effort = { beam: 10, candidates: 12, polished: 0 };
export const THOROUGH: Effort = { beam: 24, candidates: 24, polished: 2 };

/**
 * The best kinds for so many slots beside some that are settled: a beam over the slots, then single changes and exchanges of two
 * until nothing helps. Slots of one role are alike, so their kinds are kept in one order.
 * @returns best first; empty when no cast can share the container
 */
export function assign(
  judge: Pick<Judge, 'best' | 'promise'>,
  fixed: readonly Member[],
  slots: readonly Role[],
  effort: Effort = QUICK,
): Assigned[] {
  const beside = fixed.map(({ kind }) => kind);
  const offered = new Map<Role, readonly PlantKind[]>();
  for (const role of slots)
    if (!offered.has(role)) offered.set(role, judge.best(role, effort.candidates, beside));
  let beam: Assigned[] = [{ members: fixed, promise: 0 }];
  for (const [at, role] of slots.entries()) {
    const grown: Assigned[] = [];
    const toCome = slots.length - at - 1;
    for (const { members } of beam) {
      const last =
        at > 0 && slots[at - 1] === role ? printOf(members[members.length - 1]!.kind) : -1;
      for (const kind of offered.get(role)!) {
        if (printOf(kind) <= last && last >= 0) continue;
        if (members.some((member) => member.kind === kind)) continue;
        const next = [...members, { kind, role }];
        const promise = judge.promise(next, { toCome });
        if (promise > 0) grown.push({ members: next, promise });
      }
    }
    beam = keepBest(grown, effort.beam);
    if (beam.length === 0) return [];
  }
  if (effort.polished === 0) return beam;
  const polished = beam
    .slice(0, effort.polished)
    .map((one) => polish(judge, one, fixed.length, offered));
  return keepBest([...polished, ...beam], effort.beam);
}

function keepBest(list: readonly Assigned[], count: number): Assigned[] {
  const seen = new Set<string>();
  const best: Assigned[] = [];
  for (const one of [...list].sort(
    (a, b) => b.promise - a.promise || (keyOf(a) < keyOf(b) ? -1 : 1),
  )) {
    const key = keyOf(one);
    if (seen.has(key)) continue;
    seen.add(key);
    best.push(one);
    if (best.length === count) break;
  }
  return best;
}

/** Which kinds in which roles, whatever their order. */
function keyOf({ members }: Assigned): string {
  return members
    .map(({ kind, role }) => `${role}${printOf(kind)}`)
    .sort()
    .join();
}

/** Changes one kind, and where no single change helps two at once, until nothing helps. */
function polish(
  judge: Pick<Judge, 'promise'>,
  start: Assigned,
  from: number,
  offered: ReadonlyMap<Role, readonly PlantKind[]>,
): Assigned {
  let best = start;
  for (;;) {
    const better =
      bestChange(judge, best, from, offered, 1) ?? bestChange(judge, best, from, offered, 2);
    if (!better) return best;
    best = better;
  }
}

function bestChange(
  judge: Pick<Judge, 'promise'>,
  now: Assigned,
  from: number,
  offered: ReadonlyMap<Role, readonly PlantKind[]>,
  depth: 1 | 2,
): Assigned | null {
  let best: Assigned | null = null;
  const trial = [...now.members];
  const free = (kind: PlantKind, at: number) =>
    trial.every((member, i) => i === at || member.kind !== kind);
  const note = () => {
    const promise = judge.promise(trial);
    if (promise > (best?.promise ?? now.promise) + 1e-9) best = { members: [...trial], promise };
  };
  for (let i = from; i < trial.length; i += 1) {
    const mine = trial[i]!;
    for (const kind of offered.get(mine.role)!) {
      if (!free(kind, i)) continue;
      trial[i] = { kind, role: mine.role };
      if (depth === 1) note();
      else
        for (let j = i + 1; j < trial.length; j += 1) {
          const theirs = trial[j]!;
          for (const other of offered.get(theirs.role)!) {
            if (!free(other, j)) continue;
            trial[j] = { kind: other, role: theirs.role };
            note();
          }
          trial[j] = theirs;
        }
    }
    trial[i] = mine;
  }
  return best;
}
