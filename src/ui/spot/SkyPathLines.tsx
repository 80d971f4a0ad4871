import type { SkyPath, SkyPaths, SkyPlace } from '@/core/spots/skyPaths';
import { dayText } from '@/words/light';
import { areaOf, lineOf, type SkyScale } from './skyScale';

/** Light from which a way counts as full, and below which as none. */
const FULL = 0.95;
const NONE = 0.02;
/** Ways whose tops lie nearer than this share the place of their name, degrees; today's wins. */
const CLOSE_DEG = 5;

interface LinesProps {
  readonly paths: SkyPaths;
  readonly scale: SkyScale;
}

/** The band of the season, under everything. */
export function SeasonBand({ paths, scale }: LinesProps) {
  return paths.band && <path d={areaOf(paths.band, scale)} fill="var(--strip)" opacity={0.75} />;
}

/** The sun's ways, whole where it shines, dashed where it comes through leaves, dotted where it is hidden; with the hours of today. */
export function SkyPathLines({ paths, scale }: LinesProps) {
  const today = paths.lines[paths.lines.length - 1]!;
  return (
    <>
      {paths.lines.map((path, i) => {
        const isToday = path === today;
        const weight = isToday ? 2.6 : 1.6;
        return (
          <g key={`${i} ${path.day}`} pointerEvents="none">
            {path.runs.map(({ light, points }, n) => (
              <path
                key={n}
                d={lineOf(points, scale)}
                fill="none"
                stroke="var(--ink)"
                {...strokeOf(light, weight)}
                strokeLinecap="butt"
              />
            ))}
            {(isToday || !hidesName(path, today)) && (
              <PathName path={path} bold={isToday} scale={scale} />
            )}
          </g>
        );
      })}
      {paths.hours.map(({ hour, at: [bearing, altitude] }) => (
        <g key={hour} pointerEvents="none">
          <circle cx={scale.xOf(bearing)} cy={scale.yOf(altitude)} r={2.6} fill="var(--ink)" />
          {hour % 2 === 0 && (
            <text
              x={scale.xOf(bearing)}
              y={scale.yOf(altitude) + 14}
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
    </>
  );
}

function strokeOf(light: number, weight: number) {
  if (light >= FULL) return { strokeWidth: weight };
  if (light > NONE) return { strokeWidth: weight * 0.6, strokeDasharray: '7 4' };
  return { strokeWidth: 0.8, strokeDasharray: '1.5 4' };
}

/** Where a way is highest; `null` for one that does not rise. */
function topOf({ runs }: SkyPath): SkyPlace | null {
  return runs
    .flatMap(({ points }) => points)
    .reduce<SkyPlace | null>((best, place) => (!best || place[1] > best[1] ? place : best), null);
}

function hidesName(path: SkyPath, today: SkyPath): boolean {
  const [own, other] = [topOf(path), topOf(today)];
  return !own || (other !== null && Math.abs(other[1] - own[1]) < CLOSE_DEG);
}

function PathName({
  path,
  bold,
  scale,
}: {
  readonly path: SkyPath;
  readonly bold: boolean;
  readonly scale: SkyScale;
}) {
  const at = topOf(path);
  if (!at) return null;
  return (
    <text
      x={scale.xOf(at[0])}
      y={scale.yOf(at[1]) - 6}
      textAnchor="middle"
      fontSize={12}
      fontWeight={bold ? 640 : 450}
      fill="var(--ink)"
      stroke="var(--field)"
      strokeWidth={3}
      paintOrder="stroke"
    >
      {dayText(path.day)}
    </text>
  );
}
