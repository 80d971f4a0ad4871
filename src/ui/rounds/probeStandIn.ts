import type { Care } from '@/core/care/careOf';
import { probeAnswerSchema, type Probe } from '@/core/care/device';
import { mixFactsOf } from '@/core/containers/mixes';
import type { PlantingInSpot } from '@/core/plantings/planting';

/** The simulated probe of a container. It has no mix to feel, and is told the water that is reckoned; a real one would be asked by its own address. */
export function probeStandIn(
  it: PlantingInSpot,
  { outlook, plantedOn, probePercent }: Care,
): Probe {
  const { waterShare, wiltShare } = mixFactsOf(it.planting.container);
  const water = 100 * (wiltShare + outlook.share * (waterShare - wiltShare));
  return {
    read: async (day) => {
      const search = new URLSearchParams({
        probe: it.planting.id,
        day,
        since: plantedOn,
        water: water.toFixed(1),
        ...(probePercent === null ? {} : { last: String(probePercent) }),
      });
      const response = await fetch(`/api/probe?${search}`);
      return probeAnswerSchema.parse(await response.json());
    },
  };
}
