'use client';

import dynamic from 'next/dynamic';
import type { TableName } from '@/data/tables';
import { useLive } from './StoreProvider';

// Hardly anybody ever sees it: it is fetched when there is something to show.
const UnreadableList = dynamic(() => import('./UnreadableList'), { ssr: false });

/** Records of a room that this version cannot read: by name, with what is wrong and what can be done. Nothing where all can be read. */
export function UnreadableSheet({ tables }: { readonly tables: readonly TableName[] }) {
  const found = useLive((s) => s.unreadable.all(...tables), [tables.join()]);
  return found && found.length > 0 ? <UnreadableList found={found} /> : null;
}
