import { isHung } from '../containers/shape';
import { readTally, sumTallies } from '../colour/schemes';
import { asksTall, wishedRatios } from '../suitability/proportion';
import { standsWith } from '../suitability/company';
import { isOfSmallThings } from '../suitability/season';
import { mixSurface, visibleHeightCm } from '../containers/container';
import { reachOf } from '../containers/section';
import { middle, type Company, type PlantKind, type Role } from '../plants/kind';
import { printOf } from '../plants/print';
import type { School, Setting } from '../schools/school';
import { standingOf } from '../suitability/standing';
import { grownHeightCm, type Ask } from './ask';
import { isOneIdea } from './oneIdea';
import { hangsIll } from './hung';
import { KindWorths } from './kindWorths';
import { isOutside, leadCost, mayLead } from './leads';
import { isLiked, shrubCost } from './liking';

/** One kind in one role. */
export interface Member {
  readonly kind: PlantKind;
  readonly role: Role;
  /** A bulb that sleeps beneath the others until it is its turn. */
  readonly isBeneath?: boolean;
}

/** What one kind is worth in each role. */
type KindRecord = Readonly<Record<Role, number>>;

/** The site a school is asked about. */
export function siteOf({ container, spot, house }: Ask): Setting {
  return { container, spot, house };
}

/**
 * A first judgement of kinds, before they are placed: how each suits its role, how each two go together, what scheme they make.
 * Worked out once for a search and looked up after that.
 */
export class Judge {
  private readonly records: ReadonlyMap<PlantKind, KindRecord>;

  constructor(
    private readonly ask: Ask,
    readonly kinds: readonly PlantKind[],
    private readonly school: School,
    /** In how many casts a kind stands already. */
    private readonly worn = new Map<PlantKind, number>(),
    /** What judges of other schools have worked out of the same kinds for the same ask. */
    private readonly worths = new KindWorths(ask, kinds),
  ) {
    this.records = new Map(kinds.map((kind) => [kind, this.record(kind)]));
  }

  private record(kind: PlantKind): KindRecord {
    // Where no frame is wanted, something quicker than a shrub is.
    const slow = this.school.id === 'evergreen-frame' ? 0 : shrubCost(kind, this.ask);
    const common = this.worths.alone(kind) - slow;
    const bears = (kind.here?.badly ?? 0) >= BADLY_OFTEN ? DID_BADLY : 1;
    return {
      lead: bears * this.suits(kind, 'lead', common),
      body: bears * this.suits(kind, 'body', common),
      edge: bears * this.suits(kind, 'edge', common),
    };
  }

  private recordOf(kind: PlantKind): KindRecord {
    const found = this.records.get(kind);
    if (!found) throw new Error(`${kind.id} is not among the kinds of this search`);
    return found;
  }

  /** Best kinds for a role beside others already chosen, not all of one sort. */
  best(role: Role, count: number, beside: readonly PlantKind[] = []): PlantKind[] {
    const scored = this.kinds
      .filter(
        (kind) =>
          this.of(kind, role) > 0 &&
          !beside.includes(kind) &&
          beside.every((other) => this.pair(kind, other) > 0),
      )
      .map((kind) => ({
        kind,
        promise:
          this.of(kind, role) -
          this.wornBy(kind) +
          0.5 * beside.reduce((sum, other) => sum + this.pair(kind, other), 0),
      }));
    const chosen: PlantKind[] = [];
    const perSort = new Map<string, number>();
    for (const { kind } of ranked(scored)) {
      // No more than two of one botanical name, so that the beam is not filled with one plant in six colours.
      const sort = perSort.get(kind.botanical) ?? 0;
      if (sort >= 2) continue;
      perSort.set(kind.botanical, sort + 1);
      chosen.push(kind);
      if (chosen.length === count) break;
    }
    return [...chosen, ...this.rare(scored, chosen)];
  }

  /** Of what most plants should have, some of the best that have it, where hardly any of those chosen do: it must come from somewhere. */
  private rare(
    scored: readonly { readonly kind: PlantKind; readonly promise: number }[],
    chosen: readonly PlantKind[],
  ): PlantKind[] {
    const found = new Set<PlantKind>();
    for (const like of this.ask.wishes.likes ?? []) {
      const has = (kind: PlantKind) => isLiked(kind, like, this.ask);
      const there = chosen.filter(has).length;
      const others = ranked(scored.filter(({ kind }) => !chosen.includes(kind) && has(kind)));
      for (const { kind } of others.slice(0, Math.max(0, ENOUGH_LIKED - there))) found.add(kind);
    }
    return [...found];
  }

