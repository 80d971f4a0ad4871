'use client';

import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { toHex } from '@/core/colour/oklch';
import { insideBaseCm, surfacesOf, visibleHeightCm, wallOf, type Container } from '@/core/containers/container';
import { grown, spanOf, type Section } from '@/core/containers/section';
import { depthOf, formOf, halfDepthCm, halfFrontCm, rimSection } from '@/core/containers/shape';
import type { Spot2 } from '@/core/placing/pack';
import { NURSERY_SIZES, type NurserySizeId } from '@/core/plants/nursery';
import { Outline } from '@/ui/controls/Outline';
import { Ruler } from '@/ui/controls/Ruler';
import { lengthFigure, lengthText, type Units } from '@/words/format';
import { ContainerPicture, containerExtent } from './ContainerPicture';

interface DrawingProps {
  readonly container: Container;
  readonly unit: Units['length'];
  readonly widthPx: number;
  readonly heightPx: number;
  /** Root balls to show in the plan. */
  readonly balls: { readonly size: NurserySizeId; readonly places: readonly Spot2[] } | null;
  readonly onPoints: (points: readonly (readonly [number, number])[], done: boolean) => void;
}

const RULER_PX = 24;
const SIDE_PX = 32;

/** The container from the front and from above at one scale, ruled, with the measures that a tape takes. */
export function MeasuredDrawing({ container, unit, widthPx, heightPx, balls, onPoints }: DrawingProps) {
  const extent = containerExtent(container);
  const narrow = widthPx < 640;
  const each = narrow ? widthPx : Math.floor((widthPx - 12) / 2);
  const wall = wallOf(container);
  const across = 2 * (halfFrontCm(container.shape) + wall) + 26;
  const deep = 2 * (halfDepthCm(container.shape) + wall) + 20;
  const pxPerCm = Math.min((each - SIDE_PX) / across, (heightPx - RULER_PX - 54) / (extent.heightCm + 12), (heightPx - 80) / deep, 12);
  return (
    <div className={narrow ? 'grid gap-3' : 'flex gap-3'}>
      <Front container={container} unit={unit} widthPx={each} heightPx={heightPx} pxPerCm={pxPerCm} />
      <FromAbove container={container} unit={unit} widthPx={each} heightPx={heightPx} pxPerCm={pxPerCm} balls={balls} onPoints={onPoints} />
    </div>
  );
}

interface ViewProps {
  readonly container: Container;
  readonly unit: Units['length'];
  readonly widthPx: number;
  readonly heightPx: number;
  readonly pxPerCm: number;
}

function Front({ container, unit, widthPx, heightPx, pxPerCm }: ViewProps) {
  const originX = (widthPx - SIDE_PX) / 2;
  const originY = heightPx - RULER_PX - 26;
  const { shape } = container;
  const foot = insideBaseCm(container);
  const depth = depthOf(shape);
  const y = (cm: number) => originY - cm * pxPerCm;
  const span = (z: number) => spanOf(formOf(shape).sectionAt(z));
  const levels = shape.kind === 'urn' ? shape.profile.map(({ heightCm }) => heightCm) : shape.kind === 'tiered' ? [depth] : [0, depth];
  const top = visibleHeightCm(container);
  const outer = (halfFrontCm(shape) + wallOf(container)) * pxPerCm;
  const soil = surfacesOf(container)[0]!.heightCm;
  return (
    <section aria-label="From the front" className="relative min-w-0 overflow-hidden bg-field" style={{ width: widthPx, height: heightPx }}>
      <div className="absolute inset-0" style={{ right: SIDE_PX, bottom: RULER_PX }}>
        <ContainerPicture container={container} pxPerCm={pxPerCm} widthPx={widthPx - SIDE_PX} heightPx={heightPx - RULER_PX} pitchRad={0} footPx={26} />
      </div>
      <h2 className="display absolute top-3 left-4 text-[21px] leading-6">From the front</h2>
      <svg width={widthPx} height={heightPx} className="pointer-events-none absolute inset-0" aria-hidden>
        {levels.map((z) => {
          const { leftCm, rightCm } = span(z);
          // The rim's measure stands above it, the base's below; those between lie on the wall.
          const line = z === depth ? y(top) - 12 : z > 0 ? y(foot + z) : container.feetCm > 8 ? y(foot) : originY + 13;
          return rightCm - leftCm < 2 ? null : <Across key={z} from={originX + leftCm * pxPerCm} to={originX + rightCm * pxPerCm} y={line} text={lengthFigure(rightCm - leftCm, unit)} />;
        })}
        <Upright x={originX - outer - 20} from={y(foot)} to={y(foot + depth)} text={lengthFigure(depth, unit)} />
        {shape.kind !== 'tiered' && <><line x1={originX + span(soil).leftCm * pxPerCm} x2={originX + span(soil).rightCm * pxPerCm} y1={y(foot + soil)} y2={y(foot + soil)} stroke="#fbfcfc" strokeWidth={1.2} strokeDasharray="5 4" /><text x={originX + span(soil).leftCm * pxPerCm + 7} y={y(foot + soil) + 14} fontSize={12} fill="#fbfcfc" style={{ paintOrder: 'stroke' }} stroke="#1d2225" strokeWidth={2.6}>mix to here</text></>}
      </svg>
      <div className="absolute top-0 right-0"><Ruler upright lengthPx={heightPx - RULER_PX} zeroPx={26} pxPerCm={pxPerCm} unit={unit} /></div>
      <div className="absolute bottom-0 left-0"><Ruler lengthPx={widthPx} zeroPx={originX} pxPerCm={pxPerCm} unit={unit} /></div>
    </section>
  );
}

