import { read } from '../checks/reading';
import { colourName, type ColourName } from '../colour/names';
import { plantingOrderOf } from '../making/steps';
import type { PlacedPlant, PlaceId, PlantingInSpot } from '../plantings/planting';
import type { KindId, PlantKind, Propagation } from '../plants/kind';
import type { Decision } from '../search/refresh';

/** One plant to lift, and what becomes of it. */
export interface Lift extends Decision {
  /** Cuttings are taken of what comes off it; `null`: it does not root from a piece. */
  readonly cuttings: Propagation | null;
}

/** Cuttings of one colour, to stand together until they are planted. */
export interface CuttingTray {
  readonly colour: ColourName;
  readonly kinds: readonly {
    readonly kindId: KindId;
    readonly how: Propagation;
    readonly plants: number;
  }[];
}

export interface Lifting {
  /** In the order in which plants come out. */
  readonly lifts: readonly Lift[];
  readonly trays: readonly CuttingTray[];
}

/** A leggy pot taken apart: what was set in last comes out first, so that no hand reaches over what still stands. */
export function liftingOf(it: PlantingInSpot, decisions: readonly Decision[]): Lifting {
  const byPlace = new Map(decisions.map((one) => [one.place, one]));
  const plants = new Map<PlaceId, PlacedPlant>(it.plants.map((plant) => [plant.id, plant]));
  const lifts = [...plantingOrderOf(read(it))].reverse().flatMap((place): Lift[] => {
    const [decision, plant] = [byPlace.get(place), plants.get(place)];
    if (!decision || !plant) return [];
    return [{ ...decision, cuttings: decision.what === 'keep' ? null : rootsFrom(plant.kind) }];
  });
  return { lifts, trays: traysOf(lifts, it) };
}

/** Those that root from a piece of stem or leaf that comes off in the season. */
const FROM_A_PIECE = /^(tip|semi-ripe|leaf)/;

/** What dies with the season is sown again, not cut. */
function rootsFrom({ cycle, propagation }: PlantKind): Propagation | null {
  if (cycle === 'annual' || cycle === 'biennial') return null;
  return propagation.find((how) => FROM_A_PIECE.test(how)) ?? null;
}

function traysOf(lifts: readonly Lift[], { plants }: PlantingInSpot): readonly CuttingTray[] {
  const trays = new Map<ColourName, Map<KindId, { readonly how: Propagation; plants: number }>>();
  for (const { place, kindId, cuttings } of lifts) {
    const kind = plants.find(({ id }) => id === place)?.kind;
    if (cuttings === null || !kind) continue;
    const colour = colourName(kind.bloom?.main ?? kind.foliage.main);
    const tray =
      trays.get(colour) ?? new Map<KindId, { readonly how: Propagation; plants: number }>();
    trays.set(colour, tray);
    const own = tray.get(kindId);
    if (own) own.plants += 1;
    else tray.set(kindId, { how: cuttings, plants: 1 });
  }
  return [...trays].map(([colour, kinds]) => ({
    colour,
    kinds: [...kinds].map(([kindId, one]) => ({ kindId, ...one })),
  }));
}
