import type { KindId } from '../plants/kind';
import { once } from '../work/once';
import type { Proposal } from './proposal';

/** Of two proposals, at most this share of the kinds of the smaller may be the same. */
const MOST_SHARED = 0.5;
/** In how many of those shown one kind may lead, or stand at the edge. */
const MOST_LEADS = 2;
const MOST_EDGES = 2;
/** Schools there should be among those shown. */
const SCHOOLS_WANTED = 3;
/** Led by its leaves are at most so many, where other schools suit too; what one more costs. Ours. */
const MOST_LEAF_LED = 2;
const LEAF_LED_WORN = 0.15;
/** A thrifty one costs at most this share of the dearest shown. */
const THRIFTY = 0.6;

/** What counts in choosing: the first judgement beside the score, and what each thing that is new to those shown adds. Ours. */
const PROMISE_SHARE = 0.4;
const NEW_SCHOOL = 0.06;
/** Where colours are left open: what it adds to show others than those shown. Ours. */
const NEW_COLOURS = 0.08;
/** Of so many each; what one more costs. Ours. */
const MOST_OF_COLOURS = 2;
const COLOURS_WORN = 0.12;
const FIRST_LEAF_LED = 0.05;
const FIRST_THRIFTY = 0.05;
/** What a colour of the wish costs that is not to be had in it: those that have it come first. Ours. */
const MISSING_COST = 0.3;
/** What it costs to have none of the colour that was wished for. Ours. */
const BARE_COST = 0.3;
/** What it costs to have no flowers at all where they are what the season is for: leaves come after them. Ours. */
const LEAFY_COST = 0.25;
/** Beyond one, what each kind costs of which a single plant stands beside the lead: a sampler of singles is no planting. Ours. */
const SAMPLER_COST = 0.12;
/** What it costs to leave all of the cover wanted away, where money is short: a full box of bedding before a few fine plants. Ours. */
const THIN_COST = 0.5;
/** From so many times the middle price of those found a planting is dear. Few pay that for one season of the same sight: what each doubling costs. Ours. */
const DEAR_FROM = 1.25;
const DEAR_COST = 0.3;
/** What each kind that is shown already costs, so that the tray shows more of what is possible. Ours. */
const SHOWN_KIND_COST = 0.045;

/** The kinds of a proposal, each once. */
export const kindsOf = once(
  ({ lead, bodies, edges, beneath = [] }: Proposal): ReadonlySet<KindId> =>
    new Set([...(lead === null ? [] : [lead]), ...bodies, ...edges, ...beneath]),
);

/** Are two proposals two ideas: at most half of their kinds the same? */
export function differ(a: Proposal, b: Proposal): boolean {
  const [of, other] = [kindsOf(a), kindsOf(b)];
  const shared = [...of].filter((id) => other.has(id)).length;
  return shared <= Math.min(of.size, other.size) * MOST_SHARED;
}

/**
 * The best so many that are as many ideas: any two share at most half of their kinds, no kind leads or edges more than two of them;
 * schools take turns, one is led by its leaves, and one is thrifty, where there are such.
 * @returns best first
 */
export function sixIdeas(found: readonly Proposal[], wanted: number): Proposal[] {
  const chosen: Proposal[] = [];
  const left = new Set(found);
  const dear = DEAR_FROM * middlePrice(found);
  while (chosen.length < wanted) {
    const next = best(left, chosen, dear);
    if (!next) break;
    chosen.push(next);
    left.delete(next);
  }
  return chosen;
}

/** The price that half of them are dearer than. */
function middlePrice(found: readonly Proposal[]): number {
  const prices = found.map(({ cost }) => cost).sort((a, b) => a - b);
  return prices[Math.floor(prices.length / 2)] ?? 0;
}

