import { colourName } from '@/core/colour/names';
import type { Scheme, SchemeReading } from '@/core/colour/schemes';

/** Which of the colours that were named a lack is of. */
const NAMED_AT: Readonly<Partial<Record<SchemeReading['missing'][number], number>>> = {
  'leading colour': 0,
  'opposite colour': 1,
  'third colour': 2,
};

/** A colour that a scheme cannot do without, as one says that it is lacking: "white", "dark leaves", "opposite colour", "violet". */
export function lackText(missing: SchemeReading['missing'][number], scheme: Scheme): string {
  if (missing === 'dark') return 'dark leaves';
  const named = scheme.kind === 'named' ? scheme.colours[NAMED_AT[missing] ?? -1] : undefined;
  return named ? colourName(named) : missing;
}
