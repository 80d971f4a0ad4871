import Dexie, { type Table } from 'dexie';
import type { Store } from '@/data/store';
import { noteSaved } from './saved';
import { everything } from './saveEverything';

/** A folder of the device, as far as it is used here. Standard types do not know yet how one is picked and asked. */
type Folder = FileSystemDirectoryHandle & {
  readonly queryPermission?: (of: { mode: 'readwrite' }) => Promise<PermissionState>;
  readonly requestPermission?: (of: { mode: 'readwrite' }) => Promise<PermissionState>;
};
type Picking = Window & {
  readonly showDirectoryPicker?: (of: { id: string; mode: 'readwrite' }) => Promise<Folder>;
};

/** The folder, and when a copy was last put there, ISO time. In a database of its own: it means nothing on another device. */
interface Picked {
  readonly key: 'folder';
  readonly folder: Folder;
  readonly copiedAt: string | null;
}

class FolderDb extends Dexie {
  declare folders: Table<Picked, string>;

  constructor() {
    super('rillbank-folder');
    this.version(1).stores({ folders: 'key' });
  }
}

let opened: FolderDb | null = null;
const folders = (): Table<Picked, string> => (opened ??= new FolderDb()).folders;

/** Can this browser be given a folder? */
export const canPickFolder = (): boolean => 'showDirectoryPicker' in window;

export async function pickedFolder(): Promise<Picked | null> {
  return (await folders().get('folder')) ?? null;
}

/** Lets the gardener pick one. @returns `null` when none was picked */
export async function pickFolder(): Promise<Picked | null> {
  const picking = (window as Picking).showDirectoryPicker;
  if (!picking) return null;
  try {
    const folder = await picking({ id: 'rillbank', mode: 'readwrite' });
    const picked: Picked = { key: 'folder', folder, copiedAt: null };
    await folders().put(picked);
    return picked;
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError') return null;
    throw error;
  }
}

export const leaveFolder = (): Promise<void> => folders().delete('folder');

/** Copies a day that are made unasked. */
const MS_PER_COPY = 20 * 60 * 60 * 1000;

export const isCopyDue = ({ copiedAt }: Picked, now: Date): boolean =>
  copiedAt === null || now.getTime() - Date.parse(copiedAt) > MS_PER_COPY;

/** May Rillbank write there? Asking needs a press. */
export async function mayWrite({ folder }: Picked, { ask }: { ask: boolean }): Promise<boolean> {
  const mode = { mode: 'readwrite' } as const;
  const state = (await folder.queryPermission?.(mode)) ?? 'granted';
  if (state === 'granted' || !ask) return state === 'granted';
  return (await folder.requestPermission?.(mode)) === 'granted';
}

/**
 * Puts a copy of all there is into the folder: one a day, by its date, none is ever taken away. A copy that cannot be finished leaves the
 * earlier one of that day as it was.
 * @throws when the folder is gone or full
 */
export async function copyInto(store: Store, picked: Picked): Promise<Picked> {
  const all = await everything(store, { isForOthers: false });
  for (const { name, content } of all.files) {
    const file = await picked.folder.getFileHandle(name, { create: true });
    // What is written takes the place of what was there only when it is closed.
    const writing = await file.createWritable();
    try {
      await writing.write(content);
      await writing.close();
    } catch (error) {
      await writing.abort().catch(() => undefined);
      throw error;
    }
  }
  const now = new Date();
  noteSaved(await store.whole.ownWork(), now);
  const copied = { ...picked, copiedAt: now.toISOString() };
  await folders().put(copied);
  return copied;
}
