import type { PlantKind } from '@/core/plants/kind';
import { lengthText, type Units } from './format';

/** What was learnt of a kind in so few words that they go on a tag: "Here to 35 cm: 3 seen"; empty when nothing was measured. */
export function hereShort(
  { here, heightCm, spreadCm }: Pick<PlantKind, 'here' | 'heightCm' | 'spreadCm'>,
  units: Units,
): string {
  if (here?.height)
    return `Here to ${lengthText(heightCm[1], units)}: ${here.height.plantings} seen`;
  if (here?.spread)
    return `Here ${lengthText(spreadCm[1], units)} wide: ${here.spread.plantings} seen`;
  return here && here.badly > 0 ? `Did badly here: ${here.badly} of ${here.stood}` : '';
}
