'use client';

import { useEffect, useState } from 'react';
import type { Raw } from '@/data/db';
import type { Unreadable } from '@/data/repository';
import { Button } from '@/ui/controls/Button';
import { Confirm } from '@/ui/controls/Confirm';
import { faultsText } from '@/words/trouble';
import { fileNameOf, saveFile } from './saveFile';
import { say } from './say';
import { useStore } from './StoreProvider';

/** What cannot be read, one by one, with what can be done. */
export default function UnreadableList({ found }: { readonly found: readonly Unreadable[] }) {
  return (
    <section
      aria-label="What cannot be read"
      className="mt-4 border-y-2 border-ink bg-paper px-4 py-3"
    >
      <h2 className="text-lead font-semibold">▲ Stored here, but this version cannot read it</h2>
      <p className="max-w-[80ch] pb-1 text-ink2">
        It is left as it is, and goes along when you save everything. A newer version may read it.
      </p>
      <ul>
        {found.map((one) => (
          <Lost key={`${one.table}/${one.id}`} lost={one} />
        ))}
      </ul>
    </section>
  );
}

function Lost({ lost }: { readonly lost: Unreadable }) {
  const store = useStore();
  const [state, setState] = useState<Raw | null>(null);
  const [asking, setAsking] = useState(false);
  useEffect(() => {
    let here = true;
    void store?.unreadable.lastReadable(lost).then((found) => here && setState(found));
    return () => {
      here = false;
    };
  }, [store, lost]);
  const save = () =>
    saveFile(
      `${fileNameOf(lost.name)}.raw.json`,
      'application/json',
      JSON.stringify({ table: lost.table, record: lost.raw }),
    );
  const mend = async (to: Raw) => {
    await store?.unreadable.mend(lost, to);
    say(`${lost.name} is back as it last could be read.`);
  };
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-rule py-2">
      <span className="min-w-0 flex-1 basis-64">
        <b className="font-semibold">{lost.name}</b>{' '}
        <span className="text-ink2">{faultsText(lost.faults)}</span>
      </span>
      {state && (
        <Button look="act" onClick={() => void mend(state)}>
          Back to its last readable step
        </Button>
      )}
      <Button look="plain" onClick={save}>
        Save as it lies
      </Button>
      <Button look="plain" onClick={() => setAsking(true)}>
        Take away
      </Button>
      {asking && (
        <Confirm
          title={`Take ${lost.name} away?`}
          go="Take it away"
          onGo={() => void store?.unreadable.discard(lost)}
          onStay={() => setAsking(false)}
        >
          <p>It cannot be brought back. Save it as it lies first if you may want it.</p>
        </Confirm>
      )}
    </li>
  );
}
