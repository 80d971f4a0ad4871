/** Where to pinch: just above the second pair of leaves, and the two stems that come of it. */
export function PinchDrawing() {
  const leaf = (x: number, y: number, way: 1 | -1) =>
    `M${x} ${y}c${way * 10} -9 ${way * 24} -9 ${way * 32} -2c${way * -10} 7 ${way * -24} 8 ${way * -32} 2z`;
  return (
    <svg
      width={250}
      height={150}
      viewBox="0 0 250 150"
      role="img"
      aria-label="Pinched above the second pair of leaves; two stems grow from there"
    >
      <g fill="none" stroke="var(--ink)" strokeWidth={2.4} strokeLinecap="round">
        <path d="M70 146V22" />
        <path d="M190 146V84M190 84C188 66 178 54 172 34M190 84C192 66 202 54 208 34" />
      </g>
      <g fill="oklch(0.74 0.004 225)" stroke="var(--ink)" strokeWidth={1.4}>
        {[118, 84, 50].flatMap((y) => [
          <path key={`l${y}`} d={leaf(70, y, -1)} />,
          <path key={`r${y}`} d={leaf(70, y, 1)} />,
        ])}
        <path d="M70 22c-8 -4 -9 -12 0 -18c9 6 8 14 0 18z" />
        {[118, 86].flatMap((y) => [
          <path key={`L${y}`} d={leaf(190, y, -1)} />,
          <path key={`R${y}`} d={leaf(190, y, 1)} />,
        ])}
        <path d="M172 34c-8 -4 -9 -12 0 -18c9 6 8 14 0 18z" />
        <path d="M208 34c-8 -4 -9 -12 0 -18c9 6 8 14 0 18z" />
      </g>
      <g stroke="var(--act)" strokeWidth={3} fill="none">
        <path d="M44 73L96 67" strokeDasharray="7 5" />
        <path d="M112 76h22m-7 -6l7 6l-7 6" />
      </g>
    </svg>
  );
}
