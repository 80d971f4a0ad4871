import { USUAL_HOUSE } from '@/core/plantings/house';
import * as z from 'zod';
import { type Container } from '@/core/containers/container';
import { isHung } from '@/core/containers/shape';
import { parseWith } from '@/core/files/parse';
import { BOOK } from '@/core/plants/book/index';
import { wishesSchema } from '@/core/plantings/schema';
import type { Ask } from '@/core/search/ask';
import { withLightInUse } from '@/core/spots/light';
import { spotFields, spotSchema } from '@/core/spots/schema';
import { usualEndWeek } from '@/core/suitability/usualStay';
import { readQuestion, faultLine, type Answer } from './answer';

const askSchema = z.object({
  spot: spotFields.partial().optional(),
  wishes: wishesSchema.partial().optional(),
  plantedWeek: z.number().int().min(1).max(52).default(20),
  endWeek: z.number().int().min(1).max(52).optional(),
  seed: z.number().int().min(0).default(1),
  wanted: z.number().int().min(1).max(24).default(6),
});

/** An ask for a container: spot, wishes and weeks as given, the rest as usual. */
export function askIn(
  value: Record<string, unknown>,
  container: Container,
):
  | { readonly ok: true; readonly value: Ask & { readonly wanted: number } }
  | { readonly ok: false; readonly answer: Answer } {
  const told = readQuestion(askSchema, value, ['container', 'containers', 'unit']);
  if (!told.ok) return { ok: false, answer: faultLine(told) };
  const { spot: spotGiven, wishes: wishesGiven, ...rest } = told.value;
  const spot = parseWith(spotSchema, {
    id: 'spot',
    name: 'Spot',
    sunHours: 6,
    sunWhen: 'spread',
    view: isHung(container.shape) ? 'from below' : 'one side',
    pets: false,
    children: false,
    underCover: false,
    dropCm: 0,
    ...spotGiven,
  });
  if (!spot.ok) return { ok: false, answer: faultLine(spot) };
  const wishes = parseWith(wishesSchema, {
    scheme: { kind: 'warm' },
    fullInWeeks: 8,
    budget: null,
    kitchen: false,
    // Where no colours are asked for, any will do, as on the start sheet.
    ...(wishesGiven?.scheme ? {} : { anyColours: true }),
    ...wishesGiven,
  });
  if (!wishes.ok) return { ok: false, answer: faultLine(wishes) };
  return {
    ok: true,
    value: {
      container,
      spot: withLightInUse(spot.value),
      wishes: wishes.value,
      ...rest,
      endWeek: rest.endWeek ?? usualEndWeek(rest.plantedWeek, spot.value),
      house: USUAL_HOUSE,
      kinds: BOOK,
    },
  };
}
