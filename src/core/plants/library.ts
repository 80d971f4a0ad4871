import { asSoldIn } from './prices';
import type { Here, KindId, PlantKind } from './kind';
import type { Market } from './market';
import { withSeen } from './here';
import { guessedFrom, withTold, type OwnKind } from './own';

/** What is known of a gardener that changes the kinds there are: what they told of some, and where they buy. */
export interface Gardener {
  readonly own: readonly OwnKind[];
  readonly market: Market;
  /** What was seen of kinds here, but for what was set aside; left out: nothing. */
  readonly here?: ReadonlyMap<KindId, Here>;
}

/** All kinds there are to choose from: the book's, with what the gardener knows better, and their own. */
export interface Library {
  readonly kinds: readonly PlantKind[];
  /** The same without those never to be planted again. */
  readonly offered: readonly PlantKind[];
  /** @returns `null` when there is no such kind */
  readonly kindOf: (id: KindId) => PlantKind | null;
  /** What the gardener told of a kind, or `null`. */
  readonly ownOf: (id: KindId) => OwnKind | null;
}

const NOTHING_SEEN: ReadonlyMap<KindId, Here> = new Map();

/**
 * Lays the gardener's own records over the book, which is priced as in their market. A record like a kind that is not in the book is left out.
 */
export function libraryOf(
  shipped: readonly PlantKind[],
  owns: readonly OwnKind[],
  market: Market,
  here: ReadonlyMap<KindId, Here> = NOTHING_SEEN,
): Library {
  const book = asSoldIn(market, shipped);
  const own = new Map(owns.map((record) => [record.id, record]));
  const byId = new Map(book.map((kind) => [kind.id, kind]));
  const changed = book.map((kind) => {
    const record = own.get(kind.id);
    return record && Object.keys(record.told).length > 0 ? withTold(kind, record.told) : kind;
  });
  const added = owns.flatMap((record) => {
    const like = byId.get(record.likeId);
    return like && !byId.has(record.id) ? [guessedFrom(like, record.id, record.told)] : [];
  });
  const told = owns.length === 0 ? book : [...changed, ...added];
  const kinds =
    here.size === 0
      ? told
      : told.map((kind) => {
          const seen = here.get(kind.id);
          return seen ? withSeen(kind, seen) : kind;
        });
  const known = new Map(kinds.map((kind) => [kind.id, kind]));
  return {
    kinds,
    offered: owns.some(({ never }) => never !== null)
      ? kinds.filter(({ id }) => (own.get(id)?.never ?? null) === null)
      : kinds,
    kindOf: (id) => known.get(id) ?? null,
    ownOf: (id) => own.get(id) ?? null,
  };
}
