import { opinionOf } from '../checks/opinion';
import { rolesPlayed } from '../checks/rolesPlayed';
import { schemeOf } from '../checks/coloursSeen';
import { read } from '../checks/reading';
import { applyEdit, type Remake, type RemakeKind } from '../plantings/edits';
import { briefOf, inColours } from '../plantings/brief';
import { inSpot, type PlantingInSpot } from '../plantings/planting';
import { kindsThere } from '../plantings/kindThere';
import type { KindId, PlantKind } from '../plants/kind';
import { plantCost } from '../shopping/plantCost';
import { askThere, type Ask } from './ask';
import type { Member } from './judge';

/** A planting made anew in some way: the change, and what it comes to. */
export interface Remade {
  readonly why: RemakeKind;
  readonly change: Remake;
  /** Whole opinion before and after, 0–1; money for plants likewise. */
  readonly scoreBefore: number;
  readonly score: number;
  readonly costBefore: number;
  readonly cost: number;
  /** Kinds that go and kinds that come. */
  readonly gone: readonly KindId[];
  readonly come: readonly KindId[];
}

export type KindOf = (id: KindId) => PlantKind | null;

/** Judges a change of a planting as a whole. */
export function judged(
  it: PlantingInSpot,
  why: RemakeKind,
  change: Remake,
  kindOf: KindOf,
): Remade {
  const after = inSpot(
    applyEdit(it.planting, { kind: 'remake', why, change }),
    it.spot,
    kindOf,
    it.house,
  );
  const [had, has] = [
    new Set(it.plants.map(({ kindId }) => kindId)),
    new Set(after.plants.map(({ kindId }) => kindId)),
  ];
  return {
    why,
    change,
    scoreBefore: opinionOf(it).score,
    score: opinionOf(after).score,
    costBefore: plantCost(it.plants),
    cost: plantCost(after.plants),
    gone: [...had].filter((id) => !has.has(id)),
    come: [...has].filter((id) => !had.has(id)),
  };
}

/** The ask that a planting on the bench answers: where colours were left open, in those it has. */
export function askFor(it: PlantingInSpot, kinds: readonly PlantKind[]): Ask {
  const brief = briefOf(it);
  const wishes = brief.wishes.anyColours
    ? inColours(brief.wishes, schemeOf(read(it)))
    : brief.wishes;
  return askThere({ ...brief, wishes, kinds, seed: 0 });
}

/** The kinds of a planting in the roles they play, each once: by how many of its plants play it. */
export function membersOf(it: PlantingInSpot): readonly Member[] {
  const members = new Map<KindId, Member>();
  for (const { plant, role } of rolesPlayed(read(it)))
    if (!members.has(plant.kindId)) members.set(plant.kindId, { kind: plant.kind, role });
  return [...members.values()];
}

/** Looks kinds up among those on offer and those already planted. */
export function kindsIn(it: PlantingInSpot, kinds: readonly PlantKind[]): KindOf {
  const byId = new Map(
    [...kindsThere(kinds, it.spot), ...it.plants.map(({ kind }) => kind)].map((kind) => [
      kind.id,
      kind,
    ]),
  );
  return (id) => byId.get(id) ?? null;
}
