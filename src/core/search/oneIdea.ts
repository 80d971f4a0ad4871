import { familiarity } from '../plants/familiar';
import type { PlantKind } from '../plants/kind';
import type { Like } from '../plantings/schema';
import { commonGround, TOGETHER } from '../suitability/company';
import { reachesWish, type Ask } from './ask';
import { isLiked, isPick } from './liking';

/**
 * Share of the kinds that may be without what was asked for. Few flowers scent an evening: half of the kinds is enough to. Berries, and
 * what moves, are seen from afar: a third is enough. Who wants herbs wants herbs; at the foot of what fruits, leaves are picked too. Ours.
 */
const MAY_LACK: Readonly<Record<Like | 'company', number>> = {
  company: 0.4,
  wildlife: 0.34,
  scent: 0.4,
  'evening scent': 0.5,
  touch: 0.5,
  berries: 0.67,
  movement: 0.67,
  'comes back': 0.2,
  herbs: 0.25,
  salad: 0.25,
  fruit: 0.6,
};

/**
 * Are the wishes about all of them kept: most of the company asked for, most with what should be there, one as tall as
 * was asked for?
 * @param toCome kinds that are not chosen yet, any of which may have it
 */
export function keepsWishes(kinds: readonly PlantKind[], ask: Ask, toCome = 0): boolean {
  const { company, likes = [] } = ask.wishes;
  const count = kinds.length + toCome;
  const without = (has: (kind: PlantKind) => boolean) => kinds.filter((kind) => !has(kind)).length;
  // Of three one may be without, the lead as a rule; of five, two. One of two is half of what is seen.
  const some = Math.floor(count * MAY_LACK.company);
  return (
    (toCome > 0 || kinds.length === 0 || kinds.some((kind) => reachesWish(kind, ask))) &&
    (!company || without((kind) => kind.company.includes(company)) <= some) &&
    likes.every((like) => without((kind) => isLiked(kind, like, ask)) <= mayLack(like, count)) &&
    !(likes.includes('wildlife') && kinds.some((kind) => flowersForNobody(kind, ask))) &&
    !(likes.some(isPick) && kinds.some((kind) => isNotForTheKitchen(kind, ask)))
  );
}

/** Share of a plant its flowers cover from which they are what it is grown for. Ours. */
const FOR_FLOWERS = 0.1;

/**
 * Is it grown for flowers that feed no insect by day? Leaves may stand among what feeds them, such flowers would
 * only take their place; but for those that must be there.
 */
const flowersForNobody = (kind: PlantKind, ask: Ask): boolean =>
  kind.habit !== 'grass' &&
  !ask.wishes.must.includes(kind.id) &&
  (kind.bloom?.cover ?? 0) > FOR_FLOWERS &&
  !isLiked(kind, 'wildlife', ask);

/** Is it harmful to eat, or may it be? Among what is picked by the handful it would be picked too; but for what must be there. */
const isNotForTheKitchen = ({ id, edible, toxicity }: PlantKind, { wishes }: Ask): boolean =>
  edible === null && toxicity.people !== 'none known' && !wishes.must.includes(id);

/** How many of so many kinds may be without what was asked for: one at least, but where it is to be picked or to last; never all of them. */
function mayLack(like: Like, count: number): number {
  const most = Math.floor(count * MAY_LACK[like]);
  return isPick(like) || like === 'comes back' ? most : Math.min(Math.max(1, most), count - 1);
}

/** Rarities in one planting. */
const MOST_SELDOM = 1;

/**
 * May these be proposed as one planting: kinds that are grown together, at most one of them seldom met with, and the wishes about them kept?
 * @param toCome kinds that are not chosen yet
 */
export function isOneIdea(kinds: readonly PlantKind[], ask: Ask, toCome = 0): boolean {
  return (
    (ask.wishes.kitchen || commonGround(kinds).worth >= TOGETHER) &&
    keepsWishes(kinds, ask, toCome) &&
    kinds.filter((kind) => familiarity(kind) === 'seldom').length <= MOST_SELDOM
  );
}

/** Are kinds that come into a planting together grown together, whatever stood there before them? */
export const goTogether = (come: readonly PlantKind[], { kitchen }: Ask['wishes']): boolean =>
  kitchen || come.length < 2 || commonGround(come).worth >= TOGETHER;
