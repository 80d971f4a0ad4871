import { mixAreaCm2 } from '../containers/container';
import { familiarity } from '../plants/familiar';
import { middle, type PlantKind } from '../plants/kind';
import { printOf } from '../plants/print';
import { hash01 } from '../random/hash';
import { sleepsBeneath } from '../suitability/beneath';
import { grownHeightCm, hurdleOf, type Ask } from './ask';
import { ranked, type Member } from './judge';
import { likingFor } from './liking';

/** Sorts of bulbs that take turns beneath the casts. */
const SORTS = 6;
/** Height of a bulb in flower against the mean of those it comes up through, and against its lead's. Ours. */
const THROUGH = 0.9;
const UNDER_LEAD = 0.85;
/** Mix for each bulb, cm², and at least and at most so many. Ours: closer than in the ground, not touching. */
const BULB_CM2 = 90;
const LEAST = 5;
const MOST = 30;

/**
 * Bulbs to sleep beneath the others, best first, one of each species: none where spring is not in the stay, or where other things were asked for.
 */
export function bulbsFor(ask: Ask): readonly PlantKind[] {
  const { kitchen, company, likes = [] } = ask.wishes;
  if (kitchen || company || likes.length > 0) return [];
  const species = new Set<string>();
  return ranked(
    ask.kinds
      .filter((kind) => sleepsBeneath(kind, ask) && hurdleOf(kind, ask) === null)
      .map((kind) => ({ kind, promise: likingFor(kind, ask) })),
  )
    .map(({ kind }) => kind)
    .filter(({ botanical }) => !species.has(botanical) && species.add(botanical));
}

/**
 * These members with a bulb beneath them that comes up through the others and stays under the lead; a carpet or a thing alone stays what it is.
 * @param turn which sort has its turn among those that fit, counted on from one that differs from lead to lead
 */
export function withBulb(
  members: readonly Member[],
  bulbs: readonly PlantKind[],
  turn: number,
): readonly Member[] {
  const [first] = members;
  if (!first || members.length === 1) return members;
  const lead = members.find(({ role }) => role === 'lead');
  const others = members.filter(({ role }) => role !== 'lead');
  const over =
    others.reduce((sum, { kind }) => sum + grownHeightCm(kind), 0) / Math.max(1, others.length);
  const fitting = bulbs
    .filter((kind) => {
      const height = middle(kind.heightCm);
      if (isRare(kind) && members.some((member) => isRare(member.kind))) return false;
      return height >= over * THROUGH && (!lead || height <= grownHeightCm(lead.kind) * UNDER_LEAD);
    })
    .slice(0, SORTS);
  const from = Math.floor(SORTS * hash01(1, printOf(first.kind)));
  const kind = fitting[(from + turn) % Math.max(1, fitting.length)];
  return kind ? [...members, { kind, role: 'body', isBeneath: true }] : members;
}

/** Is it seldom met with? One such is enough. */
const isRare = (kind: PlantKind): boolean => familiarity(kind) === 'seldom';

/** How many bulbs go beneath what stands in a container. */
export function bulbsIn({ container }: Pick<Ask, 'container'>): number {
  return Math.max(LEAST, Math.min(MOST, Math.round(mixAreaCm2(container) / BULB_CM2)));
}
