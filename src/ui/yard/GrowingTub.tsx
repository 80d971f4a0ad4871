'use client';

import { useEffect, useMemo, useState } from 'react';
import { read } from '@/core/checks/reading';
import { asItStands } from '@/core/log/story';
import { lifeOf } from '@/core/log/life';
import { inSpot } from '@/core/plantings/planting';
import { USUAL_HOUSE } from '@/core/plantings/house';
import { extentOfPlanting, USUAL_PITCH_RAD } from '@/core/seeing/framing';
import { subjectOf } from '@/core/seeing/subject';
import { weekAfter } from '@/core/units/units';
import { rillbankHalt } from '@/demo/rillbankHalt';
import { WeekSlider } from '@/ui/bench/WeekSlider';
import { Button } from '@/ui/controls/Button';
import { PlantingPicture } from '@/ui/controls/PlantingPicture';
import { useWidth } from '@/ui/controls/useWidth';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { weekText } from '@/words/format';
import { keyed } from '@/words/names';

const SHOWN = 'demo-tub-2';
/** A week passes in so many ms: a season in about a quarter of a minute. */
const WEEK_MS = 650;
/** Where it begins, where it stays, and where it stands still when motion is not wanted: weeks after planting. */
const FROM = 1;
const STAYS = 15;

/** Room of the week slider with its flower bars, px. */
const UNDER_PX = 84;
const TALL_PX = { wide: 420, narrow: 330 } as const;
const NARROW_PX = 480;

const isStill = () =>
  typeof window !== 'undefined' && window.matchMedia('(prefers-reduced-motion: reduce)').matches;

/** A tub of the Halt that grows through its season as one watches; the week can be taken in hand. */
export default function GrowingTub() {
  const { kindOf, ready } = useLibrary();
  const [ref, widthPx] = useWidth<HTMLDivElement>();
  const heightPx = widthPx < NARROW_PX ? TALL_PX.narrow : TALL_PX.wide;
  const it = useMemo(() => {
    if (!ready) return null;
    const { plantings, spots } = rillbankHalt();
    const planting = plantings.find(({ id }) => id === SHOWN)!;
    const spot = spots.find(({ id }) => id === planting.spotId)!;
    return inSpot(asItStands(planting, lifeOf([])), spot, kindOf, USUAL_HOUSE);
  }, [ready, kindOf]);
  const [weeks, setWeeks] = useState(() => (isStill() ? STAYS - 3 : FROM));
  const [isGrowing, setGrowing] = useState(() => !isStill());
  useEffect(() => {
    if (!it || !isGrowing) return;
    const timer = setInterval(() => {
      setWeeks((week) => Math.min(STAYS, week + 1));
    }, WEEK_MS);
    return () => clearInterval(timer);
  }, [it, isGrowing]);
  const isOver = weeks >= STAYS;
  const drawn = useMemo(() => {
    if (!it) return null;
    const extent = extentOfPlanting(it);
    return { subject: subjectOf(it), extent, keys: keyed(it), last: read(it).weeks };
  }, [it]);
  const press = () => {
    if (isOver) setWeeks(FROM);
    setGrowing(isOver || !isGrowing);
  };
  if (!it || !drawn || widthPx === 0)
    return (
      <div ref={ref}>
        <div className="mt-11 bg-field" style={{ height: heightPx, marginBottom: UNDER_PX }} />
      </div>
    );
  const { extent, subject, keys, last } = drawn;
  const pxPerCm = Math.min(
    widthPx / (extent.leftCm + extent.rightCm),
    heightPx / (extent.aboveCm + extent.belowCm),
  );
  return (
    <div ref={ref}>
      <div className="flex min-h-11 items-center justify-between gap-3">
        <p className="display text-drawing leading-6">
          {weekText(weekAfter(it.planting.plantedWeek, weeks))}
        </p>
        <Button onClick={press}>
          {isOver ? 'Watch it again' : isGrowing ? 'Stop here' : 'Let it grow'}
        </Button>
      </div>
      <div className="bg-field">
        <PlantingPicture
          subject={subject}
          weeks={weeks}
          lens={{
            azimuthRad: 0.1,
            pitchRad: USUAL_PITCH_RAD.standing,
            pxPerCm,
            originX: widthPx / 2,
            originY: heightPx - extent.belowCm * pxPerCm,
          }}
          widthPx={widthPx}
          heightPx={heightPx}
          label={`A half barrel planted in May, ${weeks} weeks on`}
        />
      </div>
      <WeekSlider
        keys={keys}
        weeks={weeks}
        last={last}
        plantedWeek={it.planting.plantedWeek}
        onWeek={(week) => {
          setGrowing(false);
          setWeeks(week);
        }}
      />
    </div>
  );
}
