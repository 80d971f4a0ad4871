import dynamic from 'next/dynamic';
import type { Planting } from '@/core/plantings/planting';
import type { Subject } from '@/core/seeing/subject';
import { RAD_PER_DEG, weekAfter } from '@/core/units/units';
import { weekText, type Units } from '@/words/format';
import type { LookingHere } from './useLooking';

const ViewsStrip = dynamic(() => import('./ViewsStrip'), { ssr: false });

/** Weeks shown side by side. */
const STRIP_WEEKS = [0, 6, 12, 20];
/** Turns at which a passer-by is stopped when nothing may move, degrees: from a step before to a step past. */
const WALK_DEG = [-55, -30, 0, 30, 55];

interface StripsProps {
  readonly strip: 'weeks' | 'walk' | null;
  readonly looking: LookingHere;
  readonly subject: Subject;
  readonly planting: Planting;
  readonly weeks: number;
  /** Weeks to the end of the season. */
  readonly last: number;
  readonly unit: Units['length'];
}

/** Several views in a row: week by week, or as one walks past. */
export function BenchStrips({ strip, looking, subject, planting, weeks, last, unit }: StripsProps) {
  if (strip === null) return null;
  const { extent, span, pitchRad, scenery, azimuthRad } = looking;
  const room = {
    acrossCm: extent.leftCm + extent.rightCm,
    aboveCm: span.aboveCm,
    belowCm: span.belowCm,
  };
  const shared = { subject, pitchRad, scenery, room, unit };
  if (strip === 'walk')
    return (
      <ViewsStrip
        label="Walking past"
        {...shared}
        views={WALK_DEG.map((deg) => passing(deg, weeks))}
      />
    );
  const shown = STRIP_WEEKS.filter((week) => week <= last);
  return (
    <ViewsStrip
      label="Week by week"
      {...shared}
      views={shown.map((week) => ({
        key: String(week),
        title: `Week ${week}`,
        about: weekText(weekAfter(planting.plantedWeek, week)),
        weeks: week,
        azimuthRad,
      }))}
    />
  );
}

/** The view of one who passes, so many degrees before (negative) or past it. */
function passing(deg: number, weeks: number) {
  const [title, side] =
    deg === 0 ? ['Before it', ''] : deg < 0 ? ['Coming', 'left'] : ['Going', 'right'];
  return {
    key: String(deg),
    title: title!,
    about: `${Math.abs(deg)}° ${side}`,
    weeks,
    azimuthRad: deg * RAD_PER_DEG,
  };
}
