import { remakingSteps } from '@/core/search/remaking';
import type { Handler } from './desk';

/** A planting made anew in the way asked for. */
export const remake: Handler<'remake'> = ({ it, how }, { library, run }) =>
  run(remakingSteps(it, how, library.offered));
