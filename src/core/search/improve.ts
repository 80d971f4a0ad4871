import { opinionOf } from '../checks/opinion';
import { FIT_TOLERANCE_CM, worstShortfallCm } from '../placing/fit';
import type { Place } from '../plantings/planting';
import type { KindId, PlantKind } from '../plants/kind';
import { nearestSize } from '../plants/nursery';
import { plantCost } from '../shopping/plantCost';
import { hurdleOf, type Ask } from './ask';
import { thirstMatch } from '../checks/rules/thirst';
import { unlike } from './partners';
import { proposedIn, type Proposal } from './proposal';

/** How far a plant is nudged, cm. */
const NUDGE_CM = 3;
/** Kinds tried in the place of another: those most like it. */
const SWAPS = 5;
/** Gain of the whole score that is worth a change. */
const WORTH = 0.0005;

/** What one round of improving came to: a better planting, or none, and how many were judged. */
export interface Improvement {
  readonly proposal: Proposal | null;
  readonly tried: number;
}

/**
 * One step uphill: plants are nudged, change places, or give way to a like kind; the best change that helps is taken.
 * Everything tried fits the container, the budget and the hard limits.
 */
export function improvement(now: Proposal, ask: Ask, kindOf: (id: KindId) => PlantKind | null): Improvement {
  let tried = 0;
  let best: Proposal | null = null;
  const { container, wishes } = ask;
  const consider = (places: readonly Place[], kinds: Partial<Pick<Proposal, 'lead' | 'bodies' | 'edges'>> = {}) => {
    if (worstShortfallCm(container, places) > FIT_TOLERANCE_CM) return;
    const it = proposedIn({ places, school: now.school }, ask, kindOf);
    const cost = plantCost(it.plants);
    if (wishes.budget !== null && cost > wishes.budget) return;
    tried += 1;
    const { score } = opinionOf(it);
    if (score > (best?.score ?? now.score) + WORTH) best = { ...now, ...kinds, places, cost, score };
  };
  const { places } = now;
  places.forEach((place, i) => {
    for (const [dx, dz] of [[NUDGE_CM, 0], [-NUDGE_CM, 0], [0, NUDGE_CM], [0, -NUDGE_CM]] as const) consider(places.map((p, k) => (k === i ? { ...p, xCm: place.xCm + dx, zCm: place.zCm + dz } : p)));
    places.slice(i + 1).forEach((other, j) => {
      if (other.kindId === place.kindId) return;
      const at = i + 1 + j;
      consider(places.map((p, k) => (k === i ? { ...p, xCm: other.xCm, zCm: other.zCm } : k === at ? { ...p, xCm: place.xCm, zCm: place.zCm } : p)));
    });
  });
  for (const id of new Set(places.map(({ kindId }) => kindId))) {
    const kind = kindOf(id);
    if (!kind || wishes.must.includes(id)) continue;
    for (const to of like(kind, now, ask, kindOf)) {
      const swapped = (list: readonly KindId[]) => list.map((one) => (one === id ? to.id : one));
      consider(places.map((p) => (p.kindId === id ? { ...p, kindId: to.id, size: nearestSize(to, p.size) } : p)), { lead: now.lead === id ? to.id : now.lead, bodies: swapped(now.bodies), edges: swapped(now.edges) });
    }
  }
  return { proposal: best, tried };
}

const likes = new WeakMap<readonly PlantKind[], Map<KindId, readonly PlantKind[]>>();

/** Kinds most like one that may be planted here and are not there yet. */
function like(kind: PlantKind, now: Proposal, ask: Ask, kindOf: (id: KindId) => PlantKind | null): readonly PlantKind[] {
  let held = likes.get(ask.kinds);
  if (!held) likes.set(ask.kinds, (held = new Map()));
  let near = held.get(kind.id);
  if (!near) held.set(kind.id, (near = ask.kinds.filter((other) => other !== kind && other.roles.includes(kind.roles[0]!)).map((other) => ({ other, by: unlike(kind, other) })).sort((a, b) => a.by - b.by).slice(0, 24).map(({ other }) => other)));
  const there = new Set(now.places.map(({ kindId }) => kindId));
  const company = [...there].filter((id) => id !== kind.id).flatMap((id) => kindOf(id) ?? []);
  return near.filter((other) => !there.has(other.id) && hurdleOf(other, ask) === null && company.every((beside) => thirstMatch(other, beside) >= 0.5)).slice(0, SWAPS);
}