function best(
  left: ReadonlySet<Proposal>,
  chosen: readonly Proposal[],
  dear: number,
): Proposal | null {
  const shown = new Map<KindId, number>();
  for (const one of chosen) for (const id of kindsOf(one)) shown.set(id, (shown.get(id) ?? 0) + 1);
  const schools = new Set(chosen.map(({ school }) => school));
  const dearest = Math.max(0, ...chosen.map(({ cost }) => cost));
  const isLeafy = chosen.filter(({ school }) => school === 'leaf-led').length >= MOST_LEAF_LED;
  const hasThrifty = chosen.some(({ cost }) => cost <= dearest * THRIFTY);
  let found: { readonly proposal: Proposal; readonly worth: number } | null = null;
  for (const proposal of left) {
    if (isTooPoor(proposal, chosen)) continue;
    if (!chosen.every((other) => differ(proposal, other)) || isWorn(proposal, chosen)) continue;
    const worth =
      proposal.score +
      PROMISE_SHARE * proposal.promise -
      MISSING_COST * proposal.missing.length -
      BARE_COST * (1 - proposal.coloured) -
      LEAFY_COST * (proposal.leafy ?? 0) -
      SAMPLER_COST * samples(proposal) -
      THIN_COST * (proposal.thin ?? 0) -
      (proposal.cost > dear && !proposal.lasts ? DEAR_COST * Math.log2(proposal.cost / dear) : 0) +
      (!schools.has(proposal.school) && schools.size < SCHOOLS_WANTED ? NEW_SCHOOL : 0) +
      newColours(proposal, chosen) +
      (chosen.length > 0 && proposal.school === 'leaf-led' && !schools.has('leaf-led')
        ? FIRST_LEAF_LED
        : 0) +
      (isLeafy && proposal.school === 'leaf-led' ? -LEAF_LED_WORN : 0) +
      (chosen.length > 1 && !hasThrifty && proposal.cost <= dearest * THRIFTY ? FIRST_THRIFTY : 0) -
      [...kindsOf(proposal)].reduce((sum, id) => sum + SHOWN_KIND_COST * (shown.get(id) ?? 0), 0);
    if (!found || worth > found.worth) found = { proposal, worth };
  }
  return found?.proposal ?? null;
}

/** With so many good ones, what is much poorer than the best, or lacks a colour of the wish, is rather not shown: fewer are a better choice. Ours. */
const ENOUGH = 3;
const LEAST_OF_BEST = 0.72;

function isTooPoor({ score, missing }: Proposal, chosen: readonly Proposal[]): boolean {
  if (chosen.length < ENOUGH) return false;
  const whole = chosen.filter((one) => one.missing.length === 0).length;
  return (
    score < LEAST_OF_BEST * Math.max(...chosen.map((one) => one.score)) ||
    (missing.length > 0 && whole >= ENOUGH)
  );
}

/** What it adds, or costs, that a proposal is of colours that are not shown yet, or often enough. Where all are of one scheme, all the same. */
function newColours({ scheme }: Proposal, chosen: readonly Proposal[]): number {
  const shown = chosen.filter((other) => other.scheme.kind === scheme.kind).length;
  if (shown === 0) return NEW_COLOURS;
  return shown >= MOST_OF_COLOURS ? -COLOURS_WORN : 0;
}

/** Kinds beyond the first of which one plant alone stands beside the lead. */
const samples = once(({ lead, places }: Proposal): number => {
  const counts = new Map<KindId, number>();
  for (const { kindId } of places) counts.set(kindId, (counts.get(kindId) ?? 0) + 1);
  const single = [...counts].filter(([id, count]) => count === 1 && id !== lead).length;
  return Math.max(0, single - 1);
});

/** Does its lead, or one of its edge kinds, stand in as many of those shown as it may? */
function isWorn({ lead, edges }: Proposal, chosen: readonly Proposal[]): boolean {
  return (
    (lead !== null && chosen.filter((other) => other.lead === lead).length >= MOST_LEADS) ||
    edges.some((id) => chosen.filter((other) => other.edges.includes(id)).length >= MOST_EDGES)
  );
}