function Across({ from, to, y, text }: { readonly from: number; readonly to: number; readonly y: number; readonly text: string }) {
  const x = (from + to) / 2;
  return (
    <g stroke="var(--ink)" strokeWidth={1.2}>
      <path d={`M${from} ${y - 5}v10M${to} ${y - 5}v10M${from} ${y}H${to}`} fill="none" />
      <rect x={x - 15} y={y - 8} width={30} height={16} fill="var(--field)" stroke="none" />
      <text x={x} y={y + 4.5} textAnchor="middle" fontSize={13} fontWeight={640} stroke="none" fill="var(--ink)">{text}</text>
    </g>
  );
}

function Upright({ x, from, to, text }: { readonly x: number; readonly from: number; readonly to: number; readonly text: string }) {
  const middle = (from + to) / 2;
  return (
    <g stroke="var(--ink)" strokeWidth={1.2}>
      <path d={`M${x - 5} ${from}h10M${x - 5} ${to}h10M${x} ${from}V${to}`} fill="none" />
      <rect x={x - 13} y={middle - 9} width={26} height={18} fill="var(--field)" stroke="none" />
      <text x={x} y={middle + 4.5} textAnchor="middle" fontSize={13} fontWeight={640} stroke="none" fill="var(--ink)">{text}</text>
    </g>
  );
}

function FromAbove({ container, unit, widthPx, heightPx, pxPerCm, balls, onPoints }: ViewProps & Pick<DrawingProps, 'balls' | 'onPoints'>) {
  const [originX, originY] = [widthPx / 2, (heightPx - RULER_PX) / 2 + 16];
  const { shape } = container;
  const scale = { originX, originY, pxPerCm };
  const wall = Math.max(3, wallOf(container) * pxPerCm);
  const rim = rimSection(shape);
  const base: Section = formOf(shape).sectionAt(0);
  return (
    <section aria-label="From above" className="relative min-w-0 overflow-hidden bg-field" style={{ width: widthPx, height: heightPx }}>
      <svg width={widthPx} height={heightPx - RULER_PX} className="absolute inset-0 select-none" role="group" aria-label={`Plan of ${container.name}`}>
        <Outline section={grown(rim, wall / pxPerCm / 2)} {...scale} fill="var(--sheet)" stroke={toHex(container.colour)} strokeWidth={wall} />
        {surfacesOf(container).slice(1).map(({ section, heightCm }) => <Outline key={heightCm} section={grown(section, wallOf(container))} {...scale} fill="none" stroke={toHex(container.colour)} strokeWidth={2} />)}
        {shape.kind !== 'tiered' && <Outline section={base} {...scale} fill="none" stroke="#59636a" strokeWidth={1} strokeDasharray="3 4" />}
        {balls?.places.map(({ xCm, zCm }) => <circle key={`${xCm} ${zCm}`} data-ball cx={originX + xCm * pxPerCm} cy={originY + zCm * pxPerCm} r={(NURSERY_SIZES[balls.size].topCm / 2) * pxPerCm} fill="#5b4a3e" fillOpacity={0.82} stroke="#1d2225" strokeWidth={0.8} />)}
        {shape.kind === 'outline' && <Corners points={shape.points} {...scale} unit={unit} onPoints={onPoints} />}
      </svg>
      <div className="pointer-events-none absolute top-3 left-4">
        <h2 className="display text-[21px] leading-6">From above</h2>
        <p className="text-[12.5px] text-ink2">{shape.kind === 'outline' ? 'Drag a corner; press a small mark for a new one' : 'Dashed: the base'}</p>
      </div>
      <div className="absolute bottom-0 left-0"><Ruler lengthPx={widthPx} zeroPx={originX} pxPerCm={pxPerCm} unit={unit} /></div>
    </section>
  );
}

