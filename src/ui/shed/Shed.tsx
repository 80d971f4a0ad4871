'use client';

import dynamic from 'next/dynamic';
import type { ReactNode } from 'react';
import { marketOf } from '@/core/plants/market';
import { Choices } from '@/ui/controls/Choices';
import { UnreadableSheet } from '@/ui/session/UnreadableSheet';
import { useSettings, useStore } from '@/ui/session/StoreProvider';
import { DemoSheet } from './DemoSheet';
import { FilesSheet } from './FilesSheet';
import { StorageSheet } from './StorageSheet';
import { PlantingsSheet } from './PlantingsSheet';

// What is read after the first look comes after it.
const HousePreferences = dynamic(
  () => import('./HousePreferences').then((m) => m.HousePreferences),
  { ssr: false },
);

/** Files in and out, units and money, the demo set. */
export function Shed() {
  const store = useStore();
  const settings = useSettings();
  if (!store)
    return (
      <p className="py-10 text-ink2" role="status">
        Opening the shed…
      </p>
    );
  return (
    <div className="max-w-[860px] pt-3.5">
      <h1 className="display text-room leading-10">Shed</h1>
      <p className="pb-3 text-ink2">
        All you write stays in this browser. Carry it elsewhere as files.
      </p>
      <UnreadableSheet tables={[]} />
      <PlantingsSheet store={store} />
      <FilesSheet store={store} />
      <StorageSheet store={store} />
      <DemoSheet store={store} />
      <section aria-label="Units and looks" className="mt-6 bg-paper px-4 py-3">
        <h2 className="pb-2 text-lead font-semibold">Units and looks</h2>
        <div className="flex flex-wrap gap-x-8 gap-y-3">
          <Labelled name="Lengths">
            <Choices
              name="Lengths"
              value={settings.length}
              options={[
                ['cm', 'Centimetres and litres'],
                ['in', 'Inches and gallons'],
              ]}
              onPick={(length) => void store.settings.set({ length })}
            />
          </Labelled>
          <Labelled name="Money">
            <Choices
              name="Money"
              value={settings.currency}
              options={[
                ['£', '£'],
                ['€', '€'],
                ['$', '$'],
              ]}
              onPick={(currency) => void store.settings.set({ currency })}
            />
          </Labelled>
          <Labelled name="Plants are bought in">
            <Choices
              name="Plants are bought in"
              value={marketOf(settings)}
              options={[
                ['european', 'Britain and Europe'],
                ['american', 'North America'],
                ['australian', 'Australia'],
              ]}
              onPick={(market) =>
                void store.settings.set({
                  market,
                  ...(market === 'european' ? {} : { currency: '$' }),
                })
              }
            />
          </Labelled>
          <Labelled name="Theme">
            <Choices
              name="Theme"
              value={settings.theme}
              options={[
                ['system', 'As the device'],
                ['light', 'Light'],
                ['dark', 'Dark'],
              ]}
              onPick={(theme) => void store.settings.set({ theme })}
            />
          </Labelled>
        </div>
      </section>
      <HousePreferences
        house={settings.house}
        onChange={(answers) => void store.settings.setHouse(answers)}
      />
    </div>
  );
}

/** What a row of choices is about, over it. The row has the same name for those who hear it. */
function Labelled({ name, children }: { readonly name: string; readonly children: ReactNode }) {
  return (
    <div>
      <p aria-hidden className="pb-1 text-note text-ink2">
        {name}
      </p>
      {children}
    </div>
  );
}
