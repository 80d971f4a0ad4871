import { read } from '@/core/checks/reading';
import { addingUp } from '@/core/checks/yardSeason';
import type { Handler } from './desk';

/** The season of all plantings together. */
export const yardSeason: Handler<'yardSeason'> = async ({ its }, { run }) =>
  run(addingUp(its.map((it) => read(it))));
