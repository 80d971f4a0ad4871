'use client';

import { useRef, type PointerEvent } from 'react';
import type { Taps } from '@/core/diary/measurePhoto';
import { Button } from '@/ui/controls/Button';

const MARK_NAMES: Readonly<Record<keyof Taps, string>> = {
  rimLeft: 'Rim, left',
  rimRight: 'Rim, right',
  top: 'Top of the plant',
};
/** How far an arrow key goes, share of the picture. */
const STEP = 0.004;

/** The three marks, dragged or moved by arrow keys. */
export function PhotoMarks({
  taps,
  width,
  height,
  onTaps,
}: {
  readonly taps: Taps;
  readonly width: number;
  readonly height: number;
  readonly onTaps: (taps: Taps) => void;
}) {
  const dragged = useRef<keyof Taps | null>(null);
  const within = (share: number) => Math.max(0, Math.min(1, share));
  const move = (event: PointerEvent<HTMLElement>) => {
    const name = dragged.current;
    if (!name) return;
    const box = event.currentTarget.parentElement!.getBoundingClientRect();
    onTaps({
      ...taps,
      [name]: {
        x: within((event.clientX - box.left) / width),
        y: within((event.clientY - box.top) / height),
      },
    });
  };
  const step = (name: keyof Taps, dx: number, dy: number) =>
    onTaps({
      ...taps,
      [name]: { x: within(taps[name].x + dx), y: within(taps[name].y + dy) },
    });
  return (
    <>
      <svg
        aria-hidden
        className="pointer-events-none absolute inset-0"
        width={width}
        height={height}
      >
        <path
          d={`M${taps.rimLeft.x * width} ${taps.rimLeft.y * height}L${taps.rimRight.x * width} ${taps.rimRight.y * height}`}
          stroke="var(--act)"
          strokeWidth={2}
          strokeDasharray="6 4"
        />
      </svg>
      {(Object.keys(MARK_NAMES) as (keyof Taps)[]).map((name) => (
        <Button
          key={name}
          look="bare"
          aria-label={MARK_NAMES[name]}
          data-mark={name}
          className="absolute grid size-11 -translate-1/2 cursor-grab place-items-center rounded-full"
          style={{ left: taps[name].x * width, top: taps[name].y * height }}
          onPointerDown={(event) => {
            dragged.current = name;
            event.currentTarget.setPointerCapture(event.pointerId);
          }}
          onPointerMove={move}
          onPointerUp={() => (dragged.current = null)}
          onKeyDown={(event) => {
            const { key, shiftKey } = event;
            if (!key.startsWith('Arrow')) return;
            event.preventDefault();
            const far = shiftKey ? STEP * 5 : STEP;
            if (key === 'ArrowLeft') step(name, -far, 0);
            if (key === 'ArrowRight') step(name, far, 0);
            if (key === 'ArrowUp') step(name, 0, -far);
            if (key === 'ArrowDown') step(name, 0, far);
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
