import { weekOfDay } from '@/core/calendar/day';
import type { Entry } from '@/core/log/entry';
import { entryText, type DiaryWords } from '@/words/diary';
import { dayText } from '@/words/life';

/** An entry with its words. */
export interface Row {
  readonly entry: Entry;
  readonly text: string;
  readonly where: string;
}

/** "week 28" among the words asks for that week of the year. */
const WEEK = /(?:^|\s)week\s*(\d{1,2})(?=\s|$)/i;

/**
 * Entries of a planting, a year and some words, the newest first. Every word must be somewhere in what an entry says, where (container
 * and spot), when or by whom.
 */
export function found(
  held: readonly Entry[],
  {
    plantingId,
    year,
    words,
    spotOf = NOWHERE,
  }: {
    readonly plantingId: string | null;
    readonly year: string;
    readonly words: string;
    /** The name of the spot where a planting stands. */
    readonly spotOf?: (plantingId: string) => string;
  },
  told: DiaryWords,
): readonly Row[] {
  const week = WEEK.exec(words)?.[1];
  const sought = words.replace(WEEK, ' ').toLowerCase().split(/\s+/).filter(Boolean);
  const rows: Row[] = [];
  for (let i = held.length - 1; i >= 0; i -= 1) {
    const entry = held[i]!;
    const { plantingId: of, plantingIds = [] } = entry.of;
    if (plantingId !== null && of !== plantingId && !plantingIds.includes(plantingId)) continue;
    if (year !== '' && !entry.at.startsWith(year)) continue;
    const row = {
      entry,
      text: entryText(entry, told),
      where: of === undefined ? '' : told.nameOf(of),
    };
    const day = entry.at.slice(0, 10);
    if (week !== undefined && weekOfDay(day) !== Number(week)) continue;
    const spot = of === undefined ? '' : spotOf(of);
    const all = `${row.text} ${row.where} ${spot} ${dayText(day)} ${entry.who ?? ''}`;
    const said = ` ${all.toLowerCase().replaceAll(/[^\p{L}\p{N}]+/gu, ' ')}`;
    // A word is sought from its beginning: "2" is the second, not the twelfth, nor a year.
    if (
      !sought.every(
        (word) => said.includes(` ${word}`) || (word.length > 4 && day.startsWith(word)),
      )
    )
      continue;
    rows.push(row);
  }
  return rows;
}

const NOWHERE = () => '';
