import Papa from 'papaparse';
import { formulaSafe } from '@/core/files/text';
import { lineMinor, type BuyLine } from '@/core/making/list';
import type { KindId, PlantKind } from '@/core/plants/kind';
import type { Units } from './format';
import { amountText, lineName, lineNote, orElseText } from './making';
import { stopOfLine } from './shoppingText';

/** The list as comma-separated text, safe to open in a spreadsheet: one row a line, money as a figure. */
export function listCsv(
  lines: readonly BuyLine[],
  kindOf: (id: KindId) => PlantKind | null,
  units: Units,
  /** How our own words are spelled. */
  spell: (text: string) => string = (text) => text,
): string {
  const cell = (text: string) => formulaSafe(spell(text));
  const data = lines.map((line) => [
    cell(stopOfLine(line)),
    cell(lineName(line, kindOf)),
    line.what.kind === 'plants' ? formulaSafe(kindOf(line.what.kindId)?.botanical ?? '') : '',
    cell(amountText(line, units)),
    (lineMinor(line) / 100).toFixed(2),
    cell(lineNote(line, units)),
    cell(orElseText(line, kindOf, units)),
  ]);
  const fields = ['where', 'what', 'botanical', 'amount', 'price', 'note', 'or else'];
  return `${Papa.unparse({ fields, data }, { newline: '\n' })}\n`;
}
