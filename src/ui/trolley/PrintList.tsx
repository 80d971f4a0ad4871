'use client';

import { useEffect } from 'react';
import { createPortal } from 'react-dom';
import type { BuyLine } from '@/core/making/list';
import { lineMinor } from '@/core/making/list';
import { STOPS } from '@/core/shopping/stops';
import { useLibrary } from '@/ui/session/LibraryProvider';
import type { Units } from '@/words/format';
import { amountText, lineName, lineNote, minorText } from '@/words/making';

/** The list on paper: a box to tick for every line. Prints as soon as it is there. */
export default function PrintList({
  lines,
  units,
  onDone,
}: {
  readonly lines: readonly BuyLine[];
  readonly units: Units;
  readonly onDone: () => void;
}) {
  const { kindOf } = useLibrary();
  useEffect(() => {
    window.addEventListener('afterprint', onDone);
    window.print();
    return () => window.removeEventListener('afterprint', onDone);
  }, [onDone]);
  return createPortal(
    <section className="print-sheet" aria-label="List to print">
      <h1>To buy</h1>
      <table>
        <tbody>
          {lines.map((line) => (
            <tr key={line.key}>
              <td>☐</td>
              <td>
                <b>
                  {line.what.kind === 'plants'
                    ? (kindOf(line.what.kindId)?.common ?? line.what.kindId)
                    : lineName(line)}
                </b>{' '}
                {line.what.kind === 'plants' && <i>{kindOf(line.what.kindId)?.botanical}</i>}
              </td>
              <td>{amountText(line, units)}</td>
              <td>{lineNote(line, units)}</td>
              <td>{STOPS.find(({ id }) => id === line.stop)?.name ?? ''}</td>
              <td>{minorText(lineMinor(line), units)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>,
    document.body,
  );
}
