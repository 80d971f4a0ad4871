import { opinionOf } from '../checks/opinion';
import { rolesPlayed } from '../checks/rules/roles';
import { read } from '../checks/reading';
import { applyEdit, swapEdit } from '../plantings/edits';
import { inSpot, type PlantingInSpot } from '../plantings/planting';
import type { KindId, PlantKind } from '../plants/kind';
import { nearestSize, type NurserySizeId } from '../plants/nursery';
import { plantCost } from '../shopping/plantCost';
import { hurdleOf, type Ask } from './ask';
import { thirstMatch } from '../checks/rules/thirst';

/** Another kind for the same places, with what changes. */
export interface StandIn {
  readonly kindId: KindId;
  readonly size: NurserySizeId;
  /** Whole score after, less before. */
  readonly scoreChange: number;
  readonly costChange: number;
}

/** Kinds that could stand in for one kind wherever it grows here, best first. Each is tried in full before it is offered. */
export function standInsFor(it: PlantingInSpot, kindId: KindId, kinds: readonly PlantKind[], count = 6): StandIn[] {
  const reading = read(it);
  const at = it.plants.findIndex((plant) => plant.kindId === kindId);
  const plant = it.plants[at];
  if (!plant) return [];
  const role = rolesPlayed(reading)[at]!;
  const ask: Ask = { container: it.planting.container, spot: it.spot, wishes: it.planting.wishes, plantedWeek: it.planting.plantedWeek, endWeek: it.planting.endWeek, kinds, seed: 0 };
  const others = it.plants.filter((p) => p.kindId !== kindId).map((p) => p.kind);
  const present = new Set(it.plants.map((p) => p.kindId));
  const byId = new Map([...kinds, ...it.plants.map((p) => p.kind)].map((kind) => [kind.id, kind]));
  const kindOf = (id: KindId) => byId.get(id) ?? null;
  const before = opinionOf(it).score;
  const cost = plantCost(it.plants);
  return kinds
    .filter((kind) => !present.has(kind.id) && kind.roles.includes(role) && hurdleOf(kind, ask) === null && others.every((other) => thirstMatch(kind, other) >= 0.5))
    .map((kind): StandIn => {
      const size = nearestSize(kind, plant.size);
      const after = inSpot(applyEdit(it.planting, swapEdit(kindId, kind.id, size)), it.spot, kindOf);
      return { kindId: kind.id, size, scoreChange: opinionOf(after).score - before, costChange: plantCost(after.plants) - cost };
    })
    .sort((a, b) => b.scoreChange - a.scoreChange)
    .slice(0, count);
}
