import { escaped } from '@/core/files/markup';
import { INKS, type Sheet, type SheetMark, type SheetPage } from '@/core/making/sheet';

/** A sheet as SVG at true size: its lengths are in millimetres. */
export function sheetSvg({ widthMm, heightMm, marks }: Sheet, title: string): string {
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${mm(widthMm)}mm" height="${mm(heightMm)}mm" viewBox="0 0 ${mm(widthMm)} ${mm(heightMm)}"><title>${escaped(title)}</title>${marks.map(markSvg).join('')}</svg>`;
}

/** One page as SVG, to look at before it is printed. */
export function pageSvg({
  widthMm,
  heightMm,
  sheet,
  shiftMm,
  clip,
  marks,
  name,
}: SheetPage): string {
  const id = `cut-${name.replace(/\W/g, '')}`;
  const inner = sheet
    ? `<g clip-path="url(#${id})"><g transform="translate(${mm(shiftMm[0])} ${mm(shiftMm[1])})">${sheet.marks.map(markSvg).join('')}</g></g>`
    : '';
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${mm(widthMm)} ${mm(heightMm)}"><defs><clipPath id="${id}"><rect x="${mm(clip.at[0])}" y="${mm(clip.at[1])}" width="${mm(clip.widthMm)}" height="${mm(clip.heightMm)}"/></clipPath></defs><rect width="100%" height="100%" fill="#fff"/>${inner}${marks.map(markSvg).join('')}</svg>`;
}

function markSvg(mark: SheetMark): string {
  const { widthMm, dashMm, grey } = INKS[mark.what];
  const ink = `rgb(${[grey, grey, grey].map((g) => Math.round(g * 255)).join()})`;
  const stroke = `fill="none" stroke="${ink}" stroke-width="${widthMm}"${dashMm.length > 0 ? ` stroke-dasharray="${dashMm.join(' ')}"` : ''}`;
  switch (mark.kind) {
    case 'circle':
      return `<circle cx="${mm(mark.at[0])}" cy="${mm(mark.at[1])}" r="${mm(mark.radiusMm)}" ${stroke}/>`;
    case 'line':
      return `<path d="M${mark.points.map(([x, y]) => `${mm(x)} ${mm(y)}`).join('L')}${mark.isClosed ? 'z' : ''}" ${stroke}/>`;
    case 'block':
      return `<rect x="${mm(mark.at[0])}" y="${mm(mark.at[1])}" width="${mm(mark.widthMm)}" height="${mm(mark.heightMm)}" fill="${ink}"/>`;
    case 'text':
      return `<text x="${mm(mark.at[0])}" y="${mm(mark.at[1])}" font-family="'Archivo Variable', Archivo, sans-serif" font-size="${mark.sizeMm}" font-weight="${mark.isStrong ? 700 : 500}" text-anchor="${mark.anchor}" fill="${ink}">${escaped(mark.text)}</text>`;
  }
}

/** To a thousandth of a millimetre. */
const mm = (value: number): string => String(Math.round(value * 1000) / 1000);
