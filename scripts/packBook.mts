// npm run book: packs the species' files into the book as the app loads it.
import { writeFileSync } from 'node:fs';
import { TOLD } from '../src/core/plants/book/told';
import { pack } from '../src/core/plants/pack';

writeFileSync(
  new URL('../src/core/plants/book/packed.json', import.meta.url),
  `${JSON.stringify(pack(TOLD))}\n`,
);
