import { isHung } from '../containers/shape';
import { isGround, isWhite, readTally, tallyScheme, type SchemeTally } from '../colour/schemes';
import { deltaE } from '../colour/oklch';
import { goodRatios } from '../checks/rules/proportion';
import { lightFit } from '../checks/rules/light';
import { kindFitsScheme } from '../checks/rules/scheme';
import { leafContrast } from '../checks/rules/texture';
import { thirstMatch } from '../checks/rules/thirst';
import { visibleHeightCm } from '../containers/container';
import { coloursOf, leadingColour } from '../plants/colours';
import { middle, type PlantKind, type Role } from '../plants/kind';
import { hash01, seedOf } from '../random/hash';
import { grownHeightCm, hurdleOf, interest, type Ask } from './ask';

/** Kinds chosen for one planting, by the role they are to play. */
export interface Cast {
  readonly lead: PlantKind | null;
  readonly bodies: readonly PlantKind[];
  readonly edges: readonly PlantKind[];
  /** How well they suit the wishes and each other, about 0–1; a first judgement, before placing. */
  readonly promise: number;
}

/** Kinds that may be used at all. */
export function eligible(ask: Ask): readonly PlantKind[] {
  return ask.kinds.filter((kind) => hurdleOf(kind, ask) === null);
}

/** How many kinds of each role are looked at closely. Beam widths: wide enough that the best cast of small problems is found (see tests). */
const BEAM = { leads: 16, bodies: 12, edges: 12, perLead: 5 } as const;

/** Thirst match below which two kinds are never planted together. */
const LEAST_THIRST_MATCH = 0.5;

/**
 * Casts worth placing, best first, several for each lead: a beam search over lead, bodies and edges.
 * Hung containers go without a lead: a body takes the middle.
 */
export function* castsFor(ask: Ask): Generator<Cast[]> {
  const judge = new Judge(ask, eligible(ask));
  const withLead = !isHung(ask.container.shape);
  const leads: (PlantKind | null)[] = withLead ? judge.best('lead', BEAM.leads) : [null];
  if (leads.length === 0) leads.push(null);
  for (const lead of leads) {
    const bodies = judge.best('body', BEAM.bodies, lead ? [lead] : []);
    const edges = judge.best('edge', BEAM.edges, lead ? [lead] : []);
    const found: Cast[] = [];
    const bodySets: PlantKind[][] = bodies.map((body) => [body]);
    bodies.forEach((a, i) => bodies.slice(i + 1).forEach((b) => bodySets.push([a, b])));
    const edgeSets: PlantKind[][] = edges.map((edge) => [edge]);
    edges.forEach((a, i) => edges.slice(i + 1).forEach((b) => edgeSets.push([a, b])));
    if (bodySets.length === 0) bodySets.push([]);
    if (edgeSets.length === 0) edgeSets.push([]);
    // Halve the work: edges are only tried with the better body sets.
    const goodBodies = rank(bodySets.map((set) => ({ set, promise: judge.promise(lead, set, []) }))).slice(0, 26);
    for (const { set } of goodBodies)
      for (const edgeSet of edgeSets) {
        if (set.length + edgeSet.length === 0 && !lead) continue;
        if (set.some((kind) => edgeSet.includes(kind))) continue;
        const promise = judge.promise(lead, set, edgeSet);
        if (promise > 0) found.push({ lead, bodies: set, edges: edgeSet, promise });
      }
    // A basket has no lead to vary: keep more casts of different bodies instead.
    const keep = lead ? BEAM.perLead : BEAM.perLead * 12;
    yield differing(rank(found), keep);
  }
}

function rank<T extends { readonly promise: number }>(list: T[]): T[] {
  return list.sort((a, b) => b.promise - a.promise);
}

/** The best casts that do not share more than half of their bodies and edges with one taken before. */
function differing(casts: readonly Cast[], count: number): Cast[] {
  const taken: Cast[] = [];
  for (const cast of casts) {
    const names = new Set([...cast.bodies, ...cast.edges]);
    const close = taken.some((other) => [...other.bodies, ...other.edges].filter((kind) => names.has(kind)).length > names.size / 2);
    if (!close) taken.push(cast);
    if (taken.length === count) break;
  }
  return taken;
}

/** Scores of kinds and pairs, worked out once per search. */
class Judge {
  private readonly pairs = new Map<number, number>();
  private readonly index: ReadonlyMap<PlantKind, number>;
  private readonly single: readonly Readonly<Record<Role, number>>[];
  private readonly tallies: readonly SchemeTally[];

  constructor(private readonly ask: Ask, private readonly kinds: readonly PlantKind[]) {
    this.index = new Map(kinds.map((kind, i) => [kind, i]));
    this.tallies = kinds.map((kind) => {
      const seen = middle(kind.spreadCm) * Math.sqrt(grownHeightCm(kind));
      return tallyScheme(coloursOf(kind).map(({ colour, weight }) => ({ colour, weight: weight * seen })), ask.wishes.scheme);
    });
    this.single = kinds.map((kind) => ({ lead: this.suits(kind, 'lead'), body: this.suits(kind, 'body'), edge: this.suits(kind, 'edge') }));
  }

