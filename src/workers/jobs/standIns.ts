import { findStandIns } from '@/core/search/standIns';
import type { Handler } from './desk';

/** Kinds that could stand in for one. */
export const standIns: Handler<'standIns'> = (
  { it, kindId, only, place = null },
  { kindsFrom, run },
) => run(findStandIns(it, kindId, kindsFrom(only), { place }));
