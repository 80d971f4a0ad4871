/** Letters that steer devices, and halves of letters: no drawing, print or table bears them. Line ends and tabs may stand in notes. */
const CONTROL =
  /[\u0000-\u0008\u000B\u000C\u000E-\u001F\u007F-\u009F\uFFFE\uFFFF]|[\uD800-\uDBFF](?![\uDC00-\uDFFF])|(?<![\uD800-\uDBFF])[\uDC00-\uDFFF]/;

/** Does a text hold letters that break drawings, print or tables? */
export function hasControlLetters(text: string): boolean {
  return CONTROL.test(text);
}

/** Bytes of a text as a file holds it, in UTF-8. */
export function bytesOf(text: string): number {
  let bytes = 0;
  for (const letter of text) {
    const code = letter.codePointAt(0)!;
    bytes += code < 0x80 ? 1 : code < 0x800 ? 2 : code < 0x1_0000 ? 3 : 4;
  }
  return bytes;
}
