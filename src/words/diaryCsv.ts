import Papa from 'papaparse';
import { formulaSafe } from '@/core/files/text';
import type { Entry } from '@/core/log/entry';
import { entryText, isOwnWords, type DiaryWords } from './diary';

/** Entries as comma-separated text, safe to open in a spreadsheet: one row an entry, its facts as figures beside its words. */
export function diaryCsv(
  entries: readonly Entry[],
  words: DiaryWords,
  /** How our own words are spelled; what was noted stays as it was written. */
  spell: (text: string) => string = (text) => text,
): string {
  const fields = [
    'at',
    'zone',
    'container',
    'plant',
    'what',
    'in words',
    'who',
    'height cm',
    'spread cm',
    'litres',
    'paid',
  ];
  const data = entries.map((entry) => {
    const { at, zone, of, what, who = '' } = entry;
    const told = entryText(entry, words);
    const figure = (value: number | null | undefined) => value ?? '';
    return [
      at,
      zone,
      formulaSafe(of.plantingId ? words.nameOf(of.plantingId) : ''),
      formulaSafe(of.kindId ? (words.kindOf(of.kindId)?.botanical ?? of.kindId) : ''),
      what.did,
      formulaSafe(isOwnWords(entry) ? told : spell(told)),
      formulaSafe(who),
      what.did === 'measured' ? figure(what.heightCm) : '',
      what.did === 'measured' ? figure(what.spreadCm) : '',
      what.did === 'watered' ? figure(what.litres) : '',
      what.did === 'bought' && what.paidMinor !== null ? (what.paidMinor / 100).toFixed(2) : '',
    ];
  });
  return `${Papa.unparse({ fields, data }, { newline: '\n' })}\n`;
}
