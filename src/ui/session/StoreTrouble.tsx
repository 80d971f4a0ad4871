'use client';

import type { Store } from '@/data/store';
import type { Trouble } from '@/data/trouble';
import { troubleText } from '@/words/trouble';

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
      className="flex flex-wrap items-center gap-x-4 gap-y-2 border-b-2 border-ink bg-paper px-4 py-3 text-[14px] wide:px-6"
    >
      <p className="max-w-[80ch] flex-1 basis-[320px]">
        <b className="font-semibold">▲ Not kept. </b>
        {troubleText(trouble)}
      </p>
      {savable && (
        <button type="button" className="press" onClick={() => void save(store)}>
          Save everything as a file
        </button>
      )}
      {shut && (
        <button type="button" className="press" onClick={() => window.location.reload()}>
          Load this page again
        </button>
      )}
      {!shut && (
        <button type="button" className="press-quiet" onClick={onRead}>
          I have read it
        </button>
      )}
    </div>
  );
}
