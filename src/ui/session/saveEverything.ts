import { format } from 'date-fns';
import type { Store } from '@/data/store';
import { saveBlob, saveFile } from './saveFile';

/** What was saved. */
export interface Saved {
  readonly files: number;
  /** Photographs that went along. */
  readonly photographs: number;
}

/**
 * Saves all there is: as a ZIP where there are photographs; else as one file, or as many as a reader can take.
 * @throws an `AbortError` when the signal is given up; nothing is saved then
 */
export async function saveEverything(
  store: Store,
  {
    signal = new AbortController().signal,
    onShare = () => {},
  }: { readonly signal?: AbortSignal; readonly onShare?: (share: number) => void } = {},
): Promise<Saved> {
  const now = new Date();
  const base = `rillbank-${format(now, 'yyyy-MM-dd')}`;
  const photoIds = await store.photoIds();
  if (photoIds.length > 0) {
    const { writeArchive } = await import('@/data/archive');
    const backup = await store.backup(now.toISOString(), { withPhotos: false });
    const photo = (id: string) => store.photo(id);
    const { file, photographs } = await writeArchive(backup, { photoIds, photo, signal, onShare });
    saveBlob(`${base}.zip`, file);
    return { files: 1, photographs };
  }
  const { backupTexts } = await import('@/core/files/backupParts');
  const texts = backupTexts(await store.backup(now.toISOString()));
  texts.forEach((text, i) =>
    saveFile(
      texts.length === 1
        ? `${base}.backup.json`
        : `${base}.backup-${i + 1}-of-${texts.length}.json`,
      'application/json',
      text,
    ),
  );
  return { files: texts.length, photographs: 0 };
}
