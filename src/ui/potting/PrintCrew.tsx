'use client';

import { createPortal } from 'react-dom';
import { plantsPer, type Station } from '@/core/making/batch';
import { allPlants, type PlantingInSpot } from '@/core/plantings/planting';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { usePrinting } from '@/ui/session/usePrinting';
import { useSettings } from '@/ui/session/StoreProvider';
import { countText } from '@/words/format';
import { stepLines, stepTitle } from '@/words/potting';

/** A run on paper: what each takes, and every step with a person to it. Prints as soon as it is there. */
export default function PrintCrew({
  it,
  count,
  stations,
  onDone,
}: {
  readonly it: PlantingInSpot;
  readonly count: number;
  readonly stations: readonly Station[];
  readonly onDone: () => void;
}) {
  const { kindOf } = useLibrary();
  const settings = useSettings();
  usePrinting(onDone);
  return createPortal(
    <section className="print-sheet" aria-label="Sheet for the crew">
      <h1>
        {it.planting.name}: {countText(count, 'pot')}
      </h1>
      <p>
        Each takes{' '}
        {[...plantsPer(it.planting)]
          .map(([kindId, one]) => `${one} ${kindOf(kindId)?.common ?? kindId}`)
          .join(', ')}
        .
      </p>
      <table>
        <tbody>
          {stations.flatMap(({ steps }, person) =>
            steps.map((step) => (
              <tr key={step.key}>
                <td>{stations.length > 1 ? person + 1 : ''}</td>
                <td>
                  <b>{stepTitle(step, kindOf)}</b>
                </td>
                <td>{stepLines(step, allPlants(it), settings, kindOf).join(' ')}</td>
              </tr>
            )),
          )}
        </tbody>
      </table>
    </section>,
    document.body,
  );
}
