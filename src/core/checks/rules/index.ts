import { background } from './background';
import { balance } from './balance';
import { budget } from './budget';
import { bully } from './bully';
import { cold } from './cold';
import { companyKept } from './companyKept';
import { colourSight } from './colourSight';
import { crowding } from './crowding';
import { darkLight } from './darkLight';
import { drainage } from './drainage';
import { echo } from './echo';
import { edgePlace } from './edgePlace';
import { edible } from './edible';
import { evenness } from './evenness';
import { frame } from './frame';
import { fullness } from './fullness';
import { gloves } from './gloves';
import { goneOver } from './goneOver';
import { handling } from './handling';
import { hardening } from './hardening';
import { inWind } from './inWind';
import { interest } from './interest';
import { leadPlace } from './leadPlace';
import { light } from './light';
import { mixSuits } from './mixSuits';
import { moneySeen } from './moneySeen';
import { muddle } from './muddle';
import { neighbours } from './neighbours';
import { pairs } from './pairs';
import { potContrast } from './potContrast';
import { potFrost } from './potFrost';
import { proportion } from './proportion';
import { rainReaches } from './rainReaches';
import { reach } from './reach';
import { roles } from './roles';
import { rootBalls } from './rootBalls';
import { rootDepth } from './rootDepth';
import { rootHeat } from './rootHeat';
import { runsWild } from './runsWild';
import { scheme } from './scheme';
import { secondChoice } from './secondChoice';
import { sideHoles } from './sideHoles';
import { sightline } from './sightline';
import { silhouette } from './silhouette';
import { spares } from './spares';
import { sparkle } from './sparkle';
import { spillRoom } from './spillRoom';
import { stakes, support } from './support';
import { summerSuits } from './summerSuits';
import { texture } from './texture';
import { thirst } from './thirst';
import { tipping } from './tipping';
import { trailLength } from './trailLength';
import { weight } from './weight';

/** Every check there is: the only list. A check left out of the words table does not compile. */
export const CHECKS = {
  light,
  thirst,
  cold,
  summer: summerSuits,
  'gone-over': goneOver,
  'in-wind': inWind,
  company: companyKept,
  reach,
  edible,
  'root-balls': rootBalls,
  'side-holes': sideHoles,
  drainage,
  bully,
  crowding,
  fullness,
  proportion,
  'trail-length': trailLength,
  roles,
  'lead-place': leadPlace,
  balance,
  scheme,
  'pot-contrast': potContrast,
  background,
  texture,
  neighbours,
  echo,
  budget,
  weight,
  tipping,
  'pot-frost': potFrost,
  'root-heat': rootHeat,
  mix: mixSuits,
  'root-depth': rootDepth,
  gloves,
  support,
  stakes,
  'runs-wild': runsWild,
  'money-seen': moneySeen,
  sightline,
  muddle,
  interest,
  silhouette,
  evenness,
  frame,
  pairs,
  'edge-place': edgePlace,
  'dark-light': darkLight,
  sparkle,
  'colour-sight': colourSight,
  'spill-room': spillRoom,
  rain: rainReaches,
  hardening,
  spares,
  'second-choice': secondChoice,
  handling,
} as const;

export type CheckId = keyof typeof CHECKS;
/** The facts a check reports. */
export type FactsOf<Id extends CheckId> = NonNullable<
  ReturnType<(typeof CHECKS)[Id]['judge']>
>['facts'];

export const CHECK_IDS = Object.keys(CHECKS) as readonly CheckId[];
