import { differencesOf, withDifferences, type Difference } from '../records/difference';
import { contentOf, orderOf, type Seen } from './stamp';

type Fields = Readonly<Record<string, unknown>>;

/** One record on one side: what it is, `null` when it is gone or never was, and what was seen of it; `null`: nothing is known. */
export interface Standing {
  readonly record: Fields | null;
  readonly seen: Seen | null;
}

/**
 * What becomes of a record when two devices meet.
 * `both`: each changed something else in it, and the changes are laid together.
 * `choice`: both changed the same, or what they began from is not known.
 */
export type Outcome =
  | { readonly is: 'same' | 'here' }
  | { readonly is: 'there'; readonly record: Fields | null }
  | { readonly is: 'both'; readonly record: Fields }
  | { readonly is: 'choice'; readonly differences: readonly Difference[] };

/**
 * Decides on one record.
 * @param base the record as it was when this device last met another, and what was seen of it then
 * @param canStand may a record that both changed be kept as it comes out?
 */
export function meet(
  here: Standing,
  there: Standing,
  base: Standing | null,
  canStand: (record: Fields) => boolean,
): Outcome {
  if (!here.record && !there.record) return { is: 'same' };
  if (here.record && there.record && contentOf(here.record) === contentOf(there.record))
    return { is: 'same' };
  if (!here.seen) return there.record ? { is: 'there', record: there.record } : { is: 'here' };
  if (!there.seen) {
    // A file that tells nothing of what it has seen takes nothing away, and takes nobody's place unasked.
    if (!there.record) return { is: 'here' };
    return here.record
      ? { is: 'choice', differences: differencesOf(here.record, there.record) }
      : { is: 'choice', differences: [] };
  }
  const order = orderOf(there.seen, here.seen);
  if (order === 'later') return { is: 'there', record: there.record };
  if (order === 'earlier') return { is: 'here' };
  if (!here.record || !there.record) return { is: 'choice', differences: [] };
  const together = base && laidTogether(here, there, base);
  if (together && canStand(together)) return { is: 'both', record: together };
  return { is: 'choice', differences: differencesOf(here.record, there.record) };
}

/** What both made of the same beginning, laid together; `null` when it was not the same, or they changed the same thing. */
function laidTogether(here: Standing, there: Standing, base: Standing): Fields | null {
  if (!base.record || !base.seen) return null;
  const began = (side: Standing) => ['same', 'later'].includes(orderOf(side.seen!, base.seen!));
  if (!began(here) || !began(there)) return null;
  const theirs = differencesOf(base.record, there.record!);
  const { record, leftOut } = withDifferences(here.record!, theirs, 'is');
  return leftOut > 0 ? null : record;
}
