import { growingRoomCm2, mixAreaCm2 } from '../containers/container';
import { FIT_TOLERANCE_CM, wallRoomCm } from '../placing/fit';
import { settle, type Wish } from '../placing/settle';
import type { PlacedPlant, Place } from '../plantings/planting';
import { mainRole, middle, type PlantKind, type Role } from '../plants/kind';
import { pickedAs } from '../plants/picked';
import { NURSERY_SIZES } from '../plants/nursery';
import { printOf } from '../plants/print';
import { hash32 } from '../random/hash';
import { SCHOOLS } from '../schools/index';
import type { School } from '../schools/school';
import { sleepsBeneath } from '../suitability/beneath';
import { plantCost } from '../shopping/plantCost';
import type { Ask } from './ask';
import type { Cast } from './compose';
import { areaAt, canShrink, sizeFor, startParts, type CastPart } from './castParts';
import { siteOf } from './judge';
import { inOrder } from './partOrder';

/** Grown leaf area over mix area at which planting stops, and the area wanted when it should be full. Ours, set so that counts come out as people plant. */
const MOST_PRESSURE = 2.4;
const WANTED_COVER = 2.8;
/** Share of the mix's surface that root balls may take. */
const MOST_BALL_SHARE = 0.62;

/** How often a planting that does not go in is thinned and settled again. */
const ATTEMPTS = 10;

/** A cast as places that fit: how many of each, in what nursery size, where. @returns `null` when it cannot be done within the wishes */
export function placeCast(cast: Cast, ask: Ask): Place[] | null {
  const school = SCHOOLS[cast.school];
  const parts = startParts(cast, school, ask);
  if (!parts || !withinBudget(parts, ask)) return null;
  fillUp(parts, school, ask);
  for (let attempt = 0; attempt < ATTEMPTS; attempt += 1) {
    if (!withinBudget(parts, ask)) return null;
    const placed = settleParts(parts, school, ask);
    if (placed) return placed;
    const beneath = parts.findIndex((part) => part.isBeneath && !canShrink(part));
    if (beneath >= 0) {
      // Fewer bulbs than a clump are none.
      parts.splice(beneath, 1);
      continue;
    }
    const shrink = [...parts]
      .sort((a, b) => b.count * NURSERY_SIZES[b.size].topCm - a.count * NURSERY_SIZES[a.size].topCm)
      .find(canShrink);
    // Of many a tenth goes at once, so that a boat is thinned as soon as a pot.
    if (shrink)
      shrink.count = Math.max(
        shrink.least,
        shrink.count - shrink.step * Math.max(1, Math.round(shrink.count / 10 / shrink.step)),
      );
    else if (!smaller(parts)) return null;
  }
  return null;
}

/** A member, and how many of it. */
export interface Counted {
  readonly kind: PlantKind;
  readonly role: Role;
  readonly count: number;
}

/** Share of the plants that may be left out so that the others go in. Ours. */
const LEFT_OUT = 0.12;

/** So many of each as places that fit, in the order of the school; a few fewer where they do not all go in. @returns `null` when they do not */
export function placeCounted(
  counted: readonly Counted[],
  school: School,
  ask: Ask,
): Place[] | null {
  const parts: CastPart[] = [];
  for (const { kind, role, count } of counted) {
    const size = sizeFor(kind, role, ask);
    if (!size) return null;
    parts.push({ kind, role, size, count, step: 1, least: 1 });
  }
  const all = parts.reduce((sum, { count }) => sum + count, 0);
  for (let left = Math.ceil(all * LEFT_OUT); left >= 0;) {
    if (!withinBudget(parts, ask)) return null;
    const placed = settleParts(parts, school, ask);
    if (placed) return placed;
    if (smaller(parts)) continue;
    const most = parts.reduce((a, b) => (b.count > a.count ? b : a));
    if (most.count <= 1) return null;
    most.count -= 1;
    left -= 1;
  }
  return null;
}

