'use client';

import { useState } from 'react';
import {
  PLANT_COLUMNS,
  textOf,
  toPlantsCsv,
  type PlantMapping,
  type PlantsAnswer,
} from '@/core/files/plantsCsv';
import type { Library } from '@/core/plants/library';
import type { OwnKind } from '@/core/plants/own';
import { PickField, Sheet } from '@/ui/controls/fields';
import { saveFile } from '@/ui/session/saveFile';
import { say } from '@/ui/session/say';
import { useStore } from '@/ui/session/StoreProvider';
import { runJob } from '@/workers/runJob';
import { countText } from '@/words/format';

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
    readonly encoding: string;
  } | null>(null);
  const [answer, setAnswer] = useState<PlantsAnswer | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [takeTheirs, setTakeTheirs] = useState(false);
  const [reading, setReading] = useState(false);

  const read = async (
    text: string,
    told: { readonly mapping?: PlantMapping; readonly takeTheirs?: boolean },
  ) => {
    setReading(true);
    setAnswer(await runJob('readPlants', { text, ...told }));
    setReading(false);
  };
  const open = async (picked: File) => {
    setTrouble(null);
    setAnswer(null);
    if (picked.size > LARGEST_BYTES)
      return setTrouble(
        `The file must be at most ${LARGEST_BYTES / 1e6} MB; got ${(picked.size / 1e6).toFixed(1)} MB. Nothing was taken in.`,
      );
    const { text, encoding } = textOf(await picked.arrayBuffer());
    setFile({ name: picked.name, text, encoding });
    setTakeTheirs(false);
    await read(text, {});
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
          <label className="press-quiet cursor-pointer">
            Open a CSV or JSON file
            <input
              type="file"
              accept=".csv,.json,text/csv,application/json,.txt"
              aria-label="Plants file to bring in"
              className="sr-only"
              onChange={(event) => {
                const picked = event.target.files?.[0];
                if (picked) void open(picked);
                event.target.value = '';
              }}
            />
          </label>
          <button
            type="button"
            className="press-quiet"
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
          </button>
          <button
            type="button"
            className="press-quiet"
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
          </button>
          <button
            type="button"
            className="press-quiet"
            onClick={() =>
              saveFile('plant-book.csv', 'text/csv', toPlantsCsv(library.kinds, library))
            }
          >
            Save the whole book as CSV
          </button>
          <button type="button" className="press-plain ml-auto" onClick={onClose}>
            Close
          </button>
        </p>
        {trouble && (
          <p role="alert" className="font-semibold">
            ▲ {trouble}
          </p>
        )}
        {reading && (
          <p role="status" className="text-ink2">
            Reading…
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
              {file.encoding !== 'utf-8' ? ', read as western text' : ''}:{' '}
              {countText(found.added, 'new plant')}, {countText(found.changed, 'known one')} with
              something to add, {found.same} with nothing new, {countText(found.faulty, 'line')}{' '}
              that cannot be read.
            </p>
            {found.headings.length > 0 && (
              <details open={found.mapping.common == null}>
                <summary className="cursor-pointer text-[13px] font-semibold">
                  Which column is which
                </summary>
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
              </details>
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
                <ul className="max-h-40 overflow-y-auto text-[13px]" data-quarrels>
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
            <button
              type="button"
              className="press justify-self-start"
              disabled={found.records.length === 0 || reading}
              onClick={() => void take(found.records)}
            >
              {found.records.length === 0
                ? 'Nothing to bring in'
                : `Bring in ${countText(found.records.length, 'plant')}`}
            </button>
          </>
        )}
      </div>
    </Sheet>
  );
}
