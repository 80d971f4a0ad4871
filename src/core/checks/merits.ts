import { commonGround, keepsCompany } from '../suitability/company';
import { easeInLight } from '../suitability/light';
import { easeInSummer, standingOf } from '../suitability/standing';
import { ofTheSeason } from '../suitability/season';
import { madeOf, readScheme } from '../colour/schemes';
import { familiarity } from '../plants/familiar';
import { leafContrast } from '../plants/leaves';
import type { PlantKind } from '../plants/kind';
import { briefOf } from '../plantings/brief';
import { coloursSeen, schemeOf } from './coloursSeen';
import { interestAt } from './interestAt';
import { PLAIN_MERITS } from './plainMerits';
import type { Reading } from './reading';

/** What lifts one planting above another where neither has a fault. Each is a measure of its own, the more the better. */
export const MERIT_IDS = [
  'leaves',
  'colour',
  'show',
  'soon',
  'company',
  'ease',
  'known',
  'season',
] as const;
export type MeritId = (typeof MERIT_IDS)[number];

const KNOWN = { staple: 1, known: 0.6, seldom: 0 } as const;
/** Leaves that differ so much hold a planting together; more is no better. Ours. */
const LEAVES_ENOUGH = 0.6;
/** Weeks after planting in which something should be worth seeing. */
const SOON_WEEKS = [0, 3] as const;

/** How much of each merit a planting has, in its own measure, 0–1. */
export function meritsOf(reading: Reading): Readonly<Record<MeritId, number>> {
  const { plants, weeks } = reading;
  const kinds = [...new Map(plants.map(({ kind }) => [kind.id, kind])).values()];
  const { areaCm2 } = reading.seenAt(reading.grownWeek);
  const seen = areaCm2.reduce((sum, one) => sum + one, 0);
  const byArea = (worth: (kind: PlantKind) => number) =>
    seen > 0 ? plants.reduce((sum, { kind }, i) => sum + worth(kind) * areaCm2[i]!, 0) / seen : 0;
  const stay = briefOf(reading);
  const scheme = readScheme(coloursSeen(reading), schemeOf(reading));
  return {
    leaves: Math.min(LEAVES_ENOUGH, pairsMean(kinds, leafContrast)),
    colour: Math.max(0, madeOf(scheme)) * (0.4 + 0.6 * Math.min(1, scheme.carried / 0.5)),
    show: mean([0.25, 0.5, 0.75].map((share) => interestAt(reading, Math.round(weeks * share)))),
    soon: mean(SOON_WEEKS.map((week) => interestAt(reading, Math.min(weeks, week)))),
    company: 0.5 * commonGround(kinds).worth + 0.5 * pairsMean(kinds, keepsCompany),
    ease: byArea((kind) =>
      Math.min(easeInLight(kind, reading.spot), easeInSummer(standingOf(kind, stay))),
    ),
    season: byArea((kind) => ofTheSeason(kind, stay)),
    known: mean(kinds.map((kind) => KNOWN[familiarity(kind)])),
  };
}

const mean = (list: readonly number[]): number =>
  list.length > 0 ? list.reduce((sum, one) => sum + one, 0) / list.length : 1;

/** The mean of a measure of two over all pairs; that of one alone is middling. */
function pairsMean(
  kinds: readonly PlantKind[],
  of: (a: PlantKind, b: PlantKind) => number,
): number {
  if (kinds.length < 2) return 0.5;
  return mean(kinds.flatMap((a, i) => kinds.slice(0, i).map((b) => of(a, b))));
}

/** Shares of plain plantings at the marks of the table. */
const MARKS = [0.05, 0.25, 0.5, 0.75, 0.95] as const;

/**
 * How a planting stands in its merits among plain ones: the mean of its places, 0 below nearly all of them, 1 above. What is as good
 * as it can be stands at 1, however many others are.
 */
export function meritOf(reading: Reading): number {
  const merits = meritsOf(reading);
  return mean(MERIT_IDS.map((id) => placeAmong(PLAIN_MERITS[id], merits[id])));
}

function placeAmong(marks: (typeof PLAIN_MERITS)[MeritId], measure: number): number {
  const above = marks.findIndex((mark) => measure < mark - 1e-9);
  if (above < 0) return 1;
  if (above === 0) return (MARKS[0] * measure) / Math.max(1e-9, marks[0]);
  const [low, high] = [marks[above - 1]!, marks[above]!];
  const share = (measure - low) / Math.max(1e-9, high - low);
  return MARKS[above - 1]! + (MARKS[above]! - MARKS[above - 1]!) * share;
}
