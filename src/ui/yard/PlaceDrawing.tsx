import type { Strip } from './yardLayout';

/** Scallops of a canopy's edge, px. */
const SCALLOP_PX = 14;
const VALANCE_PX = 9;
const SILL_PX = 6;
const BALUSTER_CM = 11;
/** A window over its sill, cm. */
const WINDOW_CM = 130;

/** What the containers of a strip stand on or hang from, and the colours behind them: outlines only, so that the plants stay what is seen. */
export function PlaceDrawing({
  strip,
  middles,
  pxPerCm,
}: {
  readonly strip: Strip;
  /** Where the containers' middles lie, px from the strip's left. */
  readonly middles: readonly number[];
  readonly pxPerCm: number;
}) {
  const { widthPx, heightPx, fromCm, place } = strip;
  // Where the container's foot is, below the top.
  const footPx = heightPx - (place.dropCm - fromCm) * pxPerCm;
  const top = Math.max(4, Math.min(...strip.slots.map(({ topPx }) => topPx)) - 2 * VALANCE_PX);
  return (
    <svg
      aria-hidden
      width={widthPx}
      height={heightPx}
      className="absolute inset-0 fill-none stroke-rule2"
      strokeWidth={0.9}
      data-place={place.kind}
    >
      <Behind behind={place.behind} widthPx={widthPx} heightPx={heightPx} />
      {place.kind === 'canopy' && (
        <>
          <Roof widthPx={widthPx} top={top} />
          {strip.slots.map(({ id, topPx }, i) => (
            <line
              key={id}
              x1={middles[i]}
              x2={middles[i]}
              y1={top + VALANCE_PX}
              y2={Math.max(topPx, top + VALANCE_PX)}
            />
          ))}
        </>
      )}
      {place.kind === 'roofed' && <Roof widthPx={widthPx} top={3} />}
      {place.kind === 'bracket' &&
        strip.slots.map(({ id, topPx, widthPx: slot }, i) => {
          const [x, y] = [middles[i]!, Math.max(6, topPx - 5)];
          const post = x - slot * 0.36;
          return (
            <path
              key={id}
              d={`M${post} ${heightPx}V${y - 4}M${post} ${y}H${x + 4}v5M${post} ${y + 22}L${x - 12} ${y}`}
            />
          );
        })}
      {place.kind === 'sill' && (
        <Window widthPx={widthPx} footPx={footPx} pxPerCm={pxPerCm} middles={middles} />
      )}
      {place.kind === 'ledge' && (
        <rect
          x={0.5}
          y={footPx}
          width={widthPx - 1}
          height={SILL_PX}
          className="fill-strip stroke-tick"
        />
      )}
      {place.kind === 'rail' && (
        <Rail widthPx={widthPx} footPx={footPx} heightPx={heightPx} pxPerCm={pxPerCm} />
      )}
    </svg>
  );
}

function Behind({
  behind: [wall, ...shrubs],
  widthPx,
  heightPx,
}: {
  readonly behind: readonly string[];
  readonly widthPx: number;
  readonly heightPx: number;
}) {
  return (
    <g stroke="none">
      {wall && <rect width={widthPx} height={heightPx} style={{ fill: wall }} />}
      {shrubs.map((colour, i) => {
        const top = heightPx * (0.5 + 0.12 * i);
        return (
          <path
            key={`${colour} ${i}`}
            style={{ fill: colour }}
            d={`M0 ${heightPx}V${top}${Array.from(
              { length: Math.ceil(widthPx / 60) },
              (_, k) => `q30 ${-10 - ((k * 7 + i * 5) % 9)} 60 0`,
            ).join('')}V${heightPx}z`}
          />
        );
      })}
    </g>
  );
}

function Roof({ widthPx, top }: { readonly widthPx: number; readonly top: number }) {
  const count = Math.ceil(widthPx / SCALLOP_PX);
  return (
    <path
      d={`M0 ${top}H${widthPx}M0 ${top + 3}${`l${SCALLOP_PX / 2} ${VALANCE_PX - 3}l${SCALLOP_PX / 2} ${3 - VALANCE_PX}`.repeat(count)}`}
      className="stroke-tick"
    />
  );
}

function Window({
  widthPx,
  footPx,
  pxPerCm,
  middles,
}: {
  readonly widthPx: number;
  readonly footPx: number;
  readonly pxPerCm: number;
  readonly middles: readonly number[];
}) {
  const high = Math.min(WINDOW_CM * pxPerCm, footPx - 2);
  const half = 58 * pxPerCm;
  return (
    <>
      {middles.map((x) => (
        <path
          key={x}
          className="fill-field"
          d={`M${x - half} ${footPx}v${-high}H${x + half}V${footPx}zM${x} ${footPx}v${-high}`}
        />
      ))}
      <rect
        x={0.5}
        y={footPx}
        width={widthPx - 1}
        height={SILL_PX}
        className="fill-strip stroke-tick"
      />
    </>
  );
}

function Rail({
  widthPx,
  footPx,
  heightPx,
  pxPerCm,
}: {
  readonly widthPx: number;
  readonly footPx: number;
  readonly heightPx: number;
  readonly pxPerCm: number;
}) {
  const step = BALUSTER_CM * pxPerCm;
  const bars = Array.from({ length: Math.floor(widthPx / step) }, (_, i) => (i + 0.5) * step);
  return (
    <>
      <path d={bars.map((x) => `M${x} ${footPx + 5}V${heightPx}`).join('')} />
      <rect x={0.5} y={footPx} width={widthPx - 1} height={5} className="fill-strip stroke-tick" />
    </>
  );
}
