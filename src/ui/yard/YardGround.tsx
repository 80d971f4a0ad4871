import { memo, startTransition, useEffect, useReducer, useRef, type ReactNode } from 'react';
import { PlantingPicture } from '@/ui/controls/PlantingPicture';
import { StillPicture } from '@/ui/controls/StillPicture';
import { useSeen } from '@/ui/controls/useSeen';
import type { Due } from './dueMark';
import { SpotStrip } from './SpotStrip';
import type { Sight } from './useYardSight';
import type { Slot, Strip, YardLayout } from './yardLayout';

/** Height of a strip's name, and of what stands under it, before they are laid out, px. */
const ROUND_IT_PX = 78;

/** So many lines are made at once. */
const AT_ONCE = 12;

const NOTHING_DUE = {};

/** The strips, line by line. */
export const YardGround = memo(function YardGround({
  layout,
  unit,
  due,
  before,
  onShown,
}: {
  readonly layout: Pick<YardLayout, 'lines' | 'pxPerCm'> & Partial<Pick<YardLayout, 'pictures'>>;
  readonly unit: 'cm' | 'in';
  /** What is due, by planting; `null` until it is reckoned. */
  readonly due: ReadonlyMap<string, readonly Due[]> | null;
  /** As it was last seen: shown until the pictures of now have been made. */
  readonly before: Sight | null;
  readonly onShown?: () => void;
}) {
  const pictureIn = ({ heightPx }: Strip, { id, name, pictureWidthPx }: Slot) => {
    const earlier = before?.pictures.get(id) ?? null;
    const picture = layout.pictures?.get(id);
    return picture ? (
      <PlantingPicture
        still
        whenSeen
        {...picture}
        before={earlier}
        label={name}
        {...(onShown ? { onShown } : {})}
      />
    ) : (
      <StillPicture bitmap={earlier} widthPx={pictureWidthPx} heightPx={heightPx} label={name} />
    );
  };
  return layout.lines.map((line, i) => (
    <Line key={keyOf(line[0]!)} line={line} isAwaited={i >= AT_ONCE}>
      {line.map((strip) => (
        <SpotStrip
          key={keyOf(strip)}
          strip={strip}
          pxPerCm={layout.pxPerCm}
          unit={unit}
          due={due}
          dueBefore={before?.told.due ?? NOTHING_DUE}
          picture={(slot) => pictureIn(strip, slot)}
        />
      ))}
    </Line>
  ));
});

/** Strips side by side; names, fields and what stands under them begin level. Far out of sight only its room is kept. */
function Line({
  line,
  isAwaited,
  children,
}: {
  readonly line: readonly Strip[];
  /** Is it made only when it is about to be seen? */
  readonly isAwaited: boolean;
  readonly children: ReactNode;
}) {
  const box = useRef<HTMLDivElement>(null);
  const isSeen = useSeen(box, isAwaited);
  // Made in the time that scrolling leaves, and then kept.
  const [isMade, make] = useReducer(() => true, !isAwaited);
  useEffect(() => {
    if (isSeen) startTransition(make);
  }, [isSeen]);
  return (
    <div
      ref={box}
      className="grid grid-rows-[auto_auto_1fr] gap-x-4 pb-2 [contain-intrinsic-height:auto_400px] [content-visibility:auto]"
      style={{
        gridTemplateColumns: line.map(({ widthPx }) => `${widthPx}px`).join(' '),
        minHeight: isMade ? undefined : line[0]!.heightPx + ROUND_IT_PX,
      }}
    >
      {isMade && children}
    </div>
  );
}

const keyOf = ({ spotId, slots }: Strip): string => `${spotId} ${slots[0]!.id}`;
