import { yearOfPockets } from '@/core/search/pockets';
import type { Handler } from './desk';

/** A year of pockets round a frame. */
export const pockets: Handler<'pockets'> = ({ it, ...how }, { library, run }) =>
  run(yearOfPockets(it, how, library.offered));
