import type { Backup } from '@/core/files/plantingFile';
import type { Photo } from '@/core/log/photoSchema';
import type { Archive } from './archive';
import type { Snapshot } from './backups';
import type { Taking } from './meeting';
import type { Store } from './store';

/** Photographs that are kept at a time. */
const BATCH = 20;

/** What came of it. */
export interface Taken {
  readonly before: Snapshot;
  /** Photographs whose files were missing or damaged. */
  readonly damaged: number;
}

/** Is it put in the place of all that is here, or laid together with it? Where both changed the same, what is taken. */
export type How = 'replace' | ReadonlyMap<string, Taking>;

/**
 * Takes a backup in. Photographs come in first, a few at a time; given up or failed, those that came are taken
 * out again, and nothing has changed.
 * @throws an `AbortError` when the signal is given up
 */
export async function takeBackup(
  store: Store,
  {
    backup,
    archive,
    how,
  }: { readonly backup: Backup; readonly archive: Archive | null; readonly how: How },
  { signal, onShare }: { readonly signal: AbortSignal; readonly onShare: (share: number) => void },
): Promise<Taken> {
  const added: string[] = [];
  let damaged = 0;
  try {
    const photographs = archive?.photographs ?? [];
    for (let i = 0; archive && i < photographs.length; i += BATCH) {
      signal.throwIfAborted();
      const batch: Photo[] = [];
      for (const filed of photographs.slice(i, i + BATCH)) {
        const photo = await archive.photo(filed);
        if (photo) batch.push(photo);
        else damaged += 1;
      }
      added.push(...(await store.photos.takeIn(batch)));
      onShare(Math.min(1, (i + BATCH) / photographs.length));
    }
    signal.throwIfAborted();
    const before =
      how === 'replace'
        ? await store.whole.restore(backup)
        : await store.whole.bringTogether(backup, how);
    await archive?.close();
    return { before, damaged };
  } catch (error) {
    await store.photos.drop(added);
    throw error;
  }
}
