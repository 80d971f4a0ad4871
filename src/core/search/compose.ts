import type { SchoolId } from '../plantings/schoolId';
import type { KindId, PlantKind, Role } from '../plants/kind';
import { castsWished, schoolsFor, SCHOOLS } from '../schools/index';
import type { School } from '../schools/school';
import { mixSurface } from '../containers/container';
import { reachOf } from '../containers/section';
import { sleepsBeneath } from '../suitability/beneath';
import { assign, type Assigned } from './assign';
import { hurdleOf, type Ask } from './ask';
import { bulbsFor, withBulb } from './bulbs';
import { Judge, siteOf, type Member } from './judge';
import { KindWorths } from './kindWorths';
import { schoolsInTurn, type Turn } from './openColours';

/** Kinds chosen for one planting, by the role they are to play, in one school. */
export interface Cast {
  readonly school: SchoolId;
  readonly members: readonly Member[];
  /** How well they suit the wishes and each other, about 0–1; a first judgement, before placing. */
  readonly promise: number;
}

/** A cast by names of kinds, for what is composed by hand. */
export function castOf(school: SchoolId, members: readonly Member[]): Cast {
  return { school, members, promise: 1 };
}

/** Kinds that may be chosen to be seen from the first: bulbs that sleep beneath the others are chosen apart, unless they are a must. */
export function eligible(ask: Ask): readonly PlantKind[] {
  return ask.kinds.filter(
    (kind) =>
      hurdleOf(kind, ask) === null &&
      (!sleepsBeneath(kind, ask) || ask.wishes.must.includes(kind.id)),
  );
}

/** A sink of alpines is a collection: of so many kinds at least; one so wide, cm, of more, a few of each. Ours. */
const COLLECTION = 3;
const WIDE_SINK_CM = 45;
const MORE: readonly Role[] = ['body', 'edge'];

/** The fullest ways of casting a school, where what is asked for is a collection; all where none is full. */
function collections(
  all: readonly (readonly Role[])[],
  { container }: Ask,
): readonly (readonly Role[])[] {
  const full = all.filter(({ length }) => length >= COLLECTION);
  if (full.length === 0) return all;
  const { acrossCm } = reachOf(mixSurface(container));
  return 2 * acrossCm < WIDE_SINK_CM
    ? full
    : full.map((shape) => (shape.length > COLLECTION ? shape : [...shape, ...MORE]));
}

/** How many leads, or bodies where there is no lead, are looked at, and casts kept for each. */
const LEADS = 9;
/** The same where several schemes take turns. */
const LEADS_IN_TURN = 6;
const PER_LEAD = 4;
/** What it adds to a cast's promise that its school goes well with the container and view. Ours. */
const SUITS_SHARE = 0.08;

/**
 * Casts worth placing, best first, several for each lead, school after school; nothing now and then, where the work was long.
 * @param turn where several schemes take turns, which of them this is
 */
export function* castsFor(ask: Ask, turn: Turn = null): Generator<Cast[]> {
  const kinds = eligible(ask);
  const bulbs = bulbsFor(ask);
  yield [];
  const musts = ask.wishes.must
    .map((id) => kinds.find((kind) => kind.id === id))
    .filter((kind): kind is PlantKind => kind !== undefined);
  if (musts.length < ask.wishes.must.length) return;
  const worn = new Map<PlantKind, number>();
  const worths = new KindWorths(ask, kinds);
  const leads = turn === null ? LEADS : LEADS_IN_TURN;
  for (const school of schoolsInTurn(schoolsOf(ask, kinds), turn))
    for (const casts of castsOf(school, ask, kinds, musts, { worn, worths, leads }))
      yield casts.map((cast, i) => ({ ...cast, members: withBulb(cast.members, bulbs, i) }));
}

/** From so many leads of the company asked for on, every school has enough to lead with. Ours. */
const ENOUGH_LEADS = 3;

/** Schools to try; where hardly anything of the company asked for leads, as in a sink of alpines, those too that go without. */
function schoolsOf(ask: Ask, kinds: readonly PlantKind[]): readonly School[] {
  const schools = schoolsFor(siteOf(ask), ask.wishes);
  const { company, school } = ask.wishes;
  if (company === undefined || school !== 'any') return schools;
  const leads = kinds.filter(
    (kind) => kind.company.includes(company) && kind.roles.includes('lead'),
  );
  if (leads.length >= ENOUGH_LEADS) return schools;
  const leadless = [SCHOOLS.dome, SCHOOLS['opposite-pairs']];
  return leads.length === 0 ? leadless : [...new Set([...leadless, ...schools])];
}

