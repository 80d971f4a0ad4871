'use client';

import { createPortal } from 'react-dom';
import type { BuyLine } from '@/core/making/list';
import { lineMinor } from '@/core/making/list';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { usePrinting } from '@/ui/session/usePrinting';
import type { Units } from '@/words/format';
import { lineName, amountText, lineNote, minorText, orElseText } from '@/words/making';
import { stopOfLine } from '@/words/shoppingText';

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
  usePrinting(onDone);
  return createPortal(
    <section className="print-sheet" aria-label="List to print">
      <h1>To buy</h1>
      <table>
        <tbody>
          {lines.map((line) => (
            <tr key={line.key}>
              <td>☐</td>
              <td>
                <b>{lineName(line, kindOf)}</b>{' '}
                {line.what.kind === 'plants' && <i>{kindOf(line.what.kindId)?.botanical}</i>}
              </td>
              <td>{amountText(line, units)}</td>
              <td>
                {[lineNote(line, units), orElseText(line, kindOf, units)]
                  .filter(Boolean)
                  .join(', ')}
              </td>
              <td>{line.stop ? stopOfLine(line) : ''}</td>
              <td>{minorText(lineMinor(line), units)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>,
    document.body,
  );
}
