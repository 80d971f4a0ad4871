import type { Container } from '../containers/container';
import { schoolOf, SCHOOLS } from '../schools/index';
import type { PlantingInSpot } from '../plantings/planting';
import type { PlantKind } from '../plants/kind';
import { castFrom } from './compose';
import { siteOf } from './judge';
import { placeCast } from './place';
import { askFor, judged, kindsIn, membersOf, type Remade } from './remade';

/**
 * The same planting in another container: the lead from a larger nursery pot where there is room, more or fewer of body and edge. In a
 * container that the school does not go with (a run in a round pot), it takes the default school.
 * @returns `null` when it does not fit, whatever the counts
 */
export function scale(it: PlantingInSpot, container: Container, kinds: readonly PlantKind[], shelfId: string | null = null): Remade | null {
  const ask = { ...askFor(it, kinds), container, seed: it.plants[0]?.seed ?? 0 };
  const was = schoolOf(it.planting);
  const school = was.suits(siteOf(ask)) > 0 ? was : SCHOOLS.thriller;
  const places = placeCast(castFrom(membersOf(it), school.id), ask);
  if (!places) return null;
  const wishes = school === was ? it.planting.wishes : { ...it.planting.wishes, school: school.id };
  return judged(it, 'scale', { places, container, shelfId, wishes }, kindsIn(it, kinds));
}
