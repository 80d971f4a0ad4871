'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { FileFault } from '@/core/files/parse';
import type { Store } from '@/data/store';
import { Button } from '@/ui/controls/Button';
import { Sheet } from '@/ui/controls/fields';
import { FileButton } from '@/ui/controls/FileButton';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { saveEverything } from '@/ui/session/saveEverything';
import { say } from '@/ui/session/say';
import { countText } from '@/words/format';
import { OnItsWay } from '@/ui/controls/OnItsWay';
import type { ReadIn, Waiting } from './readIn';
import { useLongWork } from '@/ui/controls/useLongWork';

const CopyFolder = dynamic(() => import('./CopyFolder').then((m) => m.CopyFolder), { ssr: false });
const RestorePreview = dynamic(() => import('./RestorePreview').then((m) => m.RestorePreview), {
  ssr: false,
});

/** Files in, and everything out. A backup is shown before it takes anything's place. */
export function FilesSheet({ store }: { readonly store: Store }) {
  const { kindOf } = useLibrary();
  const work = useLongWork();
  const [faults, setFaults] = useState<Extract<ReadIn, { readonly is: 'faults' }> | null>(null);
  const [waiting, setWaiting] = useState<Waiting | null>(null);

  const take = async (files: readonly File[]) => {
    setFaults(null);
    setWaiting(null);
    const names = files.map(({ name }) => name).join(', ');
    const read = await work.run(`Reading ${names}`, async (ask) =>
      (await import('./readIn')).readIn(files, { ...ask, kindOf }),
    );
    if (!read) return;
    if (read.is === 'faults') return setFaults(read);
    if (read.is === 'backup') return setWaiting(read);
    const { bringIn } = await import('./bringIn');
    const { name, strangers } = await bringIn(store, read.file, kindOf);
    const unknown = strangers > 0 ? `, with ${countText(strangers, 'plant')} not in your book` : '';
    say(`${name} came in${unknown}.${read.renamed && ` ${read.renamed}`}`);
  };
  const saveAll = async () => {
    const saved = await work.run('Writing everything', (ask) => saveEverything(store, ask));
    if (!saved) return;
    const { files, photographs } = saved;
    if (files.length > 1)
      say(`Saved as ${files.length} files. Keep them together: all are needed.`);
    else if (photographs > 0) say(`Saved as a ZIP, with ${countText(photographs, 'photograph')}.`);
  };
  return (
    <div className="mt-6">
      <Sheet title="Files">
        <div className="flex flex-wrap gap-3 px-4 py-3">
          <FileButton
            label="File to bring in"
            look="act"
            multiple
            accept=".json,.zip,application/json,application/zip"
            onFiles={(files) => void take(files)}
          >
            Bring in a file
          </FileButton>
          <Button disabled={work.at !== null} onClick={() => void saveAll()}>
            Save everything
          </Button>
        </div>
        <CopyFolder store={store} />
        <OnItsWay work={work} />
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
