/** Text folded for comparing: no accents, no case, no × or apostrophes. */
export function folded(text: string): string {
  return text
    .normalize('NFD')
    .replace(/[\u0300-\u036f×'’]/g, '')
    .toLowerCase()
    .trim();
}
