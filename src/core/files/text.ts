/** How the letters of a text file were written. */
export type Encoding = 'utf-8' | 'utf-16' | 'windows-1252';

/**
 * Bytes of a text file as text: by the mark at its beginning, as UTF-8 when it is, otherwise the
 * usual western code page.
 */
export function textOf(bytes: ArrayBuffer): { readonly text: string; readonly encoding: Encoding } {
  const [first, second] = new Uint8Array(bytes, 0, Math.min(2, bytes.byteLength));
  if (first === 0xff && second === 0xfe)
    return { text: new TextDecoder('utf-16le').decode(bytes), encoding: 'utf-16' };
  if (first === 0xfe && second === 0xff)
    return { text: new TextDecoder('utf-16be').decode(bytes), encoding: 'utf-16' };
  try {
    return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes), encoding: 'utf-8' };
  } catch {
    return { text: new TextDecoder('windows-1252').decode(bytes), encoding: 'windows-1252' };
  }
}

/** Signs by which a spreadsheet knows a formula, full-width ones and what may stand before them too. */
const FORMULA = /^\s*[=+\-@＝＋－＠]|^[\t\r\n]/;

/** Text that a spreadsheet would run as a formula gets an apostrophe before it, which it hides. */
export function formulaSafe(text: string): string {
  return FORMULA.test(text) ? `'${text}` : text;
}

/** The same text without that apostrophe. */
export function fromFormulaSafe(text: string): string {
  return text.startsWith("'") && FORMULA.test(text.slice(1)) ? text.slice(1) : text;
}
