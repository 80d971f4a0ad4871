import { familiarity } from '../plants/familiar';
import type { PlantKind } from '../plants/kind';
import type { Like } from '../plantings/schema';
import { commonGround, TOGETHER } from '../suitability/company';
import type { Ask } from './ask';
import { isLiked, isPick } from './liking';

/** Share of the kinds that may be without what was asked for, and without being of the sort to pick. Ours. */
const MAY_BE_WITHOUT = 0.4;
const MAY_NOT_BE_PICKED = 0.25;

/** Are the wishes about all of them kept: most of the company asked for, and most with what should be there? */
export function keepsWishes(
  kinds: readonly PlantKind[],
  { company, likes = [] }: Pick<Ask['wishes'], 'company' | 'likes'>,
): boolean {
  const without = (has: (kind: PlantKind) => boolean) => kinds.filter((kind) => !has(kind)).length;
  // Of three one may be without, the lead as a rule; of five, two. One of two is half of what is seen.
  const some = Math.floor(kinds.length * MAY_BE_WITHOUT);
  const most = Math.max(1, some);
  // Few flowers scent an evening; half of the kinds is enough to.
  const half = Math.max(1, Math.floor(kinds.length / 2));
  // Who wants herbs wants herbs: of four and more, one may be something else.
  const almostAll = Math.floor(kinds.length * MAY_NOT_BE_PICKED);
  const mayLack = (like: Like) =>
    isPick(like) ? almostAll : like === 'evening scent' ? half : most;
  return (
    (!company || without((kind) => kind.company.includes(company)) <= some) &&
    likes.every((like) => without((kind) => isLiked(kind, like)) <= mayLack(like))
  );
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
