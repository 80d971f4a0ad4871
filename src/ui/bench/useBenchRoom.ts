'use client';

import { useMemo, useState } from 'react';
import { isLong, type Container } from '@/core/containers/container';
import { useWidth } from '@/ui/controls/useWidth';
import { useWindowSize } from '@/ui/controls/useWindowSize';
import { benchFields } from './benchFields';
import type { Side } from './DrawingChoice';
import { useCloser } from './useCloser';
import type { LookingHere } from './useLooking';

/** As low as a phone that lies, px: see `lying` in globals.css. */
const LOW_PX = 500;

/** The room that the drawings have in this window, and which is looked at where there is room for one. */
export function useBenchRoom(container: Container, { extent, span }: LookingHere) {
  const [ground, width] = useWidth<HTMLDivElement>();
  const { width: windowWidth, height: windowHeight } = useWindowSize();
  const [side, setSide] = useState<Side>('stand');
  const fields = benchFields({
    room: { windowWidth, windowHeight, width },
    isLong: isLong(container),
    extent,
    span,
  });
  const reach = useMemo(
    () => ({
      acrossCm: Math.max((extent.leftCm + extent.rightCm) / 2, extent.planAcrossCm),
      upCm: span.aboveCm + span.belowCm,
      deepCm: extent.planDepthCm,
    }),
    [extent, span],
  );
  const closer = useCloser(reach);
  return {
    ...fields,
    ground,
    closer,
    isKnown: width > 0,
    isOne: fields.how === 'one',
    /** Is the window so low that the drawings take all of it? */
    isLow: windowHeight > 0 && windowHeight <= LOW_PX,
    side,
    setSide,
  };
}

export type Room = ReturnType<typeof useBenchRoom>;
