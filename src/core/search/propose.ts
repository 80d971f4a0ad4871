import { finished, type Work } from '../work/steps';
import { opinionOf } from '../checks/opinion';
import type { KindId, PlantKind, Role } from '../plants/kind';
import { isYearRound } from '../suitability/season';
import { standingOf } from '../suitability/standing';
import { plantCost } from '../shopping/plantCost';
import { askThere, type Ask } from './ask';
import { castsFor, type Cast } from './compose';
import { improvement } from './improve';
import { placeCast, thinIn } from './place';
import { sixIdeas } from './ideas';
import { asksByScheme } from './openColours';
import { coloursIn, isOffered, leafyIn, proposedIn, type Proposal } from './proposal';

export interface Progress {
  readonly step: number;
  /** All casts are judged: from here on those found are only made better. */
  readonly isJudged: boolean;
  /** Best so far, different from each other, best first. */
  readonly best: readonly Proposal[];
}

export interface ProposeOptions {
  /** How many to show. */
  readonly wanted: number;
  /** Casts judged in full before improving begins. */
  readonly effort: number;
  /** Plantings judged while improving. */
  readonly improve: number;
}

export const USUAL_EFFORT: ProposeOptions = { wanted: 6, effort: 48, improve: 0 };

/**
 * Searches for the best plantings that differ from each other: casts are judged in full, leads and schools taking turns, then the ones
 * shown are improved plant by plant for as long as the effort lasts. A generator: each step judges one planting, so the driver can
 * stop, show or go on at any step. Same ask, same seed, same answer.
 */
export function* propose(
  asked: Ask,
  options: ProposeOptions = USUAL_EFFORT,
): Generator<Progress, readonly Proposal[]> {
  const there = askThere(asked);
  const asks = asksByScheme(there);
  const byId = new Map(there.kinds.map((kind) => [kind.id, kind]));
  const kindOf = (id: KindId) => byId.get(id) ?? null;
  const queues: { readonly ask: Ask; readonly casts: Cast[] }[] = [];
  let found: Proposal[] = [];
  let step = 0;
  const judgeNext = (cast: Cast, ask: Ask): boolean => {
    const proposal = judgeCast(cast, ask, kindOf);
    step += 1;
    if (proposal) found.push(proposal);
    return proposal !== null;
  };
  // Show something at once: the first lead's best cast is judged before the others are composed.
  for (const [at, ask] of asks.entries())
    for (const casts of castsFor(ask, asks.length > 1 ? { at, of: asks.length } : null)) {
      if (casts.length === 0 || found.length >= options.wanted)
        yield { step, isJudged: false, best: sixIdeas(found, options.wanted) };
      queues.push({ ask, casts });
      if (found.length >= options.wanted) continue;
      const first = casts.shift();
      if (first && judgeNext(first, ask))
        yield { step, isJudged: false, best: sixIdeas(found, options.wanted) };
    }
  const promised = ({ casts }: (typeof queues)[number]) => casts[0]?.promise ?? 0;
  queues.sort((a, b) => promised(b) - promised(a));
  // Leads take turns, so that one good lead does not use up the effort.
  // Where few of them differ enough, the search goes on for longer.
  const isDone = () =>
    step >= options.effort * MOST_EFFORT ||
    (step >= options.effort && sixIdeas(found, options.wanted).length >= options.wanted);
  for (let round = 0; !isDone(); round += 1) {
    let any = false;
    for (const queue of queues) {
      const cast = queue.casts[round];
      if (!cast || isDone()) continue;
      any = true;
      judgeNext(cast, queue.ask);
      yield { step, isJudged: false, best: sixIdeas(found, options.wanted) };
    }
    if (!any) break;
  }
  // Then each of those shown is improved in turn.
  const spent = new Set<Proposal>();
  yield { step, isJudged: true, best: sixIdeas(found, options.wanted) };
  const before = step;
  while (step < before + options.improve) {
    const next = sixIdeas(found, options.wanted).find((proposal) => !spent.has(proposal));
    if (!next) break;
    const shown = sixIdeas(found, options.wanted);
    const mine = asks.find(({ wishes }) => wishes.scheme === next.scheme) ?? there;
    const climbing = improvement(next, mine, kindOf);
    let turn = climbing.next();
    while (!turn.done) {
      step += 1;
      yield { step, isJudged: true, best: shown };
      turn = climbing.next();
    }
    const better = turn.value;
    if (better) found = found.map((one) => (one === next ? better : one));
    else spent.add(next);
    yield { step, isJudged: true, best: sixIdeas(found, options.wanted) };
  }
  return sixIdeas(found, options.wanted);
}

/** The whole search at once. */
export function proposeNow(ask: Ask, options?: ProposeOptions): readonly Proposal[] {
  return finished(proposed(ask, options));
}

/** The whole search as a part of longer work: nobody looks at what it has on the way. */
export function* proposed(ask: Ask, options?: ProposeOptions): Work<readonly Proposal[]> {
  const search = propose(ask, options);
  for (;;) {
    const { done, value } = search.next();
    if (done) return value;
    yield;
  }
}

/** How many times the effort is spent where fewer than wanted are found. */
const MOST_EFFORT = 3;
/** Worth at which something shows. Ours. */
const SHOWS_SOON = 0.35;
function judgeCast(
  cast: Cast,
  ask: Ask,
  kindOf: (id: KindId) => PlantKind | null,
): Proposal | null {
  const places = placeCast(cast, ask);
  if (!places) return null;
  const it = proposedIn({ places, school: cast.school }, ask, kindOf);
  // Something is to be worth looking at from the first weeks on.
  if (
    !ask.wishes.kitchen &&
    !it.plants.some(({ kind }) => standingOf(kind, ask).showsSoon >= SHOWS_SOON)
  )
    return null;
  // What a check calls trouble is never offered, but for what other plants would not mend: the pot, its mix, and where it stands.
  const opinion = opinionOf(it);
  if (!isOffered(opinion)) return null;
  const [lead, ...more] = cast.members
    .filter(({ role }) => role === 'lead')
    .map(({ kind }) => kind.id);
  const ofRole = (role: Role) =>
    cast.members
      .filter((member) => member.role === role && !member.isBeneath)
      .map(({ kind }) => kind.id);
  return {
    school: cast.school,
    scheme: ask.wishes.scheme,
    lead: lead ?? null,
    bodies: [...more, ...ofRole('body')],
    edges: ofRole('edge'),
    // Where there is no room for a clump, bulbs were left out.
    beneath: cast.members
      .filter(({ kind, isBeneath }) => isBeneath && places.some(({ kindId }) => kindId === kind.id))
      .map(({ kind }) => kind.id),
    places,
    cost: plantCost(it.plants),
    score: opinion.score,
    ...coloursIn(opinion),
    ...thinIn(it.plants, ask),
    ...leafyIn(it.plants, ask),
    ...(isYearRound(ask) ? { lasts: true as const } : {}),
    promise: cast.promise,
  };
}
