import { format } from 'date-fns';
import type { BackupAsked } from '@/data/rooms/wholeStore';
import type { Store } from '@/data/store';
import { noteSaved } from './saved';
import { saveBlob } from './saveFile';

/** All there is, as files. */
export interface Everything {
  readonly files: readonly { readonly name: string; readonly content: Blob }[];
  /** Photographs that go along. */
  readonly photographs: number;
}

interface Asked extends Pick<BackupAsked, 'isForOthers'> {
  readonly signal?: AbortSignal;
  readonly onShare?: (share: number) => void;
}

/**
 * All there is: as a ZIP where there are photographs; else as one file, or as many as a reader can take.
 * @throws an `AbortError` when the signal is given up
 */
export async function everything(
  store: Store,
  { signal = new AbortController().signal, onShare = () => {}, isForOthers = true }: Asked = {},
): Promise<Everything> {
  const now = new Date();
  const base = `rillbank-${format(now, 'yyyy-MM-dd')}`;
  const photoIds = await store.photos.ids();
  if (photoIds.length > 0) {
    const { writeArchive } = await import('@/data/archive');
    const backup = await store.whole.backup(now.toISOString(), { withPhotos: false, isForOthers });
    const photo = (id: string) => store.photos.get(id);
    const { file, photographs } = await writeArchive(backup, { photoIds, photo, signal, onShare });
    return { files: [{ name: `${base}.zip`, content: file }], photographs };
  }
  const { backupTexts } = await import('@/core/files/backupParts');
  const texts = backupTexts(await store.whole.backup(now.toISOString(), { isForOthers }));
  const files = texts.map((text, i) => ({
    name:
      texts.length === 1
        ? `${base}.backup.json`
        : `${base}.backup-${i + 1}-of-${texts.length}.json`,
    content: new Blob([text], { type: 'application/json;charset=utf-8' }),
  }));
  return { files, photographs: 0 };
}

/**
 * Hands all there is to the browser as files to save.
 * @throws an `AbortError` when the signal is given up; nothing is saved then
 */
export async function saveEverything(store: Store, asked: Asked = {}): Promise<Everything> {
  const all = await everything(store, asked);
  for (const { name, content } of all.files) saveBlob(name, content);
  // Where nothing can be read any more, nothing need be noted.
  await store.whole.ownWork().then(
    (work) => noteSaved(work, new Date()),
    () => undefined,
  );
  return all;
}
