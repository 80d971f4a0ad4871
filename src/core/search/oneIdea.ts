import { familiarity } from '../plants/familiar';
import type { PlantKind } from '../plants/kind';
import type { Like } from '../plantings/schema';
import { commonGround, TOGETHER } from '../suitability/company';
import type { Ask } from './ask';
import { isLiked, isPick } from './liking';

/** Share of the kinds that may be without what was asked for, and without being of the sort to pick. Ours. */
const MAY_BE_WITHOUT = 0.4;
const MAY_NOT_BE_PICKED = 0.25;
const MAY_NOT_SCENT_EVENING = 0.5;

/** Are the wishes about all of them kept: most of the company asked for, and most with what should be there? */
export function keepsWishes(
  kinds: readonly PlantKind[],
  { company, likes = [] }: Pick<Ask['wishes'], 'company' | 'likes'>,
): boolean {
  const without = (has: (kind: PlantKind) => boolean) => kinds.filter((kind) => !has(kind)).length;
  // Of three one may be without, the lead as a rule; of five, two. One of two is half of what is seen.
  const some = Math.floor(kinds.length * MAY_BE_WITHOUT);
  return (
    (!company || without((kind) => kind.company.includes(company)) <= some) &&
    likes.every((like) => without((kind) => isLiked(kind, like)) <= mayLack(like, kinds.length))
  );
}

/** How many of so many kinds may be without what was asked for. */
function mayLack(like: Like, count: number): number {
  // Who wants herbs wants herbs: of four and more, one may be something else.
  if (isPick(like)) return Math.floor(count * MAY_NOT_BE_PICKED);
  // Few flowers scent an evening; half of the kinds is enough to.
  const share = like === 'evening scent' ? MAY_NOT_SCENT_EVENING : MAY_BE_WITHOUT;
  return Math.max(1, Math.floor(count * share));
}

/** Rarities in one planting. */
const MOST_SELDOM = 1;

/** May these be proposed as one planting: kinds that are grown together, at most one of them seldom met with, and the wishes about them kept? */
export function isOneIdea(kinds: readonly PlantKind[], wishes: Ask['wishes']): boolean {
  return (
    (wishes.kitchen || commonGround(kinds).worth >= TOGETHER) &&
    keepsWishes(kinds, wishes) &&
    kinds.filter((kind) => familiarity(kind) === 'seldom').length <= MOST_SELDOM
  );
}

/** Are kinds that come into a planting together grown together, whatever stood there before them? */
export const goTogether = (come: readonly PlantKind[], { kitchen }: Ask['wishes']): boolean =>
  kitchen || come.length < 2 || commonGround(come).worth >= TOGETHER;
