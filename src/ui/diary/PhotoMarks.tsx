'use client';

import { useRef, type PointerEvent } from 'react';
import type { PhotoPoint } from '@/core/diary/measurePhoto';
import { Button } from '@/ui/controls/Button';

/** How far an arrow key goes, share of the picture. */
const STEP = 0.004;

/** A mark on a photograph, in shares of it. */
export interface PhotoMark {
  readonly key: string;
  readonly name: string;
  readonly at: PhotoPoint;
}

/** Marks on a photograph, dragged or moved by arrow keys, and a line through some of them. */
export function PhotoMarks({
  marks,
  line,
  isClosed = false,
  onMove,
}: {
  readonly marks: readonly PhotoMark[];
  /** Keys of the marks that the line goes through. */
  readonly line: readonly string[];
  readonly isClosed?: boolean;
  readonly onMove: (key: string, to: PhotoPoint) => void;
}) {
  const dragged = useRef<string | null>(null);
  const within = (share: number) => Math.max(0, Math.min(1, share));
  const move = (event: PointerEvent<HTMLElement>) => {
    if (dragged.current === null) return;
    const box = event.currentTarget.parentElement!.getBoundingClientRect();
    onMove(dragged.current, {
      x: within((event.clientX - box.left) / box.width),
      y: within((event.clientY - box.top) / box.height),
    });
  };
  const points = line.flatMap((key) => marks.find((mark) => mark.key === key)?.at ?? []);
  const path = points.map(({ x, y }, i) => `${i === 0 ? 'M' : 'L'}${x} ${y}`).join('');
  return (
    <>
      <svg
        aria-hidden
        className="pointer-events-none absolute inset-0 size-full"
        viewBox="0 0 1 1"
        preserveAspectRatio="none"
      >
        <path
          d={`${path}${isClosed ? 'Z' : ''}`}
          fill="none"
          stroke="var(--act)"
          strokeWidth={2}
          strokeDasharray="6 4"
          vectorEffect="non-scaling-stroke"
        />
      </svg>
      {marks.map(({ key, name, at }) => (
        <Button
          key={key}
          look="bare"
          aria-label={name}
          data-mark={key}
          className="absolute grid size-11 -translate-1/2 cursor-grab touch-none place-items-center rounded-full"
          style={{ left: `${at.x * 100}%`, top: `${at.y * 100}%` }}
          onPointerDown={(event) => {
            dragged.current = key;
            event.currentTarget.setPointerCapture(event.pointerId);
          }}
          onPointerMove={move}
          onPointerUp={() => (dragged.current = null)}
          onKeyDown={(event) => {
            const by = ARROWS[event.key];
            if (!by) return;
            event.preventDefault();
            const far = event.shiftKey ? STEP * 5 : STEP;
            onMove(key, { x: within(at.x + by[0] * far), y: within(at.y + by[1] * far) });
          }}
        >
          <span className="grid size-5 place-items-center rounded-full border-2 border-paper bg-act ring-2 ring-act">
            <span className="size-1 rounded-full bg-paper" />
          </span>
        </Button>
      ))}
    </>
  );
}

const ARROWS: Readonly<Record<string, readonly [dx: number, dy: number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};
