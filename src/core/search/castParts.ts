import { mixDepthCm, mixSurface, surfacesOf, type Container } from '../containers/container';
import { reachOf } from '../containers/section';
import { lightFactor } from '../growth/conditions';
import { growthShare } from '../growth/growth';
import { settingDepthCm } from '../placing/fit';
import { middle, type PlantKind, type Role } from '../plants/kind';
import { NURSERY_SIZES, type NurserySizeId } from '../plants/nursery';
import type { School } from '../schools/school';
import { asksTall } from '../suitability/proportion';
import { isLong } from '../containers/container';
import type { Ask } from './ask';
import { bulbsIn } from './bulbs';
import type { Cast } from './compose';

/** Plants of one kind in one role. */
export interface CastPart {
  readonly kind: PlantKind;
  readonly role: Role;
  size: NurserySizeId;
  count: number;
  /** Plants that come or go together. */
  readonly step: number;
  /** Fewer than this are none: a slender bulb comes by the clump. */
  readonly least: number;
  /** A bulb that sleeps beneath the others: it hides no mix, and stands in the gaps between them. */
  readonly isBeneath?: boolean;
}

/** A lead stands over the others and hides less of the mix than its plan area. */
const LEAD_SHARE = 0.4;
/** An edge plant spreads half outside the rim. */
const EDGE_SHARE = 0.55;

/** By how many the plants of a kind are counted: odd numbers and pairs grow by two. */
function countsOf(school: School, { house }: Ask): School['counts'] {
  return house.counts === 'by school' ? school.counts : house.counts;
}

/** As many of each member as a container begins with, before it is filled up. @returns `null` when one is sold in no size that fits */
export function startParts(cast: Cast, school: School, ask: Ask): CastPart[] | null {
  const long = isLong(ask.container) && ask.container.shape.kind !== 'wall';
  const { acrossCm, deepCm } = reachOf(mixSurface(ask.container));
  const counts = countsOf(school, ask);
  // What is much longer than deep is planted in units along it.
  const lengthCm = 2 * Math.max(acrossCm, deepCm);
  const units = long ? Math.max(1, Math.round(lengthCm / UNIT_CM)) : 1;
  const parts: CastPart[] = [];
  const upper = cast.members.filter(({ isBeneath }) => !isBeneath);
  for (const { kind, role, isBeneath } of cast.members) {
    if (isBeneath) {
      parts.push({
        kind,
        role,
        size: 'bulb',
        count: bulbsIn(ask),
        step: 1,
        least: CLUMP,
        isBeneath,
      });
      continue;
    }
    const alike = upper.filter((member) => member.role === role).length;
    const size = sizeFor(kind, role, ask);
    if (!size) return null;
    const isAlone = upper.length === 1 || ask.wishes.must.includes(kind.id);
    const least = isAlone ? 1 : clumpOf(kind, ask);
    const count = (): number => {
      if (role === 'lead') {
        if (school.id === 'screen') return Math.max(2, units);
        if (upper.length === 1) return 1;
        // Something tall along something long is to hide: its plants shall meet.
        const closed =
          long && asksTall(ask.wishes) ? Math.ceil(lengthCm / middle(kind.spreadCm)) : 0;
        return Math.max(closed, units * least);
      }
      // Units repeat: a body in each, the edge kinds taking turns.
      if (school.id === 'opposite-pairs') return 2;
      if (long) return role === 'body' ? units : Math.max(1, Math.ceil(units / alike));
      if (counts !== 'free') return counts === 'pairs' ? 2 : 1;
      return alike > 1 && ask.spot.view === 'one side' ? 1 : 2;
    };
    parts.push({
      kind,
      role,
      size,
      count: Math.max(count(), least),
      least,
      step:
        school.id !== 'opposite-pairs' && (long || counts === 'free' || role === 'lead') ? 1 : 2,
    });
  }
  return parts;
}

/** A bulb as slender as this, cm across, is planted by the clump: one alone is a stalk among flowers. Ours. */
const SLENDER_CM = 20;
const CLUMP = 3;
/** Mix as wide as this, cm, takes a larger clump. Ours. */
const BIG_CLUMP_CM = 34;
const BIG_CLUMP = 5;

/** How many plants of a kind count as one. */
function clumpOf({ cycle, spreadCm }: PlantKind, { container }: Ask): number {
  if (cycle !== 'bulb' || middle(spreadCm) > SLENDER_CM) return 1;
  const { acrossCm, deepCm } = reachOf(mixSurface(container));
  const isBig = !isLong(container) && 2 * Math.min(acrossCm, deepCm) >= BIG_CLUMP_CM;
  return isBig ? BIG_CLUMP : CLUMP;
}

/** May there be a step fewer of it? */
export const canShrink = ({ count, step, least }: CastPart): boolean => count - step >= least;

/** Length of box that one lead commands, cm. Ours, after how people repeat units. */
const UNIT_CM = 42;

/** Is a kind sold in any size that goes in here? */
export function fitsSomehow(kind: PlantKind, role: Role, ask: Ask): boolean {
  return sizeFor(kind, role, ask) !== null;
}

/** The nursery size to plant: a bigger one for the lead, small ones for the many; the mix must be deep enough. */
export function sizeFor(kind: PlantKind, role: Role, ask: Ask): NurserySizeId | null {
  const deep = mixDepthCm(ask.container);
  const surface = mixSurface(ask.container);
  const { acrossCm, deepCm } = reachOf(surface);
  const wide = levelWidthCm(ask.container, role) ?? 2 * Math.min(acrossCm, deepCm);
  const fitting = kind.sold
    .map(({ size }) => size)
    .filter(
      (size) =>
        settingDepthCm(size, kind) <= deep - 0.5 && NURSERY_SIZES[size].topCm <= wide * 0.62,
    )
    .sort((a, b) => NURSERY_SIZES[a].ballL - NURSERY_SIZES[b].ballL);
  if (fitting.length === 0) return null;
  if (role === 'lead') return fitting[fitting.length - 1]!;
  // Soon full wants larger plants; otherwise the smaller, cheaper size.
  return ask.wishes.fullInWeeks <= 5 ? fitting[Math.min(fitting.length - 1, 1)]! : fitting[0]!;
}

/** Room across a level of tiers: the whole top for a lead, the narrowest rim for others. @returns `null` for what has one level */
function levelWidthCm(container: Container, role: Role): number | null {
  const levels = surfacesOf(container);
  if (levels.length === 1) return null;
  const widths = levels.map(({ section }) =>
    section.kind === 'disc'
      ? section.holeCm > 0
        ? (section.radiusCm - section.holeCm) * 1.35
        : section.radiusCm * 2
      : 0,
  );
  return role === 'lead' ? widths[widths.length - 1]! : Math.min(...widths.slice(0, -1));
}

/** Mix that one plant hides so many weeks on, cm². */
export function areaAt(
  part: Pick<CastPart, 'kind' | 'size' | 'role'>,
  weeks: number,
  ask: Ask,
): number {
  const share = growthShare(part.kind, part.size, weeks, lightFactor(part.kind, ask.spot)) ** 0.9;
  return (
    Math.PI *
    ((middle(part.kind.spreadCm) * share) / 2) ** 2 *
    (part.role === 'lead' ? LEAD_SHARE : part.role === 'edge' ? EDGE_SHARE : 1)
  );
}
