'use client';

import { memo, useEffect, useMemo, useState } from 'react';
import type { Fix, Remark } from '@/core/checks/opinion';
import { type CheckId } from '@/core/checks/rules/index';
import type { Settings } from '@/core/files/plantingFile';
import { SCHOOL_IDS, type SchoolId } from '@/core/plantings/schoolId';
import { schoolOf } from '@/core/schools/index';
import { useLibrary } from '@/ui/session/LibraryProvider';
import type { Editing } from '@/ui/session/useEditing';
import { runJob } from '@/workers/runJob';
import { stepText } from '@/words/done';
import { countText } from '@/words/format';
import { sentenceOf } from '@/words/remarks';
import { SCHOOL_NAMES, SCHOOL_WORDS } from '@/words/schools';
import { Button } from '@/ui/controls/Button';
import { Select } from '@/ui/controls/Select';
import { More } from '@/ui/controls/More';
import { RemarkLine } from './RemarkLine';

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
            <RemarkLine
              key={remark.check}
              remark={remark}
              isOpen={isOpen}
              onPoint={onPoint}
              pointed={pointed}
              sentence={sentence}
              fix={fix}
              tryFix={tryFix}
              it={it}
              settings={settings}
              kindOf={kindOf}
              apply={apply}
            />
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
