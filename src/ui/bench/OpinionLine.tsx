'use client';

import { memo } from 'react';
import type { CheckId } from '@/core/checks/rules/index';
import type { Settings } from '@/core/files/plantingFile';
import type { Editing } from '@/ui/session/useEditing';
import { Button } from '@/ui/controls/Button';
import { countText } from '@/words/format';
import { leadWord, sentenceOf } from '@/words/remarks';
import { SeverityMark } from './SeverityMark';

/** The first thing the second opinion has to say, under the drawings; a press leads to all of it, with what can be done. */
export const OpinionLine = memo(function OpinionLine({
  editing: { opinion, it },
  settings,
  onPoint,
}: {
  readonly editing: Pick<Editing, 'opinion' | 'it'>;
  readonly settings: Settings;
  readonly onPoint: (check: CheckId | null) => void;
}) {
  const wanting = opinion.remarks.filter(({ meant, severity }) => !meant && severity !== 'right');
  const [first] = wanting;
  const show = () => {
    if (first) onPoint(first.check);
    const sheet = document.getElementById('second-opinion');
    sheet?.scrollIntoView({ block: 'start' });
    sheet?.querySelector<HTMLElement>('button')?.focus({ preventScroll: true });
  };
  return (
    <p
      className="mt-1.5 flex min-h-10 flex-wrap items-center gap-x-3 gap-y-1 bg-paper px-3.5 py-1.5"
      data-opinion-line
    >
      {first && <SeverityMark severity={first.severity} />}
      <span className="min-w-0 flex-1">
        {first ? (
          <>
            <b className="font-semibold">{leadWord(first)}.</b>{' '}
            {sentenceOf(first, it, settings).says}
          </>
        ) : (
          'Nothing to answer: as far as it can be told, all is well.'
        )}
      </span>
      <Button look="plain" onClick={show}>
        {wanting.length > 1 ? `${countText(wanting.length, 'remark')}` : 'Second opinion'}
      </Button>
    </p>
  );
});
