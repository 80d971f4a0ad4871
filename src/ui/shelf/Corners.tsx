'use client';

import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { lengthText, type Units } from '@/words/format';

interface CornersProps {
  readonly points: readonly (readonly [number, number])[];
  readonly originX: number;
  readonly originY: number;
  readonly pxPerCm: number;
  readonly unit: Units['length'];
  readonly onPoints: (points: readonly (readonly [number, number])[], done: boolean) => void;
  /** A hand takes hold of a corner, or lets go of it. */
  readonly onHold: (isHeld: boolean) => void;
}

/** Corners of an outline, to be dragged or moved by keys; a mark halfway along each side makes a new one. */
export function Corners({
  points,
  originX,
  originY,
  pxPerCm,
  unit,
  onPoints,
  onHold,
}: CornersProps) {
  const drag = useRef<{
    readonly i: number;
    readonly x: number;
    readonly y: number;
    readonly from: readonly [number, number];
  } | null>(null);
  const [held, setHeld] = useState<number | null>(null);
  const moved = (i: number, x: number, z: number) =>
    points.map((p, k) => (k === i ? ([Math.round(x * 2) / 2, Math.round(z * 2) / 2] as const) : p));
  const at = (event: PointerEvent) => {
    const d = drag.current!;
    return moved(
      d.i,
      d.from[0] + (event.clientX - d.x) / pxPerCm,
      d.from[1] + (event.clientY - d.y) / pxPerCm,
    );
  };
  const key = (event: KeyboardEvent, i: number) => {
    const step = event.shiftKey ? 5 : 1;
    const by = {
      ArrowLeft: [-step, 0],
      ArrowRight: [step, 0],
      ArrowUp: [0, -step],
      ArrowDown: [0, step],
    }[event.key];
    if (by) onPoints(moved(i, points[i]![0] + by[0]!, points[i]![1] + by[1]!), true);
    else if ((event.key === 'Delete' || event.key === 'Backspace') && points.length > 3)
      onPoints(
        points.filter((_, k) => k !== i),
        true,
      );
    else return;
    event.preventDefault();
  };
  const letGo = () => {
    drag.current = null;
    setHeld(null);
    onHold(false);
  };
  return (
    <g>
      {points.map(([x, z], i) => {
        const [nx, nz] = points[(i + 1) % points.length]!;
        const [mx, mz] = [(x + nx) / 2, (z + nz) / 2];
        return points.length >= 60 ? null : (
          <g
            key={`new-${i}`}
            role="button"
            tabIndex={-1}
            aria-label={`New corner on side ${i + 1}`}
            className="cursor-copy"
            onClick={() =>
              onPoints(
                [
                  ...points.slice(0, i + 1),
                  [Math.round(mx * 2) / 2, Math.round(mz * 2) / 2],
                  ...points.slice(i + 1),
                ],
                true,
              )
            }
          >
            <circle
              cx={originX + mx * pxPerCm}
              cy={originY + mz * pxPerCm}
              r={10}
              fill="transparent"
            />
            <circle
              cx={originX + mx * pxPerCm}
              cy={originY + mz * pxPerCm}
              r={3}
              fill="#fbfcfc"
              stroke="#1d2225"
            />
          </g>
        );
      })}
      {points.map(([x, z], i) => (
        <g
          key={i}
          role="button"
          tabIndex={0}
          data-corner={i}
          aria-label={`Corner ${i + 1}, ${lengthText(Math.abs(x), { length: unit })} ${x < 0 ? 'left' : 'right'}, ${lengthText(Math.abs(z), { length: unit })} to the ${z < 0 ? 'back' : 'front'}`}
          className="cursor-grab focus:outline-none [&:focus-visible>circle:last-of-type]:stroke-[4px]"
          style={{ touchAction: 'none' }}
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId);
            drag.current = { i, x: event.clientX, y: event.clientY, from: points[i]! };
            setHeld(i);
            onHold(true);
          }}
          onPointerMove={(event) => drag.current && onPoints(at(event), false)}
          onPointerUp={(event) => {
            if (!drag.current) return;
            onPoints(at(event), true);
            letGo();
          }}
          onPointerCancel={() => {
            if (!drag.current) return;
            onPoints(moved(i, ...drag.current.from), true);
            letGo();
          }}
          onKeyDown={(event) => key(event, i)}
        >
          <circle cx={originX + x * pxPerCm} cy={originY + z * pxPerCm} r={14} fill="transparent" />
          <circle
            cx={originX + x * pxPerCm}
            cy={originY + z * pxPerCm}
            r={6}
            fill={held === i ? '#00545c' : '#fbfcfc'}
            stroke="#1d2225"
            strokeWidth={1.8}
          />
        </g>
      ))}
    </g>
  );
}
