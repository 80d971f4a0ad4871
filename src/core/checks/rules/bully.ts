import { overlapCm2 } from '../../geometry/discs';
import { overruns } from '../../suitability/vigour';
import { weekAfter } from '../../units/units';
import type { PlaceId } from '../../plantings/planting';
import type { Check } from '../check';
import type { Reading } from '../reading';

export interface BullyFacts {
  readonly bully: string;
  readonly victim: string;
  /** Weeks after planting, and the week of the year. */
  readonly weeks: number;
  readonly calendarWeek: number;
  readonly bullySpreadCm: number;
  readonly victimHeightCm: number;
  readonly gapCm: number;
  readonly covered: number;
}

/** Covered share and height ratio at which the smaller is overtopped (models: ≥ 50 % covered by one ≥ 1.3 × as tall), and the share at which it is mostly gone. */
const COVERED = 0.5;
const TALLER = 1.3;
const MOSTLY_GONE = 0.85;
/** A trailer that comes so near a neighbour's height goes over it. Ours. */
const CLIMBS = 1.4;
/** The last part of the season, in which it matters less. Ours. */
const LATE = 0.85;

/** How much a trim takes off a bully (models: 30–50 %). */
const TRIM_CUT = 0.45;

/** Pairs of plants of which one would, given room and time, run over the other: by their places in the list. A climber goes up. */
function unequal(plants: Reading['plants']): readonly (readonly [strong: number, weak: number])[] {
  return plants.flatMap((a, i) =>
    plants.flatMap((b, j) =>
      i !== j && a.kind.support !== 'climb' && overruns(a.kind, b.kind) ? [[i, j] as const] : [],
    ),
  );
}

/** Which of the unequal pairs are so in a week that the stronger covers half or more of the other, and stands above it. */
function swallowedIn(
  reading: Reading,
  week: number,
  pairs: ReturnType<typeof unequal>,
): readonly (BullyFacts & { readonly by: PlaceId; readonly of: PlaceId })[] {
  const rows = reading.rowsAt(week);
  return pairs.flatMap(([strong, weak]) => {
    const [one, other] = [rows[strong], rows[weak]];
    if (!one || !other) return [];
    const { plant: a, size: sa } = one;
    const { plant: b, size: sb } = other;
    // A trailer runs over what is hardly taller than itself; a bush overtops.
    if (sa.trailCm > 0 ? sb.heightCm > sa.heightCm * CLIMBS : sa.heightCm < sb.heightCm * TALLER)
      return [];
    const discB = { xCm: b.xCm, zCm: b.zCm, radiusCm: sb.spreadCm / 2 };
    const covered =
      overlapCm2({ xCm: a.xCm, zCm: a.zCm, radiusCm: sa.spreadCm / 2 }, discB) /
      (Math.PI * discB.radiusCm ** 2);
    if (covered < COVERED) return [];
    return [
      {
        by: a.id,
        of: b.id,
        bully: a.kind.id,
        victim: b.kind.id,
        weeks: week,
        calendarWeek: weekAfter(reading.planting.plantedWeek, week),
        bullySpreadCm: sa.spreadCm,
        victimHeightCm: sb.heightCm,
        gapCm: Math.hypot(a.xCm - b.xCm, a.zCm - b.zCm),
        covered,
      },
    ];
  });
}

/** Does anything swallow its neighbour before the season ends? */
export const bully: Check<'bully', BullyFacts | null> = {
  id: 'bully',
  weight: 1.6,
  certainty: 'fairly sure',
  source: {
    kind: 'ours',
    reason:
      'Grown discs week by week: one that is far stronger covers half of another and stands above it; trouble when the other is mostly gone.',
  },
  limits: { trouble: 0.4, look: 0.75 },
  judge: (reading) => {
    if (reading.plants.length < 2) return null;
    let first: ReturnType<typeof swallowedIn>[number] | null = null;
    let most = 0;
    const pairs = unequal(reading.plants);
    for (let week = 2; week <= reading.weeks && pairs.length > 0; week += 1) {
      // In whatever order the plants are told, the one that is covered most is spoken of.
      const found = [...swallowedIn(reading, week, pairs)].sort((a, b) => b.covered - a.covered);
      first ??= found[0] ?? null;
      if (found[0] && week <= reading.weeks * LATE) most = Math.max(most, found[0].covered);
    }
    if (!first) return { score: 1, facts: null, culprits: [] };
    const { by, of, ...facts } = first;
    // A look first; trouble when the smaller is mostly gone while there is season left.
    const share = Math.max(most, COVERED);
    return {
      score: Math.max(0.1, 0.72 - (0.35 * (share - COVERED)) / (MOSTLY_GONE - COVERED)),
      facts: { ...facts, covered: Math.max(facts.covered, most) },
      culprits: [by, of],
    };
  },
  fixes: (reading, verdict) => {
    const [bullyId, victimId] = verdict.culprits;
    const a = reading.plants.find((p) => p.id === bullyId);
    const b = reading.plants.find((p) => p.id === victimId);
    if (!a || !b) return [];
    const [dx, dz] = [a.xCm - b.xCm, a.zCm - b.zCm];
    const d = Math.hypot(dx, dz) || 1;
    const weeks = verdict.facts ? Math.max(2, verdict.facts.weeks - 1) : 4;
    return [
      { kind: 'trim', place: a.id, weeks, cut: TRIM_CUT } as const,
      ...[6, 9, 12].map(
        (cm) =>
          ({
            kind: 'move',
            place: a.id,
            xCm: Math.round(a.xCm + (dx / d) * cm),
            zCm: Math.round(a.zCm + (dz / d) * cm),
          }) as const,
      ),
      { kind: 'remove', place: a.id } as const,
    ];
  },
};