/** Parts for members that join plants already standing: as many of each as the container still holds. @returns `null` when one is sold in no size that fits */
export function filledParts(
  members: Cast['members'],
  school: School,
  ask: Ask,
  standing: readonly CastPart[],
): CastPart[] | null {
  const parts = startParts({ school: school.id, members, promise: 1 }, school, ask);
  if (!parts) return null;
  for (const part of parts) part.count = part.least;
  fillUp(parts, school, ask, standing);
  return parts;
}

/**
 * How thin plants stand where money is counted: the share of the cover wanted, by the week it should be full, that they do not reach,
 * 0–1. Bulbs that sleep beneath hide no mix.
 */
export function thinIn(plants: readonly PlacedPlant[], ask: Ask): { readonly thin?: number } {
  if (ask.wishes.budget === null) return {};
  const seen = plants.filter(({ kind }) => !sleepsBeneath(kind, ask));
  const cover = seen.reduce(
    (sum, { kind, size }) =>
      sum + areaAt({ kind, size, role: mainRole(kind) }, ask.wishes.fullInWeeks, ask),
    0,
  );
  return { thin: Math.max(0, 1 - cover / mixAreaCm2(ask.container) / WANTED_COVER) };
}

/** What is to ripen fruit in its first summer wants light and mix to itself: it takes the room of so many as large that only flower. Ours, from litres that growers give. */
const FRUIT_ROOM = 2.5;
const roomFor = (kind: PlantKind): number =>
  pickedAs(kind) === 'fruit' && isForOneSummer(kind) ? FRUIT_ROOM : 1;
const isForOneSummer = ({ cycle }: PlantKind): boolean =>
  cycle === 'annual' || cycle === 'tender perennial';

/** Adds plants to the thinnest group until the mix should be hidden in time, or no more go in; within the school's shares. */
function fillUp(
  cast: readonly CastPart[],
  school: School,
  ask: Ask,
  standing: readonly CastPart[] = [],
): void {
  const parts = cast.filter(({ isBeneath }) => !isBeneath);
  const area = mixAreaCm2(ask.container);
  const room = growingRoomCm2(ask.container);
  const season = 18;
  const { house } = ask;
  const tight = house.fullness === 'packed' ? 1.2 : house.fullness === 'spaced' ? 0.8 : 1;
  const most = new Map(school.parts(siteOf(ask)).map(({ role, share }) => [role, share[1]]));
  const tooDear = new Set<CastPart>();
  for (let guard = 0; guard < 60; guard += 1) {
    const cover =
      [...standing, ...parts].reduce(
        (sum, part) => sum + part.count * areaAt(part, ask.wishes.fullInWeeks, ask),
        0,
      ) / area;
    const grown =
      [...standing, ...parts].reduce(
        (sum, part) => sum + part.count * areaAt(part, season, ask) * roomFor(part.kind),
        0,
      ) / room;
    const balls =
      [...standing, ...parts].reduce(
        (sum, part) => sum + part.count * Math.PI * (NURSERY_SIZES[part.size].topCm / 2) ** 2,
        0,
      ) / area;
    if (cover >= WANTED_COVER * tight || grown >= MOST_PRESSURE * tight) return;
    const all = [...standing, ...parts].reduce((sum, { count }) => sum + count, 0);
    const ofRole = (role: Role) =>
      [...standing, ...parts].reduce((sum, part) => sum + (part.role === role ? part.count : 0), 0);
    const free = parts.filter(
      (part) => !tooDear.has(part) && (part.role !== 'lead' || school.id === 'screen'),
    );
    const allowed = free.filter(
      ({ role, step }) => (ofRole(role) + step) / (all + step) <= (most.get(role) ?? 1) + 0.02,
    );
    const next = (allowed.length > 0 ? allowed : free).sort(
      (a, b) =>
        a.count * areaAt(a, season, ask) * (a.role === 'edge' ? 0.9 : 1) -
        b.count * areaAt(b, season, ask) * (b.role === 'edge' ? 0.9 : 1),
    )[0];
    if (!next) return;
    if (
      balls + (next.step * Math.PI * (NURSERY_SIZES[next.size].topCm / 2) ** 2) / area >
      MOST_BALL_SHARE
    )
      return;
    next.count += next.step;
    // Money that is short goes into plants by the pack before the container stays half empty.
    while (!underBudget([...standing, ...cast], ask) && smaller(parts));
    if (!underBudget([...standing, ...cast], ask)) {
      next.count -= next.step;
      // What is left of it, and of packs that are paid for, goes into the others.
      tooDear.add(next);
    }
  }
}

