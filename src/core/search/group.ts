import { visibleHeightCm, type Container } from '../containers/container';
import { halfFrontCm } from '../containers/shape';
import { mainRole, type KindId, type PlantKind } from '../plants/kind';
import { inColours } from '../plantings/brief';
import type { Place, Planting } from '../plantings/planting';
import { askThere, type Ask } from './ask';
import { opinionOf } from '../checks/opinion';
import { castFrom, eligible } from './compose';
import { Judge } from './judge';
import { placeCast } from './place';
import { proposedIn } from './proposal';
import { finished, type Work } from '../work/steps';
import { proposed } from './propose';
import { SCHOOLS } from '../schools/index';

/** One container of a group: where it stands along the ground, and what grows in it. */
export interface GroupMember {
  /** Which of the containers asked for this is, by its place in the list. */
  readonly of: number;
  readonly container: Container;
  /** Middle of the container along the group's line, cm: right is positive. */
  readonly atCm: number;
  readonly school: Planting['wishes']['school'];
  readonly places: readonly Place[];
  readonly score: number;
}

/** Room between rims, cm: leaves meet, pots do not. Ours. */
const BETWEEN_CM = 6;

/**
 * Several containers composed as one: the largest stands in the middle with a lead of its own, the others have few kinds, and one body
 * or edge kind of the largest is repeated in all.
 * @returns in the order in which they stand, left to right; `null` when one of them cannot be planted within the wishes
 */
export function composeGroup(
  ...asked: Parameters<typeof composingGroup>
): readonly GroupMember[] | null {
  return finished(composingGroup(...asked));
}

/** The same, cast by cast. */
export function* composingGroup(
  containers: readonly Container[],
  asked: Omit<Ask, 'container'>,
): Work<readonly GroupMember[] | null> {
  const ask = askThere(asked);
  if (containers.length === 0) return null;
  const standing = [...containers]
    .map((container, index) => ({ container, index }))
    .sort((a, b) => bulk(b.container) - bulk(a.container) || a.index - b.index);
  const [first, ...others] = standing;
  const [main] = yield* proposed(
    { ...ask, container: first!.container },
    { wanted: 1, effort: 10, improve: 0 },
  );
  if (!main) return null;
  const kindOf = (id: KindId) => ask.kinds.find((kind) => kind.id === id) ?? null;
  const shared = [...main.bodies, ...main.edges]
    .map(kindOf)
    .filter((kind): kind is PlantKind => kind !== null);
  const placed: Omit<GroupMember, 'atCm'>[] = [
    {
      of: first!.index,
      container: first!.container,
      school: main.school,
      places: main.places,
      score: main.score,
    },
  ];
  // One idea of colour holds them together.
  const rest = yield* tiedBy(shared, others, {
    ...ask,
    wishes: inColours(ask.wishes, main.scheme),
  });
  return rest ? inLine([...placed, ...rest]) : null;
}

/** The others planted so that one and the same kind ties them all to the largest: the kind with which they do best. */
function* tiedBy(
  shared: readonly PlantKind[],
  others: readonly { readonly container: Container; readonly index: number }[],
  ask: Omit<Ask, 'container'>,
): Work<readonly Omit<GroupMember, 'atCm'>[] | null> {
  let best: { readonly members: Omit<GroupMember, 'atCm'>[]; readonly score: number } | null = null;
  for (const kind of shared) {
    const members: Omit<GroupMember, 'atCm'>[] = [];
    for (const { container, index } of others) {
      const here = { ...ask, container, wishes: { ...ask.wishes, school: 'group' as const } };
      const found = yield* withKind(kind, here);
      if (!found) break;
      members.push({ of: index, container, school: 'group', ...found });
    }
    if (members.length < others.length) continue;
    const score = members.reduce((sum, member) => sum + member.score, 0);
    if (!best || score > best.score) best = { members, score };
  }
  return best?.members ?? null;
}

function bulk(container: Container): number {
  return visibleHeightCm(container) * halfFrontCm(container.shape);
}

/** A small container planted with a kind of the large one, alone or with one more; the better. */
function* withKind(
  kind: PlantKind,
  ask: Ask,
): Work<{ readonly places: readonly Place[]; readonly score: number } | null> {
  const judge = new Judge(ask, [...new Set([kind, ...eligible(ask)])], SCHOOLS.group);
  let best: { readonly places: readonly Place[]; readonly score: number } | null = null;
  const kindOf = (id: KindId) => ask.kinds.find((one) => one.id === id) ?? null;
  const role = kind.roles.includes('body') ? ('body' as const) : mainRole(kind);
  const otherRole = role === 'body' ? ('edge' as const) : ('body' as const);
  const beside = judge.best(otherRole, 2, [kind]);
  for (const members of [
    [{ kind, role }],
    ...beside.map((other) => [
      { kind, role },
      { kind: other, role: otherRole },
    ]),
  ]) {
    yield;
    const places = placeCast(castFrom(members, 'group'), ask);
    if (!places) continue;
    const { score } = opinionOf(proposedIn({ places, school: 'group' }, ask, kindOf));
    if (!best || score > best.score) best = { places, score };
  }
  return best;
}

/** The first in the middle, the others in turn to its right and left, rims apart. */
function inLine(placed: readonly Omit<GroupMember, 'atCm'>[]): readonly GroupMember[] {
  const line: Omit<GroupMember, 'atCm'>[] = [];
  placed.forEach((one, i) => (i % 2 ? line.push(one) : line.unshift(one)));
  // With the first in the middle: it was put first, so the odd ones went right of it and the even ones left.
  let at = 0;
  const members = line.map((one, i) => {
    const half = halfFrontCm(one.container.shape);
    at += i === 0 ? half : half + BETWEEN_CM;
    const member = { ...one, atCm: at };
    at += half;
    return member;
  });
  return members.map((member) => ({
    ...member,
    atCm: Math.round((member.atCm - at / 2) * 10) / 10,
  }));
}
