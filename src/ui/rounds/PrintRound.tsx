'use client';

import { createPortal } from 'react-dom';
import { useLibrary } from '@/ui/session/LibraryProvider';
import type { Cared } from '@/ui/session/useCare';
import type { Planted } from '@/ui/session/usePlanted';
import { usePrinting } from '@/ui/session/usePrinting';
import { useSettings } from '@/ui/session/StoreProvider';
import { roundText, taskHow, taskTitle, taskWhy } from '@/words/care';
import { dayText, longDayText } from '@/words/life';
import type { Walk } from './useRound';

/** Today's round and the week after it on paper, in walking order, for whoever walks it. Prints as soon as it is there. */
export default function PrintRound({
  planted,
  cared,
  walk,
  onDone,
}: {
  readonly planted: Planted;
  readonly cared: Cared;
  readonly walk: Walk;
  readonly onDone: () => void;
}) {
  const settings = useSettings();
  const { kindOf } = useLibrary();
  usePrinting(onDone);
  return createPortal(
    <section className="print-sheet" aria-label="Round to print">
      <h1>Round from {longDayText(cared.today)}</h1>
      <p>
        Today: {roundText(walk.round, settings)} Bring {walk.round.tools.join(', ')}. Water until it
        runs; what feels soaked an inch down is left.
      </p>
      <table>
        <thead>
          <tr>
            <th scope="col" />
            <th scope="col">Where</th>
            <th scope="col">What</th>
            <th scope="col">Why and how</th>
            <th scope="col">When</th>
          </tr>
        </thead>
        <tbody>
          {walk.order.flatMap((id) => {
            const it = planted.its.find(({ planting }) => planting.id === id);
            return (cared.byId.get(id)?.tasks ?? []).map((task) => (
              <tr key={task.key}>
                <td>☐</td>
                <td>
                  <b>{it?.planting.name}</b>, {it?.spot.name}
                </td>
                <td>{taskTitle(task, settings)}</td>
                <td>
                  {taskWhy(task, kindOf, settings)} {taskHow(task, settings)}
                </td>
                <td>
                  {task.earliest <= cared.today ? 'today' : dayText(task.earliest)}, at the latest{' '}
                  {dayText(task.latest)}
                </td>
              </tr>
            ));
          })}
        </tbody>
      </table>
    </section>,
    document.body,
  );
}