function* castsOf(
  school: School,
  ask: Ask,
  kinds: readonly PlantKind[],
  musts: readonly PlantKind[],
  {
    worn,
    worths,
    leads,
  }: {
    readonly worn: Map<PlantKind, number>;
    readonly worths: KindWorths;
    readonly leads: number;
  },
): Generator<Cast[]> {
  const judge = new Judge(ask, kinds, school, worn, worths);
  yield [];
  const kept = castsWished(school, siteOf(ask), ask.wishes);
  // A school that was asked for is kept to, whatever height was.
  const all = kept.length > 0 ? kept : school.casts(siteOf(ask));
  const shapes = ask.wishes.company === 'alpine' ? collections(all, ask) : all;
  const suits = school.suits(siteOf(ask));
  const cast = ({ members }: Assigned): Cast => ({
    school: school.id,
    members,
    promise: judge.plainPromise(members) + SUITS_SHARE * suits,
  });
  // A cast is built round its lead, or round a body where the shape has none.
  for (const role of ['lead', 'body'] as const) {
    const mine = shapes.filter((shape) =>
      role === 'lead' ? shape.includes('lead') : !shape.includes('lead'),
    );
    if (mine.length === 0) continue;
    for (const first of firstsFor(judge, role, musts, leads)) {
      const found = mine.flatMap((shape) => {
        const at = shape.indexOf(role);
        if (at < 0) return [];
        const others = shape.filter((_, i) => i !== at);
        return withMusts(judge, [{ kind: first, role }], others, musts);
      });
      const kept = differing(found, PER_LEAD);
      judge.wear(kept.flatMap(({ members }) => members.slice(1).map(({ kind }) => kind)));
      yield kept.map(cast);
    }
  }
}

/** Kinds to build round; where a must can only be that, that one. */
function firstsFor(
  judge: Judge,
  role: 'lead' | 'body',
  musts: readonly PlantKind[],
  leads: number,
): PlantKind[] {
  const wanted = musts.filter((kind) => kind.roles[0] === role && judge.of(kind, role) > 0);
  if (wanted.length > 0) return wanted;
  const best = judge.best(role, leads);
  // Who asked for a company is led by one of it, where there is one.
  const inside = role === 'lead' ? best.filter((kind) => !judge.isOutside(kind)) : best;
  return inside.length > 0 ? inside : best;
}

/** Casts that hold every must: each takes the first slot of its role that is free. */
function withMusts(
  judge: Judge,
  fixed: readonly Member[],
  slots: readonly Role[],
  musts: readonly PlantKind[],
): Assigned[] {
  const members = [...fixed];
  const free = [...slots];
  for (const kind of musts) {
    if (members.some((member) => member.kind === kind)) continue;
    const at = free.findIndex((role) => judge.of(kind, role) > 0);
    if (at < 0) return [];
    members.push({ kind, role: free.splice(at, 1)[0]! });
  }
  const promise = judge.promise(members, { toCome: free.length });
  if (members.length > fixed.length && promise <= 0) return [];
  return free.length === 0
    ? promise > 0
      ? [{ members, promise }]
      : []
    : assign(judge, members, free);
}

/** The best casts that do not share more than half of their bodies and edges with one taken before. */
function differing(casts: readonly Assigned[], count: number): Assigned[] {
  const taken: Assigned[] = [];
  for (const one of [...casts].sort((a, b) => b.promise - a.promise)) {
    const names = new Set(
      one.members.filter(({ role }) => role !== 'lead').map(({ kind }) => kind),
    );
    const close = taken.some(
      (other) =>
        other.members.filter(({ kind, role }) => role !== 'lead' && names.has(kind)).length >
        names.size / 2,
    );
    if (!close) taken.push(one);
    if (taken.length === count) break;
  }
  return taken;
}

/** The cast that a planting on the bench amounts to: its kinds in the roles they play. */
export function castFrom(members: readonly Member[], school: SchoolId): Cast {
  const seen = new Set<KindId>();
  return {
    school,
    members: members.filter(({ kind }) => !seen.has(kind.id) && seen.add(kind.id)),
    promise: 1,
  };
}
