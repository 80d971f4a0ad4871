'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import { LARGEST_FILE_BYTES } from '@/core/files/door';
import type { FileFault } from '@/core/files/parse';
import type { Backup, PlantingFile } from '@/core/files/plantingFile';
import type { Store } from '@/data/store';
import { Button } from '@/ui/controls/Button';
import { Sheet } from '@/ui/controls/fields';
import { FileButton } from '@/ui/controls/FileButton';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { unreadText } from '@/ui/session/readText';
import { saveEverything } from '@/ui/session/saveEverything';
import { say } from '@/ui/session/say';
import { runJob } from '@/workers/runJob';
import { countText } from '@/words/format';
import { renamedText } from '@/words/renamed';

const RestorePreview = dynamic(() => import('./RestorePreview').then((m) => m.RestorePreview), {
  ssr: false,
});

interface Reading {
  readonly name: string;
  /** Share read so far, 0–1. */
  readonly share: number;
  readonly stop: AbortController;
}

/** Files in, and everything out. A backup is shown before it takes anything's place. */
export function FilesSheet({ store }: { readonly store: Store }) {
  const { kindOf } = useLibrary();
  const [reading, setReading] = useState<Reading | null>(null);
  const [faults, setFaults] = useState<{
    readonly file: string;
    readonly list: readonly FileFault[];
  } | null>(null);
  const [waiting, setWaiting] = useState<{
    readonly backup: Backup;
    readonly renamed: string;
  } | null>(null);

  const takePlanting = async (file: PlantingFile, renamed: string) => {
    const { bringIn } = await import('./bringIn');
    const { name, strangers } = await bringIn(store, file, kindOf);
    const unknown = strangers > 0 ? `, with ${countText(strangers, 'plant')} not in your book` : '';
    say(`${name} came in${unknown}.${renamed && ` ${renamed}`}`);
  };
  const take = async (files: readonly File[]) => {
    const name = files.map((file) => file.name).join(', ');
    setFaults(null);
    setWaiting(null);
    const large = files.find(({ size }) => size > LARGEST_FILE_BYTES);
    if (large) return setFaults({ file: large.name, list: [tooLarge(large.size)] });
    const stop = new AbortController();
    setReading({ name, share: 0, stop });
    try {
      const buffers = await Promise.all(files.map((file) => file.arrayBuffer()));
      const { read, renamed } = await runJob(
        'readFiles',
        { buffers },
        {
          signal: stop.signal,
          onProgress: (share) => setReading((now) => now && { ...now, share }),
        },
      );
      if (!read.ok) setFaults({ file: name, list: read.faults });
      else {
        const told = renamedText(renamed, kindOf);
        if (read.value.format === 'rillbank-backup')
          setWaiting({ backup: read.value, renamed: told });
        else await takePlanting(read.value, told);
      }
    } catch (error) {
      if (!stop.signal.aborted)
        setFaults({ file: name, list: [{ field: '', message: unreadText(error) }] });
    } finally {
      setReading(null);
    }
  };
  const saveAll = async () => {
    const parts = await saveEverything(store);
    if (parts > 1) say(`Saved as ${parts} files. Keep them together: all are needed.`);
  };
  return (
    <div className="mt-6">
      <Sheet title="Files">
        <div className="flex flex-wrap gap-3 px-4 py-3">
          <FileButton
            label="File to bring in"
            look="act"
            multiple
            accept=".json,application/json"
            onFiles={(files) => void take(files)}
          >
            Bring in a file
          </FileButton>
          <Button onClick={() => void saveAll()}>Save everything</Button>
        </div>
        {reading && (
          <p role="status" className="flex items-center gap-4 border-t border-rule px-4 py-3">
            Reading {reading.name}: {Math.round(reading.share * 100)} %
            <Button onClick={() => reading.stop.abort()}>Stop</Button>
          </p>
        )}
        {waiting && <RestorePreview store={store} {...waiting} onDone={() => setWaiting(null)} />}
        {faults && <Faults file={faults.file} list={faults.list} />}
      </Sheet>
    </div>
  );
}

function Faults({ file, list }: { readonly file: string; readonly list: readonly FileFault[] }) {
  return (
    <div role="alert" className="border-t border-rule px-4 py-3">
      <p className="font-semibold">▲ {file} was not taken in. Nothing here has changed.</p>
      <ul className="mt-1 grid gap-0.5">
        {list.slice(0, 8).map(({ field, message }) => (
          <li key={field + message}>
            {field && <code className="mr-2 bg-wash px-1">{field}</code>}
            {message}
          </li>
        ))}
      </ul>
    </div>
  );
}

function tooLarge(bytes: number): FileFault {
  return {
    field: '',
    message: `The file must be at most ${LARGEST_FILE_BYTES / 1e6} MB; got ${(bytes / 1e6).toFixed(1)} MB. Nothing was taken in.`,
  };
}
