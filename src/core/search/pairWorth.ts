import { deltaE } from '../colour/oklch';
import { isGround, isWhite } from '../colour/sorts';
import { leadingColour } from '../plants/colours';
import type { PlantKind } from '../plants/kind';
import { leafContrast } from '../plants/leaves';
import { goesToTable } from '../plants/picked';
import { keepsCompany } from '../suitability/company';
import { overruns } from '../suitability/vigour';
import { mayShareWatering, thirstMatch } from '../suitability/watering';

/** Kinds met with together less than this are not planted together; how far the others' worth hangs on it. Ours. */
const STRANGERS = 0.4;
const COMPANY_SHARE = 0.5;
/** What a pair costs of which one would run over the other. Ours. */
const BULLY_COST = 0.25;
/** What two colours of one species are worth side by side. Ours. */
const SISTERS = 0.62;

/** Two kinds together, 0–1; 0 when they must not share a container. What is all to be eaten keeps company at table. */
export function pairWorth(a: PlantKind, b: PlantKind, isKitchen: boolean): number {
  const company = isKitchen ? goesToTable(a, b) : keepsCompany(a, b);
  return company < STRANGERS ? 0 : sideBySide(a, b) * (1 - COMPANY_SHARE * (1 - company));
}

function sideBySide(a: PlantKind, b: PlantKind): number {
  if (!mayShareWatering(a, b)) return 0;
  const water = thirstMatch(a, b);
  if (a.edible && b.toxicity.people === 'poisonous' && a.edible !== 'flowers') return 0;
  if (b.edible && a.toxicity.people === 'poisonous' && b.edible !== 'flowers') return 0;
  const [p, q] = [leadingColour(a), leadingColour(b)];
  const apart = Math.min(1, deltaE(p, q) / 0.25);
  const lifts = isWhite(p) || isWhite(q) || isGround(p) || isGround(q) ? 0.75 : apart;
  // One species in two colours is what good plantings often are.
  if (a.botanical === b.botanical) return SISTERS * (0.5 + 0.5 * lifts) * water;
  const bully = overruns(a, b) || overruns(b, a) ? BULLY_COST : 0;
  return Math.max(0.01, (0.4 * leafContrast(a, b)) / 0.6 + 0.3 * lifts + 0.3 * water - bully);
}
