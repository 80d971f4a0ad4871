import { opinionOf } from '../checks/opinion';
import { FIT_TOLERANCE_CM, worstShortfallCm } from '../placing/fit';
import { mainRole, type KindId, type PlantKind } from '../plants/kind';
import { nearestSize } from '../plants/nursery';
import { plantCost } from '../shopping/plantCost';
import { mayReplace, type Ask } from './ask';
import { isOneIdea } from './oneIdea';
import { thinIn } from './place';
import { pairWorth } from './pairWorth';
import { unlike } from './partners';
import { coloursIn, isOffered, leafyIn, proposedIn, type Proposal } from './proposal';
import { once } from '../work/once';

/** How far a plant is nudged, cm. */
const NUDGE_CM = 3;
/** Kinds tried in the place of another: those most like it. */
const SWAPS = 5;
/** Gain of the whole score that is worth a change. */
const WORTH = 0.0005;

/**
 * One step uphill: plants are nudged, change places, or give way to a like kind; the best change that helps is taken. A generator: it yields
 * after every planting judged. Everything tried fits the container, the budget and the hard limits.
 * @returns the better planting; `null` when nothing tried helps
 */
export function* improvement(
  now: Proposal,
  ask: Ask,
  kindOf: (id: KindId) => PlantKind | null,
): Generator<void, Proposal | null> {
  const { container, wishes } = ask;
  let best: Proposal | null = null;
  for (const { places, ...kinds } of changes(now, ask, kindOf)) {
    const it = proposedIn({ places, school: now.school }, ask, kindOf);
    if (worstShortfallCm(container, it.plants) > FIT_TOLERANCE_CM) continue;
    const cost = plantCost(it.plants);
    if (wishes.budget !== null && cost > wishes.budget) continue;
    const opinion = opinionOf(it);
    const { score } = opinion;
    if (score > (best?.score ?? now.score) + WORTH && isOffered(opinion))
      best = {
        ...now,
        ...kinds,
        ...thinIn(it.plants, ask),
        ...leafyIn(it.plants, ask),
        places,
        cost,
        score,
        ...coloursIn(opinion),
      };
    yield;
  }
  return best;
}

/** What may be changed about a planting: one place moved, two exchanged, one kind given up for a like one. */
function* changes(
  now: Proposal,
  ask: Ask,
  kindOf: (id: KindId) => PlantKind | null,
): Generator<
  Pick<Proposal, 'places'> & Partial<Pick<Proposal, 'lead' | 'bodies' | 'edges' | 'beneath'>>
> {
  const { places } = now;
  for (const [i, place] of places.entries()) {
    for (const [dx, dz] of [
      [NUDGE_CM, 0],
      [-NUDGE_CM, 0],
      [0, NUDGE_CM],
      [0, -NUDGE_CM],
    ] as const)
      yield {
        places: places.map((p, k) =>
          k === i ? { ...p, xCm: place.xCm + dx, zCm: place.zCm + dz } : p,
        ),
      };
    for (const [at, other] of places.entries()) {
      if (at <= i || other.kindId === place.kindId) continue;
      yield {
        places: places.map((p, k) =>
          k === i
            ? { ...p, xCm: other.xCm, zCm: other.zCm }
            : k === at
              ? { ...p, xCm: place.xCm, zCm: place.zCm }
              : p,
        ),
      };
    }
  }
  for (const id of new Set(places.map(({ kindId }) => kindId))) {
    const kind = kindOf(id);
    if (!kind || ask.wishes.must.includes(id)) continue;
    for (const to of like(kind, now, ask, kindOf)) {
      const swapped = (list: readonly KindId[]) => list.map((one) => (one === id ? to.id : one));
      yield {
        places: places.map((p) =>
          p.kindId === id ? { ...p, kindId: to.id, size: nearestSize(to, p.size) } : p,
        ),
        lead: now.lead === id ? to.id : now.lead,
        bodies: swapped(now.bodies),
        edges: swapped(now.edges),
        beneath: swapped(now.beneath ?? []),
      };
    }
  }
}

/** What was found among some kinds, by the kind it is like. */
const likesAmong = once((_kinds: readonly PlantKind[]) => new Map<KindId, readonly PlantKind[]>());

/** Kinds most like one that may be planted here and are not there yet. */
function like(
  kind: PlantKind,
  now: Proposal,
  ask: Ask,
  kindOf: (id: KindId) => PlantKind | null,
): readonly PlantKind[] {
  const held = likesAmong(ask.kinds);
  let near = held.get(kind.id);
  if (!near)
    held.set(
      kind.id,
      (near = ask.kinds
        .filter((other) => other !== kind && other.roles.includes(mainRole(kind)))
        .map((other) => ({ other, by: unlike(kind, other) }))
        .sort((a, b) => a.by - b.by)
        .slice(0, 24)
        .map(({ other }) => other)),
    );
  const there = new Set(now.places.map(({ kindId }) => kindId));
  const company = [...there].filter((id) => id !== kind.id).flatMap((id) => kindOf(id) ?? []);
  return near
    .filter(
      (other) =>
        !there.has(other.id) &&
        mayReplace(other, kind, ask) &&
        isOneIdea([...company, other], ask) &&
        company.every((beside) => pairWorth(other, beside, ask.wishes.kitchen) > 0),
    )
    .slice(0, SWAPS);
}
