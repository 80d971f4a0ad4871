import { withKindsNow } from '../plants/renamed';
import { hasControlLetters } from '../records/letters';
import type { FileFault, Parsed } from './parse';

/** Largest file read, bytes: far above any real one. */
export const LARGEST_FILE_BYTES = 20_000_000;
/** Deepest nesting of a file; ours have nine levels. */
export const DEEPEST = 40;
/** Longest text of one field; the longest of ours is 300 letters. */
export const LONGEST_TEXT = 10_000;
/** Largest number of a field; whatever Rillbank measures is far below. */
const LARGEST_NUMBER = 1e12;

const fault = (message: string, field = ''): Parsed<never> => ({
  ok: false,
  faults: [{ field, message }],
});

/**
 * Reads JSON at a door. Size and depth are asked before it is parsed, and every text and number
 * after: too long, control letters that break drawings and print, numbers without end. Kinds that
 * have another id by now are given it.
 * @param asTheyLie the list of a file whose records are carried as they are found: their texts and numbers are not asked
 */
export function readJson(text: string, asTheyLie?: string): Parsed<unknown> {
  if (text.length > LARGEST_FILE_BYTES)
    return fault(
      `The file must be at most ${LARGEST_FILE_BYTES / 1e6} MB; got ${(text.length / 1e6).toFixed(1)} MB.`,
    );
  // A mark of the byte order is no part of the text.
  const bare = text.replace(/^\uFEFF/, '');
  if (bare.trim() === '') return fault('The file is empty.');
  const depth = depthOf(bare);
  if (depth > DEEPEST)
    return fault(`The file must be nested at most ${DEEPEST} deep; got ${depth}.`);
  let data: unknown;
  try {
    data = JSON.parse(bare);
  } catch (error) {
    return fault(whyNotJson(error));
  }
  const faults: FileFault[] = [];
  look(data, '', faults, asTheyLie);
  return faults.length > 0 ? { ok: false, faults } : { ok: true, value: withKindsNow(data) };
}

/** What a parser says, in words that name a line where it tells one. */
function whyNotJson(error: unknown): string {
  const told = error instanceof Error ? error.message : String(error);
  if (/end of (JSON )?input|Unterminated/i.test(told))
    return 'The file ends too soon: part of it is missing.';
  const line = /line (\d+)/.exec(told)?.[1];
  return line
    ? `The file is not JSON: something is wrong in line ${line}.`
    : 'The file is not JSON: it cannot be read as one of ours.';
}

/** How deep brackets stand within each other, outside of texts. */
function depthOf(text: string): number {
  let [depth, deepest] = [0, 0];
  for (let i = 0; i < text.length; i += 1) {
    const letter = text.charCodeAt(i);
    if (letter === QUOTE) {
      i = endOfText(text, i);
    } else if (letter === OPEN_SQUARE || letter === OPEN_CURLY) {
      depth += 1;
      if (depth > deepest) deepest = depth;
    } else if (letter === CLOSE_SQUARE || letter === CLOSE_CURLY) depth -= 1;
  }
  return deepest;
}

const [QUOTE, BACKSLASH, OPEN_SQUARE, CLOSE_SQUARE, OPEN_CURLY, CLOSE_CURLY] = [
  34, 92, 91, 93, 123, 125,
];

/** Where the text that begins at a quote ends. */
function endOfText(text: string, from: number): number {
  for (let i = from + 1; i < text.length; i += 1) {
    const letter = text.charCodeAt(i);
    if (letter === BACKSLASH) i += 1;
    else if (letter === QUOTE) return i;
  }
  return text.length;
}

function look(value: unknown, field: string, faults: FileFault[], asItLies?: string): void {
  if (faults.length >= 20) return;
  if (typeof value === 'string') {
    if (value.length > LONGEST_TEXT)
      faults.push({
        field,
        message: `A text must have at most ${LONGEST_TEXT} letters; got ${value.length}.`,
      });
    else if (hasControlLetters(value))
      faults.push({ field, message: 'A text must not hold control letters; it has some.' });
  } else if (typeof value === 'number') {
    if (!(Math.abs(value) <= LARGEST_NUMBER))
      faults.push({ field, message: `A number must be at most ${LARGEST_NUMBER}; got ${value}.` });
  } else if (Array.isArray(value)) value.forEach((one, i) => look(one, `${field}[${i}]`, faults));
  else if (typeof value === 'object' && value !== null)
    for (const [key, one] of Object.entries(value))
      if (key !== asItLies) look(one, field ? `${field}.${key}` : key, faults);
}
