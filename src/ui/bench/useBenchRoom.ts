'use client';

import { useState } from 'react';
import { isLong, type Container } from '@/core/containers/container';
import { useWidth } from '@/ui/controls/useWidth';
import { useWindowSize } from '@/ui/controls/useWindowSize';
import { benchFields } from './benchFields';
import type { Side } from './DrawingChoice';
import type { LookingHere } from './useLooking';

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
  return { ...fields, ground, isKnown: width > 0, isOne: fields.how === 'one', side, setSide };
}

export type Room = ReturnType<typeof useBenchRoom>;
