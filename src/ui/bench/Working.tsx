import type { Remark } from '@/core/checks/opinion';
import { CHECKS } from '@/core/checks/rules/index';
import { More } from '@/ui/controls/More';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { factName, factValue } from '@/words/facts';

/** The figures behind a remark, opened on request. */
export function Working({ remark }: { readonly remark: Remark }) {
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
