'use client';

import { useEffect, useMemo, useState } from 'react';
import { addDays, dayIn } from '@/core/calendar/day';
import { read } from '@/core/checks/reading';
import { framesOf, shotsOf, stillsOf, type Frame } from '@/core/diary/pictures';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { Button } from '@/ui/controls/Button';
import { Range } from '@/ui/controls/Range';
import { useWidth } from '@/ui/controls/useWidth';
import { useClock } from '@/ui/session/useClock';
import type { Planted } from '@/ui/session/usePlanted';
import { ProposalPicture } from '@/ui/start/ProposalPicture';
import { dayText } from '@/words/life';
import { PhotoImage } from './PhotoImage';

/** A week is shown for so long while it plays, ms. */
const FRAME_MS = 700;
const TALL_PX = 260;
/** Stills in the place of playing, where motion is not wanted. */
const STILLS = 8;
const STILL_PX = 120;

/** A season in pictures, week by week: photographed where it was, drawn as expected where not. Played, or where motion is not wanted as a strip. */
export function SeasonFrames({
  it,
  planted,
}: {
  readonly it: PlantingInSpot;
  readonly planted: Planted;
}) {
  const clock = useClock();
  const [ref, width] = useWidth<HTMLDivElement>();
  const { id } = it.planting;
  const { plantedOn, overOn } = planted.lifeOf(id);
  const today = dayIn(it.spot.site.timeZone, clock.now());
  const frames = useMemo(() => {
    if (plantedOn === null) return [];
    const last = overOn ?? addDays(plantedOn, 7 * read(it).weeks);
    const until = last < today ? last : today;
    return framesOf(shotsOf(planted.log).get(id) ?? [], { plantedOn, until });
  }, [it, id, plantedOn, overOn, today, planted.log]);
  const [at, setAt] = useState<number | null>(null);
  const [isPlaying, setPlaying] = useState(false);
  const last = frames.length - 1;
  const shown = Math.min(at ?? last, last);
  useEffect(() => {
    if (!isPlaying) return;
    const timer = setTimeout(() => {
      if (shown >= last - 1) setPlaying(false);
      setAt(Math.min(shown + 1, last));
    }, FRAME_MS);
    return () => clearTimeout(timer);
  }, [isPlaying, shown, last]);
  const [isStill, setStill] = useState(false);
  const frame = frames[shown];
  if (!frame || frames.length < 2) return null;
  const play = () => {
    if (isPlaying) return setPlaying(false);
    if (window.matchMedia('(prefers-reduced-motion: reduce)').matches) return setStill(!isStill);
    if (shown >= last) setAt(0);
    setPlaying(true);
  };
  const widthPx = Math.min(width, 420);
  return (
    <section aria-label="The season in pictures" className="pt-4">
      <h3 className="text-small font-semibold">The season in pictures</h3>
      <div ref={ref}>
        {width > 0 && (
          <div className="mt-1 bg-field" style={{ width: widthPx }}>
            <FrameImage frame={frame} it={it} widthPx={widthPx} heightPx={TALL_PX} />
          </div>
        )}
      </div>
      <div className="flex flex-wrap items-center gap-3 pt-1.5">
        <Button onClick={play}>{isPlaying ? 'Stop' : isStill ? 'Close the strip' : 'Play'}</Button>
        <Range
          className="max-w-72 flex-1"
          aria-label="Week of the season"
          min={0}
          max={last}
          value={frame.weeks}
          aria-valuetext={saidOf(frame)}
          onValue={(week) => {
            setPlaying(false);
            setAt(week);
          }}
        />
        <span className="text-small text-ink2" data-frame={frame.weeks}>
          {saidOf(frame)}
        </span>
      </div>
      {isStill && (
        <ol aria-label="Week by week" className="flex gap-2 overflow-x-auto pt-2">
          {stillsOf(frames, STILLS).map((one) => (
            <li key={one.weeks} style={{ width: STILL_PX }} className="shrink-0 bg-field">
              <FrameImage frame={one} it={it} widthPx={STILL_PX} heightPx={STILL_PX} />
              <span className="block bg-paper px-1.5 text-note text-ink2">{saidOf(one)}</span>
            </li>
          ))}
        </ol>
      )}
    </section>
  );
}

const saidOf = ({ day, shot }: Frame): string =>
  `${dayText(day)}, ${shot ? 'photographed' : 'as expected'}`;

function FrameImage({
  frame: { shot, weeks },
  it,
  widthPx,
  heightPx,
}: {
  readonly frame: Frame;
  readonly it: PlantingInSpot;
  readonly widthPx: number;
  readonly heightPx: number;
}) {
  return shot ? (
    <PhotoImage
      id={shot.photoId}
      label={`${it.planting.name}, photographed`}
      widthPx={widthPx}
      heightPx={heightPx}
    />
  ) : (
    <ProposalPicture it={it} widthPx={widthPx} heightPx={heightPx} weeks={weeks} />
  );
}
