import { halfDepthCm } from '../../containers/shape';
import { clamp } from '../../units/units';
import type { Check } from '../check';
import { rolesPlayed } from '../rolesPlayed';

export interface LeadPlaceFacts {
  readonly kind: string;
  /** Place front to back, −1 at the back wall to 1 at the front. */
  readonly depth: number;
  readonly view: string;
}

/** Share of the tallest lead's height from which another is as tall. */
const AS_TALL = 0.98;

/** Does the tall lead stand where this view wants it: behind when seen from one side, inside when from all? */
export const leadPlace: Check<'lead-place', LeadPlaceFacts> = {
  id: 'lead-place',
  weight: 1,
  certainty: 'a matter of taste',
  source: {
    kind: 'ours',
    reason:
      'One side: tall at the back, so that it hides nothing. All round: in the middle or a third of the way over.',
  },
  limits: { trouble: 0, look: 0.7 },
  judge: (reading) => {
    if (reading.plants.length < 3 || reading.school.weights['lead-place'] === 0) return null;
    const leads = rolesPlayed(reading).filter(({ role }) => role === 'lead');
    const tallestCm = Math.max(0, ...leads.map(({ size }) => size.heightCm));
    const half = halfDepthCm(reading.planting.container.shape);
    const third = reading.house.lead === 'centre' ? 0.3 : 0;
    // Of several as tall, the one that stands worst.
    const [worst] = leads
      .filter(({ size }) => size.heightCm > tallestCm * AS_TALL)
      .map(({ plant }) => ({
        lead: plant,
        wanted:
          reading.spot.view === 'one side'
            ? clamp(1 - Math.max(0, plant.zCm / half + 0.2 - third) * 1.7, 0, 1)
            : clamp(1 - Math.max(0, Math.hypot(plant.xCm, plant.zCm) / half - 0.42) * 1.6, 0, 1),
      }))
      .sort((p, q) => p.wanted - q.wanted);
    if (!worst) return null;
    const { lead, wanted } = worst;
    const depth = lead.zCm / half;
    return {
      score: wanted,
      facts: { kind: lead.kind.id, depth, view: reading.spot.view },
      culprits: wanted < 0.7 ? [lead.id] : [],
    };
  },
  fixes: (reading, verdict) => {
    const lead = reading.plants.find((p) => p.id === verdict.culprits[0]);
    if (!lead) return [];
    const half = halfDepthCm(reading.planting.container.shape);
    const to =
      reading.spot.view === 'one side'
        ? { xCm: lead.xCm, zCm: Math.round(-half * 0.42) }
        : { xCm: 0, zCm: 0 };
    const rear = reading.plants
      .filter((p) => p.id !== lead.id)
      .sort(
        (p, q) =>
          Math.hypot(p.xCm - to.xCm, p.zCm - to.zCm) - Math.hypot(q.xCm - to.xCm, q.zCm - to.zCm),
      )[0];
    const swapPlaces = rear
      ? [
          {
            kind: 'arrange',
            places: reading.planting.places.map((p) =>
              p.id === lead.id
                ? { ...p, xCm: rear.xCm, zCm: rear.zCm }
                : p.id === rear.id
                  ? { ...p, xCm: lead.xCm, zCm: lead.zCm }
                  : p,
            ),
          } as const,
        ]
      : [];
    return [{ kind: 'move', place: lead.id, ...to }, ...swapPlaces];
  },
};
