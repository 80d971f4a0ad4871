import fontkit from '@pdf-lib/fontkit';
import {
  appendBezierCurve,
  clip,
  closePath,
  endPath,
  fill,
  lineTo,
  moveTo,
  PDFDocument,
  popGraphicsState,
  pushGraphicsState,
  rectangle,
  setDashPattern,
  setFillingGrayscaleColor,
  setLineWidth,
  setStrokingGrayscaleColor,
  stroke,
  rgb,
  type PDFFont,
  type PDFOperator,
  type PDFPage,
} from 'pdf-lib';
import { INKS, type SheetMark, type SheetPage } from '@/core/making/sheet';

/** Points of a PDF in a millimetre. */
const PT_PER_MM = 72 / 25.4;
/** A quarter circle as a cubic curve: control points at this share of the radius; off by .03 % at most. */
const QUARTER = 0.5522847498;

export interface PdfFonts {
  /** Bytes of a WOFF, OTF or TTF. */
  readonly plain: ArrayBuffer | Uint8Array;
  readonly strong: ArrayBuffer | Uint8Array;
}

/** Pages as a PDF at true size: lines stay lines, and its fonts go along. */
export async function sheetPdf(
  pages: readonly SheetPage[],
  { title, fonts }: { readonly title: string; readonly fonts: PdfFonts },
): Promise<Uint8Array> {
  const file = await PDFDocument.create();
  file.registerFontkit(fontkit);
  file.setTitle(title);
  file.setCreator('Rillbank');
  file.setProducer('Rillbank');
  // The same planting, the same bytes.
  file.setCreationDate(new Date(0));
  file.setModificationDate(new Date(0));
  const [plain, strong] = [
    await file.embedFont(fonts.plain, { subset: true, customName: 'Archivo-Medium' }),
    await file.embedFont(fonts.strong, { subset: true, customName: 'Archivo-Bold' }),
  ];
  for (const { widthMm, heightMm, sheet, shiftMm, clip: cut, marks } of pages) {
    const page = file.addPage([widthMm * PT_PER_MM, heightMm * PT_PER_MM]);
    const pen = new Pen(page, heightMm, plain, strong);
    if (sheet) {
      page.pushOperators(
        pushGraphicsState(),
        rectangle(
          cut.at[0] * PT_PER_MM,
          (heightMm - cut.at[1] - cut.heightMm) * PT_PER_MM,
          cut.widthMm * PT_PER_MM,
          cut.heightMm * PT_PER_MM,
        ),
        clip(),
        endPath(),
      );
      for (const mark of sheet.marks) pen.draw(mark, shiftMm);
      page.pushOperators(popGraphicsState());
    }
    for (const mark of marks) pen.draw(mark, [0, 0]);
  }
  return file.save();
}

/** Draws marks on one page: millimetres from its upper left corner become points from its lower left. */
class Pen {
  constructor(
    private readonly page: PDFPage,
    private readonly heightMm: number,
    private readonly plain: PDFFont,
    private readonly strong: PDFFont,
  ) {}

  draw(mark: SheetMark, [dx, dy]: readonly [number, number]): void {
    if (mark.kind === 'text') return this.write(mark, dx, dy);
    const { widthMm, dashMm, grey } = INKS[mark.what];
    const path = this.pathOf(mark, dx, dy);
    const end = mark.kind === 'block' ? fill() : stroke();
    this.page.pushOperators(
      pushGraphicsState(),
      setLineWidth(widthMm * PT_PER_MM),
      setDashPattern(
        dashMm.map((long) => long * PT_PER_MM),
        0,
      ),
      mark.kind === 'block' ? setFillingGrayscaleColor(grey) : setStrokingGrayscaleColor(grey),
      ...path,
      end,
      popGraphicsState(),
    );
  }

  private write(mark: Extract<SheetMark, { kind: 'text' }>, dx: number, dy: number): void {
    const font = mark.isStrong ? this.strong : this.plain;
    const size = mark.sizeMm * PT_PER_MM;
    const wide = font.widthOfTextAtSize(mark.text, size);
    const back = mark.anchor === 'middle' ? wide / 2 : mark.anchor === 'end' ? wide : 0;
    this.page.drawText(mark.text, {
      x: (mark.at[0] + dx) * PT_PER_MM - back,
      y: (this.heightMm - mark.at[1] - dy) * PT_PER_MM,
      size,
      font,
      color: rgb(0, 0, 0),
    });
  }

  private pathOf(
    mark: Exclude<SheetMark, { kind: 'text' }>,
    dx: number,
    dy: number,
  ): readonly PDFOperator[] {
    const x = (at: number) => (at + dx) * PT_PER_MM;
    const y = (at: number) => (this.heightMm - at - dy) * PT_PER_MM;
    switch (mark.kind) {
      case 'circle':
        return circle(x(mark.at[0]), y(mark.at[1]), mark.radiusMm * PT_PER_MM);
      case 'block':
        return [
          rectangle(
            x(mark.at[0]),
            y(mark.at[1] + mark.heightMm),
            mark.widthMm * PT_PER_MM,
            mark.heightMm * PT_PER_MM,
          ),
        ];
      case 'line':
        return [
          ...mark.points.map(([px, py], i) =>
            i === 0 ? moveTo(x(px), y(py)) : lineTo(x(px), y(py)),
          ),
          ...(mark.isClosed ? [closePath()] : []),
        ];
    }
  }
}

function circle(x: number, y: number, r: number): readonly PDFOperator[] {
  const k = r * QUARTER;
  return [
    moveTo(x + r, y),
    appendBezierCurve(x + r, y + k, x + k, y + r, x, y + r),
    appendBezierCurve(x - k, y + r, x - r, y + k, x - r, y),
    appendBezierCurve(x - r, y - k, x - k, y - r, x, y - r),
    appendBezierCurve(x + k, y - r, x + r, y - k, x + r, y),
    closePath(),
  ];
}
