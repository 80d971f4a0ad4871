import { opinionOf, tryFixes, type Fix } from '@/core/checks/opinion';
import type { CheckId } from '@/core/checks/rules/index';
import { swapEdit, type Edit } from '@/core/plantings/edits';
import type { PlantingInSpot } from '@/core/plantings/planting';
import type { PlantKind } from '@/core/plants/kind';
import { findStandIns } from '@/core/search/standIns';
import type { Work } from '@/core/work/steps';
import type { Handler } from './desk';

/** Checks that a better-suited kind mends: try the best stand-ins of the plants pointed at. */
const MENDED_BY_SWAP: readonly CheckId[] = [
  'light',
  'thirst',
  'reach',
  'edible',
  'scheme',
  'pot-contrast',
  'trail-length',
  'cold',
  'texture',
];
const STAND_INS_TRIED = 4;

/** For each check, what would mend it best. */
export const fixes: Handler<'fixes'> = async ({ it, checks }, { library, run, breathe }) => {
  const found: Partial<Record<CheckId, Fix>> = {};
  for (const check of checks) {
    const swaps = await run(swapsFor(it, check, library.offered));
    const fix = tryFixes(it, check, library.kindOf, swaps);
    if (fix) found[check] = fix;
    await breathe();
  }
  return found;
};

/** Swaps of the first plant a check points at for its best stand-ins. */
function* swapsFor(
  it: PlantingInSpot,
  check: CheckId,
  kinds: readonly PlantKind[],
): Work<readonly Edit[]> {
  if (!MENDED_BY_SWAP.includes(check)) return [];
  const remark = opinionOf(it).remarks.find((one) => one.check === check);
  const culprit = it.plants.find((plant) => plant.id === remark?.culprits[0])?.kindId;
  if (!culprit) return [];
  const found = yield* findStandIns(it, culprit, kinds, { count: STAND_INS_TRIED });
  return found.map(({ kindId, size }) => swapEdit(culprit, kindId, size));
}
