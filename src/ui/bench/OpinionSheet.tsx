'use client';

import { memo, useEffect, useMemo, useState } from 'react';
import type { Fix, Remark } from '@/core/checks/opinion';
import { CHECKS, type CheckId } from '@/core/checks/rules/index';
import type { Severity } from '@/core/checks/check';
import type { Library } from '@/core/plants/library';
import type { Settings } from '@/core/files/plantingFile';
import { SCHOOL_IDS, type SchoolId } from '@/core/plantings/schoolId';
import { schoolOf } from '@/core/schools/index';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { say } from '@/ui/session/say';
import { useStore } from '@/ui/session/StoreProvider';
import type { Editing } from '@/ui/session/useEditing';
import { runJob } from '@/workers/runJob';
import { stepText } from '@/words/done';
import { countText } from '@/words/format';
import { CHECK_NAMES } from '@/words/checkNames';
import { capital } from '@/words/format';
import { editText, fixEffect, leadWord, sentenceOf } from '@/words/remarks';
import { SCHOOL_NAMES, SCHOOL_WORDS } from '@/words/schools';
import { Button } from '@/ui/controls/Button';
import { Select } from '@/ui/controls/Select';
import { More } from '@/ui/controls/More';

interface OpinionSheetProps {
  readonly editing: Editing;
  readonly settings: Settings;
  readonly pointed: CheckId | null;
  readonly onPoint: (check: CheckId | null) => void;
}

/** How long a planting must rest before fixes are tried, ms. */
const REST_MS = 350;
/** Cautions shown before the rest is asked for. */
const CAUTIONS = 2;

