'use client';

import { Lock } from 'lucide-react';
import { memo, useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Reading } from '@/core/checks/reading';
import { wallOf } from '@/core/containers/container';
import { halfDepthCm } from '@/core/containers/shape';
import { NURSERY_SIZES } from '@/core/plants/nursery';
import type { Subject } from '@/core/seeing/subject';
import { frontBearingDeg } from '@/core/spots/front';
import { sunPath } from '@/core/spots/sunPath';
import { weekAfter } from '@/core/units/units';
import { PlantingPicture } from '@/ui/controls/PlantingPicture';
import { Ruler, tickText } from '@/ui/controls/Ruler';
import type { Editing } from '@/ui/session/useEditing';
import { lengthText, type Units, whereText } from '@/words/format';
import type { Keyed } from '@/words/names';
import { IDLE, reduce, type Effect, type Gesture, type Ground, type Input } from './stencilGesture';
import { editOfKey } from './stencilKeys';
import {
  Drip,
  Guides,
  halfPlan,
  Lean,
  Rim,
  SightLines,
  SunSide,
  SupportPlan,
  type Shown,
} from './StencilLayers';

interface StencilProps {
  readonly reading: Reading;
  readonly keys: readonly Keyed[];
  readonly subject: Subject;
  readonly weeks: number;
  readonly pxPerCm: number;
  readonly widthPx: number;
  readonly heightPx: number;
  /** Plants picked; the last is the one in hand. */
  readonly selection: readonly string[];
  readonly onSelect: (places: readonly string[]) => void;
  readonly culprits: readonly string[];
  readonly editing: Pick<Editing, 'planting' | 'apply' | 'preview'>;
  readonly unit: Units['length'];
  readonly shown: readonly Shown[];
  readonly eye: { readonly azimuthRad: number; readonly pitchRad: number };
}

const RULER_PX = 24;
/** A hand this near draws a plant to a line, and must move this far before it drags, px. */
const REACH_PX = 6;
const SLACK_PX = 3;

