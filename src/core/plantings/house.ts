import type * as z from 'zod';
import type { houseSchema } from './houseSchema';

export * from './houseQuestions';

export type House = Readonly<z.infer<typeof houseSchema>>;

export const USUAL_HOUSE: House = {
  counts: 'by school',
  neighbours: 'by scheme',
  roots: 'loosen when circling',
  drainage: 'mesh',
  mix: 'fresh in small, top third in large',
  feed: 'slow-release and liquid',
  headspace: 'usual',
  fullness: 'by target',
  sun: 'plain',
  lead: 'by view',
  pinch: 'by plant',
  turnedDown: {},
};
