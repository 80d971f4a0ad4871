import type { SheetMark, SheetPage } from '@/core/making/sheet';
import { spelled } from './spelling';

const spelledMark = (mark: SheetMark): SheetMark =>
  mark.kind === 'text' ? { ...mark, text: spelled(mark.text) } : mark;

/** Pages to be printed with their words spelled for the market. */
export const spelledPages = (pages: readonly SheetPage[]): readonly SheetPage[] =>
  pages.map((page) => ({
    ...page,
    sheet: page.sheet && { ...page.sheet, marks: page.sheet.marks.map(spelledMark) },
    marks: page.marks.map(spelledMark),
  }));
