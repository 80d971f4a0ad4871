import type { ThinkingJob } from '../messages';
import type { Handler } from './desk';
import { care } from './care';
import { fits } from './fits';
import { fixes } from './fixes';
import { groupJob } from './group';
import { obstacles } from './obstacles';
import { pockets } from './pockets';
import { proposeJob } from './propose';
import { readFiles } from './readFiles';
import { readPlants } from './readPlants';
import { readWeather } from './readWeather';
import { remake } from './remake';
import { seen } from './seen';
import { shop } from './shop';
import { standIns } from './standIns';
import { yardSeason } from './yardSeason';

/** Every job of the thinking worker. A job without a handler does not compile. */
export const HANDLERS: { readonly [N in ThinkingJob]: Handler<N> } = {
  propose: proposeJob,
  obstacles,
  pockets,
  standIns,
  fixes,
  seen,
  remake,
  group: groupJob,
  readWeather,
  readPlants,
  readFiles,
  fits,
  shop,
  care,
  yardSeason,
};