  /** A whole cast, about 0–1; 0 when two of it must not share a container. */
  promise(
    members: readonly Member[],
    { asNew = false, toCome = 0 }: { readonly asNew?: boolean; readonly toCome?: number } = {},
  ): number {
    if (members.length === 0) return 0;
    const together = this.together(members);
    if (together === null) return 0;
    const kinds = members.map(({ kind }) => kind);
    if (!isOneIdea(kinds, this.ask, toCome)) return 0;
    const alone = members.length === 1 ? this.fillsAlone(members[0]!.kind) : 1;
    const { fit, carried, missing } = readTally(
      sumTallies(members.map(({ kind }) => this.worths.tally(kind))),
      this.ask.wishes.scheme,
    );
    return Math.max(
      LEAST_PROMISE,
      WORTH.single * this.apart(members, asNew) +
        WORTH.pairs * together +
        WORTH.scheme * (this.ask.wishes.kitchen ? 1 : fit - MISSING_COST * missing.length) +
        WORTH.colour * Math.min(1, carried / ENOUGH_COLOUR) +
        WORTH.variety * Math.min(2, members.length - 3) -
        LONELY_COST * (1 - alone),
    );
  }

  /** How far one plant by itself fills the container from side to side, 0–1. */
  private fillsAlone(kind: PlantKind): number {
    const { acrossCm, deepCm } = reachOf(mixSurface(this.ask.container));
    return Math.min(1, middle(kind.spreadCm) / (2 * Math.min(acrossCm, deepCm) * FILLS));
  }

  /** Tells that these kinds stand in a cast already: others are looked for sooner from now on. */
  wear(kinds: readonly PlantKind[]): void {
    for (const kind of kinds) this.worn.set(kind, (this.worn.get(kind) ?? 0) + 1);
  }

  private wornBy(kind: PlantKind): number {
    return Math.min(MOST_WORN, (this.worn.get(kind) ?? 0) * WORN);
  }

  /** What the members are worth each for itself, 0–1, the lead counting a little more. */
  private apart(members: readonly Member[], asNew = false): number {
    let [sum, weights] = [0, 0];
    for (const { kind, role } of members) {
      const weight = role === 'lead' ? LEAD_WEIGHT : 1;
      sum += weight * (this.of(kind, role) - (asNew ? 0 : this.wornBy(kind)));
      weights += weight;
    }
    return sum / weights;
  }

  /** What the pairs among the members are worth in the mean, 0–1. @returns `null` when two must not share a container */
  private together(members: readonly Member[]): number | null {
    let [sum, count] = [0, 0];
    for (const [i, { kind }] of members.entries())
      for (let j = 0; j < i; j += 1) {
        const worth = this.pair(kind, members[j]!.kind);
        if (worth <= 0) return null;
        sum += worth;
        count += 1;
      }
    return count > 0 ? sum / count : WORTH_ALONE;
  }

  /** {@link promise}, whatever stands in other casts, less what the school's own likings add: for comparing casts of several schools. */
  plainPromise(members: readonly Member[]): number {
    const liking =
      members.reduce((sum, { kind, role }) => sum + this.school.prefers(kind, role), 0) /
      Math.max(1, members.length);
    return this.promise(members, { asNew: true }) - WORTH.single * liking;
  }

  /** One kind in one role, 0–1. */
  of(kind: PlantKind, role: Role): number {
    return this.recordOf(kind)[role];
  }

  /** One kind in one role, 0–1; 0 when it cannot play it. */
  private suits(kind: PlantKind, role: Role, common: number): number {
    if (!kind.roles.includes(role) || !this.school.allows(kind, role)) return 0;
    const pot = visibleHeightCm(this.ask.container);
    const [usual, most] = wishedRatios(this.ask.container, this.ask.wishes);
    const isSmall = isOfSmallThings(this.ask) && !asksTall(this.ask.wishes);
    const least = isSmall ? usual * SMALL_THINGS : usual;
    // Where there is something to climb, what climbs it leads.
    const climbs = kind.support === 'climb';
    if (role === 'lead' && this.ask.support && climbs)
      return common + 0.26 + CLIMBER_WORTH + this.school.prefers(kind, role);
    const ratio = grownHeightCm(kind, this.ask) / pot;
    if (role === 'lead' && !mayLead(kind, this.ask, this.school)) return 0;
    const basket = isHung(this.ask.container.shape);
    const size =
      role === 'lead'
        ? within(ratio, least, most)
        : role === 'body'
          ? within(ratio, basket ? 0.5 : 0.4, most * 0.75)
          : within(ratio, 0, Math.max(0.8, least)) * (kind.trailCm ? 1 : 0.8);
    const shown = role === 'lead' ? LEAD_SHOWS * standingOf(kind, this.ask).shows : 0;
    return Math.max(
      0.001,
      common +
        0.26 * size +
        shown +
        this.school.prefers(kind, role) -
        (role === 'lead' ? leadCost(kind, this.ask) : this.guestCost(kind)) -
        (isVegetable(kind) && !this.ask.wishes.kitchen ? VEGETABLE_COST : 0) -
        (basket && hangsIll(kind) ? HUNG_COST : 0),
    );
  }

