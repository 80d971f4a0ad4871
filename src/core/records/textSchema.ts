import * as z from 'zod';
import { hasControlLetters } from './letters';

const plain = (label: string) => ({
  check: (text: string) => !hasControlLetters(text),
  message: `${label} must not hold control letters.`,
});

/** Text that may be empty, without letters that no drawing, print or table bears. */
export function textSchema(label: string, most: number) {
  const { check, message } = plain(label);
  return z
    .string()
    .trim()
    .max(most, `${label} must be at most ${most} letters.`)
    .refine(check, message);
}

/** Text that says something. */
export function nameSchema(label: string, most = 80, empty = `${label} must not be empty.`) {
  const { check, message } = plain(label);
  return z
    .string()
    .trim()
    .min(1, empty)
    .max(most, `${label} must be at most ${most} letters.`)
    .refine(check, message);
}
