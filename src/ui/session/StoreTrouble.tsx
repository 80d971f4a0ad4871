'use client';

import type { Store } from '@/data/store';
import type { Trouble } from '@/data/trouble';
import { troubleText } from '@/words/trouble';
import { Button } from '@/ui/controls/Button';

interface TroubleProps {
  readonly trouble: Trouble;
  readonly store: Store | null;
  readonly onRead: () => void;
}

/** After these the database answers nobody in this window: only loading the page anew helps. */
const SHUT: readonly Trouble['kind'][] = ['closed', 'overtaken', 'newer'];

/** Trouble with storage, told once, with the way out: everything as a file, or the page anew. */
export function StoreTrouble({ trouble, store, onRead }: TroubleProps) {
  const shut = SHUT.includes(trouble.kind);
  const savable = store && !shut && trouble.kind !== 'refused' && trouble.kind !== 'gone';
  const save = async (from: Store) => (await import('./saveEverything')).saveEverything(from);
  return (
    <div
      role="alert"
      className="flex flex-wrap items-center gap-x-4 gap-y-2 border-b-2 border-ink bg-paper px-4 py-3 text-body wide:px-6"
    >
      <p className="max-w-[80ch] flex-1 basis-[320px]">
        <b className="font-semibold">▲ Not kept. </b>
        {troubleText(trouble)}
      </p>
      {savable && (
        <Button look="act" onClick={() => void save(store)}>
          Save everything as a file
        </Button>
      )}
      {shut && (
        <Button look="act" onClick={() => window.location.reload()}>
          Load this page again
        </Button>
      )}
      {!shut && <Button onClick={onRead}>I have read it</Button>}
    </div>
  );
}
