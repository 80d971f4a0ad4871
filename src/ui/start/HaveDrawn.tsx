'use client';

import type { Container } from '@/core/containers/container';
import { containerExtent, ContainerPicture } from '@/ui/shelf/ContainerPicture';
import { usualHave } from './containerOf';
import type { Have } from './haves';

/** A container drawn as large as its frame allows: to be known by its shape. */
export default function HaveDrawn({
  have,
  container = usualHave(have),
  widthPx,
  heightPx,
}: {
  readonly have: Have;
  /** One that is there, in the place of a common one. */
  readonly container?: Container;
  readonly widthPx: number;
  readonly heightPx: number;
}) {
  const { halfCm, heightCm } = containerExtent(container);
  return (
    <ContainerPicture
      container={container}
      pxPerCm={Math.min((widthPx - 6) / (2 * halfCm), (heightPx - 8) / heightCm)}
      widthPx={widthPx}
      heightPx={heightPx}
      footPx={5}
    />
  );
}
