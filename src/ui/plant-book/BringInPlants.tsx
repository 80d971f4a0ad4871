'use client';

import { useState } from 'react';
import { PLANT_COLUMNS, type PlantMapping } from '@/core/files/plantColumns';
import { toPlantsCsv } from '@/core/files/plantsCsvOut';
import type { PlantsAnswer } from '@/core/files/plantsReading';
import type { Encoding } from '@/core/files/text';
import type { Library } from '@/core/plants/library';
import type { OwnKind } from '@/core/plants/own';
import { Button } from '@/ui/controls/Button';
import { FileButton } from '@/ui/controls/FileButton';
import { PickField, Sheet } from '@/ui/controls/fields';
import { readText, unreadText } from '@/ui/session/readText';
import { saveFile } from '@/ui/session/saveFile';
import { say } from '@/ui/session/say';
import { useStore } from '@/ui/session/StoreProvider';
import { runJob } from '@/workers/runJob';
import { countText } from '@/words/format';
import { More } from '@/ui/controls/More';

const ENCODED: Readonly<Record<Encoding, string>> = {
  'utf-8': '',
  'utf-16': ', read as UTF-16',
  'windows-1252': ', read as western text',
};

interface Reading {
  /** Share read so far, 0–1. */
  readonly share: number;
  readonly stop: AbortController;
}

/** Largest file read, bytes. */
const LARGEST_BYTES = 12e6;

