import { OPEN_SCHEMES } from '../colour/schemes';
import { inColours } from '../plantings/brief';
import type { School } from '../schools/school';
import type { Ask } from './ask';

/** Are the colours of an ask left open, so that any idea of them will do? What is to be eaten comes in the colours it has. */
const isOpen = ({ wishes }: Ask): boolean => wishes.anyColours === true && !wishes.kitchen;

/** An ask in each of the schemes that will do, one after the other: itself where it wishes for one. */
export function asksByScheme(ask: Ask): readonly Ask[] {
  if (!isOpen(ask)) return [ask];
  return OPEN_SCHEMES.map((scheme) => ({ ...ask, wishes: inColours(ask.wishes, scheme) }));
}

/**
 * Schools that are tried in one of several schemes: two of them, moved on by one from scheme to scheme, so that all of them are looked
 * at for about the work of one scheme.
 * @param at which of the schemes, from 0; `null` where there is but one
 */
export function schoolsInTurn(schools: readonly School[], at: number | null): readonly School[] {
  if (at === null) return schools;
  return [...new Set([0, 1].map((k) => schools[(at + k) % schools.length]!))];
}
