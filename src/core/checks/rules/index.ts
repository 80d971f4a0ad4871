import { background } from './background';
import { balance } from './balance';
import { budget } from './budget';
import { bully } from './bully';
import { cold } from './cold';
import { crowding } from './crowding';
import { drainage } from './drainage';
import { echo } from './echo';
import { edible } from './edible';
import { fullness } from './fullness';
import { gloves } from './gloves';
import { leadPlace } from './leadPlace';
import { light } from './light';
import { mixSuits } from './mixSuits';
import { neighbours } from './neighbours';
import { potContrast } from './potContrast';
import { potFrost } from './potFrost';
import { proportion } from './proportion';
import { reach } from './reach';
import { roles } from './roles';
import { rootBalls } from './rootBalls';
import { rootDepth } from './rootDepth';
import { rootHeat } from './rootHeat';
import { runsWild } from './runsWild';
import { scheme } from './scheme';
import { support } from './support';
import { texture } from './texture';
import { thirst } from './thirst';
import { tipping } from './tipping';
import { trailLength } from './trailLength';
import { weight } from './weight';

/** Every check there is: the only list. A check left out of the words table does not compile. */
export const CHECKS = {
  light, thirst, cold, reach, edible, 'root-balls': rootBalls, drainage, bully, crowding, fullness, proportion, 'trail-length': trailLength, roles, 'lead-place': leadPlace,
  balance, scheme, 'pot-contrast': potContrast, background, texture, neighbours, echo, budget, weight, tipping, 'pot-frost': potFrost, 'root-heat': rootHeat, mix: mixSuits, 'root-depth': rootDepth, gloves, support, 'runs-wild': runsWild,
} as const;

export type CheckId = keyof typeof CHECKS;
/** The facts a check reports. */
export type FactsOf<Id extends CheckId> = NonNullable<ReturnType<(typeof CHECKS)[Id]['judge']>>['facts'];

export const CHECK_IDS = Object.keys(CHECKS) as readonly CheckId[];
