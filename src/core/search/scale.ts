import { mixAreaCm2, type Container } from '../containers/container';
import { schoolOf, SCHOOLS } from '../schools/index';
import type { PlantingInSpot } from '../plantings/planting';
import { supportIn } from '../plantings/support';
import { mainRole, type KindId, type PlantKind, type Role } from '../plants/kind';
import { finished, type Work } from '../work/steps';
import { assign, THOROUGH } from './assign';
import { castFrom, eligible } from './compose';
import { Judge, siteOf, type Member } from './judge';
import { fitsSomehow } from './castParts';
import { placeCast, placeCounted, type Counted } from './place';
import { askFor, judged, kindsIn, membersOf, type Remade } from './remade';

/**
 * The same planting in another container: as many of each kind as keeps the proportions and the density, the lead from a larger nursery
 * pot where there is room; a small one takes fewer kinds. What is sold in no size that goes in gives way to another kind of its role; in a container that the school does not go with (a run in a round
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
  // Deep enough in the middle is not enough in a bowl: one of it must go in.
  const goesIn = (member: Member) =>
    fitsSomehow(member.kind, member.role, ask) &&
    placeCounted([{ ...member, count: 1 }], school, ask) !== null;
  const fitting = members.filter(goesIn);
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
  const counts = countsIn(it, container);
  // Fewer kinds rather than nothing: the last to go is the first of the lead, the body and the edge.
  for (const cast of casts.flatMap(fewerAndFewer)) {
    yield;
    const places =
      placeCounted(inProportion(cast, members, counts), school, ask) ??
      placeCast(castFrom(cast, school.id), ask);
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

/** A cast, and after it the same with one kind less, down to one. */
function fewerAndFewer(cast: readonly Member[]): (readonly Member[])[] {
  const ordered = [...cast].sort((a, b) => ROLE_ORDER[a.role] - ROLE_ORDER[b.role]);
  return ordered.map((_, i) => ordered.slice(0, ordered.length - i));
}

/** How many of each kind there are, and how much more room the other container has. */
function countsIn(
  it: PlantingInSpot,
  container: Container,
): { readonly of: ReadonlyMap<KindId, number>; readonly times: number } {
  const of = new Map<KindId, number>();
  for (const { kindId } of it.plants) of.set(kindId, (of.get(kindId) ?? 0) + 1);
  return { of, times: mixAreaCm2(container) / mixAreaCm2(it.planting.container) };
}

/**
 * The same density and proportions: each kind as many times over as there is room, rounded so that the whole comes out. Where there is
 * room for fewer plants than kinds, the first of the lead, the body and the edge stay.
 * @param was the members as they were; a stand-in takes the number of what it stands in for
 */
function inProportion(
  cast: readonly Member[],
  was: readonly Member[],
  { of, times }: ReturnType<typeof countsIn>,
): readonly Counted[] {
  const given = new Set(cast.map(({ kind }) => kind));
  const away = was.filter(({ kind }) => !given.has(kind));
  const rows = cast.map(({ kind, role }) => {
    const own =
      of.get(kind.id) ?? of.get(away.find((one) => one.role === role)?.kind.id ?? '') ?? 1;
    return { kind, role, share: own * times };
  });
  const total = Math.max(1, Math.round(rows.reduce((sum, { share }) => sum + share, 0)));
  const kept = [...rows]
    .sort((a, b) => ROLE_ORDER[a.role] - ROLE_ORDER[b.role] || b.share - a.share)
    .slice(0, total);
  // Whole ones first, at least one each; then by what is left over.
  const counts = kept.map(({ share }) => Math.max(1, Math.floor(share)));
  const rest = kept
    .map(({ share }, i) => ({ i, over: share - counts[i]! }))
    .sort((a, b) => b.over - a.over);
  let left = total - counts.reduce((sum, count) => sum + count, 0);
  for (const { i } of rest) {
    if (left <= 0) break;
    counts[i]! += 1;
    left -= 1;
  }
  return kept.map(({ kind, role }, i) => ({ kind, role, count: counts[i]! }));
}

const ROLE_ORDER: Readonly<Record<Role, number>> = { lead: 0, body: 1, edge: 2 };
