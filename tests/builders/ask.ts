import { BOOK } from '@/core/plants/book/index';
import { USUAL_HOUSE } from '@/core/plantings/house';
import type { Ask } from '@/core/search/ask';
import { PLAIN_WISHES, SUNNY, TUB } from './plantings';

/** A plain ask: the whole book for a tub in the sun in warm colours, with what is to be otherwise. */
export const askFor = (change: Partial<Ask> = {}, wishes: Partial<Ask['wishes']> = {}): Ask => ({
  container: TUB,
  spot: SUNNY,
  house: USUAL_HOUSE,
  plantedWeek: 20,
  endWeek: 42,
  kinds: BOOK,
  seed: 1,
  ...change,
  wishes: { ...PLAIN_WISHES, ...wishes },
});