/** The plan: paper the size of the mix, a hole at true root-ball size for each plant, leaves seen through the holes. Drag a hole to move its plant. */
export const Stencil = memo(function Stencil({
  reading,
  keys,
  subject,
  weeks,
  pxPerCm,
  widthPx,
  heightPx,
  selection,
  onSelect,
  culprits,
  editing,
  unit,
  shown,
  eye,
}: StencilProps) {
  const { container, plantedWeek } = reading.planting;
  const { spot } = reading;
  const at = { originX: widthPx / 2, originY: (heightPx - RULER_PX) / 2 + 14, pxPerCm };
  const { originX, originY } = at;
  const ready = widthPx > 0 && pxPerCm > 0;
  const holes = reading.plants.map((plant) => NURSERY_SIZES[plant.size].topCm / 2);
  const wall = wallOf(container) * pxPerCm;
  const sizes = reading.sizesAt(weeks);
  const letterOf = new Map(keys.map(({ kind, letter }) => [kind.id, letter]));
  const week = weekAfter(plantedWeek, weeks);
  const path = useMemo(
    () => (shown.includes('sun') ? sunPath(spot, week) : []),
    [spot, week, shown],
  );
  const frontDeg = useMemo(() => frontBearingDeg(spot), [spot]);

  const [gesture, setGesture] = useState<Gesture>(IDLE);
  const now = useRef<Gesture>(IDLE);
  const paper = useRef<SVGSVGElement>(null);
  const stored = useRef(editing.planting.places);
  const step = (input: Input) => {
    // A gesture is made on the planting as it was when it began: what is shown is already moved by it.
    if (now.current.name === 'idle') stored.current = editing.planting.places;
    const ground: Ground = {
      container,
      places: stored.current,
      selection,
      reachCm: REACH_PX / pxPerCm,
      slackCm: SLACK_PX / pxPerCm,
    };
    const { state, effects } = reduce(now.current, input, ground);
    now.current = state;
    setGesture(state);
    for (const effect of effects) act(effect);
  };
  const act = (effect: Effect) => {
    if (effect.kind === 'select') onSelect(effect.places);
    else if (effect.kind === 'preview') editing.preview(effect.edit);
    else editing.apply(effect.edit);
  };
  const pointAt = (event: PointerEvent) => {
    const box = paper.current!.getBoundingClientRect();
    return {
      xCm: (event.clientX - box.left - originX) / pxPerCm,
      zCm: (event.clientY - box.top - originY) / pxPerCm,
    };
  };
  const down = (event: PointerEvent<SVGSVGElement>) => {
    if (event.button !== 0) return;
    const place = (event.target as Element).closest<SVGGElement>('[data-place]')?.dataset.place;
    const additive = event.shiftKey || event.ctrlKey || event.metaKey;
    // A finger on the paper scrolls the page; it picks and drags plants only.
    if (!place && event.pointerType === 'touch') return;
    event.currentTarget.setPointerCapture(event.pointerId);
    step(
      place
        ? { kind: 'press plant', place, at: pointAt(event), additive }
        : { kind: 'press paper', at: pointAt(event), additive },
    );
  };
  const key = (event: KeyboardEvent, id: string) => {
    if (event.key === 'Escape') {
      if (now.current.name === 'idle') editing.preview(null);
      step({ kind: 'escape' });
    } else if (event.key === 'a' && (event.ctrlKey || event.metaKey))
      onSelect(reading.plants.map((plant) => plant.id));
    else if (event.key === ' ')
      onSelect(selection.includes(id) ? selection.filter((one) => one !== id) : [...selection, id]);
    else if (event.key === 'Enter') onSelect([id]);
    else if (event.ctrlKey || event.metaKey) return;
    else {
      const edit = editOfKey(event, editing.planting, selection.includes(id) ? selection : [id]);
      if (!edit) return;
      editing.apply(edit);
    }
    event.preventDefault();
    event.stopPropagation();
  };

  const held = gesture.name === 'dragging' ? gesture.place : null;
  const talked = shown.includes('spread')
    ? [...new Set([...(held ? [held] : selection.slice(-1)), ...culprits.slice(0, 1)])]
    : [];
  const box =
    gesture.name === 'boxing'
      ? {
          x: originX + Math.min(gesture.from.xCm, gesture.to.xCm) * pxPerCm,
          y: originY + Math.min(gesture.from.zCm, gesture.to.zCm) * pxPerCm,
          width: Math.abs(gesture.from.xCm - gesture.to.xCm) * pxPerCm,
          height: Math.abs(gesture.from.zCm - gesture.to.zCm) * pxPerCm,
        }
      : null;
  return (
    <div style={{ height: heightPx }}>
      {ready && (
        <>
          <div className="pointer-events-none absolute inset-x-4 top-3">
            <h2 className="display text-drawing leading-6">From above</h2>
            <p className="text-note text-ink2">{tickText(unit)}</p>
            {shown.includes('spread') && (
              <p className="text-note text-ink2">
                Dashed: spread {weeks === 0 ? 'on planting day' : 'by then'}
              </p>
            )}
          </div>
          <svg
            width={widthPx}
            height={heightPx - RULER_PX}
            className="absolute inset-0 overflow-hidden"
            aria-hidden
          >
            <Rim reading={reading} at={at} wall={wall} />
          </svg>
          <div className="absolute inset-0" style={{ clipPath: `inset(0 0 ${RULER_PX}px 0)` }}>
            <PlantingPicture
              subject={subject}
              weeks={weeks}
              holesCm={holes}
              lens={{ azimuthRad: 0, pitchRad: Math.PI / 2, pxPerCm, originX, originY }}
              widthPx={widthPx}
              heightPx={heightPx}
              label="The plants seen from above through the holes of the stencil"
            />
          </div>
          <svg
            ref={paper}
            width={widthPx}
            height={heightPx - RULER_PX}
            className="absolute inset-0 overflow-hidden select-none"
            onPointerDown={down}
            onPointerMove={(event) =>
              now.current.name !== 'idle' &&
              step({ kind: 'move', at: pointAt(event), free: event.altKey })
            }
            onPointerUp={(event) =>
              now.current.name !== 'idle' &&
              step({ kind: 'release', at: pointAt(event), free: event.altKey })
            }
            onPointerCancel={() => step({ kind: 'escape' })}
          >
            <defs>
              <pattern
                id="hatch"
                width="6"
                height="6"
                patternUnits="userSpaceOnUse"
                patternTransform="rotate(45)"
              >
                <line x1="0" y1="0" x2="0" y2="6" stroke="#1d2225" strokeWidth="1.4" opacity=".5" />
              </pattern>
            </defs>
            {reading.planting.support && <SupportPlan support={reading.planting.support} at={at} />}
            {shown.includes('sun') && (
              <SunSide reading={reading} at={at} path={path} frontDeg={frontDeg} />
            )}
            <text
              x={originX}
              y={originY - (extentZ(reading) + 2) * pxPerCm - (shown.includes('sun') ? 22 : 8)}
              textAnchor="middle"
              fontSize={12.5}
              fill="var(--ink2)"
              pointerEvents="none"
            >
              {spot.view === 'one side' ? 'wall side' : 'back'}
            </text>
            <text
              x={originX}
              y={
                shown.includes('sun')
                  ? heightPx - RULER_PX - 10
                  : Math.min(
                      heightPx - RULER_PX - 8,
                      originY + (extentZ(reading) + 2) * pxPerCm + 18,
                    )
              }
              textAnchor="middle"
              fontSize={12.5}
              fill="var(--ink2)"
              pointerEvents="none"
            >
              front
            </text>
            {shown.includes('spread') &&
              reading.plants.map((plant, i) => (
                <circle
                  key={`later-${plant.id}`}
                  cx={originX + plant.xCm * pxPerCm}
                  cy={originY + plant.zCm * pxPerCm}
                  r={(sizes[i]!.spreadCm / 2) * pxPerCm}
                  fill="none"
                  stroke="var(--ink2)"
                  strokeWidth={0.8}
                  strokeDasharray="2 3"
                  opacity={0.7}
                  pointerEvents="none"
                />
              ))}
            {talked.map((id) => {
              const i = reading.plants.findIndex((plant) => plant.id === id);
              const plant = reading.plants[i];
              if (!plant) return null;
              const r = (sizes[i]!.spreadCm / 2) * pxPerCm;
              return (
                <g key={`spread-${id}`} pointerEvents="none">
                  <circle
                    cx={originX + plant.xCm * pxPerCm}
                    cy={originY + plant.zCm * pxPerCm}
                    r={r}
                    fill="url(#hatch)"
                    stroke="var(--ink)"
                    strokeWidth={1.6}
                  />
                  <text
                    x={Math.min(
                      widthPx - 34,
                      Math.max(34, originX + plant.xCm * pxPerCm + r * 0.72),
                    )}
                    y={Math.min(
                      heightPx - RULER_PX - 6,
                      originY + plant.zCm * pxPerCm + r * 0.72 + 14,
                    )}
                    fontSize={12.5}
                    fontWeight={600}
                    fill="var(--ink)"
                    textAnchor="middle"
                  >
                    {lengthText(sizes[i]!.spreadCm, { length: unit })}
                  </text>
                </g>
              );
            })}
            {shown.includes('sight') && (
              <SightLines
                reading={reading}
                at={at}
                sizes={sizes}
                picked={selection.length > 0 ? selection : reading.plants.map(({ id }) => id)}
                eye={eye}
                beyondCm={extentZ(reading) + 10}
              />
            )}
            {shown.includes('drip') && <Drip reading={reading} at={at} />}
            {gesture.name === 'dragging' && (
              <Guides
                reading={reading}
                at={at}
                guides={gesture.guides}
                halfCm={halfPlan(reading)}
              />
            )}
            {reading.plants.map((plant, i) => {
              const x = originX + plant.xCm * pxPerCm;
              const y = originY + plant.zCm * pxPerCm;
              const r = holes[i]! * pxPerCm;
              const picked = selection.includes(plant.id);
              const lit = picked || culprits.includes(plant.id);
              return (
                <g
                  key={plant.id}
                  role="button"
                  tabIndex={0}
                  aria-label={`${plant.kind.common}, ${whereText(plant.xCm, plant.zCm, unit)}${plant.locked ? ', locked' : ''}`}
                  aria-pressed={picked}
                  data-place={plant.id}
                  className={`${plant.locked ? 'cursor-default' : 'cursor-grab'} focus:outline-none [&:focus-visible>circle:first-of-type]:stroke-[4px]`}
                  style={{ touchAction: 'none' }}
                  onKeyDown={(event) => key(event, plant.id)}
                >
                  <circle
                    cx={x}
                    cy={y}
                    r={r}
                    fill="transparent"
                    stroke={lit ? '#00545c' : '#1d2225'}
                    strokeWidth={lit ? 2.4 : 0.8}
                  />
                  <circle cx={x} cy={y} r={12} fill="transparent" />
                  <Lean reading={reading} at={at} index={i} />
                  <circle
                    cx={x}
                    cy={y}
                    r={Math.min(9.5, Math.max(6.5, r * 0.5))}
                    fill={picked ? '#00545c' : '#fbfcfc'}
                    stroke="#1d2225"
                    strokeWidth={1.2}
                  />
                  <text
                    x={x}
                    y={y + (r > 18 ? 4 : 3.3)}
                    textAnchor="middle"
                    fontSize={r > 18 ? 11.5 : 9.5}
                    fontWeight={640}
                    fill={picked ? '#fbfcfc' : '#1d2225'}
                  >
                    {letterOf.get(plant.kindId)}
                  </text>
                  {plant.locked && (
                    <Lock
                      x={x + 5}
                      y={y - 14}
                      size={10}
                      strokeWidth={2.4}
                      color="#1d2225"
                      aria-hidden
                    />
                  )}
                </g>
              );
            })}
            {box && (
              <rect
                {...box}
                fill="none"
                stroke="#00545c"
                strokeWidth={1.4}
                strokeDasharray="4 3"
                pointerEvents="none"
              />
            )}
          </svg>
          <div className="absolute inset-x-0 bottom-0">
            <Ruler lengthPx={widthPx} zeroPx={originX} pxPerCm={pxPerCm} unit={unit} />
          </div>
        </>
      )}
    </div>
  );
});

function extentZ({ planting: { container } }: Reading): number {
  return halfDepthCm(container.shape) + wallOf(container);
}
