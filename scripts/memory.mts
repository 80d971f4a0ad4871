// A whole search among 5,000 kinds; npm run bench runs it with 150 MB of memory, and it fails when that is not enough.
import { BOOK } from '../src/core/plants/book/index';
import { proposeNow } from '../src/core/search/propose';
import { handComposed } from '../tests/builders/handComposed';
import { USUAL_HOUSE } from '../src/core/plantings/house';

const { it } = handComposed()[0]!;
const kinds = Array.from({ length: 5000 }, (_, i) => ({ ...BOOK[i % BOOK.length]!, id: `k${i}` }));
const found = proposeNow(
  {
    container: it.planting.container,
    spot: it.spot,
    wishes: { ...it.planting.wishes, school: 'any' },
    plantedWeek: 20,
    endWeek: 42,
    kinds,
    seed: 1,
    house: USUAL_HOUSE,
  },
  { wanted: 6, effort: 48, improve: 100 },
);
process.exit(found.length === 6 ? 0 : 1);
