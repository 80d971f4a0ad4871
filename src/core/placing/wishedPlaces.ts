import { isLong, mixSurface, type Container } from '../containers/container';
import { reachOf } from '../containers/section';
import type { Role } from '../plants/kind';
import type { House } from '../plantings/house';
import type { View } from '../spots/spot';
import { tierShares } from './tiers';

/** Where a plant would stand before it is settled among the others. */
export interface Spotting {
  readonly xCm: number;
  readonly zCm: number;
}

/** What places for one role are wished for. */
interface Wished {
  readonly view: View;
  readonly role: Role;
  readonly count: number;
  /** How many leads the whole planting has. */
  readonly leads: number;
}

/**
 * Places for so many plants of one role.
 * One side view: lead behind the middle and off-centre, body between, edge along the front.
 * All round and from below: lead in the middle, body in a ring, edge round the rim.
 * Boxes: lead behind, body in a zigzag, edge in front.
 */
export function wishedPlaces(
  container: Container,
  view: View,
  role: Role,
  count: number,
  others: { readonly leads: number; readonly lead: House['lead'] },
): Spotting[] {
  const wished = { view, role, count, leads: others.leads };
  const { acrossCm, deepCm } = reachOf(mixSurface(container));
  if (plantedLikeBox(container)) return inBox(acrossCm, deepCm, wished);
  const radiusCm = Math.min(acrossCm, deepCm);
  const tiers = tierShares(container);
  if (tiers) return inTiers(radiusCm, tiers, wished);
  if (role === 'lead' && count === 1 && others.lead !== 'by view')
    return [leadAsWished(radiusCm, others.lead, view)];
  return view === 'one side' ? seenFromFront(radiusCm, wished) : seenAllRound(radiusCm, wished);
}

/** What is longer than wide, or flat at the back, is planted like a box. */
function plantedLikeBox(container: Container): boolean {
  return (
    mixSurface(container).kind === 'rect' || container.shape.kind === 'wall' || isLong(container)
  );
}

/** So many places evenly round a circle, the first of them turned by `turnRad` from the front. */
function ring(count: number, radiusCm: number, turnRad: number): Spotting[] {
  return Array.from({ length: count }, (_, i) => at((i / count) * 2 * Math.PI + turnRad, radiusCm));
}

/** So many places along an arc that reaches equally far to both sides of an angle. */
function arc(count: number, radiusCm: number, middleRad: number, halfRad: number): Spotting[] {
  if (count === 1) return [at(middleRad, radiusCm)];
  return Array.from({ length: count }, (_, i) =>
    at(middleRad - halfRad + (2 * halfRad * i) / (count - 1), radiusCm),
  );
}

/** Angles go from the front (0) by the right. */
function at(angleRad: number, radiusCm: number): Spotting {
  return { xCm: Math.sin(angleRad) * radiusCm, zCm: Math.cos(angleRad) * radiusCm };
}

const FRONT_RAD = 0;
const BACK_RAD = Math.PI;

/** Where the house wants the one lead. Shares of the radius. Ours. */
function leadAsWished(
  radiusCm: number,
  lead: Exclude<House['lead'], 'by view'>,
  view: View,
): Spotting {
  switch (lead) {
    case 'centre':
      return { xCm: 0, zCm: 0 };
    case 'back':
      return { xCm: 0, zCm: -radiusCm * 0.5 };
    case 'a third over':
      return { xCm: -radiusCm * 0.33, zCm: view === 'one side' ? -radiusCm * 0.3 : 0 };
  }
}

/** Radius of each role's circle as a share of the mix's, and its turn so that roles do not stand in line. Ours. */
const ROUND = {
  leads: { share: 0.22, turnRad: 0.5 },
  body: { share: 0.52, turnRad: 0.2 },
  /** With no lead to stand round, the body closes up. */
  bodyAlone: { share: 0.34, turnRad: 0.2 },
  edge: { share: 0.8, turnRad: 0.2 },
} as const;

/** The edge stands in the gaps of the body before it. */
function gapRad(count: number): number {
  return Math.PI / Math.max(3, count);
}

