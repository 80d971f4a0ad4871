interface StandProps {
  /** Middle of the stand, px. */
  readonly x: number;
  /** Half its width, px. */
  readonly half: number;
  /** Its top, px. */
  readonly foot: number;
  readonly highPx: number;
}

/** A plain stand: a board on two legs. */
export function Stand({ x, half, foot, highPx }: StandProps) {
  return (
    <svg
      width={half * 2 + 8}
      height={highPx + 4}
      className="pointer-events-none absolute"
      style={{ left: x - half - 4, top: foot }}
      aria-hidden
    >
      <rect
        x={1}
        y={0}
        width={half * 2 + 6}
        height={Math.min(5, highPx)}
        fill="#8d8a85"
        stroke="#55524e"
        strokeWidth={1}
      />
      {highPx > 8 &&
        [6, half * 2 - 4].map((at) => (
          <rect
            key={at}
            x={at}
            y={5}
            width={6}
            height={highPx - 5}
            fill="#7a7772"
            stroke="#55524e"
            strokeWidth={1}
          />
        ))}
    </svg>
  );
}
