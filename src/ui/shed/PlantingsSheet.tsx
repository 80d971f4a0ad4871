'use client';

import { plantsIn, type Planting } from '@/core/plantings/planting';
import type { Spot } from '@/core/spots/spot';
import type { Store } from '@/data/store';
import { Button } from '@/ui/controls/Button';
import { Sheet } from '@/ui/controls/fields';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { fileNameOf, saveFile } from '@/ui/session/saveFile';
import { say } from '@/ui/session/say';
import { useLive } from '@/ui/session/StoreProvider';
import { countText } from '@/words/format';

/** Every planting: as a file of its own, or away. */
export function PlantingsSheet({ store }: { readonly store: Store }) {
  const { kindOf } = useLibrary();
  const loaded = useLive(async (s) => ({
    spots: await s.spots.all(),
    plantings: await s.plantings.all(),
  }));
  const save = async (planting: Planting, spot: Spot) => {
    const { toPlantingFile } = await import('@/core/files/plantingFile');
    saveFile(
      `${fileNameOf(planting.name)}.rillbank.json`,
      'application/json',
      JSON.stringify(toPlantingFile(planting, spot, kindOf), null, 1),
    );
  };
  const remove = async (planting: Planting) => {
    const gone = await store.plantings.remove(planting.id);
    if (gone)
      say(`${planting.name} was taken away.`, {
        label: 'Bring it back',
        go: () => void store.plantings.add(gone.planting, gone.spot, gone),
      });
  };
  return (
    <Sheet title="Plantings">
      {loaded?.plantings.length === 0 && <p className="px-4 py-3 text-ink2">None yet.</p>}
      <ul>
        {loaded?.plantings.map((planting) => {
          const spot = loaded.spots.find(({ id }) => id === planting.spotId);
          return (
            <li
              key={planting.id}
              className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-rule px-4 py-2"
            >
              <b className="font-semibold">{planting.name}</b>
              <span className="min-w-0 wrap-anywhere text-ink2">
                {spot?.name}, {countText(plantsIn(planting), 'plant')}
              </span>
              <span className="ml-auto flex gap-4">
                {spot && (
                  <Button look="link" onClick={() => void save(planting, spot)}>
                    Save as file
                  </Button>
                )}
                <Button look="plain" onClick={() => void remove(planting)}>
                  Take away
                </Button>
              </span>
            </li>
          );
        })}
      </ul>
    </Sheet>
  );
}
