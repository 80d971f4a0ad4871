import { fromPlantingFile, parseFile } from '@/core/files/plantingFile';
import { kindOf } from '@/core/plants/book/index';
import { USUAL_HOUSE } from '@/core/plantings/house';
import { inSpot } from '@/core/plantings/planting';
import { withLightInUse } from '@/core/spots/light';
import { bad, faultLine } from './answer';

/** The planting of a planting file, at its spot. */
export function plantingIn(text: string) {
  const parsed = parseFile(text);
  if (!parsed.ok) return { ok: false as const, answer: faultLine(parsed) };
  if (parsed.value.format !== 'rillbank-planting')
    return {
      ok: false as const,
      answer: bad('format: this verb reads a planting file, not a backup.'),
    };
  const { planting, spot } = fromPlantingFile(parsed.value, kindOf);
  return { ok: true as const, it: inSpot(planting, withLightInUse(spot), kindOf, USUAL_HOUSE) };
}