/** Plants in and out: what a file would bring is shown before anything is kept; values of the gardener's own are never changed unasked. */
export function BringInPlants({
  library,
  own,
  onClose,
}: {
  readonly library: Library;
  readonly own: readonly OwnKind[];
  readonly onClose: () => void;
}) {
  const store = useStore();
  const [file, setFile] = useState<{
    readonly name: string;
    readonly text: string;
    readonly encoding: Encoding;
  } | null>(null);
  const [answer, setAnswer] = useState<PlantsAnswer | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [takeTheirs, setTakeTheirs] = useState(false);
  const [reading, setReading] = useState<Reading | null>(null);

  const read = async (
    text: string,
    told: { readonly mapping?: PlantMapping; readonly takeTheirs?: boolean },
  ) => {
    const stop = new AbortController();
    setReading({ share: 0, stop });
    try {
      const found = await runJob(
        'readPlants',
        { text, ...told },
        { signal: stop.signal, onProgress: (share) => setReading({ share, stop }) },
      );
      setAnswer(found);
    } catch (error) {
      if (!stop.signal.aborted) setTrouble(unreadText(error));
    } finally {
      setReading(null);
    }
  };
  const open = async (picked: File) => {
    setTrouble(null);
    setAnswer(null);
    const given = await readText(picked, LARGEST_BYTES);
    if (!given.ok) return setTrouble(given.message);
    setFile(given);
    setTakeTheirs(false);
    await read(given.text, {});
  };
  const take = async (records: readonly OwnKind[]) => {
    await store?.putOwnKinds(records);
    say(`${countText(records.length, 'plant')} came in.`);
    onClose();
  };
  const found = answer?.kind === 'read' ? answer.reading : null;
  return (
    <Sheet title="In and out">
      <div className="grid gap-3 px-4 py-3">
        <p className="flex flex-wrap gap-3">
          <FileButton
            label="Plants file to bring in"
            accept=".csv,.json,text/csv,application/json,.txt"
            onFiles={([picked]) => void open(picked!)}
          >
            Open a CSV or JSON file
          </FileButton>
          <Button
            disabled={own.length === 0}
            onClick={() =>
              saveFile(
                'my-plants.csv',
                'text/csv',
                toPlantsCsv(
                  library.kinds.filter(({ id }) => library.ownOf(id)),
                  library,
                ),
              )
            }
          >
            Save mine as CSV
          </Button>
          <Button
            disabled={own.length === 0}
            onClick={() =>
              saveFile(
                'my-plants.json',
                'application/json',
                `${JSON.stringify({ format: 'rillbank-plants', version: 1, plants: own }, null, 1)}\n`,
              )
            }
          >
            Save mine as JSON
          </Button>
          <Button
            onClick={() =>
              saveFile('plant-book.csv', 'text/csv', toPlantsCsv(library.kinds, library))
            }
          >
            Save the whole book as CSV
          </Button>
          <Button look="plain" className="ml-auto" onClick={onClose}>
            Close
          </Button>
        </p>
        {trouble && (
          <p role="alert" className="font-semibold">
            ▲ {trouble}
          </p>
        )}
        {reading && (
          <p role="status" className="flex items-center gap-4 text-ink2">
            Reading: {Math.round(reading.share * 100)} %
            <Button onClick={() => reading.stop.abort()}>Stop</Button>
          </p>
        )}
        {answer?.kind === 'not a table' && (
          <p role="alert" className="font-semibold">
            ▲ {file?.name}: {answer.message}
          </p>
        )}
        {found && file && (
          <>
            <p data-reading>
              <b className="font-semibold">{file.name}</b>
              {ENCODED[file.encoding]}: {countText(found.added, 'new plant')},{' '}
              {countText(found.changed, 'known one')} with something to add, {found.same} with
              nothing new, {countText(found.faulty, 'line')} that cannot be read.
            </p>
            {found.headings.length > 0 && (
              <More name="Which column is which" open={found.mapping.common == null}>
                <div className="grid grid-cols-2 gap-3 pt-2 sm:grid-cols-3">
                  {PLANT_COLUMNS.map((column) => (
                    <PickField
                      key={column}
                      name={column.replaceAll('_', ' ')}
                      value={String(found.mapping[column] ?? '')}
                      options={[
                        ['', 'none'],
                        ...found.headings.map(
                          (heading, i) => [String(i), heading || `column ${i + 1}`] as const,
                        ),
                      ]}
                      onPick={(at) =>
                        void read(file.text, {
                          mapping: { ...found.mapping, [column]: at === '' ? null : Number(at) },
                          takeTheirs,
                        })
                      }
                    />
                  ))}
                </div>
              </More>
            )}
            {found.faulty > 0 && (
              <ul className="max-h-48 overflow-y-auto" data-faults>
                {found.faults.map(({ line, message }) => (
                  <li key={line}>
                    Line {line}: {message}
                  </li>
                ))}
                {found.faulty > found.faults.length && (
                  <li className="text-ink2">and {found.faulty - found.faults.length} more</li>
                )}
              </ul>
            )}
            {found.quarrelling > 0 && (
              <div>
                <p className="font-semibold">
                  {countText(found.quarrelling, 'value')} of yours would change
                </p>
                <ul className="max-h-40 overflow-y-auto text-small" data-quarrels>
                  {found.quarrels.map(({ line, name, field, mine, theirs }) => (
                    <li key={`${line} ${field}`}>
                      {name}, {field}: yours {mine}, the file {theirs}
                    </li>
                  ))}
                </ul>
                <label className="flex min-h-8 items-center gap-2">
                  <input
                    type="checkbox"
                    className="size-4 accent-[var(--ink)]"
                    checked={takeTheirs}
                    onChange={(event) => {
                      setTakeTheirs(event.target.checked);
                      void read(file.text, {
                        mapping: found.mapping,
                        takeTheirs: event.target.checked,
                      });
                    }}
                  />
                  Take the file’s; otherwise yours stay
                </label>
              </div>
            )}
            <Button
              look="act"
              className="justify-self-start"
              disabled={found.records.length === 0 || reading !== null}
              onClick={() => void take(found.records)}
            >
              {found.records.length === 0
                ? 'Nothing to bring in'
                : `Bring in ${countText(found.records.length, 'plant')}`}
            </Button>
          </>
        )}
      </div>
    </Sheet>
  );
}
