'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { BuyLine } from '@/core/making/list';
import { Button } from '@/ui/controls/Button';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { say } from '@/ui/session/say';
import { saveFile } from '@/ui/session/saveFile';
import { spelled } from '@/ui/spelling/spelling';
import type { Units } from '@/words/format';
import { listText } from '@/words/shoppingText';

const PrintList = dynamic(() => import('./PrintList'), { ssr: false });

/** The list taken away: shared as words, saved for a spreadsheet, printed. */
export function TakeAlong({
  lines,
  units,
}: {
  readonly lines: readonly BuyLine[];
  readonly units: Units;
}) {
  const { kindOf } = useLibrary();
  const [printing, setPrinting] = useState(false);
  const share = async () => {
    const text = spelled(listText(lines, kindOf, units));
    if (navigator.share) await navigator.share({ text }).catch(() => undefined);
    else
      await navigator.clipboard.writeText(text).then(
        () => say('The list is copied: paste it where you like.'),
        () => say('This browser lets nothing be copied. Save or print the list instead.'),
      );
  };
  const save = async () => {
    const { listCsv } = await import('@/words/shoppingCsv');
    saveFile('shopping-list.csv', 'text/csv', listCsv(lines, kindOf, units, spelled));
  };
  return (
    <div className="mt-3 flex flex-wrap gap-2">
      <Button onClick={() => void share()}>Share as words</Button>
      <Button onClick={() => void save()}>Save as CSV</Button>
      <Button onClick={() => setPrinting(true)}>Print</Button>
      {printing && <PrintList lines={lines} units={units} onDone={() => setPrinting(false)} />}
    </div>
  );
}
