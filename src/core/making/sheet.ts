/**
 * Marks on paper, in millimetres: x to the right, y down from the upper left corner. What a mark stands for (`what`) decides its ink;
 * it is painted alike as SVG and as PDF.
 */
export type SheetInk =
  | 'rim'
  | 'mix'
  | 'buffer'
  | 'ball'
  | 'fine'
  | 'arrow'
  | 'drip'
  | 'ruler'
  | 'crop'
  | 'join'
  | 'black';

export type MmPoint = readonly [xMm: number, yMm: number];

export type SheetMark =
  | {
      readonly kind: 'circle';
      readonly what: SheetInk;
      readonly at: MmPoint;
      readonly radiusMm: number;
    }
  | {
      readonly kind: 'line';
      readonly what: SheetInk;
      readonly points: readonly MmPoint[];
      readonly isClosed?: boolean;
    }
  /** A filled rectangle, as in a QR code. */
  | {
      readonly kind: 'block';
      readonly what: 'black';
      readonly at: MmPoint;
      readonly widthMm: number;
      readonly heightMm: number;
    }
  | {
      readonly kind: 'text';
      readonly what: 'black';
      readonly at: MmPoint;
      readonly text: string;
      readonly sizeMm: number;
      readonly anchor: 'start' | 'middle' | 'end';
      readonly isStrong?: boolean;
    };

/** Widths and dashes of ink, mm, and how dark it is, 0 (black) to 1. */
export const INKS: Readonly<
  Record<
    SheetInk,
    { readonly widthMm: number; readonly dashMm: readonly number[]; readonly grey: number }
  >
> = {
  rim: { widthMm: 0.7, dashMm: [], grey: 0 },
  mix: { widthMm: 0.35, dashMm: [], grey: 0.25 },
  buffer: { widthMm: 0.25, dashMm: [2, 1.5], grey: 0.4 },
  ball: { widthMm: 0.45, dashMm: [], grey: 0 },
  fine: { widthMm: 0.2, dashMm: [], grey: 0.3 },
  arrow: { widthMm: 0.5, dashMm: [], grey: 0 },
  drip: { widthMm: 0.4, dashMm: [], grey: 0.35 },
  ruler: { widthMm: 0.25, dashMm: [], grey: 0 },
  crop: { widthMm: 0.2, dashMm: [], grey: 0 },
  join: { widthMm: 0.2, dashMm: [1, 1.5], grey: 0.45 },
  black: { widthMm: 0, dashMm: [], grey: 0 },
};

/** Something drawn at true size, however large. */
export interface Sheet {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly marks: readonly SheetMark[];
}

/** One page to be printed. */
export interface SheetPage {
  readonly name: string;
  readonly widthMm: number;
  readonly heightMm: number;
  /** Marks of the sheet, moved by `shiftMm` and cut off outside `clip`; then the page's own. */
  readonly sheet: Sheet | null;
  readonly shiftMm: MmPoint;
  readonly clip: { readonly at: MmPoint; readonly widthMm: number; readonly heightMm: number };
  readonly marks: readonly SheetMark[];
}

export const PAPERS = {
  A4: [210, 297],
  A3: [297, 420],
  Letter: [215.9, 279.4],
  Tabloid: [279.4, 431.8],
} as const satisfies Readonly<Record<string, MmPoint>>;
export type PaperId = keyof typeof PAPERS;
export const PAPER_IDS = Object.keys(PAPERS) as readonly PaperId[];

/** What printers leave white, mm: the usual one, the least a printer leaves, the most that still leaves a page. */
export const MARGIN_MM = { usual: 8, least: 3, most: 60 } as const;
/** How far tiles lie over each other to be glued, mm. */
export const OVERLAP_MM = 12;
/** More pages than this are no template any more. */
export const MOST_TILES = 40;

/** Heights of type, mm. */
export const TEXT_MM = { note: 3.2, small: 2.6, title: 6, largest: 14 } as const;

export type Tiled =
  | { readonly ok: true; readonly pages: readonly SheetPage[]; readonly isTurned: boolean }
  | {
      readonly ok: false;
      readonly fault:
        | { readonly kind: 'margin'; readonly gotMm: number }
        | { readonly kind: 'too many'; readonly tiles: number };
    };

interface Grid {
  readonly isTurned: boolean;
  readonly page: MmPoint;
  readonly printable: MmPoint;
  readonly columns: number;
  readonly rows: number;
}

/** A sheet spread over pages that are glued together: upright or turned, whichever takes fewer. */
export function tilesOf(sheet: Sheet, paper: PaperId, marginMm: number): Tiled {
  if (!(marginMm >= MARGIN_MM.least && marginMm <= MARGIN_MM.most))
    return { ok: false, fault: { kind: 'margin', gotMm: marginMm } };
  const [upright, turned] = [
    gridOf(sheet, paper, marginMm, false),
    gridOf(sheet, paper, marginMm, true),
  ];
  const grid = turned.columns * turned.rows < upright.columns * upright.rows ? turned : upright;
  const tiles = grid.columns * grid.rows;
  if (tiles > MOST_TILES) return { ok: false, fault: { kind: 'too many', tiles } };
  const pages = Array.from({ length: tiles }, (_, i) =>
    pageAt(sheet, grid, marginMm, i % grid.columns, Math.floor(i / grid.columns)),
  );
  return { ok: true, pages, isTurned: grid.isTurned };
}

