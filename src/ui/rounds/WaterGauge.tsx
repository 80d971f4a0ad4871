import type { WaterOutlook } from '@/core/care/outlook';

/** How much of its water is left, as a ruled edge: the mark, how unsure it is as a band, and the line at which it is watered. */
export function WaterGauge({
  outlook,
  widthPx,
}: {
  readonly outlook: Pick<WaterOutlook, 'share' | 'sdShare'>;
  readonly widthPx: number;
}) {
  const x = (share: number) => 8 + Math.min(1, Math.max(0, share)) * (widthPx - 16);
  const { share, sdShare } = outlook;
  const percent = Math.round(share * 100);
  return (
    <svg
      width={widthPx}
      height={44}
      viewBox={`0 0 ${widthPx} 44`}
      role="img"
      aria-label={`About ${percent}% of its water is left, give or take ${Math.round(sdShare * 100)}%`}
    >
      <path d={`M${x(0)} 20H${x(1)}`} stroke="var(--ink)" />
      {Array.from({ length: 11 }, (_, i) => (
        <path key={i} d={`M${x(i / 10)} 20v${i % 5 === 0 ? 7 : 4}`} stroke="var(--ink)" />
      ))}
      <rect
        x={x(share - sdShare)}
        y={13}
        width={Math.max(2, x(share + sdShare) - x(share - sdShare))}
        height={7}
        fill="var(--act)"
        opacity={0.35}
      />
      <path d={`M${x(share)} 20l-6 -12h12z`} fill="var(--act)" />
      <text x={x(0)} y={40} fontSize={12} fill="var(--ink2)">
        wilts
      </text>
      <text x={x(0.5)} y={40} fontSize={12} fill="var(--ink2)" textAnchor="middle">
        half
      </text>
      <text x={x(1)} y={40} fontSize={12} fill="var(--ink2)" textAnchor="end">
        full
      </text>
    </svg>
  );
}
