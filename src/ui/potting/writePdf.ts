import type { SheetPage } from '@/core/making/sheet';
import { sheetPdf } from '@/drawing/sheetPdf';

const PLAIN = new URL('@fontsource/archivo/files/archivo-latin-500-normal.woff', import.meta.url);
const STRONG = new URL('@fontsource/archivo/files/archivo-latin-700-normal.woff', import.meta.url);

/** Pages as a PDF with the app's own type, loaded when the first one is written. @throws when the fonts cannot be had */
export async function writePdf(pages: readonly SheetPage[], title: string): Promise<Uint8Array> {
  const [plain, strong] = await Promise.all([PLAIN, STRONG].map(bytesOf));
  return sheetPdf(pages, { title, fonts: { plain: plain!, strong: strong! } });
}

async function bytesOf(url: URL): Promise<ArrayBuffer> {
  const response = await fetch(url);
  if (!response.ok) throw new Error(`The font did not come: ${response.status}.`);
  return response.arrayBuffer();
}