function costOf(parts: readonly CastPart[]): number {
  return plantCost(
    parts.flatMap((part) =>
      Array.from({ length: part.count }, () => ({
        kind: part.kind,
        kindId: part.kind.id,
        size: part.size,
      })),
    ),
  );
}

function underBudget(parts: readonly CastPart[], ask: Ask): boolean {
  return ask.wishes.budget === null || costOf(parts) <= ask.wishes.budget;
}

/** Brings the cost within the budget by smaller sizes, then by fewer of what saves most. @returns false when it cannot be done */
function withinBudget(parts: CastPart[], ask: Ask): boolean {
  for (let guard = 0; guard < 30 && !underBudget(parts, ask); guard += 1) {
    if (smaller(parts)) continue;
    const dearest = parts
      .filter(canShrink)
      .map((part) => ({ part, saved: savedBy(part) }))
      .sort((a, b) => b.saved - a.saved || b.part.count - a.part.count)[0];
    if (!dearest) return false;
    dearest.part.count -= dearest.part.step;
  }
  return underBudget(parts, ask);
}

/** What a step fewer of a part saves: nothing, as long as its pack must be bought for the others. */
const savedBy = (part: CastPart): number =>
  costOf([part]) - costOf([{ ...part, count: part.count - part.step }]);

/** Takes the largest nursery size down a step where the kind is sold smaller. */
function smaller(parts: CastPart[]): boolean {
  for (const part of [...parts].sort(
    (a, b) => NURSERY_SIZES[b.size].ballL - NURSERY_SIZES[a.size].ballL,
  )) {
    const less = part.kind.sold
      .map(({ size }) => size)
      .filter((size) => NURSERY_SIZES[size].ballL < NURSERY_SIZES[part.size].ballL)
      .sort((a, b) => NURSERY_SIZES[b].ballL - NURSERY_SIZES[a].ballL)[0];
    if (!less) continue;
    part.size = less;
    return true;
  }
  return false;
}

/** Places by role, kinds taking turns, settled until the balls fit. */
function settleParts(parts: readonly CastPart[], school: School, ask: Ask): Place[] | null {
  const wishes: (Wish & { readonly part: CastPart })[] = [];
  const leads = parts
    .filter(({ role }) => role === 'lead')
    .reduce((sum, { count }) => sum + count, 0);
  for (const role of ['lead', 'body', 'edge'] as const) {
    const order = inOrder(
      school.order,
      parts.filter((part) => part.role === role),
    );
    const spots = school.spots(siteOf(ask), role, order.length, leads);
    order.forEach((part, i) => {
      // A lone lead stands where the school puts it; the others give way.
      const pinned =
        role === 'lead' &&
        order.length === 1 &&
        wallRoomCm(ask.container, { ...spots[i]!, size: part.size, kind: part.kind }) >= 0;
      wishes.push({
        ...spots[i]!,
        size: part.size,
        kind: part.kind,
        spreadRadiusCm: middle(part.kind.spreadCm) / 2,
        part,
        pinned,
      });
    });
  }
  const { places, shortfallCm } = settle(ask.container, wishes);
  if (shortfallCm > FIT_TOLERANCE_CM) return null;
  return wishes.map(({ part, size }, i) => {
    return {
      id: `p${i + 1}-${part.kind.id}`.slice(0, 80),
      kindId: part.kind.id,
      xCm: places[i]!.xCm,
      zCm: places[i]!.zCm,
      size,
      seed: hash32(ask.seed, printOf(part.kind), i),
      ...(part.role === 'edge' && part.kind.trailCm !== null ? { lean: OUTWARD } : {}),
    };
  });
}

/** Trailing edge plants are set in at a slant, outward. */
const OUTWARD = { tiltDeg: 12, turnDeg: 0 } as const;
