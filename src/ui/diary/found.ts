import type { Entry } from '@/core/log/entry';
import { entryText, type DiaryWords } from '@/words/diary';
import { dayText } from '@/words/life';

/** An entry with its words. */
export interface Row {
  readonly entry: Entry;
  readonly text: string;
  readonly where: string;
}

/** Entries of a planting, a year and some words, the newest first. Every word must be somewhere in what an entry says, where, when or by whom. */
export function found(
  held: readonly Entry[],
  {
    plantingId,
    year,
    words,
  }: { readonly plantingId: string | null; readonly year: string; readonly words: string },
  told: DiaryWords,
): readonly Row[] {
  const sought = words.toLowerCase().split(/\s+/).filter(Boolean);
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
    const all = `${row.text} ${row.where} ${dayText(day)} ${entry.who ?? ''}`;
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
