'use client';

import { memo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Reading } from '@/core/checks/reading';
import { toHex } from '@/core/colour/oklch';
import { surfacesOf, wallOf } from '@/core/containers/container';
import { grown } from '@/core/containers/section';
import { halfDepthCm, rimSection } from '@/core/containers/shape';
import { NURSERY_SIZES } from '@/core/plants/nursery';
import type { Subject } from '@/core/seeing/scene';
import { Outline } from '@/ui/controls/Outline';
import { PlantingPicture } from '@/ui/controls/PlantingPicture';
import { Ruler, tickText } from '@/ui/controls/Ruler';
import type { Editing } from '@/ui/session/useEditing';
import { lengthText, type Units } from '@/words/format';
import type { Keyed } from '@/words/names';

interface StencilProps {
  readonly reading: Reading;
  readonly keys: readonly Keyed[];
  readonly subject: Subject;
  readonly weeks: number;
  readonly pxPerCm: number;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly selected: string | null;
  readonly onSelect: (place: string | null) => void;
  readonly culprits: readonly string[];
  readonly editing: Editing;
  readonly unit: Units['length'];
}

const RULER_PX = 24;

/** The plan: paper the size of the mix, a hole at true root-ball size for each plant, leaves seen through the holes. Drag a hole to move its plant. */
export const Stencil = memo(function Stencil({ reading, keys, subject, weeks, pxPerCm, widthPx, heightPx, selected, onSelect, culprits, editing, unit }: StencilProps) {
  const { container } = reading.planting;
  const originX = widthPx / 2;
  const originY = (heightPx - RULER_PX) / 2 + 14;
  const ready = widthPx > 0 && pxPerCm > 0;
  const holes = reading.plants.map((plant) => NURSERY_SIZES[plant.size].topCm / 2);
  const wall = wallOf(container) * pxPerCm;
  const sizes = reading.sizesAt(weeks);
  const drag = useRef<{ id: string; fromX: number; fromZ: number; x: number; y: number; moved: boolean } | null>(null);
  const [held, setHeld] = useState<string | null>(null);
  const letterOf = new Map(keys.map(({ kind, letter }) => [kind.id, letter]));

  const down = (event: PointerEvent<SVGGElement>, id: string, xCm: number, zCm: number) => {
    if (event.button !== 0) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    drag.current = { id, fromX: xCm, fromZ: zCm, x: event.clientX, y: event.clientY, moved: false };
    setHeld(id);
    onSelect(id);
  };
  const at = (event: PointerEvent<SVGGElement>) => {
    const d = drag.current!;
    const round = (value: number) => Math.round(value * 2) / 2;
    return { kind: 'move', place: d.id, xCm: round(d.fromX + (event.clientX - d.x) / pxPerCm), zCm: round(d.fromZ + (event.clientY - d.y) / pxPerCm) } as const;
  };
  const move = (event: PointerEvent<SVGGElement>) => {
    const d = drag.current;
    if (!d || (!d.moved && Math.hypot(event.clientX - d.x, event.clientY - d.y) < 3)) return;
    d.moved = true;
    editing.preview(at(event));
  };
  const up = (event: PointerEvent<SVGGElement>) => {
    const d = drag.current;
    if (!d) return;
    if (d.moved) editing.apply(at(event));
    drag.current = null;
    setHeld(null);
  };
  const cancel = () => {
    drag.current = null;
    setHeld(null);
    editing.preview(null);
  };
  const key = (event: KeyboardEvent, id: string, xCm: number, zCm: number) => {
    const step = event.shiftKey ? 5 : 1;
    const by = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] }[event.key];
    if (by) editing.apply({ kind: 'move', place: id, xCm: xCm + by[0]!, zCm: zCm + by[1]! });
    else if (event.key === 'Delete' || event.key === 'Backspace') editing.apply({ kind: 'remove', place: id });
    else if (event.key === 'Escape') {
      cancel();
      onSelect(null);
    } else if (event.key === 'Enter' || event.key === ' ') onSelect(id);
    else return;
    event.preventDefault();
  };

  const talked = [...new Set([...(held ? [held] : selected ? [selected] : []), ...culprits.slice(0, 1)])];
  return (
    <div style={{ height: heightPx }}>
      {ready && (
        <>
          <div className="pointer-events-none absolute inset-x-4 top-3">
            <h2 className="display text-[21px] leading-6">From above</h2>
            <p className="text-[12.5px] text-ink2">{tickText(unit)}</p>
            <p className="text-[12.5px] text-ink2">Dashed: spread {weeks === 0 ? 'on planting day' : 'by then'}</p>
          </div>
          <svg width={widthPx} height={heightPx - RULER_PX} className="absolute inset-0 overflow-hidden" aria-hidden>
            <Rim reading={reading} originX={originX} originY={originY} pxPerCm={pxPerCm} wall={wall} />
          </svg>
          <div className="absolute inset-0" style={{ clipPath: `inset(0 0 ${RULER_PX}px 0)` }}>
            <PlantingPicture subject={subject} weeks={weeks} holesCm={holes} lens={{ azimuthRad: 0, pitchRad: Math.PI / 2, pxPerCm, originX, originY }} widthPx={widthPx} heightPx={heightPx} label="The plants seen from above through the holes of the stencil" />
          </div>
          <svg width={widthPx} height={heightPx - RULER_PX} className="absolute inset-0 overflow-hidden select-none">
            <defs>
              <pattern id="hatch" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><line x1="0" y1="0" x2="0" y2="6" stroke="#1d2225" strokeWidth="1.4" opacity=".5" /></pattern>
            </defs>
            <text x={originX} y={originY - (extentZ(reading) + 2) * pxPerCm - 8} textAnchor="middle" fontSize={12.5} fill="var(--ink2)">{reading.spot.view === 'one side' ? 'wall side' : 'back'}</text>
            <text x={originX} y={Math.min(heightPx - RULER_PX - 8, originY + (extentZ(reading) + 2) * pxPerCm + 18)} textAnchor="middle" fontSize={12.5} fill="var(--ink2)">front</text>
            {reading.plants.map((plant, i) => (
              <circle key={`later-${plant.id}`} cx={originX + plant.xCm * pxPerCm} cy={originY + plant.zCm * pxPerCm} r={(sizes[i]!.spreadCm / 2) * pxPerCm} fill="none" stroke="var(--ink2)" strokeWidth={0.8} strokeDasharray="2 3" opacity={0.7} pointerEvents="none" />
            ))}
            {talked.map((id) => {
              const i = reading.plants.findIndex((plant) => plant.id === id);
              const plant = reading.plants[i];
              if (!plant) return null;
              const r = (sizes[i]!.spreadCm / 2) * pxPerCm;
              return (
                <g key={`spread-${id}`} pointerEvents="none">
                  <circle cx={originX + plant.xCm * pxPerCm} cy={originY + plant.zCm * pxPerCm} r={r} fill="url(#hatch)" stroke="var(--ink)" strokeWidth={1.6} />
                  <text x={Math.min(widthPx - 34, Math.max(34, originX + plant.xCm * pxPerCm + r * 0.72))} y={Math.min(heightPx - RULER_PX - 6, originY + plant.zCm * pxPerCm + r * 0.72 + 14)} fontSize={12.5} fontWeight={600} fill="var(--ink)" textAnchor="middle">{lengthText(sizes[i]!.spreadCm, { length: unit })}</text>
                </g>
              );
            })}
            {reading.plants.map((plant, i) => {
              const x = originX + plant.xCm * pxPerCm;
              const y = originY + plant.zCm * pxPerCm;
              const r = holes[i]! * pxPerCm;
              const lit = plant.id === selected || culprits.includes(plant.id);
              return (
                <g key={plant.id} role="button" tabIndex={0} aria-label={`${plant.kind.common}, ${whereText(plant.xCm, plant.zCm, unit)}`} aria-pressed={plant.id === selected} data-place={plant.id} className="cursor-grab focus:outline-none [&:focus-visible>circle:first-of-type]:stroke-[4px]" style={{ touchAction: 'none' }} onPointerDown={(event) => down(event, plant.id, plant.xCm, plant.zCm)} onPointerMove={move} onPointerUp={up} onPointerCancel={cancel} onKeyDown={(event) => key(event, plant.id, plant.xCm, plant.zCm)}>
                  <circle cx={x} cy={y} r={r} fill="transparent" stroke={lit ? '#00545c' : '#1d2225'} strokeWidth={lit ? 2.4 : 0.8} />
                  <circle cx={x} cy={y} r={12} fill="transparent" />
                  <circle cx={x} cy={y} r={Math.min(9.5, Math.max(6.5, r * 0.5))} fill="#fbfcfc" stroke="#1d2225" strokeWidth={1.2} />
                  <text x={x} y={y + (r > 18 ? 4 : 3.3)} textAnchor="middle" fontSize={r > 18 ? 11.5 : 9.5} fontWeight={640} fill="#1d2225">{letterOf.get(plant.kindId)}</text>
                </g>
              );
            })}
          </svg>
          <div className="absolute inset-x-0 bottom-0"><Ruler lengthPx={widthPx} zeroPx={originX} pxPerCm={pxPerCm} unit={unit} /></div>
        </>
      )}
    </div>
  );
});

