'use client';

import { memo, useEffect, useMemo, useState } from 'react';
import type { Fix, Remark } from '@/core/checks/opinion';
import { CHECKS, type CheckId } from '@/core/checks/rules/index';
import type { Severity } from '@/core/checks/check';
import type { Library } from '@/core/plants/library';
import type { Settings } from '@/core/files/plantingFile';
import { useLibrary } from '@/ui/session/LibraryProvider';
import type { Editing } from '@/ui/session/useEditing';
import { runJob } from '@/workers/runJob';
import { countText } from '@/words/format';
import { editText, leadWord, sentenceOf } from '@/words/remarks';

interface OpinionSheetProps {
  readonly editing: Editing;
  readonly settings: Settings;
  readonly pointed: CheckId | null;
  readonly onPoint: (check: CheckId | null) => void;
}

/** How long a planting must rest before fixes are tried, ms. */
const REST_MS = 350;

/** The second opinion: what each check saw, why it matters, how sure, and a fix that was tried. The open remark points at its plants in both drawings. */
export const OpinionSheet = memo(function OpinionSheet({ editing, settings, pointed, onPoint }: OpinionSheetProps) {
  const { opinion, it, apply } = editing;
  const { kindOf } = useLibrary();
  const [showAll, setShowAll] = useState(false);
  const spoken = useMemo(() => opinion.remarks.filter(({ meant, severity }) => !meant || severity === 'right'), [opinion]);
  const quiet = opinion.remarks.length - spoken.length;
  const wanting = spoken.filter(({ severity }) => severity !== 'right');
  const praise = spoken.filter(({ severity }) => severity === 'right');
  const shown = [...wanting, ...(showAll ? praise : praise.slice(0, Math.max(2, 5 - wanting.length)))];
  const open = pointed && shown.some(({ check }) => check === pointed) ? pointed : (wanting[0]?.check ?? null);
  const fixes = useFixes(editing, wanting);

  return (
    <section aria-label="Second opinion" className="bg-paper">
      <h2 className="border-b border-rule px-3.5 py-2.5 text-[15px] font-semibold">Second opinion</h2>
      <ul>
        {shown.map((remark) => {
          const sentence = sentenceOf(remark, it, settings);
          const fix = fixes[remark.check];
          const isOpen = remark.check === open;
          return (
            <li key={remark.check} data-check={remark.check} className={`grid grid-cols-[28px_1fr] border-b border-rule px-2.5 py-2.5 ${isOpen ? 'bg-wash' : ''}`}>
              <span className="pt-0.5"><SeverityMark severity={remark.severity} /></span>
              <div className="min-w-0">
                {isOpen && <p className="text-[12.5px] text-ink2">{leadWord(remark)}{remark.certainty === 'a caution' ? '' : `, ${remark.certainty}`}</p>}
                <button type="button" aria-expanded={isOpen} onClick={() => onPoint(isOpen && pointed ? null : remark.check)} className={`w-full text-left ${isOpen ? 'text-[15px] leading-5 font-semibold' : ''}`}>
                  {!isOpen && <b className="font-semibold">{leadWord(remark)}. </b>}
                  {sentence.says}
                </button>
                {isOpen && (
                  <>
                    <p className="mt-1 text-ink2">{sentence.because}</p>
                    <div className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-1.5">
                      {fix && <button type="button" className="press" onClick={() => apply(fix.edit)}>{editText(fix.edit, it, settings, kindOf)}</button>}
                      {remark.severity !== 'right' && <button type="button" className="press-plain" onClick={() => apply({ kind: 'mean', check: remark.check, meant: true })}>I mean it</button>}
                      <Working remark={remark} />
                    </div>
                  </>
                )}
                {!isOpen && fix && <button type="button" className="press-link" onClick={() => apply(fix.edit)}>{editText(fix.edit, it, settings, kindOf)}</button>}
              </div>
            </li>
          );
        })}
      </ul>
      <p className="flex flex-wrap gap-x-4 px-3.5 py-2.5 text-ink2">
        {praise.length + wanting.length > shown.length && <button type="button" className="press-plain" onClick={() => setShowAll(true)}>{countText(praise.length + wanting.length - shown.length, 'more that is right', 'more that are right')}</button>}
        {showAll && <button type="button" className="press-plain" onClick={() => setShowAll(false)}>Show fewer</button>}
        {quiet > 0 && (
          <span>
            {countText(quiet, 'remark')} kept quiet, because you meant {quiet === 1 ? 'it' : 'them'}.{' '}
            <button type="button" className="press-plain" onClick={() => opinion.remarks.filter(({ meant }) => meant).forEach(({ check }) => apply({ kind: 'mean', check, meant: false }))}>Ask again</button>
          </span>
        )}
      </p>
    </section>
  );
});

/** The figures behind a remark, opened on request. */
function Working({ remark }: { readonly remark: Remark }) {
  const { kindOf } = useLibrary();
  const { source } = CHECKS[remark.check];
  return (
    <details className="ml-auto [&[open]]:w-full [&[open]]:pt-1">
      <summary className="cursor-pointer list-none font-semibold underline decoration-rule2 underline-offset-3">Working</summary>
      <p className="mt-1 text-[12.5px] text-ink2">{source.kind === 'published' ? source.citation : source.reason}</p>
      <dl className="mt-1 grid grid-cols-[1fr_auto] gap-x-3 text-[12.5px]">
        <dt className="text-ink2">Score, 0 to 1</dt>
        <dd>{remark.score.toFixed(2)}</dd>
        {Object.entries(remark.facts ?? {}).map(([name, value]) => (
          <div key={name} className="contents">
            <dt className="text-ink2">{factName(name)}</dt>
            <dd className="text-right">{factValue(value, kindOf)}</dd>
          </div>
        ))}
      </dl>
    </details>
  );
}

/** "tallestCm" → "tallest, cm" */
function factName(name: string): string {
  const spaced = name.replace(/([A-Z])/g, ' $1').toLowerCase().trim();
  return spaced.replace(/ (cm|kg|hours|weeks)$/, ', $1');
}

function factValue(value: unknown, kindOf: Library['kindOf']): string {
  if (typeof value === 'number') return Number.isInteger(value) ? String(value) : value.toFixed(2);
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (Array.isArray(value)) return value.length === 0 ? 'none' : value.map((one) => factValue(one, kindOf)).join(', ');
  if (value === null) return 'none';
  return kindOf(String(value))?.common ?? String(value);
}

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
      {severity === 'right' && <circle cx={8} cy={8} r={5.2} fill="none" stroke="var(--ink)" strokeWidth={1.7} />}
    </svg>
  );
}

/** Fixes that were tried in the worker and help, for the remarks that want one. */
function useFixes({ it, opinion }: Editing, wanting: readonly Remark[]): Readonly<Partial<Record<CheckId, Fix>>> {
  const [found, setFound] = useState<{ readonly of: unknown; readonly fixes: Partial<Record<CheckId, Fix>> }>({ of: null, fixes: {} });
  useEffect(() => {
    if (wanting.length === 0) return;
    const giveUp = new AbortController();
    const timer = setTimeout(() => {
      runJob('fixes', { it, checks: wanting.map(({ check }) => check) }, { signal: giveUp.signal })
        .then((fixes) => setFound({ of: opinion, fixes }))
        .catch(() => undefined);
    }, REST_MS);
    return () => {
      clearTimeout(timer);
      giveUp.abort();
    };
    // A new opinion is a new planting: the remarks come from it.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [opinion]);
  return found.of === opinion ? found.fixes : {};
}
