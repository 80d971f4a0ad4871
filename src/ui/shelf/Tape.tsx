/** A run that a tape takes from side to side, with its figure. */
export function Across({
  from,
  to,
  y,
  text,
}: {
  readonly from: number;
  readonly to: number;
  readonly y: number;
  readonly text: string;
}) {
  return (
    <Figure
      path={`M${from} ${y - 5}v10M${to} ${y - 5}v10M${from} ${y}H${to}`}
      x={(from + to) / 2}
      y={y}
      text={text}
    />
  );
}

/** A run that a tape takes from top to bottom, with its figure. */
export function Upright({
  x,
  from,
  to,
  text,
}: {
  readonly x: number;
  readonly from: number;
  readonly to: number;
  readonly text: string;
}) {
  // A short run has its figure beside it.
  const short = Math.abs(to - from) < 24;
  return (
    <Figure
      path={`M${x - 5} ${from}h10M${x - 5} ${to}h10M${x} ${from}V${to}`}
      x={short ? x + 19 : x}
      y={(from + to) / 2}
      text={text}
    />
  );
}

function Figure({
  path,
  x,
  y,
  text,
}: {
  readonly path: string;
  readonly x: number;
  readonly y: number;
  readonly text: string;
}) {
  const half = 5 + text.length * 4;
  return (
    <g stroke="var(--ink)" strokeWidth={1.2}>
      <path d={path} fill="none" />
      <rect x={x - half} y={y - 8} width={2 * half} height={16} fill="var(--field)" stroke="none" />
      <text
        x={x}
        y={y + 4.5}
        textAnchor="middle"
        fontSize={13}
        fontWeight={640}
        stroke="none"
        fill="var(--ink)"
      >
        {text}
      </text>
    </g>
  );
}