  /** Best kinds for a role beside others already chosen, not all of one sort. */
  best(role: Role, count: number, beside: readonly PlantKind[] = []): PlantKind[] {
    const scored = this.kinds
      .filter((kind) => kind.roles.includes(role) && !beside.includes(kind) && beside.every((other) => this.pair(kind, other) > 0))
      .map((kind) => ({ kind, promise: this.of(kind, role) + 0.5 * beside.reduce((sum, other) => sum + this.pair(kind, other), 0) }))
      .filter(({ promise }) => promise > 0);
    const chosen: PlantKind[] = [];
    const perSort = new Map<string, number>();
    for (const { kind } of rank(scored)) {
      // No more than two of one botanical name, so that the beam is not filled with one plant in six colours.
      const sort = perSort.get(kind.botanical) ?? 0;
      if (sort >= 2) continue;
      perSort.set(kind.botanical, sort + 1);
      chosen.push(kind);
      if (chosen.length === count) break;
    }
    return chosen;
  }

  promise(lead: PlantKind | null, bodies: readonly PlantKind[], edges: readonly PlantKind[]): number {
    const all = [...(lead ? [lead] : []), ...bodies, ...edges];
    let single = lead ? this.of(lead, 'lead') * 1.3 : 0;
    for (const kind of bodies) single += this.of(kind, 'body');
    for (const kind of edges) single += this.of(kind, 'edge');
    let pairs = 0;
    let count = 0;
    for (let i = 0; i < all.length; i += 1)
      for (let j = 0; j < i; j += 1) {
        const one = this.pair(all[i]!, all[j]!);
        if (one <= 0) return 0;
        pairs += one;
        count += 1;
      }
    let [total, carriedSum, fitSum, white, leading, opposite] = [0, 0, 0, 0, 0, 0];
    for (const kind of all) {
      const t = this.tallies[this.index.get(kind)!]!;
      total += t.total;
      carriedSum += t.carried;
      fitSum += t.fitSum;
      white += t.white;
      leading += t.lead;
      opposite += t.opposite;
    }
    const { fit, carried, missing } = readTally({ total, carried: carriedSum, fitSum, white, lead: leading, opposite }, this.ask.wishes.scheme);
    return 0.42 * (single / (all.length + (lead ? 0.3 : 0))) + 0.33 * (count ? pairs / count : 0.5) + 0.25 * (fit - 0.35 * missing.length) + 0.1 * Math.min(1, carried / 0.4) + 0.015 * Math.min(2, all.length - 3);
  }

  private of(kind: PlantKind, role: Role): number {
    return this.single[this.index.get(kind)!]![role];
  }

  /** One kind in one role, 0–1. */
  private suits(kind: PlantKind, role: Role): number {
    if (!kind.roles.includes(role)) return 0;
    const pot = visibleHeightCm(this.ask.container);
    const [least, most] = goodRatios(this.ask.container);
    const ratio = grownHeightCm(kind) / pot;
    const basket = isHung(this.ask.container.shape);
    const size = role === 'lead' ? within(ratio, least, most) : role === 'body' ? within(ratio, basket ? 0.5 : 0.4, most * 0.75) : within(ratio, 0, Math.max(0.8, least)) * (kind.trailCm ? 1 : 0.8);
    const [, chroma] = leadingColour(kind);
    const vivid = Math.min(1, chroma / 0.16 + (isWhite(leadingColour(kind)) ? 0.7 : 0));
    const past = kind.vigour >= 5 ? 0.12 : kind.vigour === 4 ? 0.05 : 0;
    return (
      0.28 * lightFit(kind, this.ask.spot).score + 0.26 * kindFitsScheme(kind, this.ask.wishes.scheme) + 0.2 * interest(kind, this.ask) + 0.26 * size + 0.14 * vivid - past +
      // A small seeded nudge lets another seed lead to another set of equals.
      0.03 * hash01(this.ask.seed, seedOf(kind.id))
    );
  }

  /** Two kinds together, 0–1; 0 when they must not share a container. */
  private pair(a: PlantKind, b: PlantKind): number {
    const [i, j] = [this.index.get(a)!, this.index.get(b)!];
    const key = i < j ? i * 8192 + j : j * 8192 + i;
    let score = this.pairs.get(key);
    if (score === undefined) this.pairs.set(key, (score = pairScore(a, b)));
    return score;
  }
}

function within(value: number, least: number, most: number): number {
  if (value < least) return Math.max(0, 1 - ((least - value) / Math.max(0.2, least)) * 1.3);
  return Math.max(0, 1 - Math.max(0, value - most) / Math.max(0.4, most));
}

function pairScore(a: PlantKind, b: PlantKind): number {
  const water = thirstMatch(a, b);
  if (water < LEAST_THIRST_MATCH) return 0;
  if (a.edible && b.toxicity.people === 'poisonous' && a.edible !== 'flowers') return 0;
  if (b.edible && a.toxicity.people === 'poisonous' && b.edible !== 'flowers') return 0;
  if (a.botanical === b.botanical) return 0.35 * water;
  const [p, q] = [leadingColour(a), leadingColour(b)];
  const apart = Math.min(1, deltaE(p, q) / 0.25);
  const sparkle = (isWhite(p) || isWhite(q) || isGround(p) || isGround(q)) ? 0.75 : apart;
  const bully = Math.abs(a.vigour - b.vigour) >= 3 ? 0.25 : 0;
  return Math.max(0.01, 0.4 * leafContrast(a, b) / 0.6 + 0.3 * sparkle + 0.3 * water - bully);
}
