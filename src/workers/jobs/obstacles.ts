import { findObstacles } from '@/core/search/obstacles';
import type { Handler } from './desk';

/** What stands in the way of proposals. */
export const obstacles: Handler<'obstacles'> = ({ only, ...ask }, { kindsFrom, run }) =>
  run(findObstacles({ ...ask, kinds: kindsFrom(only), inStock: only !== null }));
