const ESCAPED: Readonly<Record<string, string>> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  "'": '&#39;',
};

/** Signs that no XML document may hold: control letters but tab and line ends, halves of a letter, and the two that are no letters. */
const NOT_IN_XML = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f\ufffe\uffff]|\p{Cs}/gu;

/** Text as it stands in HTML, SVG or any other XML: nothing a gardener wrote becomes markup, and nothing of it makes the file unreadable. */
export function escaped(text: string): string {
  return text.replaceAll(NOT_IN_XML, '').replaceAll(/[&<>"']/g, (sign) => ESCAPED[sign]!);
}
