import {
  MARGIN_MM,
  PAPERS,
  TEXT_MM,
  type PaperId,
  type Sheet,
  type SheetMark,
  type SheetPage,
} from './sheet';

/** A sheet made as small as one page takes, to pin up; it tells its scale, and that it is not the true size. */
export function reducedPage(
  sheet: Sheet,
  paper: PaperId,
  lines: readonly string[],
  marginMm: number = MARGIN_MM.usual,
): SheetPage {
  const [w, h] = PAPERS[paper];
  const room = [w - 2 * marginMm, h - 2 * marginMm - LINE_MM * (lines.length + 2)] as const;
  const share = Math.min(1, room[0] / sheet.widthMm, room[1] / sheet.heightMm);
  const small = scaled(sheet, share);
  const below = marginMm + small.heightMm + LINE_MM;
  const line = (text: string, i: number): SheetMark => ({
    kind: 'text',
    what: 'black',
    at: [marginMm, below + i * LINE_MM],
    text,
    sizeMm: TEXT_MM.note,
    anchor: 'start',
  });
  const scale = share === 1 ? 'At true size.' : `1 : ${(1 / share).toFixed(1)}, not at true size.`;
  return {
    name: 'plan',
    widthMm: w,
    heightMm: h,
    sheet: small,
    shiftMm: [marginMm + (room[0] - small.widthMm) / 2, marginMm],
    clip: { at: [0, 0], widthMm: w, heightMm: h },
    marks: [scale, ...lines].map(line),
  };
}

const LINE_MM = 5;

function scaled({ widthMm, heightMm, marks }: Sheet, by: number): Sheet {
  return {
    widthMm: widthMm * by,
    heightMm: heightMm * by,
    // Rulers of a reduced sheet would lie.
    marks: marks.filter(({ what }) => what !== 'ruler').flatMap((mark) => scaledMark(mark, by)),
  };
}

function scaledMark(mark: SheetMark, by: number): readonly SheetMark[] {
  const point = ([x, y]: readonly [number, number]) => [x * by, y * by] as const;
  switch (mark.kind) {
    case 'circle':
      return [{ ...mark, at: point(mark.at), radiusMm: mark.radiusMm * by }];
    case 'line':
      return [{ ...mark, points: mark.points.map(point) }];
    case 'block':
      return [
        { ...mark, at: point(mark.at), widthMm: mark.widthMm * by, heightMm: mark.heightMm * by },
      ];
    case 'text':
      // "10 cm" beside a ruler that is gone.
      return RULER_WORDS.has(mark.text)
        ? []
        : [
            {
              ...mark,
              at: point(mark.at),
              sizeMm: Math.max(TEXT_MM.small * 0.8, mark.sizeMm * by),
            },
          ];
  }
}

const RULER_WORDS: ReadonlySet<string> = new Set(['10 cm', '4 in']);