function seenAllRound(radiusCm: number, { role, count, leads }: Wished): Spotting[] {
  if (role === 'lead')
    return count === 1
      ? [{ xCm: 0, zCm: 0 }]
      : ring(count, radiusCm * ROUND.leads.share, ROUND.leads.turnRad);
  if (role === 'edge')
    return ring(count, radiusCm * ROUND.edge.share, ROUND.edge.turnRad + gapRad(count));
  const body = leads > 0 ? ROUND.body : ROUND.bodyAlone;
  return ring(count, radiusCm * body.share, body.turnRad);
}

/** Tiers are rings of their own: the lead on top, the body in the middle tier, the edge in the lowest. */
function inTiers(
  radiusCm: number,
  tiers: NonNullable<ReturnType<typeof tierShares>>,
  { role, count }: Wished,
): Spotting[] {
  if (role === 'lead')
    return count === 1
      ? [{ xCm: 0, zCm: 0 }]
      : ring(count, radiusCm * tiers.top, ROUND.leads.turnRad);
  return role === 'body'
    ? ring(count, radiusCm * tiers.middle, ROUND.body.turnRad)
    : ring(count, radiusCm * tiers.low, ROUND.edge.turnRad + gapRad(count));
}

/** Seen from the front: leads behind, off-centre when alone; the body round the middle; the edge along the front. Ours. */
const FACING = {
  oneLead: { across: -0.1, back: -0.42 },
  leads: { share: 0.45, halfRad: 0.5 },
  body: { share: 0.5, halfRad: 1.95 },
  edge: { share: 0.82, halfRad: 1.25 },
} as const;

function seenFromFront(radiusCm: number, { role, count }: Wished): Spotting[] {
  if (role === 'body')
    return arc(count, radiusCm * FACING.body.share, FRONT_RAD, FACING.body.halfRad);
  if (role === 'edge')
    return arc(count, radiusCm * FACING.edge.share, FRONT_RAD, FACING.edge.halfRad);
  if (count === 1)
    return [{ xCm: radiusCm * FACING.oneLead.across, zCm: radiusCm * FACING.oneLead.back }];
  return arc(count, radiusCm * FACING.leads.share, BACK_RAD, FACING.leads.halfRad);
}

/** A box, its longer side across; one deeper than wide is planted the same, turned. */
function inBox(acrossCm: number, deepCm: number, wished: Wished): Spotting[] {
  if (acrossCm >= deepCm) return alongBox(acrossCm, deepCm, wished);
  return alongBox(deepCm, acrossCm, wished).map(({ xCm, zCm }) => ({ xCm: zCm, zCm: xCm }));
}

/** How far from end to end each role reaches, and how far back (−) or forward it stands, as shares of half the box. Ours. */
const BOX = {
  oneLead: { across: -0.12 },
  lead: { reach: 0.92, back: -0.45 },
  /** A zigzag behind the edge; with no lead behind, it takes the back as well. */
  body: { reach: 0.96, zigzag: [0.2, -0.1], zigzagAlone: [0, -0.4] },
  /** Seen all round, every second one dresses the back. */
  edge: { reach: 0.98, front: 0.6, back: -0.6 },
} as const;

function alongBox(
  halfLengthCm: number,
  halfWidthCm: number,
  { view, role, count, leads }: Wished,
): Spotting[] {
  const along = (i: number, reach: number) =>
    count === 1 ? 0 : halfLengthCm * reach * (((i + 0.5) / count) * 2 - 1);
  const place = (i: number): Spotting => {
    const second = i % 2;
    switch (role) {
      case 'lead':
        return {
          xCm: count === 1 ? halfLengthCm * BOX.oneLead.across : along(i, BOX.lead.reach),
          zCm: view === 'all round' ? 0 : halfWidthCm * BOX.lead.back,
        };
      case 'body': {
        const [near, far] = leads > 0 ? BOX.body.zigzag : BOX.body.zigzagAlone;
        return { xCm: along(i, BOX.body.reach), zCm: halfWidthCm * (second ? far : near) };
      }
      case 'edge':
        return {
          xCm: along(i, BOX.edge.reach),
          zCm: halfWidthCm * (view === 'all round' && second ? BOX.edge.back : BOX.edge.front),
        };
    }
  };
  return Array.from({ length: count }, (_, i) => place(i));
}
