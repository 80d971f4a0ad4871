import * as z from 'zod';
import { addDays, type Day } from '../calendar/day';
import { readJson } from './door';
import { parseWith, type Parsed } from './parse';
import { dayOf, unionOf, type Entry, type What } from '../log/entry';
import { entrySchema } from '../log/schema';
import { nameSchema, textSchema } from '../records/textSchema';

/** What is told on a round, and changes no plan: only this is handed over. */
const HANDED: ReadonlySet<What['did']> = new Set([
  'watered',
  'fed',
  'felt',
  'weighed',
  'reading',
  'pinched',
  'tied',
  'turned',
  'trimmed',
  'deadheaded',
  'covered',
  'uncovered',
  'brought in',
  'taken out again',
  'wrapped',
  'in flower',
  'gone over',
  'looks bad',
  'noted',
  'round',
  'task done',
  'task skipped',
  'task later',
]);

/** What was told within so many days goes along, so that a file missed is made good by the next. */
const HANDED_DAYS = 14;

const MOST_ENTRIES = 20_000;

export const roundFileSchema = z.object({
  format: z.literal('rillbank-round', 'This is no round that was handed over.'),
  version: z.literal(1, 'This version does not know rounds written like that.'),
  day: z.iso.date({ error: 'A date must be like 2026-07-16.' }),
  /** Who walked; empty: it was not told. */
  from: textSchema('Who walked', 60),
  /** A word to whoever walks next. */
  word: textSchema('The word to the next', 1000),
  /** What is still open, in words: for people who open the file without Rillbank. */
  open: z
    .array(z.object({ where: nameSchema('A container', 200), what: nameSchema('A task', 200) }))
    .max(2000, 'At most 2000 open tasks are handed over.')
    .readonly(),
  entries: z
    .array(entrySchema)
    .max(MOST_ENTRIES, `At most ${MOST_ENTRIES} entries are handed over.`)
    .readonly(),
});

/** A round as it is handed to the next person: what was done, what is open, and a word. */
export type RoundFile = Readonly<z.infer<typeof roundFileSchema>>;

/** Writes a round to be handed over. What was taken back goes along with what took it back. */
export function roundFile(
  log: readonly Entry[],
  {
    today,
    from,
    word,
    open,
  }: {
    readonly today: Day;
    readonly from: string;
    readonly word: string;
    readonly open: RoundFile['open'];
  },
): RoundFile {
  const since = addDays(today, -HANDED_DAYS);
  const told = log.filter((entry) => dayOf(entry) >= since && HANDED.has(entry.what.did));
  const ids = new Set(told.map(({ id }) => id));
  // Taken back, and the taking back taken back: as long as the line goes on.
  const all = [...told];
  for (const entry of unionOf(log))
    if (entry.what.did === 'taken back' && entry.takesBack && ids.has(entry.takesBack)) {
      ids.add(entry.id);
      all.push(entry);
    }
  return {
    format: 'rillbank-round',
    version: 1,
    day: today,
    from,
    word,
    open,
    entries: unionOf(all).slice(-MOST_ENTRIES),
  };
}

/** Reads a round that was handed over. */
export function readRoundFile(text: string): Parsed<RoundFile> {
  const data = readJson(text);
  return data.ok ? parseWith(roundFileSchema, data.value) : data;
}

/** What a handed-over round adds. */
export interface TakenOver {
  /** Entries that are not here yet and are of something that is. */
  readonly news: readonly Entry[];
  /** Entries that are here already. */
  readonly known: number;
  /** Entries of plantings that are not here: left out. */
  readonly strange: number;
  /** Entries from after now: a clock is wrong somewhere, and they count from then on. */
  readonly ahead: number;
}

/** Looks at what a round would add before it is taken over. @param now ms since 1970 */
export function takeOver(
  file: Pick<RoundFile, 'entries'>,
  {
    log,
    plantingIds,
    now,
  }: {
    readonly log: readonly Entry[];
    readonly plantingIds: ReadonlySet<string>;
    readonly now: number;
  },
): TakenOver {
  const here = new Set(log.map(({ id }) => id));
  const isOurs = ({ of }: Entry) => of.plantingId === undefined || plantingIds.has(of.plantingId);
  const added = file.entries.filter(({ id }) => !here.has(id));
  // Only what is of a round can be taken back by a round: no file undoes a planting.
  const ofRounds = new Set(
    [...log, ...file.entries].filter(({ what }) => HANDED.has(what.did)).map(({ id }) => id),
  );
  const handed = unionOf(added).filter(({ id, what, takesBack }) => {
    if (HANDED.has(what.did)) return true;
    const takes = what.did === 'taken back' && takesBack !== undefined && ofRounds.has(takesBack);
    if (takes) ofRounds.add(id);
    return takes;
  });
  const news = handed.filter(isOurs);
  return {
    news,
    known: file.entries.length - added.length,
    strange: added.length - news.length,
    ahead: news.filter(({ at }) => Date.parse(at) > now).length,
  };
}
