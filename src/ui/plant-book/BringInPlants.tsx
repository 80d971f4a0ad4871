'use client';

import { useState } from 'react';
import { type PlantMapping } from '@/core/files/plantColumns';
import type { PlantsAnswer } from '@/core/files/plantsReading';
import type { Encoding } from '@/core/files/text';
import type { Library } from '@/core/plants/library';
import type { OwnKind } from '@/core/plants/own';
import { Button } from '@/ui/controls/Button';
import { Sheet } from '@/ui/controls/fields';
import { readText, unreadText } from '@/ui/session/readText';
import { say } from '@/ui/session/say';
import { useStore } from '@/ui/session/StoreProvider';
import { runJob } from '@/workers/runJob';
import { countText } from '@/words/format';
import { FoundPlants } from './FoundPlants';
import { PlantsDoors } from './PlantsDoors';

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
    await store?.kinds.put(records);
    say(`${countText(records.length, 'plant')} came in.`);
    onClose();
  };
  const found = answer?.kind === 'read' ? answer.reading : null;
  return (
    <Sheet title="In and out">
      <div className="grid gap-3 px-4 py-3">
        <PlantsDoors open={open} own={own} library={library} onClose={onClose} />
        {trouble && (
          <p role="alert" className="font-semibold">
            ▲ {trouble}
          </p>
        )}
        {reading && (
          <p role="status" className="flex items-center gap-4 text-ink2">
            Reading: {Math.round(reading.share * 100)}%
            <Button onClick={() => reading.stop.abort()}>Stop</Button>
          </p>
        )}
        {answer?.kind === 'not a table' && (
          <p role="alert" className="font-semibold">
            ▲ {file?.name}: {answer.message}
          </p>
        )}
        {found && file && (
          <FoundPlants
            file={file}
            found={found}
            read={read}
            takeTheirs={takeTheirs}
            setTakeTheirs={setTakeTheirs}
            isReading={reading !== null}
            take={take}
          />
        )}
      </div>
    </Sheet>
  );
}