interface CornersProps {
  readonly points: readonly (readonly [number, number])[];
  readonly originX: number;
  readonly originY: number;
  readonly pxPerCm: number;
  readonly unit: Units['length'];
  readonly onPoints: DrawingProps['onPoints'];
}

/** Corners of an outline, to be dragged or moved by keys; a mark halfway along each side makes a new one. */
function Corners({ points, originX, originY, pxPerCm, unit, onPoints }: CornersProps) {
  const drag = useRef<{ readonly i: number; readonly x: number; readonly y: number; readonly from: readonly [number, number] } | null>(null);
  const [held, setHeld] = useState<number | null>(null);
  const moved = (i: number, x: number, z: number) => points.map((p, k) => (k === i ? ([Math.round(x * 2) / 2, Math.round(z * 2) / 2] as const) : p));
  const at = (event: PointerEvent) => {
    const d = drag.current!;
    return moved(d.i, d.from[0] + (event.clientX - d.x) / pxPerCm, d.from[1] + (event.clientY - d.y) / pxPerCm);
  };
  const key = (event: KeyboardEvent, i: number) => {
    const step = event.shiftKey ? 5 : 1;
    const by = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] }[event.key];
    if (by) onPoints(moved(i, points[i]![0] + by[0]!, points[i]![1] + by[1]!), true);
    else if ((event.key === 'Delete' || event.key === 'Backspace') && points.length > 3) onPoints(points.filter((_, k) => k !== i), true);
    else return;
    event.preventDefault();
  };
  return (
    <g>
      {points.map(([x, z], i) => {
        const [nx, nz] = points[(i + 1) % points.length]!;
        const [mx, mz] = [(x + nx) / 2, (z + nz) / 2];
        return points.length >= 60 ? null : (
          <g key={`new-${i}`} role="button" tabIndex={-1} aria-label={`New corner on side ${i + 1}`} className="cursor-copy" onClick={() => onPoints([...points.slice(0, i + 1), [Math.round(mx * 2) / 2, Math.round(mz * 2) / 2], ...points.slice(i + 1)], true)}>
            <circle cx={originX + mx * pxPerCm} cy={originY + mz * pxPerCm} r={10} fill="transparent" />
            <circle cx={originX + mx * pxPerCm} cy={originY + mz * pxPerCm} r={3} fill="#fbfcfc" stroke="#1d2225" />
          </g>
        );
      })}
      {points.map(([x, z], i) => (
        <g key={i} role="button" tabIndex={0} data-corner={i} aria-label={`Corner ${i + 1}, ${lengthText(Math.abs(x), { length: unit })} ${x < 0 ? 'left' : 'right'}, ${lengthText(Math.abs(z), { length: unit })} to the ${z < 0 ? 'back' : 'front'}`} className="cursor-grab focus:outline-none [&:focus-visible>circle:last-of-type]:stroke-[4px]" style={{ touchAction: 'none' }}
          onPointerDown={(event) => { event.currentTarget.setPointerCapture(event.pointerId); drag.current = { i, x: event.clientX, y: event.clientY, from: points[i]! }; setHeld(i); }}
          onPointerMove={(event) => drag.current && onPoints(at(event), false)}
          onPointerUp={(event) => { if (!drag.current) return; onPoints(at(event), true); drag.current = null; setHeld(null); }}
          onKeyDown={(event) => key(event, i)}>
          <circle cx={originX + x * pxPerCm} cy={originY + z * pxPerCm} r={14} fill="transparent" />
          <circle cx={originX + x * pxPerCm} cy={originY + z * pxPerCm} r={6} fill={held === i ? '#00545c' : '#fbfcfc'} stroke="#1d2225" strokeWidth={1.8} />
        </g>
      ))}
    </g>
  );
}