function gridOf(sheet: Sheet, paper: PaperId, marginMm: number, isTurned: boolean): Grid {
  const [w, h] = PAPERS[paper];
  const page: MmPoint = isTurned ? [h, w] : [w, h];
  const printable: MmPoint = [page[0] - 2 * marginMm, page[1] - 2 * marginMm];
  const count = (long: number, room: number) =>
    long <= room ? 1 : 1 + Math.ceil((long - room) / (room - OVERLAP_MM) - 1e-9);
  return {
    isTurned,
    page,
    printable,
    columns: count(sheet.widthMm, printable[0]),
    rows: count(sheet.heightMm, printable[1]),
  };
}

/** "A1" upper left, "B1" beside it, "A2" below it. */
const nameOf = (column: number, row: number): string =>
  `${String.fromCharCode(65 + column)}${row + 1}`;

function pageAt(
  sheet: Sheet,
  { page, printable, columns, rows }: Grid,
  marginMm: number,
  column: number,
  row: number,
): SheetPage {
  const [w, h] = printable;
  const covered: MmPoint = [
    w + (columns - 1) * (w - OVERLAP_MM),
    h + (rows - 1) * (h - OVERLAP_MM),
  ];
  // The sheet lies in the middle of what the pages cover.
  const from: MmPoint = [
    column * (w - OVERLAP_MM) - (covered[0] - sheet.widthMm) / 2,
    row * (h - OVERLAP_MM) - (covered[1] - sheet.heightMm) / 2,
  ];
  const marks: SheetMark[] = [
    {
      kind: 'text',
      what: 'black',
      at: [marginMm + w - 1, marginMm + h - 1.5],
      text: columns * rows === 1 ? 'at true size' : `${nameOf(column, row)} of ${columns * rows}`,
      sizeMm: TEXT_MM.small,
      anchor: 'end',
    },
    ...cropMarks(marginMm, w, h),
  ];
  if (column > 0) marks.push(...joinMarks('left', marginMm, w, h));
  if (column < columns - 1) marks.push(...joinMarks('right', marginMm, w, h));
  if (row > 0) marks.push(...joinMarks('top', marginMm, w, h));
  if (row < rows - 1) marks.push(...joinMarks('bottom', marginMm, w, h));
  return {
    name: nameOf(column, row),
    widthMm: page[0],
    heightMm: page[1],
    sheet,
    shiftMm: [marginMm - from[0], marginMm - from[1]],
    clip: { at: [marginMm, marginMm], widthMm: w, heightMm: h },
    marks,
  };
}

const CROP_MM = 5;
const CROSS_MM = 3;

/** Corners of what is printed, to cut along. */
function cropMarks(margin: number, w: number, h: number): readonly SheetMark[] {
  return [
    [margin, margin, 1, 1],
    [margin + w, margin, -1, 1],
    [margin + w, margin + h, -1, -1],
    [margin, margin + h, 1, -1],
  ].map(([x, y, dx, dy]): SheetMark => ({
    kind: 'line',
    what: 'crop',
    points: [
      [x! + dx! * CROP_MM, y!],
      [x!, y!],
      [x!, y! + dy! * CROP_MM],
    ],
  }));
}

/** Where a tile lies over its neighbour: the edge of the other, and crosses that come to lie on each other. */
function joinMarks(
  side: 'left' | 'right' | 'top' | 'bottom',
  margin: number,
  w: number,
  h: number,
): readonly SheetMark[] {
  const upright = side === 'left' || side === 'right';
  const near = side === 'left' || side === 'top';
  const across = (off: number) => margin + (near ? off : (upright ? w : h) - off);
  const along = upright ? h : w;
  const point = (off: number, at: number): MmPoint =>
    upright ? [across(off), margin + at] : [margin + at, across(off)];
  const crosses = [0.25, 0.75].flatMap((share): SheetMark[] => {
    const [x, y] = point(OVERLAP_MM / 2, along * share);
    return [
      {
        kind: 'line',
        what: 'crop',
        points: [
          [x - CROSS_MM, y],
          [x + CROSS_MM, y],
        ],
      },
      {
        kind: 'line',
        what: 'crop',
        points: [
          [x, y - CROSS_MM],
          [x, y + CROSS_MM],
        ],
      },
    ];
  });
  return [
    { kind: 'line', what: 'join', points: [point(OVERLAP_MM, 0), point(OVERLAP_MM, along)] },
    ...crosses,
  ];
}
