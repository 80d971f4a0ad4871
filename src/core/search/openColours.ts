import { fitOfColour, OPEN_SCHEMES, type Scheme } from '../colour/schemes';
import { inColours } from '../plantings/brief';
import type { School } from '../schools/school';
import type { Ask } from './ask';

/** Are the colours of an ask left open, so that any idea of them will do? What is to be eaten comes in the colours it has. */
const isOpen = ({ wishes }: Ask): boolean => wishes.anyColours === true && !wishes.kitchen;

/** An ask in each of the schemes that will do, one after the other: itself where it wishes for one. */
export function asksByScheme(ask: Ask): readonly Ask[] {
  if (!isOpen(ask)) return [ask];
  return schemesOpen(ask).map((scheme) => ({ ...ask, wishes: inColours(ask.wishes, scheme) }));
}

/** A scheme in which what must be there fits so far is one for it. Ours. */
const AT_HOME = 0.6;

/** The schemes that will do: those in which what must be there is at home; all of them where it is in none, or nothing must. */
function schemesOpen({ wishes, kinds }: Ask): readonly Scheme[] {
  const flowers = kinds.flatMap(({ id, bloom }) =>
    bloom && wishes.must.includes(id) ? [bloom.main] : [],
  );
  const good = OPEN_SCHEMES.filter((scheme) =>
    flowers.every((colour) => (fitOfColour(colour, scheme) ?? 1) >= AT_HOME),
  );
  return good.length > 0 ? good : OPEN_SCHEMES;
}

/** Which of several schemes it is the turn of, from 0; `null` where there is but one. */
export type Turn = { readonly at: number; readonly of: number } | null;

/** In how many schemes each school is tried. */
const TRIED = 2;

/**
 * Schools that are tried in one of several schemes: some of them, moved on by one from scheme to scheme, so that each is looked at in
 * two schemes, for about the work of one.
 */
export function schoolsInTurn(schools: readonly School[], turn: Turn): readonly School[] {
  if (turn === null) return schools;
  const many = Math.min(schools.length, Math.ceil((TRIED * schools.length) / turn.of));
  return Array.from({ length: many }, (_, k) => schools[(turn.at + k) % schools.length]!);
}
