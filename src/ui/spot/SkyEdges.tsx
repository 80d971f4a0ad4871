import { pointOf } from '@/words/light';
import type { SkyScale } from './skyScale';

export const SIDE_PX = 32;
export const FOOT_PX = 24;

/** Level lines through the sky, faint. */
export function SkyLevels({ scale }: { readonly scale: SkyScale }) {
  return [15, 30, 45, 60, 75].map((altitude) => (
    <line
      key={altitude}
      x1={0}
      x2={scale.widthPx}
      y1={Math.round(scale.yOf(altitude)) + 0.5}
      y2={Math.round(scale.yOf(altitude)) + 0.5}
      stroke="var(--rule)"
      strokeWidth={0.8}
      opacity={0.6}
    />
  ));
}

/** The foot of the strip: bearings, with the points of the compass. */
export function BearingRuler({ scale }: { readonly scale: SkyScale }) {
  const { widthPx, heightPx } = scale;
  return (
    <>
      <line
        x1={0}
        x2={widthPx}
        y1={heightPx + 0.5}
        y2={heightPx + 0.5}
        stroke="var(--tick)"
        strokeWidth={1.5}
      />
      <rect
        x={0}
        y={heightPx + 1}
        width={widthPx}
        height={FOOT_PX}
        fill="var(--strip)"
        pointerEvents="none"
      />
      {Array.from({ length: 25 }, (_, i) => scale.middle - 180 + i * 15).map((bearing, i) => {
        const x = Math.round((i / 24) * widthPx) + 0.5;
        const point = ((bearing % 360) + 360) % 360;
        return (
          <g key={bearing} pointerEvents="none">
            <line
              x1={x}
              x2={x}
              y1={heightPx}
              y2={heightPx + (point % 45 === 0 ? 9 : 4)}
              stroke="var(--tick)"
            />
            {point % 45 === 0 && i > 0 && i < 24 && (
              <text
                x={x}
                y={heightPx + 20}
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
    </>
  );
}

/** The side of the strip: altitudes in degrees. */
export function AltitudeRuler({ scale }: { readonly scale: SkyScale }) {
  const { heightPx } = scale;
  return (
    <svg width={SIDE_PX} height={heightPx} className="absolute top-0 right-0 bg-strip" aria-hidden>
      {Array.from({ length: 19 }, (_, i) => i * 5).map((altitude) => (
        <g key={altitude}>
          <line
            x1={0}
            x2={altitude % 15 === 0 ? 9 : 4}
            y1={Math.round(scale.yOf(altitude)) + 0.5}
            y2={Math.round(scale.yOf(altitude)) + 0.5}
            stroke="var(--tick)"
          />
          {altitude % 15 === 0 && altitude < 90 && altitude > 0 && (
            <text x={12} y={scale.yOf(altitude) + 3.5} fontSize={10.5} fill="var(--ink)">
              {altitude}°
            </text>
          )}
        </g>
      ))}
    </svg>
  );
}
