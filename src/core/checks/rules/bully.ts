import { overlapCm2 } from '../../geometry/discs';
import { overruns } from '../../suitability/vigour';
import { weekAfter } from '../../units/units';
import type { Check } from '../check';

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

/** Covered share and height ratio at which the smaller is overtopped (models: ≥ 50 % covered by one ≥ 1.3 × as tall). */
const COVERED = 0.5;
const TALLER = 1.3;

/** How much a trim takes off a bully (models: 30–50 %). */
const TRIM_CUT = 0.45;

/** Does anything swallow its neighbour before the season ends? */
export const bully: Check<'bully', BullyFacts | null> = {
  id: 'bully',
  weight: 1.6,
  certainty: 'fairly sure',
  source: {
    kind: 'ours',
    reason:
      'Grown discs overlapping by half while one stands 1.3 times as tall or runs far stronger.',
  },
  limits: { trouble: 0.4, look: 0.75 },
  judge: (reading) => {
    if (reading.plants.length < 2) return null;
    let first: BullyFacts | null = null;
    const culprits: string[] = [];
    for (let week = 2; week <= reading.weeks && !first; week += 1) {
      const rows = reading.rowsAt(week);
      rows.forEach(({ plant: a, size: sa }) => {
        rows.forEach(({ plant: b, size: sb }) => {
          if (first || a === b || !overruns(a.kind, b.kind)) return;
          const trails = sa.trailCm > 0;
          // A trailer overruns what is low and lies between it and the rim; a bush overtops.
          if (trails ? sb.heightCm > sa.heightCm * 1.5 : sa.heightCm < sb.heightCm * TALLER) return;
          const discB = { xCm: b.xCm, zCm: b.zCm, radiusCm: sb.spreadCm / 2 };
          const covered =
            overlapCm2({ xCm: a.xCm, zCm: a.zCm, radiusCm: sa.spreadCm / 2 }, discB) /
            (Math.PI * discB.radiusCm ** 2);
          if (covered < COVERED) return;
          culprits.push(a.id, b.id);
          first = {
            bully: a.kind.id,
            victim: b.kind.id,
            weeks: week,
            calendarWeek: weekAfter(reading.planting.plantedWeek, week),
            bullySpreadCm: sa.spreadCm,
            victimHeightCm: sb.heightCm,
            gapCm: Math.hypot(a.xCm - b.xCm, a.zCm - b.zCm),
            covered,
          };
        });
      });
    }
    const found = first as BullyFacts | null;
    return {
      score: found ? Math.min(0.7, (found.weeks / reading.weeks) * 0.6) : 1,
      facts: found,
      culprits,
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
