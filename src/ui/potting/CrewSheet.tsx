'use client';

import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import { read } from '@/core/checks/reading';
import { stationsOf } from '@/core/making/batch';
import { labelPages } from '@/core/making/labels';
import { stepsOf } from '@/core/making/steps';
import { allPlants, type PlantingInSpot } from '@/core/plantings/planting';
import { Button } from '@/ui/controls/Button';
import { NumberField } from '@/ui/controls/fields';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { benchHref } from '@/ui/session/links';
import { fileNameOf } from '@/ui/session/saveFile';
import { useSettings } from '@/ui/session/StoreProvider';
import { countText, minutesText } from '@/words/format';
import { inSentence } from '@/words/names';
import { stepTitle } from '@/words/potting';

const PrintCrew = dynamic(() => import('./PrintCrew'), { ssr: false });

/** Who does what when several make them in a line, on paper for the crew, and labels for all of them. */
export function CrewSheet({ it, count }: { readonly it: PlantingInSpot; readonly count: number }) {
  const settings = useSettings();
  const { kindOf } = useLibrary();
  const [people, setPeople] = useState(1);
  const [isPrinting, setPrinting] = useState(false);
  const stations = useMemo(() => stationsOf(stepsOf(read(it), it.house), people), [it, people]);
  const pace = Math.max(...stations.map(({ minutes }) => minutes));
  const labels = async () => {
    const { savePdf } = await import('./writePdf');
    const pages = labelPages(
      Array.from({ length: count }, (_, i) => ({
        title: `${it.planting.name} ${i + 1}`,
        lines: [it.planting.container.name, countText(allPlants(it).length, 'plant')],
        address: `${window.location.origin}${benchHref(it.planting.id)}`,
      })),
      settings.length === 'in' ? 'Letter' : 'A4',
    );
    await savePdf(pages, {
      title: it.planting.name,
      file: `${fileNameOf(it.planting.name)}-labels.pdf`,
    });
  };
  return (
    <section aria-label="Order of work">
      <h2 className="mb-1 text-name font-semibold">Order of work</h2>
      <div className="bg-paper px-3 py-3">
        <div className="flex flex-wrap items-end gap-4">
          <span className="w-28">
            <NumberField
              name="People in a line"
              value={people}
              onValue={(n) => Number.isInteger(n) && n >= 1 && n <= 12 && setPeople(n)}
            />
          </span>
          <p className="flex-1 basis-40" data-pace>
            {people === 1
              ? `About ${minutesText(pace)} for the first.`
              : `One comes off the line about every ${minutesText(pace)}.`}
          </p>
        </div>
        {people > 1 && (
          <ol className="pt-2">
            {stations.map(({ steps, minutes }, i) => (
              <li
                key={steps[0]!.key}
                data-station={i + 1}
                className="border-t border-rule py-1.5 first:border-t-0"
              >
                <b>{i + 1}</b> {stationText(steps.map((step) => stepTitle(step, kindOf)))}, about{' '}
                {minutesText(minutes)}
              </li>
            ))}
          </ol>
        )}
        <p className="flex flex-wrap gap-2 pt-2">
          <Button onClick={() => setPrinting(true)}>Print for the crew</Button>
          <Button onClick={() => void labels()}>Labels for all {count}</Button>
        </p>
      </div>
      {isPrinting && (
        <PrintCrew it={it} count={count} stations={stations} onDone={() => setPrinting(false)} />
      )}
    </section>
  );
}

/** "soak the plants, … to set them out dry" */
function stationText(titles: readonly string[]): string {
  const names = titles.map(inSentence);
  if (names.length <= 3) return names.join(', ');
  return `${names[0]} to ${names[names.length - 1]}`;
}
