import { toHex } from '@/core/colour/oklch';
import { middle, type PlantKind } from '@/core/plants/kind';

/** Scale of the outlines, px per cm. */
const PX_PER_CM = 0.56;

/** Height, spread and trail as one outline, all kinds at one scale: a growth silhouette. */
export function Silhouette({ kind }: { readonly kind: PlantKind }) {
  const h = Math.min(62, middle(kind.heightCm) * PX_PER_CM);
  const w = Math.min(74, middle(kind.spreadCm) * PX_PER_CM);
  const trail = kind.trailCm ? Math.min(30, middle(kind.trailCm) * PX_PER_CM) : 0;
  const base = 68 - trail;
  const top = base - h;
  const shape =
    kind.habit === 'grass' || kind.habit === 'strap'
      ? `M37 ${base} Q${37 - w / 2} ${top} ${37 - w / 2} ${top + h * 0.4} Q${37 - w / 4} ${top - 2} 37 ${top} Q${37 + w / 4} ${top - 2} ${37 + w / 2} ${top + h * 0.4} Q${37 + w / 2} ${top} 37 ${base}Z`
      : kind.habit === 'upright' ||
          kind.habit === 'spike' ||
          kind.habit === 'climber' ||
          kind.habit === 'paddle' ||
          kind.habit === 'truss' ||
          kind.habit === 'bulb'
        ? `M${37 - w / 5} ${base} Q${37 - w / 2} ${base - h * 0.4} ${37 - w / 3} ${base - h * 0.75} Q37 ${top - h * 0.12} ${37 + w / 3} ${base - h * 0.75} Q${37 + w / 2} ${base - h * 0.4} ${37 + w / 5} ${base}Z`
        : `M${37 - w / 2} ${base} Q${37 - w / 2} ${top} 37 ${top} Q${37 + w / 2} ${top} ${37 + w / 2} ${base} ${trail ? `Q${37 + w / 2 + 1} ${base + trail} ${37 + w / 2 - 3} ${base + trail} Q${37 + w / 2 - 7} ${base + 4} ${37 + w / 4} ${base} L${37 - w / 4} ${base} Q${37 - w / 2 + 7} ${base + 4} ${37 - w / 2 + 3} ${base + trail} Q${37 - w / 2 - 1} ${base + trail} ${37 - w / 2} ${base}` : ''}Z`;
  return (
    <svg width={74} height={70} aria-hidden className="block">
      <path d={shape} fill={toHex(kind.foliage.main)} stroke="var(--ink2)" strokeWidth={0.8} />
      {kind.bloom && kind.bloom.cover > 0.12 && (
        <circle
          cx={37}
          cy={top + h * 0.28}
          r={Math.max(2, Math.min(6, w / 8))}
          fill={toHex(kind.bloom.main)}
          stroke="var(--ink2)"
          strokeWidth={0.6}
        />
      )}
      <line x1={0} x2={74} y1={base + 0.5} y2={base + 0.5} stroke="var(--tick)" />
    </svg>
  );
}
