interface RulerProps {
  readonly lengthPx: number;
  /** Where zero lies along the ruler, px. */
  readonly zeroPx: number;
  readonly pxPerCm: number;
  readonly unit: 'cm' | 'in';
  /** Ticks on the top edge of a level ruler, or the left edge of an upright one. */
  readonly upright?: boolean;
  readonly thickness?: number;
}

/** A ruled edge in the gardener's unit: ticks every unit, five and ten, a figure every ten. */
export function Ruler({
  lengthPx,
  zeroPx,
  pxPerCm,
  unit,
  upright = false,
  thickness = upright ? 32 : 24,
}: RulerProps) {
  const perUnit = unit === 'cm' ? pxPerCm : pxPerCm * 2.54;
  const step = perUnit >= 2.5 ? 1 : perUnit >= 1 ? 5 : 10;
  const figureEvery = perUnit * 10 >= 26 ? 10 : perUnit * 20 >= 26 ? 20 : 50;
  const inches = unit === 'in';
  const figure = inches ? (perUnit * 4 >= 26 ? 4 : 12) : figureEvery;
  const from = Math.ceil(-zeroPx / perUnit / step) * step;
  const to = Math.floor((lengthPx - zeroPx) / perUnit / step) * step;
  // One path, not a line each: a yard of a thousand containers has as many rulers as spots, and all of them scroll.
  let ticks = '';
  const figures = [];
  for (let u = from; u <= to; u += step) {
    const at = Math.round(zeroPx + u * perUnit) + 0.5;
    const size = u % figure === 0 ? 9 : u % (inches ? 2 : 5) === 0 ? 6 : 3.5;
    const text = u % figure === 0 ? String(Math.abs(u)) : null;
    // Upright rulers read from the bottom.
    const along = upright ? lengthPx - at : at;
    ticks += upright ? `M${thickness} ${along}h${-size}` : `M${along} 0v${size}`;
    if (text && along > 9 && along < lengthPx - 9 && !(upright && u < 0))
      figures.push(
        <text
          key={u}
          x={upright ? thickness - 12 : along}
          y={upright ? along + 3.5 : 20}
          textAnchor={upright ? 'end' : 'middle'}
          fontWeight={u === 0 ? 700 : 450}
          stroke="none"
          fill="var(--ink)"
          fontSize={10.5}
        >
          {text}
        </text>,
      );
  }
  return (
    <svg
      aria-hidden
      width={upright ? thickness : lengthPx}
      height={upright ? lengthPx : thickness}
      className="block bg-strip"
      stroke="var(--tick)"
      strokeWidth={1}
    >
      <path d={ticks} />
      {figures}
    </svg>
  );
}

/** The words that say once what a tick is. */
export function tickText(unit: 'cm' | 'in'): string {
  return `Ticks are ${unit === 'cm' ? '1 cm' : '1 inch'} in both drawings`;
}
