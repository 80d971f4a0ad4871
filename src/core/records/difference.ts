/** Where a value stands in a record: names of fields, and ids of things in lists whose things have one. */
export type Path = readonly (string | { readonly id: string })[];

/**
 * One way in which two states of a record differ: where, what it was, what it is.
 * `was` left out: there was nothing. `is` left out: there is nothing any more.
 * `orderWas` and `orderIs` instead: the same list in another order, told by ids.
 */
export type Difference =
  | { readonly at: Path; readonly was?: unknown; readonly is?: unknown }
  | {
      readonly at: Path;
      readonly orderWas: readonly string[];
      readonly orderIs: readonly string[];
    };

export type Side = 'was' | 'is';

type Fields = Readonly<Record<string, unknown>>;

/**
 * How one state of a record differs from another, as small as can be told: a moved plant is two
 * numbers, not a planting. Lists whose things have an `id` (or a `plantingId`) are compared thing by
 * thing; other lists as a whole.
 */
export function differencesOf(before: object, after: object): readonly Difference[] {
  const found: Difference[] = [];
  compareFields(before as Fields, after as Fields, [], found);
  return found;
}

/**
 * A record with differences laid over it: forward to what `is`, or back to what `was`.
 * A difference whose place is gone, or whose value has been changed by somebody else since, is left
 * out: nobody's change is taken back with mine. What is left out is counted.
 */
export function withDifferences<T extends object>(
  record: T,
  differences: readonly Difference[],
  to: Side,
): { readonly record: T; readonly leftOut: number } {
  // Both ways from the first to the last: a list's order is told after its things, which must be there to be put in order.
  let next: unknown = record;
  let leftOut = 0;
  for (const difference of differences) {
    const changed = change(next, difference.at, (value) => settled(value, difference, to));
    if (changed === UNCHANGED) leftOut += 1;
    else next = changed;
  }
  return { record: next as T, leftOut };
}

/** Are two values the same, whatever the order of their fields? */
export function same(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true;
  if (Array.isArray(a) && Array.isArray(b))
    return a.length === b.length && a.every((one, i) => same(one, b[i]));
  if (!isFields(a) || !isFields(b)) return false;
  return [...new Set([...Object.keys(a), ...Object.keys(b)])].every((key) => same(a[key], b[key]));
}

const UNCHANGED = Symbol('unchanged');

/** What a value becomes by one difference; `UNCHANGED` when it is not what the difference speaks of. */
function settled(value: unknown, difference: Difference, to: Side): unknown {
  if ('orderWas' in difference)
    return Array.isArray(value)
      ? inOrder(value, to === 'is' ? difference.orderIs : difference.orderWas)
      : UNCHANGED;
  const [from, into] =
    to === 'is' ? [difference.was, difference.is] : [difference.is, difference.was];
  return same(value, from) ? into : UNCHANGED;
}

/** The record with the value at a path changed. A value of `undefined` is one that is not there. */
function change(
  record: unknown,
  [step, ...rest]: Path,
  by: (value: unknown) => unknown,
): unknown | typeof UNCHANGED {
  if (step === undefined) return by(record);
  if (typeof step === 'string') {
    if (!isFields(record)) return UNCHANGED;
    const value = change(record[step], rest, by);
    if (value === UNCHANGED) return UNCHANGED;
    const { [step]: _, ...others } = record;
    return value === undefined ? others : { ...record, [step]: value };
  }
  if (!Array.isArray(record)) return UNCHANGED;
  const index = record.findIndex((thing) => idOf(thing) === step.id);
  const value = change(record[index], rest, by);
  if (value === UNCHANGED) return UNCHANGED;
  if (value === undefined) return record.filter((_, i) => i !== index);
  return index < 0 ? [...record, value] : record.map((thing, i) => (i === index ? value : thing));
}

function compareFields(before: Fields, after: Fields, at: Path, found: Difference[]): void {
  for (const key of new Set([...Object.keys(before), ...Object.keys(after)]))
    compare(before[key], after[key], [...at, key], found);
}

function compare(before: unknown, after: unknown, at: Path, found: Difference[]): void {
  if (same(before, after)) return;
  if (isFields(before) && isFields(after)) return compareFields(before, after, at, found);
  const [idsBefore, idsAfter] = [idsOf(before), idsOf(after)];
  if (idsBefore && idsAfter)
    return compareLists(before as Fields[], after as Fields[], idsBefore, idsAfter, at, found);
  found.push({
    at,
    ...(before === undefined ? {} : { was: before }),
    ...(after === undefined ? {} : { is: after }),
  });
}

function compareLists(
  before: readonly Fields[],
  after: readonly Fields[],
  idsBefore: readonly string[],
  idsAfter: readonly string[],
  at: Path,
  found: Difference[],
): void {
  const [byIdBefore, byIdAfter] = [byId(before), byId(after)];
  for (const id of new Set([...idsBefore, ...idsAfter]))
    compare(byIdBefore.get(id), byIdAfter.get(id), [...at, { id }], found);
  // Where things that come are put at the end and things that go leave no gap, the order tells itself.
  const kept = idsBefore.filter((id) => byIdAfter.has(id));
  const come = idsAfter.filter((id) => !byIdBefore.has(id));
  const gone = kept.length < idsBefore.length;
  if (gone || !same([...kept, ...come], idsAfter))
    found.push({ at, orderWas: idsBefore, orderIs: idsAfter });
}

/** A list's things in the order of ids; what it does not name stays behind the others. */
function inOrder(things: readonly unknown[], ids: readonly string[]): readonly unknown[] {
  const rank = new Map(ids.map((id, i) => [id, i]));
  const rankOf = (thing: unknown) => rank.get(idOf(thing) ?? '') ?? ids.length;
  return [...things].sort((a, b) => rankOf(a) - rankOf(b));
}

/** Ids of a list's things; `null` when it is no list, or one of them has none, or two share one. */
function idsOf(value: unknown): readonly string[] | null {
  if (!Array.isArray(value)) return null;
  const ids = value.map(idOf);
  const told = ids.filter((id) => id !== null);
  return told.length === ids.length && new Set(told).size === told.length ? told : null;
}

function idOf(thing: unknown): string | null {
  if (!isFields(thing)) return null;
  const id = thing.id ?? thing.plantingId;
  return typeof id === 'string' ? id : null;
}

function byId(things: readonly Fields[]): ReadonlyMap<string, Fields> {
  return new Map(things.map((thing) => [idOf(thing)!, thing]));
}

function isFields(value: unknown): value is Fields {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