function extentZ({ planting: { container } }: Reading): number {
  return halfDepthCm(container.shape) + wallOf(container);
}

/** "12 cm right, 4 cm to the front" */
function whereText(xCm: number, zCm: number, length: Units['length']): string {
  const across = Math.abs(xCm) < 1 ? 'in the middle' : `${lengthText(Math.abs(xCm), { length })} ${xCm < 0 ? 'left' : 'right'}`;
  const deep = Math.abs(zCm) < 1 ? '' : `, ${lengthText(Math.abs(zCm), { length })} to the ${zCm < 0 ? 'back' : 'front'}`;
  return across + deep;
}

/** The container's rim in its own colour, and the paper inside it. */
function Rim({ reading, originX, originY, pxPerCm, wall }: { readonly reading: Reading; readonly originX: number; readonly originY: number; readonly pxPerCm: number; readonly wall: number }) {
  const { container } = reading.planting;
  const rim = toHex(container.colour);
  const band = Math.max(3, wall);
  const at = { originX, originY, pxPerCm };
  return (
    <g>
      <Outline section={grown(rimSection(container.shape), band / pxPerCm / 2)} {...at} fill="var(--sheet)" stroke={rim} strokeWidth={band} />
      {surfacesOf(container).slice(1).map(({ section, heightCm }) => <Outline key={heightCm} section={grown(section, wallOf(container))} {...at} fill="none" stroke={rim} strokeWidth={Math.max(2, band * 0.6)} />)}
    </g>
  );
}
