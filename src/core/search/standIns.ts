import { opinionOf } from '../checks/opinion';
import { rolesPlayed } from '../checks/rolesPlayed';
import { read } from '../checks/reading';
import { applyEdit, swapEdit } from '../plantings/edits';
import { inSpot, type PlaceId, type PlantingInSpot } from '../plantings/planting';
import { isGround } from '../colour/sorts';
import { hueGapDeg } from '../colour/oklch';
import { leadingColour } from '../plants/colours';
import { middle, type KindId, type PlantKind } from '../plants/kind';
import { TEXTURE_LEVEL } from '../plants/leaves';
import { nearestSize, type NurserySizeId } from '../plants/nursery';
import { plantCost } from '../shopping/plantCost';
import { finished, type Work } from '../work/steps';
import { mayReplace, type Ask } from './ask';
import { mayShareWatering } from '../suitability/watering';

/** Another kind for the same places, with what changes. */
export interface StandIn {
  readonly kindId: KindId;
  readonly size: NurserySizeId;
  /** Whole score after, less before. */
  readonly scoreChange: number;
  readonly costChange: number;
  /** What changes in mood: how the newcomer's leading colour and leaf differ from what it stands for. */
  readonly mood: readonly Mood[];
}

export type Mood =
  | 'warmer'
  | 'cooler'
  | 'paler'
  | 'deeper'
  | 'brighter'
  | 'quieter'
  | 'bolder leaf'
  | 'finer leaf'
  | 'taller'
  | 'lower';

/**
 * Kinds that could stand in for one kind, best first: wherever it grows here, or at one place only. Each is tried in full before it is offered.
 */
export function standInsFor(...asked: Parameters<typeof findStandIns>): StandIn[] {
  return finished(findStandIns(...asked));
}

/** The same, kind by kind. */
export function* findStandIns(
  it: PlantingInSpot,
  kindId: KindId,
  kinds: readonly PlantKind[],
  { count = 6, place = null }: { readonly count?: number; readonly place?: PlaceId | null } = {},
): Work<StandIn[]> {
  const reading = read(it);
  const played = rolesPlayed(reading).find(({ plant }) => plant.kindId === kindId);
  if (!played) return [];
  const { plant, role } = played;
  const ask: Ask = {
    container: it.planting.container,
    spot: it.spot,
    wishes: it.planting.wishes,
    plantedWeek: it.planting.plantedWeek,
    endWeek: it.planting.endWeek,
    kinds,
    seed: 0,
    house: it.house,
  };
  const others = it.plants.filter((p) => p.kindId !== kindId).map((p) => p.kind);
  const present = new Set(it.plants.map((p) => p.kindId));
  const byId = new Map([...kinds, ...it.plants.map((p) => p.kind)].map((kind) => [kind.id, kind]));
  const kindOf = (id: KindId) => byId.get(id) ?? null;
  const before = opinionOf(it).score;
  const cost = plantCost(it.plants);
  const tried = kinds.filter(
    (kind) =>
      !present.has(kind.id) &&
      kind.roles.includes(role) &&
      mayReplace(kind, plant.kind, ask) &&
      others.every((other) => mayShareWatering(kind, other)),
  );
  const found: StandIn[] = [];
  for (const kind of tried) {
    yield;
    const size = nearestSize(kind, plant.size);
    const after = inSpot(
      applyEdit(it.planting, swapEdit(kindId, kind.id, size, place)),
      it.spot,
      kindOf,
      it.house,
    );
    found.push({
      kindId: kind.id,
      size,
      scoreChange: opinionOf(after).score - before,
      costChange: plantCost(after.plants) - cost,
      mood: moodOf(plant.kind, kind),
    });
  }
  return found.sort((a, b) => b.scoreChange - a.scoreChange).slice(0, count);
}

/** Least differences that change a mood: OKLab lightness and chroma, height. Ours. */
const LIGHTER = 0.12;
const STRONGER = 0.06;
const TALLER = 1.35;
/** The warmest hue; what is nearer to it is warmer (models: warm 345–115). */
const WARMEST_DEG = 50;

/** What one kind in the place of another does to the mood, chief things first. */
function moodOf(from: PlantKind, to: PlantKind): readonly Mood[] {
  const [a, b] = [leadingColour(from), leadingColour(to)];
  const mood: Mood[] = [];
  const warmth =
    isGround(a) || isGround(b) ? 0 : hueGapDeg(a[2], WARMEST_DEG) - hueGapDeg(b[2], WARMEST_DEG);
  if (Math.abs(warmth) > 35) mood.push(warmth > 0 ? 'warmer' : 'cooler');
  if (Math.abs(b[0] - a[0]) > LIGHTER) mood.push(b[0] > a[0] ? 'paler' : 'deeper');
  else if (Math.abs(b[1] - a[1]) > STRONGER) mood.push(b[1] > a[1] ? 'brighter' : 'quieter');
  const leaf = TEXTURE_LEVEL[to.foliage.texture] - TEXTURE_LEVEL[from.foliage.texture];
  if (leaf !== 0) mood.push(leaf > 0 ? 'bolder leaf' : 'finer leaf');
  const height = middle(to.heightCm) / middle(from.heightCm);
  if (height > TALLER || height < 1 / TALLER) mood.push(height > 1 ? 'taller' : 'lower');
  return mood.slice(0, 2);
}
