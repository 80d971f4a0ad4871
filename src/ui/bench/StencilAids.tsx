import { useMemo } from 'react';
import type { Reading } from '@/core/checks/reading';
import { frontBearingDeg } from '@/core/spots/front';
import { sunPath } from '@/core/spots/sunPath';
import { dripMarks, sightMarks, sunMarks, supportMarks } from '@/core/stencil/aids';
import type { PlanMark } from '@/core/stencil/planMark';
import { weekAfter } from '@/core/units/units';
import { PlanMarks } from '@/ui/controls/PlanMarks';
import { hourText } from '@/words/looking';
import type { Shown } from './stencilShown';

type At = Parameters<typeof PlanMarks>[0]['at'];

interface AidsProps {
  readonly reading: Reading;
  readonly weeks: number;
  readonly at: At;
  readonly shown: readonly Shown[];
}

/** What lies under the holes: something to climb, and where the sun stands. */
export function AidsBelow({ reading, weeks, at, shown }: AidsProps) {
  const { planting, spot } = reading;
  const week = weekAfter(planting.plantedWeek, weeks);
  const sun = useMemo(
    () => (shown.includes('sun') ? sunPath(spot, week) : null),
    [spot, week, shown],
  );
  const frontDeg = useMemo(() => frontBearingDeg(spot), [spot]);
  const marks: readonly PlanMark[] = [
    ...(planting.support ? supportMarks(planting.support) : []),
    ...(sun ? sunMarks(planting.container, sun, frontDeg, hourText) : []),
  ];
  return <PlanMarks marks={marks} at={at} />;
}

/** What lies over them: lines of sight from `places`, `beyondCm` long, and drip emitters. */
export function AidsAbove({
  reading,
  weeks,
  at,
  shown,
  places,
  eye,
  beyondCm,
}: AidsProps & Parameters<typeof sightMarks>[2]) {
  const marks: readonly PlanMark[] = [
    ...(shown.includes('sight')
      ? sightMarks(reading, reading.sizesAt(weeks), { places, eye, beyondCm })
      : []),
    ...(shown.includes('drip') ? dripMarks(reading.planting.container, reading.plants) : []),
  ];
  return <PlanMarks marks={marks} at={at} />;
}
