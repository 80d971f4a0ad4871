import type { PlantKind } from '../plants/kind';
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
  // One may be without, the lead as a rule; of five, two.
  const most = Math.max(1, Math.floor(kinds.length * MAY_BE_WITHOUT));
  // Who wants herbs wants herbs: of four and more, one may be something else.
  const almostAll = Math.floor(kinds.length * MAY_NOT_BE_PICKED);
  return (
    (!company || without((kind) => kind.company.includes(company)) <= most) &&
    likes.every(
      (like) => without((kind) => isLiked(kind, like)) <= (isPick(like) ? almostAll : most),
    )
  );
}
