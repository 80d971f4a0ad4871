'use client';

import { useMemo, useRef } from 'react';
import type { Obstacle } from '@/core/spots/obstacle';
import { skyPathsOf } from '@/core/spots/skyPaths';
import type { Spot } from '@/core/spots/spot';
import { AltitudeRuler, BearingRuler, FOOT_PX, SIDE_PX, SkyLevels } from './SkyEdges';
import { SeasonBand, SkyPathLines } from './SkyPathLines';
import { skyScale } from './skyScale';
import { SkyGrips, SkySilhouettes } from './SkySilhouettes';
import { useSkyHand } from './useSkyHand';

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

/** The panorama from the leaves: bearing across, altitude up, what stands around as silhouettes, the sun's paths over it. */
export function SkyStrip({
  spot,
  widthPx,
  heightPx,
  selected,
  season,
  today,
  ...hands
}: SkyStripProps) {
  const { site, obstacles, leafHeightCm } = spot;
  const svg = useRef<SVGSVGElement>(null);
  const scale = useMemo(
    () => skyScale(site.latitudeDeg, widthPx - SIDE_PX, heightPx - FOOT_PX),
    [site.latitudeDeg, widthPx, heightPx],
  );
  const paths = useMemo(() => skyPathsOf(spot, season, today), [spot, season, today]);
  const hand = useSkyHand({ svg, scale, leafHeightCm, ...hands });
  const lit = selected ?? hand.held;
  const things = { obstacles, leafHeightCm, scale, lit, onDown: hand.down };
  return (
    <div className="relative bg-field" style={{ height: heightPx }}>
      <svg
        ref={svg}
        width={scale.widthPx}
        height={heightPx}
        className="absolute top-0 left-0 touch-none overflow-hidden select-none"
        role="group"
        aria-label="Sky from the spot, bearing across and altitude up"
        onPointerMove={hand.move}
        onPointerUp={hand.up}
        onPointerCancel={hand.cancel}
        onPointerDown={() => hands.onSelect(null)}
      >
        <LeafShade />
        <SkyLevels scale={scale} />
        <SeasonBand paths={paths} scale={scale} />
        <SkySilhouettes {...things} today={today} selected={selected} onKey={hand.key} />
        <SkyPathLines paths={paths} scale={scale} />
        <SkyGrips {...things} />
        <BearingRuler scale={scale} />
      </svg>
      <AltitudeRuler scale={scale} />
    </div>
  );
}

/** Hatching for what lets some light through. */
function LeafShade() {
  return (
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
  );
}
