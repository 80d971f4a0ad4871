'use client';

import dynamic from 'next/dynamic';
import { useCallback, type ComponentProps, type CSSProperties, type ReactNode } from 'react';
import { bookWeek } from '@/core/spots/spot';
import type { BenchFields } from './benchFields';
import { PlanPart } from './PlanPart';
import { StandBackPart } from './StandBackPart';
import { TurnSlider } from './TurnSlider';
import type { Room } from './useBenchRoom';
import { WeekSlider } from './WeekSlider';

const DrawingChoice = dynamic(() => import('./DrawingChoice'), { ssr: false });

/** Where the drawings, their tools and sliders stand. */
const GRID: Readonly<Record<BenchFields['how'], CSSProperties>> = {
  beside: {
    gridTemplateColumns: '2fr 3fr',
    gridTemplateAreas: '"plan stand" "ptools stools" "turn week" "told season"',
  },
  stacked: {
    gridTemplateColumns: '2fr 3fr',
    gridTemplateAreas: '"stand stand" "plan plan" "ptools stools" "turn week" "told season"',
    rowGap: 6,
  },
  one: {
    gridTemplateColumns: 'minmax(0, 1fr)',
    gridTemplateAreas: '"stand" "plan" "week" "season" "stools" "ptools" "turn" "told"',
  },
};

type Shown = Omit<
  ComponentProps<typeof PlanPart>,
  'field' | 'isAligned' | 'isHidden' | 'isDaylight' | 'closer'
> &
  Omit<ComponentProps<typeof StandBackPart>, 'field' | 'isHidden' | 'onSwipe' | 'closer'>;

/** Both drawings with their tools, and the sliders that turn them and let them grow. */
export function BenchDrawings({
  room,
  onWeeks,
  children,
  ...shown
}: Shown & {
  readonly room: Room;
  readonly onWeeks: (weeks: number) => void;
  /** What belongs to the week: the season under its slider. */
  readonly children: ReactNode;
}) {
  const { ground, how, isOne, isKnown, plan, stand, side, setSide, closer } = room;
  const { reading, keys, weeks, looking } = shown;
  const { planting, spot } = reading;
  const toPlan = useCallback(() => setSide('plan'), [setSide]);
  return (
    <>
      {isOne && (
        <div className="min-h-12 pb-1">
          <DrawingChoice side={side} onSide={setSide} />
        </div>
      )}
      <div ref={ground} className="grid gap-x-4 gap-y-1.5" style={GRID[how]}>
        {isKnown && (
          <>
            <PlanPart
              {...shown}
              field={plan}
              closer={closer.closer}
              isAligned={how === 'stacked'}
              isHidden={isOne && side !== 'plan'}
              isDaylight={looking.isDaylight}
            />
            <StandBackPart
              {...shown}
              field={stand}
              closer={closer}
              isHidden={isOne && side !== 'stand'}
              onSwipe={isOne ? toPlan : null}
            />
            <div className="[grid-area:turn]">
              <TurnSlider turnDeg={Math.round(looking.turnDeg)} onTurn={looking.turn} />
            </div>
            {/* On a phone it stays at the thumb as long as the drawings are in sight. */}
            <div className="[grid-area:week] max-sm:sticky max-sm:bottom-14 max-sm:z-20 max-sm:-mx-4 max-sm:bg-zinc max-sm:px-4">
              <WeekSlider
                keys={keys}
                weeks={weeks}
                last={reading.weeks}
                plantedWeek={planting.plantedWeek}
                bookPlantedWeek={bookWeek(planting.plantedWeek, spot)}
                onWeek={onWeeks}
              />
            </div>
            {children}
          </>
        )}
      </div>
    </>
  );
}
