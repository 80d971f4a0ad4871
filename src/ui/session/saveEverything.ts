import { format } from 'date-fns';
import type { Store } from '@/data/store';
import { saveFile } from './saveFile';

/** Saves all there is as one file, or as many as a reader can take. @returns how many */
export async function saveEverything(store: Store): Promise<number> {
  const now = new Date();
  const { backupTexts } = await import('@/core/files/backupParts');
  const texts = backupTexts(await store.backup(now.toISOString()));
  const base = `rillbank-${format(now, 'yyyy-MM-dd')}`;
  texts.forEach((text, i) =>
    saveFile(
      texts.length === 1
        ? `${base}.backup.json`
        : `${base}.backup-${i + 1}-of-${texts.length}.json`,
      'application/json',
      text,
    ),
  );
  return texts.length;
}