/** The second opinion: what each check saw, why it matters, how sure, and a fix that was tried. The open remark points at its plants in both drawings. */
export const OpinionSheet = memo(function OpinionSheet({
  editing,
  settings,
  pointed,
  onPoint,
}: OpinionSheetProps) {
  const { opinion, it, apply } = editing;
  const { kindOf } = useLibrary();
  const [showAll, setShowAll] = useState(false);
  const spoken = useMemo(
    () => opinion.remarks.filter(({ meant, severity }) => !meant || severity === 'right'),
    [opinion],
  );
  const quiet = opinion.remarks.length - spoken.length;
  const wanting = spoken.filter(({ severity }) => severity !== 'right');
  const praise = spoken.filter(({ severity }) => severity === 'right');
  // Faults first; of cautions, which are many and always there, the chief ones.
  const faults = wanting.filter(
    ({ certainty, severity }) => certainty !== 'a caution' || severity === 'trouble',
  );
  const cautions = wanting.filter((remark) => !faults.includes(remark));
  const shown = [
    ...faults,
    ...(showAll ? cautions : cautions.slice(0, CAUTIONS)),
    ...(showAll ? praise : praise.slice(0, Math.max(2, 5 - faults.length - CAUTIONS))),
  ];
  const more = {
    cautions: cautions.filter((remark) => !shown.includes(remark)).length,
    right: praise.filter((remark) => !shown.includes(remark)).length,
  };
  const open =
    pointed && shown.some(({ check }) => check === pointed) ? pointed : (wanting[0]?.check ?? null);
  const fixes = useFixes(editing, wanting);
  // How long the history was when a fix was tried: as long as nothing else has been done since, it can be put back here.
  const [tried, setTried] = useState<number | null>(null);
  const { past } = editing.history;
  const last = tried !== null && past.length === tried + 1 ? past[past.length - 1] : undefined;
  const tryFix = (edit: Fix['edit']) => {
    setTried(past.length);
    apply(edit);
  };

  return (
    <section aria-label="Second opinion" className="bg-paper">
      <div className="flex flex-wrap items-center gap-x-3 border-b border-rule px-3.5 py-2">
        <h2 className="text-lead font-semibold">Second opinion</h2>
        <SchoolChoice editing={editing} />
        <More name="How that school composes" className="w-full text-note leading-4 text-ink2">
          <p className="pt-1">
            {SCHOOL_WORDS[schoolOf(editing.planting).id].does}{' '}
            {SCHOOL_WORDS[schoolOf(editing.planting).id].why}
          </p>
        </More>
      </div>
      {last && (
        <p
          className="flex flex-wrap items-center gap-x-4 border-b border-rule bg-wash px-3.5 py-2"
          role="status"
        >
          <span>
            Tried: <b className="font-semibold">{stepText(last, kindOf)}</b>
          </span>
          <Button onClick={editing.undo}>Put it back</Button>
        </p>
      )}
      <ul>
        {shown.map((remark) => {
          const sentence = sentenceOf(remark, it, settings);
          const fix = fixes[remark.check];
          const isOpen = remark.check === open;
          return (
            <li
              key={remark.check}
              data-check={remark.check}
              className={`grid grid-cols-[28px_1fr] border-b border-rule px-2.5 py-2.5 ${isOpen ? 'bg-wash' : ''}`}
            >
              <span className="pt-0.5">
                <SeverityMark severity={remark.severity} />
              </span>
              <div className="min-w-0">
                {isOpen && (
                  <p className="text-note text-ink2">
                    {leadWord(remark)}
                    {remark.certainty === 'a caution' ? '' : `, ${remark.certainty}`}
                  </p>
                )}
                <Button
                  look="bare"
                  aria-expanded={isOpen}
                  onClick={() => onPoint(isOpen && pointed ? null : remark.check)}
                  className={`w-full text-left ${isOpen ? 'text-lead leading-5 font-semibold' : ''}`}
                >
                  {!isOpen && <b className="font-semibold">{leadWord(remark)}. </b>}
                  {sentence.says}
                </Button>
                {isOpen && (
                  <>
                    <p className="mt-1 text-ink2">{sentence.because}</p>
                    <div className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-1.5">
                      {fix && (
                        <Button look="act" onClick={() => tryFix(fix.edit)}>
                          {editText(fix.edit, it, settings, kindOf)}
                        </Button>
                      )}
                      {fix && fixEffect(remark.check, remark.facts, fix.facts) && (
                        <span className="text-note text-ink2">
                          {fixEffect(remark.check, remark.facts, fix.facts)}
                        </span>
                      )}
                      {remark.severity !== 'right' && (
                        <Button
                          look="plain"

                          onClick={() => apply({ kind: 'mean', check: remark.check, meant: true })}
                        >
                          I mean it
                        </Button>
                      )}
                      {remark.certainty !== 'a caution' && remark.severity !== 'right' && (
                        <SayLess check={remark.check} settings={settings} />
                      )}
                      <Working remark={remark} />
                    </div>
                  </>
                )}
                {!isOpen && fix && (
                  <Button look="link" onClick={() => tryFix(fix.edit)}>
                    {editText(fix.edit, it, settings, kindOf)}
                  </Button>
                )}
              </div>
            </li>
          );
        })}
      </ul>
      <p className="flex flex-wrap gap-x-4 px-3.5 py-2.5 text-ink2">
        {more.cautions + more.right > 0 && (
          <Button look="plain" onClick={() => setShowAll(true)}>
            {[
              more.cautions > 0 ? countText(more.cautions, 'more caution') : '',
              more.right > 0
                ? countText(more.right, 'more that is right', 'more that are right')
                : '',
            ]
              .filter(Boolean)
              .join(', ')}
          </Button>
        )}
        {showAll && (
          <Button look="plain" onClick={() => setShowAll(false)}>
            Show fewer
          </Button>
        )}
        {quiet > 0 && (
          <span>
            {countText(quiet, 'remark')} kept quiet, because you meant {quiet === 1 ? 'it' : 'them'}
            .{' '}
            <Button
              look="plain"

              onClick={() =>
                opinion.remarks
                  .filter(({ meant }) => meant)
                  .forEach(({ check }) => apply({ kind: 'mean', check, meant: false }))
              }
            >
              Ask again
            </Button>
          </span>
        )}
      </p>
    </section>
  );
});

