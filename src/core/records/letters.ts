/** Letters that steer devices, and halves of letters: no drawing, print or table bears them. Line ends and tabs may stand in notes. */
const CONTROL =
  /[\u0000-\u0008\u000B\u000C\u000E-\u001F\u007F-\u009F\uFFFE\uFFFF]|[\uD800-\uDBFF](?![\uDC00-\uDFFF])|(?<![\uD800-\uDBFF])[\uDC00-\uDFFF]/;

/** Does a text hold letters that break drawings, print or tables? */
export function hasControlLetters(text: string): boolean {
  return CONTROL.test(text);
}
