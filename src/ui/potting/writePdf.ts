import type { SheetPage } from '@/core/making/sheet';
import { sheetPdf } from '@/drawing/sheetPdf';
import { spelledPages } from '@/ui/spelling/spelledPages';
import { say } from '@/ui/session/say';
import { saveBlob } from '@/ui/session/saveFile';

const PLAIN = new URL('@fontsource/archivo/files/archivo-latin-500-normal.woff', import.meta.url);
const STRONG = new URL('@fontsource/archivo/files/archivo-latin-700-normal.woff', import.meta.url);

/** Saves pages as a PDF in the app's own type, which is loaded when the first one is written. What goes wrong is said. */
export async function savePdf(
  pages: readonly SheetPage[],
  { title, file }: { readonly title: string; readonly file: string },
): Promise<void> {
  try {
    const [plain, strong] = await Promise.all([PLAIN, STRONG].map(bytesOf));
    const bytes = await sheetPdf(spelledPages(pages), {
      title,
      fonts: { plain: plain!, strong: strong! },
    });
    saveBlob(file, new Blob([bytes as BlobPart], { type: 'application/pdf' }));
  } catch {
    say(`${file} could not be written. Try again.`);
  }
}

async function bytesOf(url: URL): Promise<ArrayBuffer> {
  const response = await fetch(url);
  if (!response.ok) throw new Error(`The font did not come: ${response.status}.`);
  return response.arrayBuffer();
}
