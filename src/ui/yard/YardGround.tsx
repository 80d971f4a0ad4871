import { memo, startTransition, useEffect, useReducer, useRef, type ReactNode } from 'react';
import { PlantingPicture } from '@/ui/controls/PlantingPicture';
import { StillPicture } from '@/ui/controls/StillPicture';
import { useSeen } from '@/ui/controls/useSeen';
import { whenStill } from '@/ui/session/scrolling';
import type { Due } from './dueMark';
import { SpotStrip } from './SpotStrip';
import type { Sight } from './useYardSight';
import type { Slot, Strip, YardLayout } from './yardLayout';

/** Height of a strip's name, and of what stands under it, before they are laid out, px. */
const ROUND_IT_PX = 78;

/** Lines of a stretch; those of the first are made at once. */
const STRETCH = 12;

/** The lines of a stretch that begins so far outside the window are made while the page rests, px: a few turns of the wheel. */
const NEAR_PX = 2000;
/** Time between two lines that are made beforehand, ms: the page goes on in between. */
const TURN_MS = 40;

/** Whose turn comes after all that were asked for before. */
let turn: Promise<unknown> = Promise.resolve();

/** Makes a line beforehand, one after the other, never while the page scrolls. @returns gives it up */
function inTurn(make: () => void): () => void {
  let isWanted = true;
  turn = turn.then(async () => {
    if (!isWanted) return;
    await whenStill();
    if (isWanted) make();
    await new Promise((resolve) => setTimeout(resolve, TURN_MS));
  });
  return () => void (isWanted = false);
}

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
  return stretchesOf(layout.lines).map((stretch, n) => (
    <Stretch key={keyOf(stretch[0]![0]!)} lines={stretch} isAwaited={n > 0}>
      {(isNear) =>
        stretch.map((line) => (
          <Line key={keyOf(line[0]!)} line={line} isAwaited={n > 0} isNear={isNear}>
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
        ))
      }
    </Stretch>
  ));
});

/** Lines in stretches: of a yard of hundreds of lines the browser asks of some twenty stretches, not of each line, whether it is in sight. */
function stretchesOf(lines: YardLayout['lines']): readonly YardLayout['lines'][] {
  return Array.from({ length: Math.ceil(lines.length / STRETCH) }, (_, n) =>
    lines.slice(n * STRETCH, (n + 1) * STRETCH),
  );
}

/** A line's height before it is laid out, px. */
const roomPx = (line: readonly Strip[]): number => line[0]!.heightPx + ROUND_IT_PX;

/** Some lines; far out of sight only their room is kept. */
function Stretch({
  lines,
  isAwaited,
  children,
}: {
  readonly lines: YardLayout['lines'];
  readonly isAwaited: boolean;
  /** Told whether it comes near, so that its lines can be made beforehand. */
  readonly children: (isNear: boolean) => ReactNode;
}) {
  const box = useRef<HTMLDivElement>(null);
  const isNear = useSeen(box, isAwaited, NEAR_PX);
  return (
    <div
      ref={box}
      className="[content-visibility:auto]"
      style={{
        containIntrinsicHeight: `auto ${lines.reduce((px, line) => px + roomPx(line), 0)}px`,
      }}
    >
      {children(isNear)}
    </div>
  );
}

/** Strips side by side; names, fields and what stands under them begin level. Far out of sight only its room is kept. */
function Line({
  line,
  isAwaited,
  isNear,
  children,
}: {
  readonly line: readonly Strip[];
  /** Is it made only when it is about to be seen? */
  readonly isAwaited: boolean;
  readonly isNear: boolean;
  readonly children: ReactNode;
}) {
  const box = useRef<HTMLDivElement>(null);
  const isSeen = useSeen(box, isAwaited);
  // Made beforehand while the page rests, or in the time that scrolling leaves, and then kept.
  const [isMade, make] = useReducer(() => true, !isAwaited);
  useEffect(() => {
    if (isSeen) startTransition(make);
    else if (isNear) return inTurn(() => startTransition(make));
  }, [isSeen, isNear]);
  return (
    <div
      ref={box}
      className="grid grid-rows-[auto_auto_1fr] gap-x-4 pb-2 [contain-intrinsic-height:auto_400px] [content-visibility:auto]"
      style={{
        gridTemplateColumns: line.map(({ widthPx }) => `${widthPx}px`).join(' '),
        minHeight: isMade ? undefined : roomPx(line),
      }}
    >
      {isMade && children}
    </div>
  );
}

const keyOf = ({ spotId, slots }: Strip): string => `${spotId} ${slots[0]!.id}`;
