import type { Severity } from '@/core/checks/check';

/** Filled triangle: trouble; half-filled: look; short bar: taste; ring: right. Read without colour. */
export function SeverityMark({ severity }: { readonly severity: Severity }) {
  return (
    <svg width={16} height={16} viewBox="0 0 16 16" aria-hidden className="block">
      {severity === 'trouble' && <path d="M8 1.5 15 14H1z" fill="var(--ink)" />}
      {severity === 'look' && (
        <>
          <path d="M8 2.5 14 13.4H2z" fill="none" stroke="var(--ink)" strokeWidth={1.4} />
          <path d="M8 2.5V13.4H2z" fill="var(--ink)" />
        </>
      )}
      {severity === 'taste' && <rect x={2.5} y={7} width={11} height={2} fill="var(--ink)" />}
      {severity === 'right' && (
        <circle cx={8} cy={8} r={5.2} fill="none" stroke="var(--ink)" strokeWidth={1.7} />
      )}
    </svg>
  );
}
