import { neededBy, readTally, tallyScheme, type SchemeTally } from '../colour/schemes';
import { isGround, isWhite } from '../colour/sorts';
import { coloursShown } from '../plants/colours';
import { middle, type PlantKind } from '../plants/kind';
import { kindFitsScheme } from '../suitability/scheme';
import { standingOf } from '../suitability/standing';
import { grownHeightCm, type Ask } from './ask';
import { likingFor } from './liking';
import { pairWorth } from './pairWorth';

interface KindWorth {
  readonly alone: number;
  readonly tally: SchemeTally;
}

/**
 * What kinds are worth, each for itself and each two of them, for one ask, whatever the school. Worked out once for a search: each
 * school has a judge of its own, and they look it up here.
 */
export class KindWorths {
  private readonly pairs: Float32Array;
  private readonly index: ReadonlyMap<PlantKind, number>;
  private readonly known = new Map<PlantKind, KindWorth>();

  constructor(
    private readonly ask: Ask,
    private readonly kinds: readonly PlantKind[],
  ) {
    this.index = new Map(kinds.map((kind, i) => [kind, i]));
    this.pairs = new Float32Array(kinds.length <= MOST_HELD ? kinds.length * kinds.length : 0).fill(
      UNKNOWN,
    );
  }

  /** What a kind is worth in any role, of about 1. */
  alone(kind: PlantKind): number {
    return this.of(kind).alone;
  }

  /** Its colours against the scheme, by how much of it is seen. */
  tally(kind: PlantKind): SchemeTally {
    return this.of(kind).tally;
  }

  /** Two kinds together, 0–1; 0 when they must not share a container. */
  pair(a: PlantKind, b: PlantKind): number {
    if (this.pairs.length === 0) return pairWorth(a, b, this.ask.wishes.kitchen);
    const [i, j] = [this.index.get(a)!, this.index.get(b)!];
    const at = i < j ? i * this.kinds.length + j : j * this.kinds.length + i;
    if (this.pairs[at] === UNKNOWN) this.pairs[at] = pairWorth(a, b, this.ask.wishes.kitchen);
    return this.pairs[at]!;
  }

  private of(kind: PlantKind): KindWorth {
    let worth = this.known.get(kind);
    if (!worth) {
      const seen = middle(kind.spreadCm) * Math.sqrt(grownHeightCm(kind));
      const colours = this.coloursOut(kind).map(({ colour, weight }) => ({
        colour,
        weight: weight * seen,
      }));
      worth = {
        alone: this.worthAlone(kind),
        tally: tallyScheme(colours, this.ask.wishes.scheme),
      };
      this.known.set(kind, worth);
    }
    return worth;
  }

  private worthAlone(kind: PlantKind): number {
    // The strongest colour that is out for a good part of the weeks.
    const vivid = Math.max(
      ...this.coloursOut(kind).map(({ colour, weight }) =>
        weight < LEAST_OUT || (isGround(colour) && !isWhite(colour))
          ? 0
          : Math.min(1, colour[1] / 0.16 + (isWhite(colour) ? 0.7 : 0)),
      ),
      0,
    );
    return (
      likingFor(kind, this.ask) +
      SCHEME_WORTH * (this.ask.wishes.kitchen ? 1 : kindFitsScheme(kind, this.ask.wishes.scheme)) +
      VIVID_WORTH * vivid +
      this.supplies(kind)
    );
  }

  /** A kind's colours as they are out in the mean of the weeks to come; what flowers for half of them counts whole. */
  private coloursOut(kind: PlantKind) {
    const { flowering, fruiting } = standingOf(kind, this.ask);
    return coloursShown(kind, {
      bloom: Math.min(1, 2 * flowering),
      fruit: Math.min(1, 2 * fruiting),
    });
  }

  /** What it adds that a kind brings a colour that the scheme cannot do without. */
  private supplies(kind: PlantKind): number {
    const { scheme } = this.ask.wishes;
    const needed = neededBy(scheme).length;
    if (needed === 0) return 0;
    const left = readTally(tallyScheme(this.coloursOut(kind), scheme), scheme).missing.length;
    return SUPPLY_WORTH * Math.max(0, (needed - left) / needed);
  }
}

/** What it adds that a kind belongs to the scheme, and that its colour is strong. Ours. */
const SCHEME_WORTH = 0.26;
const VIVID_WORTH = 0.14;
/** What it adds to bring a colour that the scheme cannot do without. Ours. */
const SUPPLY_WORTH = 0.14;
/** Share of what is seen of a kind that a colour must have to be noticed. Ours. */
const LEAST_OUT = 0.08;
/** Pairs are held in a table up to this many kinds (9 MB); beyond it they are worked out anew. */
const MOST_HELD = 1500;
const UNKNOWN = -1;
