'use client';

import { createPortal } from 'react-dom';
import { visitsTo, type AwayPot } from '@/core/care/away';
import type { Day } from '@/core/calendar/day';
import type { Planted } from '@/ui/session/usePlanted';
import { usePrinting } from '@/ui/session/usePrinting';
import type { Units } from '@/words/format';
import { volumeText } from '@/words/format';
import { dayText } from '@/words/life';

/** What is asked of a neighbour, on one page. Prints as soon as it is there. */
export default function PrintAway({
  planted,
  asked,
  from,
  to,
  units,
  onDone,
}: {
  readonly planted: Planted;
  readonly asked: readonly AwayPot[];
  readonly from: Day;
  readonly to: Day;
  readonly units: Units;
  readonly onDone: () => void;
}) {
  usePrinting(onDone);
  return createPortal(
    <section className="print-sheet" aria-label="For the neighbour">
      <h1>
        Away from {dayText(from)} to {dayText(to)}
      </h1>
      <p>
        Thank you. Water on the mix, not the leaves, until it runs out below. What feels wet an inch
        down is left until the next time. Nothing that hangs is worth a fall from a ladder.
      </p>
      <table>
        <thead>
          <tr>
            <th scope="col">Where</th>
            <th scope="col">About</th>
            <th scope="col">On these days</th>
          </tr>
        </thead>
        <tbody>
          {asked.map((pot) => {
            const it = planted.its.find(({ planting }) => planting.id === pot.plantingId);
            return (
              <tr key={pot.plantingId}>
                <td>
                  <b>{it?.planting.name}</b>, {it?.spot.name}
                </td>
                <td>{volumeText(pot.litres, units)}</td>
                <td>
                  {visitsTo(pot, to)
                    .map((day) => `☐ ${dayText(day)}`)
                    .join('   ')}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>,
    document.body,
  );
}
