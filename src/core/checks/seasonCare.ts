import { seasonShare } from '../growth/growth';
import { bookWeek } from '../spots/spot';
import { weekAfter } from '../units/units';
import { dailyDemandL } from '../water/demand';
import { readilyAvailableL } from '../water/storage';
import { coverAt, type Reading } from './reading';

/** What a planting asks of its gardener in one week after planting, in typical weather. */
export interface WeekOfCare {
  /** Litres a day. */
  readonly thirstL: number;
  /** Waterings in the week: at least one while it grows. */
  readonly waterings: number;
  readonly minutes: number;
}

/** Minutes: for a walk to one container with a can, and for each litre poured; for a plant to be deadheaded, pinched or trimmed; for a feed. Ours, from doing it. */
const MINUTES = { walk: 1, litre: 0.15, deadhead: 0.7, pinch: 0.4, trim: 3, feed: 1 } as const;
/** Weeks after planting in which tips are pinched, and from which liquid feed is given (models: 4–6 weeks). */
const PINCHED_UNTIL = 5;
const FED_FROM = 6;
/** More than three waterings a day is no longer care but the wrong place. */
const MOST_A_WEEK = 21;

/** Thirst and minutes of care, week by week from planting. A reservoir or a drip line saves the walks, not the water. */
export function seasonCare(reading: Reading): readonly WeekOfCare[] {
  const { planting, all: plants, spot, weeks } = reading;
  const available = readilyAvailableL(planting.container) + spot.waters.reservoirL;
  return Array.from({ length: weeks + 1 }, (_, at): WeekOfCare => {
    const week = weekAfter(planting.plantedWeek, at);
    const sizes = reading.allSizesAt(at);
    const thirstL = dailyDemandL({
      container: planting.container,
      spot,
      plants,
      sizes,
      week,
      canopy: { areaM2: canopyM2(reading, at), bareShare: 1 - coverAt(reading, at) },
    });
    const waterings = Math.min(MOST_A_WEEK, Math.max(1, (thirstL * 7) / Math.max(0.05, available)));
    const book = bookWeek(week, spot);
    let minutes =
      spot.waters.by === 'drip'
        ? MINUTES.walk
        : waterings * MINUTES.walk + thirstL * 7 * MINUTES.litre;
    for (const { kind } of plants) {
      if (kind.bloom?.deadhead && seasonShare(kind.bloom.weeks, book) > 0)
        minutes += MINUTES.deadhead;
      if (kind.bloom?.pinch && at > 0 && at <= PINCHED_UNTIL) minutes += MINUTES.pinch;
    }
    minutes += planting.care.trims.filter((trim) => trim.weeks === at).length * MINUTES.trim;
    if (
      at >= FED_FROM &&
      planting.care.feeding !== 'none' &&
      plants.some(({ kind }) => kind.feed === 'medium' || kind.feed === 'heavy')
    )
      minutes += MINUTES.feed;
    return { thirstL, waterings, minutes };
  });
}

/** Leaves seen from above, all plants together without what overlaps, m². */
export function canopyM2(
  { all, allSizesAt }: Pick<Reading, 'all' | 'allSizesAt'>,
  at: number,
): number {
  const discs = allSizesAt(at).map(({ spreadCm }, i) => ({
    x: all[i]!.xCm,
    z: all[i]!.zCm,
    r: spreadCm / 2,
  }));
  const near = Math.min(...discs.map(({ z, r }) => z - r));
  const far = Math.max(...discs.map(({ z, r }) => z + r));
  if (discs.length === 0 || far <= near) return 0;
  const row = (far - near) / ROWS;
  let lengthCm = 0;
  for (let i = 0; i < ROWS; i += 1) lengthCm += coveredAlong(discs, near + (i + 0.5) * row);
  return (lengthCm * row) / 10_000;
}

/** Rows that leaves are cut into from back to front; along each their length is exact. */
const ROWS = 40;

/** Length of a line across discs that lies within any of them. */
function coveredAlong(
  discs: readonly { readonly x: number; readonly z: number; readonly r: number }[],
  z: number,
): number {
  const spans: (readonly [from: number, to: number])[] = [];
  for (const disc of discs) {
    const half2 = disc.r ** 2 - (disc.z - z) ** 2;
    if (half2 <= 0) continue;
    const half = Math.sqrt(half2);
    spans.push([disc.x - half, disc.x + half]);
  }
  spans.sort((a, b) => a[0] - b[0]);
  let [length, end] = [0, -Infinity];
  for (const [from, to] of spans) {
    if (to <= end) continue;
    length += to - Math.max(from, end);
    end = to;
  }
  return length;
}
