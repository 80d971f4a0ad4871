/** Names that were never meant as names, and those that a slip of the hand leaves. */
export const ILL_NAMES: readonly string[] = [
  '<img src=x onerror="document.title=1">',
  '</text></svg><script>alert(1)</script>',
  '--></style><script>alert(1)</script>',
  ']]>&nbsp;<!DOCTYPE x [<!ENTITY e "e">]>',
  `"'&amp;&lt;`,
  '\u202etub eht yb\u2066 clock',
  'a\u0000b\u0007c\u001b[31m\u007fd',
  'half \ud83c of a letter',
  'a\ufffeb\uffff',
  '=HYPERLINK("x")\'',
  '@sum(1)\t+1',
  'one\r\ntwo\u2028three',
  'BEGIN:VEVENT\nSUMMARY:more\nEND:VEVENT',
  'W'.repeat(500),
  `e${'\u0301'.repeat(300)}`,
];
