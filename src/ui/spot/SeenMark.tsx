import type { SunSeen } from '@/core/spots/sunLog';

/** Ring: sun; dotted ring: dappled; filled: shade. Read without colour. */
export function SeenMark({ seen }: { readonly seen: SunSeen | null }) {
  return (
    <svg width={14} height={14} viewBox="0 0 14 14" aria-hidden>
      {seen === 'sun' && (
        <circle cx={7} cy={7} r={5} fill="none" stroke="var(--ink)" strokeWidth={1.8} />
      )}
      {seen === 'dappled' && (
        <circle
          cx={7}
          cy={7}
          r={5}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={1.8}
          strokeDasharray="2.2 2"
        />
      )}
      {seen === 'shade' && <circle cx={7} cy={7} r={5.6} fill="var(--ink)" />}
    </svg>
  );
}
