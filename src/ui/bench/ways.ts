import type { Container } from '@/core/containers/container';
import { enlarged } from '@/core/containers/shape';
import { plantingOf } from '@/core/plantings/brief';
import { applyEdit, type Edit } from '@/core/plantings/edits';
import { inSpot, type PlaceId, type PlantingInSpot } from '@/core/plantings/planting';
import type { KindId, PlantKind } from '@/core/plants/kind';
import type { Proposal } from '@/core/search/proposal';
import type { Decision } from '@/core/search/refresh';
import type { RemakeAsk } from '@/core/search/remaking';
import { askOf } from '@/ui/session/askOf';
import { aboutText } from '@/words/about';
import { changeText } from '@/words/remade';
import { SCHOOL_NAMES } from '@/words/schools';
import { runJob } from '@/workers/runJob';

/** One way to plant it, ready to be drawn and tried. */
export interface Way {
  readonly it: PlantingInSpot;
  readonly edit: Edit;
  readonly title: string;
  readonly about: string;
  readonly cost: number;
}

type KindOf = (id: KindId) => PlantKind | null;

/** Searches afresh for plantings with other kinds than there are. @param onSome told of them once all are judged */
export async function proposedWays(
  it: PlantingInSpot,
  kindOf: KindOf,
  seed: number,
  onSome: (ways: readonly Way[]) => void,
): Promise<readonly Way[]> {
  const { planting } = it;
  const ask = askOf(it, seed);
  const current = new Set(planting.places.map(({ kindId }) => kindId));
  const asWays = (list: readonly Proposal[]) =>
    list
      .filter((way) => way.places.some(({ kindId }) => !current.has(kindId)))
      .map((way): Way => ({
        // As it stands when it is taken: colours that were left open stay so.
        it: inSpot(
          plantingOf({ places: way.places, school: way.school }, ask, { id: 'way', name: 'way' }),
          it.spot,
          kindOf,
          it.house,
        ),
        edit: {
          kind: 'remake',
          why: 'propose',
          change: { places: way.places, wishes: { ...planting.wishes, school: way.school } },
        },
        title: kindOf(way.lead ?? way.bodies[0] ?? way.edges[0] ?? '')?.common ?? '',
        about: `${SCHOOL_NAMES[way.school]}. ${aboutText(way, kindOf)}`,
        cost: way.cost,
      }));
  const found = await runJob(
    'propose',
    // Shown once, when they are judged: nothing is swapped away while it is looked at or pinned.
    { ...ask, effort: 40, wanted: 6, improve: 0 },
    { onProgress: ({ isJudged, best }) => (isJudged ? onSome(asWays(best)) : undefined) },
  );
  return asWays(found);
}

/** Makes the planting anew in a way asked for; with what to do with each plant, when it is refreshed. */
export async function remadeWays(
  it: PlantingInSpot,
  kindOf: KindOf,
  how: RemakeAsk,
): Promise<{ readonly ways: readonly Way[]; readonly decisions: readonly Decision[] }> {
  const { ways, decisions } = await runJob('remake', { it, how });
  return {
    decisions,
    ways: ways.map(({ remade, scheme }): Way => {
      const edit: Edit = { kind: 'remake', why: remade.why, change: remade.change };
      const { title, about } = changeText(remade, scheme, kindOf);
      return {
        it: inSpot(applyEdit(it.planting, edit), it.spot, kindOf, it.house),
        edit,
        title,
        about,
        cost: remade.cost,
      };
    }),
  };
}

const SMALLER = 0.75;
const BIGGER = 1.33;

/** The same container a quarter smaller and a third bigger, whatever its shape. */
export function sized(
  container: Container,
): readonly { readonly id: string; readonly container: Container; readonly name: string }[] {
  const by = (factor: number, id: string, name: string) => ({
    id,
    name,
    container: { ...container, shape: enlarged(container.shape, factor) },
  });
  return [by(SMALLER, 'smaller', 'a smaller one'), by(BIGGER, 'bigger', 'a bigger one')];
}

/** What stands this near along a box belongs to one unit, cm. */
const UNIT_HALF_CM = 18;

/** The plants that stand about one of them along a box: a unit to repeat. */
export function unitAbout(it: PlantingInSpot, xCm: number): readonly PlaceId[] {
  return it.plants.filter((plant) => Math.abs(plant.xCm - xCm) < UNIT_HALF_CM).map(({ id }) => id);
}
