'use client';

import { useRef, useState } from 'react';
import { format } from 'date-fns';
import type { Backup, FileFault } from '@/core/files/plantingFile';
import type { Planting } from '@/core/plantings/planting';
import type { Spot } from '@/core/spots/spot';
import { Choices } from '@/ui/controls/Choices';
import { fileNameOf, saveFile } from '@/ui/session/saveFile';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { say } from '@/ui/session/say';
import { useLive, useSettings, useStore } from '@/ui/session/StoreProvider';
import { countText } from '@/words/format';
import { HousePreferences } from './HousePreferences';

/** Files in and out, units and money, the demo set. */
export function Shed() {
  const store = useStore();
  const settings = useSettings();
  const loaded = useLive(async (s) => ({
    spots: await s.spots(),
    plantings: await s.plantings(),
    unreadable: await s.unreadable(),
  }));
  const { kindOf } = useLibrary();
  const picker = useRef<HTMLInputElement>(null);
  const [faults, setFaults] = useState<{
    readonly file: string;
    readonly list: readonly FileFault[];
  } | null>(null);
  const [waiting, setWaiting] = useState<Backup | null>(null);

  const take = async (file: File) => {
    if (!store) return;
    setFaults(null);
    setWaiting(null);
    const { fromPlantingFile, LARGEST_FILE_BYTES, parseFile } = await door();
    if (file.size > LARGEST_FILE_BYTES)
      return setFaults({
        file: file.name,
        list: [
          {
            field: '',
            message: `The file must be at most ${LARGEST_FILE_BYTES / 1e6} MB; got ${(file.size / 1e6).toFixed(1)} MB. Nothing was taken in.`,
          },
        ],
      });
    const parsed = parseFile(await file.text());
    if (!parsed.ok) return setFaults({ file: file.name, list: parsed.faults });
    if (parsed.value.format === 'rillbank-backup') return setWaiting(parsed.value);
    const { planting, spot } = fromPlantingFile(parsed.value, kindOf);
    // A planting of the same id that is here already is kept: the one from the file comes in beside it.
    const taken = loaded?.plantings.some(({ id }) => id === planting.id) ?? false;
    const fresh = crypto.randomUUID().slice(0, 8);
    const spotTaken =
      loaded?.spots.some((s) => s.id === spot.id && JSON.stringify(s) !== JSON.stringify(spot)) ??
      false;
    const newSpot = spotTaken ? { ...spot, id: `spot-${fresh}` } : spot;
    await store.add(
      {
        ...planting,
        demo: false,
        spotId: newSpot.id,
        ...(taken
          ? { id: `planting-${fresh}`, name: `${planting.name} (from file)`.slice(0, 80) }
          : {}),
      },
      newSpot,
    );
    say(
      `${planting.name} came in${planting.strangers.length > 0 ? `, with ${countText(planting.strangers.length, 'plant')} not in your book` : ''}.`,
    );
  };

  const save = async (planting: Planting, spot: Spot) =>
    saveJson(
      `${fileNameOf(planting.name)}.rillbank.json`,
      (await door()).toPlantingFile(planting, spot, kindOf),
    );

  const loadDemo = async () => {
    const demoSet = (await import('@/demo/rillbankHalt')).rillbankHalt();
    await store?.addAll(demoSet);
    say('Rillbank Halt is in the yard.');
  };

  if (!loaded || !store)
    return (
      <p className="py-10 text-ink2" role="status">
        Opening the shed…
      </p>
    );
  const demo = loaded.plantings.some((planting) => planting.demo);
  return (
    <div className="max-w-[860px] pt-3.5">
      <h1 className="display text-[29px] leading-10">Shed</h1>
      <p className="pb-3 text-ink2">
        All you write stays in this browser. Carry it elsewhere as files.
      </p>
      <section aria-label="Plantings" className="bg-paper">
        <h2 className="border-b border-rule px-4 py-2.5 text-[15px] font-semibold">Plantings</h2>
        {loaded.plantings.length === 0 && <p className="px-4 py-3 text-ink2">None yet.</p>}
        <ul>
          {loaded.plantings.map((planting) => {
            const spot = loaded.spots.find(({ id }) => id === planting.spotId);
            return (
              <li
                key={planting.id}
                className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-rule px-4 py-2"
              >
                <b className="font-semibold">{planting.name}</b>
                <span className="text-ink2">
                  {spot?.name}, {countText(planting.places.length, 'plant')}
                </span>
                <span className="ml-auto flex gap-4">
                  {spot && (
                    <button
                      type="button"
                      className="press-link"
                      onClick={() => void save(planting, spot)}
                    >
                      Save as file
                    </button>
                  )}
                  <button
                    type="button"
                    className="press-plain"
                    onClick={() =>
                      void store.remove(planting.id).then(
                        (gone) =>
                          gone &&
                          say(`${planting.name} was taken away.`, {
                            label: 'Bring it back',
                            go: () =>
                              void store
                                .add(gone.planting, gone.spot)
                                .then(() => store.keep(...gone.kept)),
                          }),
                      )
                    }
                  >
                    Take away
                  </button>
                </span>
              </li>
            );
          })}
        </ul>
        <div className="flex flex-wrap gap-3 px-4 py-3">
          <input
            ref={picker}
            type="file"
            accept=".json,application/json"
            className="sr-only"
            aria-label="File to bring in"
            onChange={(event) => {
              const file = event.target.files?.[0];
              if (file) void take(file);
              event.target.value = '';
            }}
          />
          <button type="button" className="press" onClick={() => picker.current?.click()}>
            Bring in a file
          </button>
          <button
            type="button"
            className="press-quiet"
            onClick={() =>
              void store
                .backup(new Date().toISOString())
                .then((backup) =>
                  saveJson(`rillbank-${format(new Date(), 'yyyy-MM-dd')}.backup.json`, backup),
                )
            }
          >
            Save everything
          </button>
          {demo ? (
            <button
              type="button"
              className="press-quiet"
              onClick={() =>
                void store
                  .removeDemo()
                  .then((count) =>
                    say(`${countText(count, 'container')} of the demo set taken away.`),
                  )
              }
            >
              Take away the demo set
            </button>
          ) : (
            <button type="button" className="press-quiet" onClick={() => void loadDemo()}>
              Load the demo set
            </button>
          )}
        </div>
        {waiting && (
          <div
            role="alertdialog"
            aria-label="Restore everything"
            className="border-t border-rule bg-wash px-4 py-3"
          >
            <p>
              <b className="font-semibold">Put this backup in the place of all that is here?</b> It
              was written {waiting.written.slice(0, 10)} and holds{' '}
              {countText(waiting.plantings.length, 'planting')}; there{' '}
              {loaded.plantings.length === 1 ? 'is' : 'are'} {loaded.plantings.length} here now.
            </p>
            <p className="flex gap-3 pt-2">
              <button
                type="button"
                className="press"
                onClick={() =>
                  void store.restore(waiting).then(() => {
                    setWaiting(null);
                    say('Everything was restored.');
                  })
                }
              >
                Restore it
              </button>
              <button type="button" className="press-quiet" onClick={() => setWaiting(null)}>
                Leave things as they are
              </button>
            </p>
          </div>
        )}
        {faults && (
          <div role="alert" className="border-t border-rule px-4 py-3">
            <p className="font-semibold">
              ▲ {faults.file} was not taken in. Nothing here has changed.
            </p>
            <ul className="mt-1 grid gap-0.5">
              {faults.list.slice(0, 8).map(({ field, message }) => (
                <li key={field + message}>
                  {field && <code className="mr-2 bg-wash px-1">{field}</code>}
                  {message}
                </li>
              ))}
            </ul>
          </div>
        )}
        {loaded.unreadable > 0 && (
          <p role="alert" className="border-t border-rule px-4 py-3">
            {countText(loaded.unreadable, 'stored record')} cannot be read by this version. They are
            left untouched.
          </p>
        )}
      </section>
      <section aria-label="Units and looks" className="mt-6 bg-paper px-4 py-3">
        <h2 className="pb-2 text-[15px] font-semibold">Units and looks</h2>
        <div className="flex flex-wrap items-center gap-x-8 gap-y-3">
          <Choices
            name="Lengths"
            value={settings.length}
            options={[
              ['cm', 'Centimetres and litres'],
              ['in', 'Inches and gallons'],
            ]}
            onPick={(length) => void store.setSettings({ length: length as 'cm' | 'in' })}
          />
          <Choices
            name="Money"
            value={settings.currency}
            options={[
              ['£', '£'],
              ['€', '€'],
              ['$', '$'],
            ]}
            onPick={(currency) => void store.setSettings({ currency })}
          />
          <Choices
            name="Theme"
            value={settings.theme}
            options={[
              ['system', 'As the device'],
              ['light', 'Light'],
              ['dark', 'Dark'],
            ]}
            onPick={(theme) =>
              void store.setSettings({ theme: theme as 'light' | 'dark' | 'system' })
            }
          />
        </div>
      </section>
      <HousePreferences
        house={settings.house}
        onHouse={(house) => void store.setSettings({ house })}
      />
    </div>
  );
}

/** Reading and writing of files: fetched when one is asked for. */
const door = () => import('@/core/files/plantingFile');

const saveJson = (name: string, data: unknown) =>
  saveFile(name, 'application/json', JSON.stringify(data, null, 1));
