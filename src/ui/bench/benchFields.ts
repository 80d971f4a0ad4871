import type { Extent } from '@/core/seeing/framing';

/** The window and the room for the drawings in it, px. */
export interface BenchRoom {
  readonly windowWidth: number;
  readonly windowHeight: number;
  /** Width of the ground they stand on. */
  readonly width: number;
}

/** A field that a drawing stands on: its size, px, and its scale, px a cm. */
export interface Field {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly pxPerCm: number;
}

/**
 * How the two drawings stand: side by side; a long container's front over its plan, aligned; one at a time, where the window is narrow.
 * Those that are seen together share one scale.
 */
export interface BenchFields {
  readonly how: 'beside' | 'stacked' | 'one';
  readonly plan: Field;
  readonly stand: Field;
}

interface Asked {
  readonly room: BenchRoom;
  /** Is the container longer than deep? */
  readonly isLong: boolean;
  readonly extent: Pick<Extent, 'leftCm' | 'rightCm' | 'planAcrossCm' | 'planDepthCm'>;
  readonly span: { readonly aboveCm: number; readonly belowCm: number };
}

/** The drawings take this much of the window; two that stand over each other more, or neither would be larger than beside. */
const SHARE = { usual: 0.62, stacked: 0.74 } as const;
/** Less than this a drawing is not worked on, px. */
const LEAST_PX = 240;
export const GAP_PX = 16;
/** Narrower than this the drawings are seen one at a time, px. */
const ONE_PX = 600;
/** Of the width, where they stand side by side: the plan is as wide as deep, the view as wide as high. */
const PLAN_SHARE = 0.4;
/** Rulers and what stands over the drawings, px. */
const RULER_PX = 28;
const SIDE_RULER_PX = 40;
const WORDS_PX = 90;
/** The bar of rooms and the name above two drawings that stand over each other, their tools and the week below, px. */
const AROUND_PX = 225;
/** Room about a plan beneath its front: the sides are named above and below it, px. */
const SIDES_PX = 60;

/** Lays both drawings out. Scales are 0 while the room is not known. */
export function benchFields(asked: Asked): BenchFields {
  const { room, isLong } = asked;
  if (room.width < ONE_PX) return one(asked);
  return isLong ? stacked(asked) : beside(asked);
}

/** Height of a field of so much width that takes its share of the window, px. */
function heightFor(
  { windowWidth, windowHeight }: BenchRoom,
  widthPx: number,
  share: number = SHARE.usual,
): number {
  return Math.max(LEAST_PX, Math.ceil((share * windowWidth * windowHeight) / Math.max(1, widthPx)));
}

function beside({ room, extent, span }: Asked): BenchFields {
  const used = room.width - GAP_PX;
  const heightPx = heightFor(room, used);
  const planWidth = Math.floor(used * PLAN_SHARE);
  const standWidth = used - planWidth;
  const pxPerCm = Math.min(
    (standWidth - SIDE_RULER_PX) / (extent.leftCm + extent.rightCm),
    (heightPx - RULER_PX) / (span.aboveCm + span.belowCm),
    (planWidth - 8) / (extent.planAcrossCm * 2),
    (heightPx - WORDS_PX) / (extent.planDepthCm * 2),
  );
  return {
    how: 'beside',
    plan: { widthPx: planWidth, heightPx, pxPerCm },
    stand: { widthPx: standWidth, heightPx, pxPerCm },
  };
}

function stacked({ room, extent, span }: Asked): BenchFields {
  const heightPx = stackedHeight(room);
  const across = Math.max(extent.leftCm + extent.rightCm, extent.planAcrossCm * 2);
  const high = span.aboveCm + span.belowCm;
  const deep = extent.planDepthCm * 2;
  const pxPerCm = Math.max(
    0,
    Math.min(
      (room.width - SIDE_RULER_PX) / across,
      (heightPx - RULER_PX - SIDES_PX - RULER_PX) / (high + deep),
    ),
  );
  const planHeight = Math.ceil(deep * pxPerCm + SIDES_PX + RULER_PX);
  return {
    how: 'stacked',
    plan: { widthPx: room.width, heightPx: planHeight, pxPerCm },
    stand: { widthPx: room.width, heightPx: heightPx - planHeight, pxPerCm },
  };
}

/** As high as leaves room for the week under them, but never less than their share of the window, nor more than that of two. */
function stackedHeight(room: BenchRoom): number {
  const [least, most] = [heightFor(room, room.width), heightFor(room, room.width, SHARE.stacked)];
  return Math.min(most, Math.max(least, room.windowHeight - AROUND_PX));
}

function one({ room, extent, span }: Asked): BenchFields {
  const heightPx = heightFor(room, room.width);
  return {
    how: 'one',
    plan: {
      widthPx: room.width,
      heightPx,
      pxPerCm: Math.min(
        (room.width - 8) / (extent.planAcrossCm * 2),
        (heightPx - WORDS_PX) / (extent.planDepthCm * 2),
      ),
    },
    stand: {
      widthPx: room.width,
      heightPx,
      pxPerCm: Math.min(
        (room.width - SIDE_RULER_PX) / (extent.leftCm + extent.rightCm),
        (heightPx - RULER_PX) / (span.aboveCm + span.belowCm),
      ),
    },
  };
}
