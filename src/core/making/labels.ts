import qrcode from 'qrcode-generator';
import { MARGIN_MM, PAPERS, type PaperId, type SheetMark, type SheetPage } from './sheet';

/** A label for a pot: a few lines, and an address that opens the planting on the device that keeps it. */
export interface Label {
  readonly title: string;
  readonly lines: readonly string[];
  readonly address: string;
}

/** Size of a label, and of the code on it, mm. */
export const LABEL_MM = { width: 62, height: 36, code: 24, gap: 3 } as const;

/** Labels on pages, as many as a page takes, with corners to cut along. */
export function labelPages(
  labels: readonly Label[],
  paper: PaperId,
  marginMm: number = MARGIN_MM.usual,
): readonly SheetPage[] {
  const [w, h] = PAPERS[paper];
  const across = Math.floor((w - 2 * marginMm + LABEL_MM.gap) / (LABEL_MM.width + LABEL_MM.gap));
  const down = Math.floor((h - 2 * marginMm + LABEL_MM.gap) / (LABEL_MM.height + LABEL_MM.gap));
  const onPage = across * down;
  return Array.from({ length: Math.ceil(labels.length / onPage) }, (_, page): SheetPage => ({
    name: `labels ${page + 1}`,
    widthMm: w,
    heightMm: h,
    sheet: null,
    shiftMm: [0, 0],
    clip: { at: [0, 0], widthMm: w, heightMm: h },
    marks: labels
      .slice(page * onPage, (page + 1) * onPage)
      .flatMap((label, i) =>
        labelMarks(
          label,
          marginMm + (i % across) * (LABEL_MM.width + LABEL_MM.gap),
          marginMm + Math.floor(i / across) * (LABEL_MM.height + LABEL_MM.gap),
        ),
      ),
  }));
}

function labelMarks({ title, lines, address }: Label, x: number, y: number): readonly SheetMark[] {
  const { width, height, code } = LABEL_MM;
  const text = (words: string, down: number, sizeMm: number, isStrong = false): SheetMark => ({
    kind: 'text',
    what: 'black',
    at: [x + 3, y + down],
    text: words,
    sizeMm,
    anchor: 'start',
    isStrong,
  });
  return [
    {
      kind: 'line',
      what: 'join',
      isClosed: true,
      points: [
        [x, y],
        [x + width, y],
        [x + width, y + height],
        [x, y + height],
      ],
    },
    ...brokenInto(title, 15)
      .slice(0, 2)
      .map((line, i) => text(line, 8 + i * 5, 4, true)),
    ...lines.slice(0, 4).map((line, i) => text(line.slice(0, 24), 19.5 + i * 4, 2.8)),
    ...codeMarks(address, x + width - code - 3, y + (height - code) / 2, code),
  ];
}

/** A QR code as black squares; runs along a row are one. Medium correction: a label gets wet. */
function codeMarks(address: string, x: number, y: number, sizeMm: number): readonly SheetMark[] {
  const code = qrcode(0, 'M');
  code.addData(address);
  code.make();
  const count = code.getModuleCount();
  const one = sizeMm / count;
  const marks: SheetMark[] = [];
  for (let row = 0; row < count; row += 1)
    for (let column = 0; column < count; column += 1) {
      if (!code.isDark(row, column)) continue;
      let long = 1;
      while (column + long < count && code.isDark(row, column + long)) long += 1;
      marks.push({
        kind: 'block',
        what: 'black',
        at: [x + column * one, y + row * one],
        widthMm: long * one,
        heightMm: one,
      });
      column += long;
    }
  return marks;
}

/** Words in lines of at most so many letters. */
function brokenInto(text: string, most: number): readonly string[] {
  const lines: string[] = [];
  for (const word of text.split(' ')) {
    const last = lines[lines.length - 1];
    if (last !== undefined && last.length + word.length < most)
      lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines;
}
