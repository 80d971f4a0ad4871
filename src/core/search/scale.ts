import type { Container } from '../containers/container';
import { schoolOf, SCHOOLS } from '../schools/index';
import type { PlantingInSpot } from '../plantings/planting';
import { supportIn } from '../plantings/support';
import { mainRole, type PlantKind } from '../plants/kind';
import { finished, type Work } from '../work/steps';
import { assign, THOROUGH } from './assign';
import { castFrom, eligible } from './compose';
import { Judge, siteOf } from './judge';
import { fitsSomehow, placeCast } from './place';
import { askFor, judged, kindsIn, membersOf, type Remade } from './remade';

/**
 * The same planting in another container: the lead from a larger nursery pot where there is room, more or fewer of body and edge. What is
 * sold in no size that goes in gives way to another kind of its role; in a container that the school does not go with (a run in a round
 * pot), it takes the default school.
 * @returns `null` when it does not fit, whatever the counts
 */
export function scale(...asked: Parameters<typeof scaling>): Remade | null {
  return finished(scaling(...asked));
}

/** The same, cast by cast. */
export function* scaling(
  it: PlantingInSpot,
  container: Container,
  kinds: readonly PlantKind[],
  shelfId: string | null = null,
): Work<Remade | null> {
  const ask = { ...askFor(it, kinds), container, seed: it.plants[0]?.seed ?? 0 };
  const was = schoolOf(it.planting);
  const school = was.suits(siteOf(ask)) > 0 ? was : SCHOOLS.thriller;
  const wishes = school === was ? it.planting.wishes : { ...it.planting.wishes, school: school.id };
  const members = membersOf(it);
  const fitting = members.filter(({ kind, role }) => fitsSomehow(kind, role, ask));
  const slots = members.filter((member) => !fitting.includes(member)).map(({ role }) => role);
  const kindOf = kindsIn(it, kinds);
  yield;
  const casts =
    slots.length === 0
      ? [members]
      : assign(
          new Judge(
            ask,
            [
              ...new Set([
                ...fitting.map(({ kind }) => kind),
                ...eligible(ask).filter((kind) => fitsSomehow(kind, mainRole(kind), ask)),
              ]),
            ],
            school,
          ),
          fitting,
          slots,
          THOROUGH,
        )
          .slice(0, 8)
          .map((one) => one.members);
  for (const cast of casts) {
    yield;
    const places = placeCast(castFrom(cast, school.id), ask);
    if (places)
      return judged(
        it,
        'scale',
        {
          places,
          container,
          shelfId,
          wishes,
          ...(it.planting.support ? { support: supportIn(container, it.planting.support) } : {}),
        },
        kindOf,
      );
  }
  return null;
}
