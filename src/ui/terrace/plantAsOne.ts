import type { Edit } from '@/core/plantings/edits';
import type { Gathering } from '@/core/plantings/gathering';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { hash32, seedOf } from '@/core/random/hash';
import type { Store } from '@/data/store';
import { askOf } from '@/ui/session/askOf';
import { runJob } from '@/workers/runJob';

/**
 * Plants all containers of a group anew as one, each with a way back on its own bench.
 * @returns false when nothing suits all of them together; nothing is changed then
 */
export async function plantAsOne(
  store: Store,
  group: Gathering,
  its: readonly PlantingInSpot[],
): Promise<boolean> {
  const first = its[0];
  if (!first) return false;
  const { container: _, ...ask } = askOf(first, hash32(seedOf(group.id), group.members.length));
  const containers = its.map(({ planting }) => planting.container);
  const found = await runJob('group', { containers, ask }).catch(() => null);
  if (!found) return false;
  for (const { of, places, school } of found) {
    const { planting } = its[of]!;
    const edit: Edit = {
      kind: 'remake',
      why: 'group',
      change: { places, wishes: { ...planting.wishes, school } },
    };
    await store.plantings.edit(planting.id, edit, { did: 'planted for', name: group.name });
  }
  return true;
}
