'use client';

import { useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { dayOfWeek, sunDay } from '@/core/sky/days';
import { halfDayRad, positionOf, sunVector } from '@/core/sky/sun';
import type { Obstacle } from '@/core/spots/obstacle';
import { shadeOf } from '@/core/spots/obstacle';
import { lightThrough, weekOfDay } from '@/core/spots/reckoning';
import {
  bearingOf,
  heightsAt,
  letsThrough,
  raisedTo,
  turnDeg,
  turnedTo,
  widenedTo,
} from '@/core/spots/silhouette';
import type { Spot } from '@/core/spots/spot';
import { RAD_PER_DEG } from '@/core/units/units';
import { dayText, OBSTACLE_NAMES, pointOf } from '@/words/light';

interface SkyStripProps {
  readonly spot: Spot;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly selected: string | null;
  readonly onSelect: (id: string | null) => void;
  /** A thing as it is dragged; `done` when the hand lets go. */
  readonly onChange: (obstacle: Obstacle, done: boolean) => void;
  readonly onLetGo: () => void;
  readonly onRemove: (id: string) => void;
  /** Weeks whose paths are shaded as the season of what grows here. */
  readonly season: { readonly from: number; readonly weeks: number };
  /** Day whose path carries the hours. */
  readonly today: number;
}

const SIDE_PX = 32;
const FOOT_PX = 24;
/** Highest altitude drawn, degrees. */
const TOP_DEG = 90;

/** The panorama from the leaves: bearing across, altitude up, what stands around as silhouettes, the sun's paths over it. */
export function SkyStrip({
  spot,
  widthPx,
  heightPx,
  selected,
  onSelect,
  onChange,
  onLetGo,
  onRemove,
  season,
  today,
}: SkyStripProps) {
  const { site, obstacles, leafHeightCm } = spot;
  const middle = site.latitudeDeg >= 0 ? 180 : 0;
  const [w, h] = [widthPx - SIDE_PX, heightPx - FOOT_PX];
  const xOf = (bearing: number) => ((turnDeg(middle, bearing) + 180) / 360) * w;
  const yOf = (altitude: number) => h - (altitude / TOP_DEG) * h;
  const svg = useRef<SVGSVGElement>(null);
  const drag = useRef<{
    readonly obstacle: Obstacle;
    readonly grip: 'body' | 'left' | 'right';
    readonly fromBearing: number;
    readonly fromAltitude: number;
    moved: boolean;
    last: Obstacle;
  } | null>(null);
  const [held, setHeld] = useState<string | null>(null);
  const paths = useMemo(() => sunPaths(spot, season, today), [spot, season, today]);

  const skyAt = (event: PointerEvent) => {
    const box = svg.current!.getBoundingClientRect();
    return {
      bearing: middle - 180 + ((event.clientX - box.left) / w) * 360,
      altitude: ((h - (event.clientY - box.top)) / h) * TOP_DEG,
    };
  };
  const down = (
    event: PointerEvent<SVGElement>,
    obstacle: Obstacle,
    grip: 'body' | 'left' | 'right',
  ) => {
    if (event.button !== 0) return;
    event.stopPropagation();
    event.currentTarget.setPointerCapture(event.pointerId);
    const { bearing, altitude } = skyAt(event);
    drag.current = {
      obstacle,
      grip,
      fromBearing: bearing,
      fromAltitude: altitude,
      moved: false,
      last: obstacle,
    };
    setHeld(obstacle.id);
    onSelect(obstacle.id);
  };
  const move = (event: PointerEvent) => {
    const d = drag.current;
    if (!d) return;
    const { bearing, altitude } = skyAt(event);
    if (
      !d.moved &&
      Math.hypot(
        (bearing - d.fromBearing) * (w / 360),
        (altitude - d.fromAltitude) * (h / TOP_DEG),
      ) < 3
    )
      return;
    d.moved = true;
    if (d.grip === 'body') {
      const edge = edgeOf(d.obstacle, leafHeightCm);
      const turned = turnedTo(d.obstacle, bearingOf(d.obstacle) + bearing - d.fromBearing);
      d.last =
        edge === null ? turned : raisedTo(turned, leafHeightCm, edge + altitude - d.fromAltitude);
    } else d.last = widenedTo(d.obstacle, d.grip, bearing);
    onChange(d.last, false);
  };
  const up = () => {
    const d = drag.current;
    if (d?.moved) onChange(d.last, true);
    drag.current = null;
    setHeld(null);
  };
  const cancel = () => {
    drag.current = null;
    setHeld(null);
    onLetGo();
  };
  const key = (event: KeyboardEvent, obstacle: Obstacle) => {
    const step = event.shiftKey ? 10 : 2;
    const edge = edgeOf(obstacle, leafHeightCm);
    if (event.key === 'ArrowLeft' || event.key === 'ArrowRight')
      onChange(
        turnedTo(obstacle, bearingOf(obstacle) + (event.key === 'ArrowLeft' ? -step : step)),
        true,
      );
    else if ((event.key === 'ArrowUp' || event.key === 'ArrowDown') && edge !== null)
      onChange(
        raisedTo(obstacle, leafHeightCm, edge + (event.key === 'ArrowUp' ? step : -step)),
        true,
      );
    else if (event.key === 'Delete' || event.key === 'Backspace') onRemove(obstacle.id);
    else if (event.key === 'Escape') {
      cancel();
      onSelect(null);
    } else if (event.key === 'Enter' || event.key === ' ') onSelect(obstacle.id);
    else return;
    event.preventDefault();
  };

  const lit = selected ?? held;
  return (
    <div className="relative bg-field" style={{ height: heightPx }}>
      <svg
        ref={svg}
        width={w}
        height={heightPx}
        className="absolute top-0 left-0 touch-none overflow-hidden select-none"
        role="group"
        aria-label="Sky from the spot, bearing across and altitude up"
        onPointerMove={move}
        onPointerUp={up}
        onPointerCancel={cancel}
        onPointerDown={() => onSelect(null)}
      >
        <defs>
          <pattern
            id="leaf-shade"
            width="7"
            height="7"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(38)"
          >
            <rect width="7" height="7" fill="var(--rule2)" opacity=".28" />
            <line x1="0" x2="0" y1="0" y2="7" stroke="var(--ink2)" strokeWidth="2" opacity=".45" />
          </pattern>
        </defs>
        {[15, 30, 45, 60, 75].map((altitude) => (
          <line
            key={altitude}
            x1={0}
            x2={w}
            y1={Math.round(yOf(altitude)) + 0.5}
            y2={Math.round(yOf(altitude)) + 0.5}
            stroke="var(--rule)"
            strokeWidth={0.8}
            opacity={0.6}
          />
        ))}
        {paths.band && <path d={areaOf(paths.band, xOf, yOf)} fill="var(--strip)" opacity={0.75} />}
        {obstacles.map((obstacle) => (
          <g
            key={obstacle.id}
            role="button"
            tabIndex={0}
            data-obstacle={obstacle.id}
            aria-pressed={selected === obstacle.id}
            aria-label={`${OBSTACLE_NAMES[obstacle.kind]}, toward ${pointOf(bearingOf(obstacle))}`}
            className="cursor-grab outline-offset-0 active:cursor-grabbing"
            onPointerDown={(event) => down(event, obstacle, 'body')}
            onKeyDown={(event) => key(event, obstacle)}
          >
            {silhouette(obstacle, leafHeightCm, middle, xOf, yOf).map((d, i) => (
              <path
                key={i}
                d={d}
                fill={
                  letsThrough(obstacle, weekOfDay(today)) > 0 ? 'url(#leaf-shade)' : 'var(--rule2)'
                }
                fillOpacity={letsThrough(obstacle, weekOfDay(today)) > 0 ? 1 : 0.62}
                stroke={lit === obstacle.id ? '#00545c' : 'var(--ink2)'}
                strokeWidth={lit === obstacle.id ? 2.4 : 0.9}
                strokeLinejoin="round"
              />
            ))}
          </g>
        ))}
        {paths.lines.map(({ day, name, runs, weight }) => (
          <g key={name} pointerEvents="none">
            {runs.map(({ light, points }, i) => (
              <path
                key={i}
                d={lineOf(points, xOf, yOf, w)}
                fill="none"
                stroke="var(--ink)"
                strokeWidth={light >= 0.95 ? weight : light > 0.02 ? weight * 0.6 : 0.8}
                strokeDasharray={light >= 0.95 ? undefined : light > 0.02 ? '7 4' : '1.5 4'}
                strokeLinecap="butt"
              />
            ))}
            <PathName day={day} name={name} paths={paths.lines} runs={runs} xOf={xOf} yOf={yOf} />
          </g>
        ))}
        {paths.hours.map(({ hour, bearing, altitude }) => (
          <g key={hour} pointerEvents="none">
            <circle cx={xOf(bearing)} cy={yOf(altitude)} r={2.6} fill="var(--ink)" />
            {hour % 2 === 0 && (
              <text
                x={xOf(bearing)}
                y={yOf(altitude) + 14}
                textAnchor="middle"
                fontSize={10.5}
                fill="var(--ink)"
                stroke="var(--field)"
                strokeWidth={3}
                paintOrder="stroke"
              >
                {hour}
              </text>
            )}
          </g>
        ))}
        {obstacles
          .filter(({ id }) => id === lit)
          .map((obstacle) =>
            grips(obstacle, leafHeightCm).map(({ grip, bearing, altitude }) => (
              <rect
                key={grip}
                x={xOf(bearing) - 7}
                y={yOf(altitude) - 7}
                width={14}
                height={14}
                data-grip={grip}
                fill="var(--paper)"
                stroke="#00545c"
                strokeWidth={2}
                className={grip === 'body' ? 'cursor-move' : 'cursor-ew-resize'}
                onPointerDown={(event) => down(event, obstacle, grip)}
              />
            )),
          )}
        <line x1={0} x2={w} y1={h + 0.5} y2={h + 0.5} stroke="var(--tick)" strokeWidth={1.5} />
        <rect x={0} y={h + 1} width={w} height={FOOT_PX} fill="var(--strip)" pointerEvents="none" />
        {Array.from({ length: 25 }, (_, i) => middle - 180 + i * 15).map((bearing, i) => {
          const x = Math.round((i / 24) * w) + 0.5;
          const point = ((bearing % 360) + 360) % 360;
          return (
            <g key={bearing} pointerEvents="none">
              <line x1={x} x2={x} y1={h} y2={h + (point % 45 === 0 ? 9 : 4)} stroke="var(--tick)" />
              {point % 45 === 0 && i > 0 && i < 24 && (
                <text
                  x={x}
                  y={h + 20}
                  textAnchor="middle"
                  fontSize={10.5}
                  fontWeight={point % 90 === 0 ? 700 : 450}
                  fill="var(--ink)"
                >
                  {pointOf(point)}
                </text>
              )}
            </g>
          );
        })}
      </svg>
      <svg width={SIDE_PX} height={h} className="absolute top-0 right-0 bg-strip" aria-hidden>
        {Array.from({ length: 19 }, (_, i) => i * 5).map((altitude) => (
          <g key={altitude}>
            <line
              x1={0}
              x2={altitude % 15 === 0 ? 9 : 4}
              y1={Math.round(yOf(altitude)) + 0.5}
              y2={Math.round(yOf(altitude)) + 0.5}
              stroke="var(--tick)"
            />
            {altitude % 15 === 0 && altitude < 90 && altitude > 0 && (
              <text x={12} y={yOf(altitude) + 3.5} fontSize={10.5} fill="var(--ink)">
                {altitude}°
              </text>
            )}
          </g>
        ))}
      </svg>
    </div>
  );
}

type Place = readonly [bearing: number, altitude: number];
interface SunPath {
  readonly day: number;
  readonly name: string;
  readonly weight: number;
  readonly runs: readonly { readonly light: number; readonly points: readonly Place[] }[];
}

/** The sun's path over a day as places in the sky, every two degrees of hour angle. */
function pathOf({ latitudeDeg, longitudeDeg }: Spot['site'], day: number): readonly Place[] {
  const { declinationRad, driftRad } = sunDay({ longitudeDeg }, day);
  const half = halfDayRad(latitudeDeg, declinationRad);
  const steps = Math.max(2, Math.ceil(half / (2 * RAD_PER_DEG)) * 2);
  if (half < 1e-6) return [];
  return Array.from({ length: steps + 1 }, (_, i) => {
    const angle = -half + (2 * half * i) / steps;
    const { azimuthDeg, altitudeDeg } = positionOf(
      sunVector(latitudeDeg, declinationRad + driftRad * angle, angle),
    );
    return [azimuthDeg, Math.max(0, altitudeDeg)];
  });
}

function sunPaths(
  spot: Spot,
  season: SkyStripProps['season'],
  today: number,
): {
  readonly lines: readonly SunPath[];
  readonly band: readonly [readonly Place[], readonly Place[]] | null;
  readonly hours: readonly {
    readonly hour: number;
    readonly bearing: number;
    readonly altitude: number;
  }[];
} {
  const { site } = spot;
  const line = (day: number, name: string, weight: number): SunPath => {
    const shades = spot.obstacles.map((obstacle) =>
      shadeOf(obstacle, spot.leafHeightCm, weekOfDay(day)),
    );
    const runs: { light: number; points: Place[] }[] = [];
    for (const place of pathOf(site, day)) {
      const [a, b] = [place[1] * RAD_PER_DEG, place[0] * RAD_PER_DEG];
      const light = lightThrough(
        shades,
        Math.cos(a) * Math.sin(b),
        Math.cos(a) * Math.cos(b),
        Math.sin(a),
      );
      const last = runs[runs.length - 1];
      if (last && last.light === light) last.points.push(place);
      else
        runs.push({
          light,
          points: last ? [last.points[last.points.length - 1]!, place] : [place],
        });
    }
    return { day, name, weight, runs };
  };
  const days = Array.from(
    { length: season.weeks * 7 + 1 },
    (_, i) => (dayOfWeek(season.from) + i) % 365,
  );
  const byHeight = [...days].sort(
    (p, q) => sunDay(site, q).declinationRad - sunDay(site, p).declinationRad,
  );
  const [high, low] =
    site.latitudeDeg >= 0
      ? [byHeight[0]!, byHeight[byHeight.length - 1]!]
      : [byHeight[byHeight.length - 1]!, byHeight[0]!];
  const { declinationRad } = sunDay(site, today);
  const half = halfDayRad(site.latitudeDeg, declinationRad);
  const hours = Array.from({ length: 24 }, (_, hour) => ({
    hour,
    angle: (hour * 15 - 180) * RAD_PER_DEG,
  }))
    .filter(({ angle }) => Math.abs(angle) < half)
    .map(({ hour, angle }) => {
      const { azimuthDeg, altitudeDeg } = positionOf(
        sunVector(site.latitudeDeg, declinationRad, angle),
      );
      return { hour, bearing: azimuthDeg, altitude: altitudeDeg };
    });
  return {
    lines: [
      line(171, '21 June', 1.6),
      line(79, '21 March', 1.6),
      line(354, '21 December', 1.6),
      line(today, dayText(today), 2.6),
    ],
    band: days.length > 1 ? [pathOf(site, high), pathOf(site, low)] : null,
    hours,
  };
}

/** The name of a path beside where it is highest. Paths that lie close share their name's place, and today's wins. */
function PathName({
  day,
  name,
  paths,
  runs,
  xOf,
  yOf,
}: {
  readonly day: number;
  readonly name: string;
  readonly paths: readonly SunPath[];
  readonly runs: SunPath['runs'];
  readonly xOf: (b: number) => number;
  readonly yOf: (a: number) => number;
}) {
  const top = (path: { readonly runs: SunPath['runs'] }) =>
    path.runs
      .flatMap(({ points }) => points)
      .reduce<Place | null>((best, place) => (!best || place[1] > best[1] ? place : best), null);
  const at = top({ runs });
  const today = paths[paths.length - 1]!;
  const todayTop = top(today);
  if (!at || (day !== today.day && todayTop && Math.abs(todayTop[1] - at[1]) < 5)) return null;
  return (
    <text
      x={xOf(at[0])}
      y={yOf(at[1]) - 6}
      textAnchor="middle"
      fontSize={12}
      fontWeight={day === today.day ? 640 : 450}
      fill="var(--ink)"
      stroke="var(--field)"
      strokeWidth={3}
      paintOrder="stroke"
    >
      {name}
    </text>
  );
}

function lineOf(
  points: readonly Place[],
  xOf: (b: number) => number,
  yOf: (a: number) => number,
  width: number,
): string {
  let d = '';
  let lastX = Number.NaN;
  for (const [bearing, altitude] of points) {
    const x = xOf(bearing);
    // Where a path leaves one side of the strip it comes in at the other.
    d += `${Number.isNaN(lastX) || Math.abs(x - lastX) > width / 2 ? 'M' : 'L'}${x.toFixed(1)} ${yOf(altitude).toFixed(1)}`;
    lastX = x;
  }
  return d;
}

function areaOf(
  [high, low]: readonly [readonly Place[], readonly Place[]],
  xOf: (b: number) => number,
  yOf: (a: number) => number,
): string {
  const along = (points: readonly Place[]) =>
    [...points].map(([b, a]) => [xOf(b), yOf(a)] as const).sort((p, q) => p[0] - q[0]);
  return `M${[...along(high), ...along(low).reverse()].map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}Z`;
}

/** Outlines of a thing: one for each unbroken run of bearings. */
function silhouette(
  obstacle: Obstacle,
  leafHeightCm: number,
  middle: number,
  xOf: (b: number) => number,
  yOf: (a: number) => number,
): readonly string[] {
  const runs: { x: number; low: number; high: number }[][] = [];
  let run: { x: number; low: number; high: number }[] | null = null;
  for (let i = 0; i <= 720; i += 1) {
    const bearing = middle - 180 + i / 2;
    // The strip's last bearing is its first again; it belongs to the right edge.
    const x = i === 720 ? xOf(middle + 179.999) : xOf(bearing + 1e-6);
    const cover = heightsAt(obstacle, leafHeightCm, bearing);
    if (!cover) {
      run = null;
      continue;
    }
    if (!run) runs.push((run = []));
    run.push({ x, low: yOf(cover[0]), high: yOf(cover[1]) });
  }
  return runs.map(
    (points) =>
      `M${points.map(({ x, high }) => `${x.toFixed(1)} ${high.toFixed(1)}`).join('L')}L${[...points]
        .reverse()
        .map(({ x, low }) => `${x.toFixed(1)} ${low.toFixed(1)}`)
        .join('L')}Z`,
  );
}

/** Altitude of the edge that is dragged, straight ahead; `null` when there is none. */
function edgeOf(obstacle: Obstacle, leafHeightCm: number): number | null {
  if (obstacle.kind === 'building') return null;
  const cover = heightsAt(obstacle, leafHeightCm, bearingOf(obstacle));
  return cover ? cover[obstacle.kind === 'eave' ? 0 : 1] : 2;
}

/** Handles: the middle of the edge, and the ends where there are ends to drag. */
function grips(
  obstacle: Obstacle,
  leafHeightCm: number,
): readonly {
  readonly grip: 'body' | 'left' | 'right';
  readonly bearing: number;
  readonly altitude: number;
}[] {
  const at = bearingOf(obstacle);
  const edge = edgeOf(obstacle, leafHeightCm);
  const list: { grip: 'body' | 'left' | 'right'; bearing: number; altitude: number }[] = [
    { grip: 'body', bearing: at, altitude: edge ?? 45 },
  ];
  const end = (run: number, distance: number) => Math.atan2(run, distance) / RAD_PER_DEG;
  if (obstacle.kind === 'wall' || obstacle.kind === 'hedge') {
    list.push({
      grip: 'left',
      bearing: at - end(obstacle.leftCm, obstacle.distanceCm),
      altitude: (edge ?? 0) / 2,
    });
    list.push({
      grip: 'right',
      bearing: at + end(obstacle.rightCm, obstacle.distanceCm),
      altitude: (edge ?? 0) / 2,
    });
  } else if (obstacle.kind === 'skyline')
    list.push(
      { grip: 'left', bearing: obstacle.fromDeg, altitude: obstacle.altitudeDeg / 2 },
      { grip: 'right', bearing: obstacle.toDeg, altitude: obstacle.altitudeDeg / 2 },
    );
  else if (obstacle.kind === 'tree') {
    const cover = heightsAt(obstacle, leafHeightCm, at);
    const level = cover ? (cover[0] + cover[1]) / 2 : 10;
    const half = end(obstacle.widthCm / 2, obstacle.distanceCm);
    list.push(
      { grip: 'left', bearing: at - half, altitude: level },
      { grip: 'right', bearing: at + half, altitude: level },
    );
  }
  return list;
}