  /** What it costs beside the lead to be of another company than was asked for, by how seldom it is met with in that. */
  private guestCost(kind: PlantKind): number {
    const { company } = this.ask.wishes;
    return company !== undefined && this.isOutside(kind)
      ? GUEST_COST * (1 - standsWith(kind, company))
      : 0;
  }

  /** Is it of another company than the one that was asked for? */
  isOutside(kind: PlantKind): boolean {
    return isOutside(kind, this.ask);
  }

  /** Two kinds together, 0–1; 0 when they must not share a container. */
  pair(a: PlantKind, b: PlantKind): number {
    return this.worths.pair(a, b);
  }
}

/** Companies whose plants stand among flowers, eaten or not. */
const ORNAMENTAL: readonly Company[] = ['dry and silver', 'bold tender foliage'];

/** Is it eaten, of the kitchen, and neither a shrub nor an herb that stands among flowers as well? */
const isVegetable = ({ company, cycle, edible }: PlantKind): boolean =>
  edible !== null &&
  company.includes('kitchen') &&
  cycle !== 'shrub' &&
  !company.some((one) => ORNAMENTAL.includes(one));

/** Shares of a cast's promise: its members each, its pairs, its scheme, colour at all, and one kind more than three. Ours. */
const WORTH = { single: 0.42, pairs: 0.33, scheme: 0.25, colour: 0.1, variety: 0.015 } as const;
/** What each colour that the scheme must have, and the cast lacks, costs of the scheme's part. Ours. */
const MISSING_COST = 1;
/** Share of colour that is not ground at which there is enough of it. Ours. */
const ENOUGH_COLOUR = 0.4;
/** What stands alone makes no pair, good or bad. */
const WORTH_ALONE = 0.5;
/** What did badly in so many plantings here is worth so much of what it would be. Ours. */
const BADLY_OFTEN = 2;
const DID_BADLY = 0.55;
/** A cast that may share a container never promises nothing. */
const LEAST_PROMISE = 0.001;
/** What it is worth that a climber leads where there is something to climb. Ours. */
const CLIMBER_WORTH = 0.5;
/** A lead is looked at first: what it shows counts once more. Ours. */
const LEAD_SHOWS = 0.16;
/** What each cast a kind stands in takes off it when the next is looked for, and the most that takes. Ours. */
const WORN = 0.06;
const MOST_WORN = 0.3;
/** What it costs beside the lead not to be met with at all in the company that was asked for. Ours. */
const GUEST_COST = 0.4;
/** Where nothing is to be eaten a flower was meant: what a vegetable costs. Ours. */
const VEGETABLE_COST = 0.4;
/** What it costs in a basket that a kind hangs ill. Ours. */
const HUNG_COST = 0.25;
/** Autumn to spring there are small things. Ours. */
const SMALL_THINGS = 0.55;
/** Share of the width from which one plant alone does not look lonely, and what it costs to. Ours. */
const FILLS = 0.9;
const LONELY_COST = 0.8;
/** So many of the candidates should have what was asked for. Ours. */
const ENOUGH_LIKED = 3;
/** What a lead counts against the others. */
const LEAD_WEIGHT = 1.3;
/** Best first; equals by what they are like, so that the order of the book does not matter. */
export function ranked<T extends { readonly promise: number; readonly kind: PlantKind }>(
  list: readonly T[],
): T[] {
  return [...list].sort((a, b) => b.promise - a.promise || printOf(a.kind) - printOf(b.kind));
}

function within(value: number, least: number, most: number): number {
  if (value < least) return Math.max(0, 1 - ((least - value) / Math.max(0.2, least)) * 1.3);
  return Math.max(0, 1 - Math.max(0, value - most) / Math.max(0.4, most));
}