/** By which school it is judged; the school explains itself. */
function SchoolChoice({ editing: { planting, apply } }: { readonly editing: Editing }) {
  const school = schoolOf(planting).id;
  return (
    <label
      className="ml-auto flex items-center gap-1.5 text-note text-ink2"
      title={`${SCHOOL_WORDS[school].does} ${SCHOOL_WORDS[school].why}`}
    >
      as
      <Select
        aria-label="Judged as"
        className="min-h-6 max-w-[190px] border-b-[1.5px] border-rule2 bg-transparent py-0.5 font-semibold text-ink"
        value={school}
        onChange={(event) =>
          apply({ kind: 'wish', change: { school: event.target.value as SchoolId } })
        }
      >
        {SCHOOL_IDS.map((id) => (
          <option key={id} value={id}>
            {SCHOOL_NAMES[id]}
          </option>
        ))}
      </Select>
    </label>
  );
}

/** Turns a check down for all plantings: to half, then to nothing. The Shed turns it up again. */
function SayLess({ check, settings }: { readonly check: CheckId; readonly settings: Settings }) {
  const store = useStore();
  const now = settings.house.turnedDown[check] ?? 1;
  const turnedTo = (share: number) =>
    store?.setSettings({
      house: { ...settings.house, turnedDown: { ...settings.house.turnedDown, [check]: share } },
    });
  const less = () =>
    void turnedTo(now > 0.5 ? 0.5 : 0)?.then(() =>
      say(
        `${capital(CHECK_NAMES[check])}: ${now > 0.5 ? 'half a say from now on' : 'nothing more will be said of it'}.`,
        { label: 'As before', go: () => void turnedTo(now) },
      ),
    );
  return (
    <Button look="plain" onClick={less}>
      Say less of this
    </Button>
  );
}

/** The figures behind a remark, opened on request. */
function Working({ remark }: { readonly remark: Remark }) {
  const { kindOf } = useLibrary();
  const { source } = CHECKS[remark.check];
  return (
    <More name="Working" className="ml-auto data-[state=open]:w-full data-[state=open]:pt-1">
      <p className="mt-1 text-note text-ink2">
        {source.kind === 'published' ? source.citation : source.reason}
      </p>
      <dl className="mt-1 grid grid-cols-[1fr_auto] gap-x-3 text-note">
        <dt className="text-ink2">Score, 0 to 1</dt>
        <dd>{remark.score.toFixed(2)}</dd>
        {Object.entries(remark.facts ?? {}).map(([name, value]) => (
          <div key={name} className="contents">
            <dt className="text-ink2">{factName(name)}</dt>
            <dd className="text-right">{factValue(value, kindOf)}</dd>
          </div>
        ))}
      </dl>
    </More>
  );
}

/** "tallestCm" → "tallest, cm" */
function factName(name: string): string {
  const spaced = name
    .replace(/([A-Z])/g, ' $1')
    .toLowerCase()
    .trim();
  return spaced.replace(/ (cm|kg|hours|weeks)$/, ', $1');
}

function factValue(value: unknown, kindOf: Library['kindOf']): string {
  if (typeof value === 'number') return Number.isInteger(value) ? String(value) : value.toFixed(2);
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (Array.isArray(value))
    return value.length === 0 ? 'none' : value.map((one) => factValue(one, kindOf)).join(', ');
  if (value === null) return 'none';
  if (typeof value === 'object')
    return Object.values(value as object)
      .map((one) => factValue(one, kindOf))
      .join(', ');
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
      {severity === 'right' && (
        <circle cx={8} cy={8} r={5.2} fill="none" stroke="var(--ink)" strokeWidth={1.7} />
      )}
    </svg>
  );
}

/** Fixes that were tried in the worker and help, for the remarks that want one. */
function useFixes(
  { it, opinion }: Editing,
  wanting: readonly Remark[],
): Readonly<Partial<Record<CheckId, Fix>>> {
  const [found, setFound] = useState<{
    readonly of: unknown;
    readonly fixes: Partial<Record<CheckId, Fix>>;
  }>({ of: null, fixes: {} });
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
