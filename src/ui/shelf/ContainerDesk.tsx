'use client';

import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useDeferredValue, useEffect, useMemo, useState } from 'react';
import type { Container } from '@/core/containers/container';
import type { Fits } from '@/core/placing/fits';
import type { SideSizeId } from '@/core/placing/sides';
import type { PackedSizeId } from '@/core/plants/nursery';
import { NumberField, TextField } from '@/ui/controls/fields';
import { useWidth } from '@/ui/controls/useWidth';
import { useSettings, useStore } from '@/ui/session/StoreProvider';
import { runJob } from '@/workers/runJob';
import { FillingSheet } from './FillingSheet';
import { FitsSheet, putIn } from './FitsSheet';
import { HoldsSheet } from './HoldsSheet';
import { MeasuredDrawing } from './MeasuredDrawing';
import { SizesSheet } from './SizesSheet';
import { StorySheet } from './StorySheet';
import type { ShelfEditing } from './useShelfEditing';
import { ContainerHead } from './ContainerHead';

// What is read after the first look comes after it.
const LooksSheet = dynamic(() => import('./MakingSheet').then((m) => m.LooksSheet), { ssr: false });
const MakingSheet = dynamic(() => import('./MakingSheet').then((m) => m.MakingSheet), {
  ssr: false,
});
const MixSheet = dynamic(() => import('./MixSheet').then((m) => m.MixSheet), { ssr: false });
const StandsWeatherSheet = dynamic(
  () => import('./WeatherSheet').then((m) => m.StandsWeatherSheet),
  { ssr: false },
);
const WeightSheet = dynamic(() => import('./WeightSheet').then((m) => m.WeightSheet), {
  ssr: false,
});

/** One container: its measured drawing, what goes in, what it weighs. */
export function ContainerDesk({ editing }: { readonly editing: ShelfEditing }) {
  const { item, container, planted, apply, faults } = editing;
  const settings = useSettings();
  const store = useStore();
  const router = useRouter();
  const [ref, width] = useWidth<HTMLDivElement>();
  const [size, setSize] = useState<PackedSizeId>('9cm');
  const calm = useDeferredValue(container);
  const [side, setSide] = useState<SideSizeId | null>(null);
  const fits = useFits(calm);
  const put = useMemo(
    () => fits && putIn(fits, size, container.sideHoles.length > 0 ? side : null),
    [fits, size, side, container.sideHoles.length],
  );
  const free = item.count - planted.length;
  return (
    <div className="pt-3.5">
      <ContainerHead
        container={container}
        planted={planted}
        item={item}
        free={free}
        editing={editing}
        store={store}
        router={router}
      />
      <div className="wide:grid wide:grid-cols-[minmax(0,1fr)_344px] wide:gap-6">
        <div className="min-w-0">
          <div ref={ref}>
            {width > 0 && (
              <MeasuredDrawing
                container={container}
                unit={settings.length}
                widthPx={width}
                heightPx={width < 640 ? 320 : 400}
                put={put}
                onPoints={(points, done) => {
                  if (container.shape.kind !== 'outline') return;
                  const change = {
                    shape: {
                      ...container.shape,
                      points: points.map(([x, z]): [number, number] => [x, z]),
                    },
                  };
                  if (done) editing.shape(change, 'Moved a corner');
                  else editing.shaping(change);
                }}
              />
            )}
          </div>
          <div className="mt-4 grid items-start gap-4 sm:grid-cols-2">
            <div className="grid gap-4">
              <FitsSheet
                editing={editing}
                units={settings}
                fits={fits}
                put={put}
                onSize={setSize}
                onSide={setSide}
              />
              <WeightSheet editing={editing} units={settings} />
            </div>
            <div className="grid gap-4">
              <FillingSheet editing={editing} units={settings} put={put} />
              <MixSheet editing={editing} units={settings} />
              <StandsWeatherSheet editing={editing} units={settings} />
            </div>
          </div>
        </div>
        <aside className="mt-6 grid grid-cols-[minmax(0,1fr)] content-start gap-4 wide:mt-0">
          <HoldsSheet editing={editing} units={settings} />
          <SizesSheet editing={editing} unit={settings.length} />
          <MakingSheet editing={editing} units={settings} />
          <LooksSheet editing={editing} />
          <StorySheet shelfId={item.id} />
          <section
            aria-label="On the shelf"
            className="grid grid-cols-2 gap-3 bg-paper px-3.5 py-3"
          >
            <TextField
              name="Name"
              value={container.name}
              onText={(name) => editing.shape({ name }, 'Renamed it')}
            />
            <NumberField
              name="How many I have"
              value={item.count}
              error={faults.count}
              onValue={(count) => apply({ count }, 'Counted them')}
            />
            <TextField
              name="Kept at, when empty"
              value={item.kept}
              onText={(kept) => apply({ kept }, 'Said where it is kept')}
            />
            {faults['container.name'] && (
              <p role="alert" className="col-span-2 text-note font-semibold">
                ▲ {faults['container.name']}
              </p>
            )}
          </section>
        </aside>
      </div>
    </div>
  );
}

/** What fits, packed in the worker; `null` while it is packed. */
function useFits(container: Container): Fits | null {
  const [fits, setFits] = useState<{ readonly of: Container; readonly fits: Fits } | null>(null);
  useEffect(() => {
    const giveUp = new AbortController();
    runJob('fits', { container }, { signal: giveUp.signal })
      .then((found) => setFits({ of: container, fits: found }))
      .catch(() => undefined);
    return () => giveUp.abort();
  }, [container]);
  return fits?.fits ?? null;
}
