import { openDb, RillbankDb } from '@/data/db';
import { openJournal, type Journal } from '@/data/journal';
import { Store } from '@/data/store';
import { onlyWindow, type Windows } from '@/data/windows';

/** A database that is open, and a store over it, as one window has them. */
export async function openHere(
  name = 'rillbank',
  windows: Windows = onlyWindow('here'),
  journal: Journal = openJournal(null),
): Promise<{ readonly db: RillbankDb; readonly store: Store }> {
  const db = new RillbankDb(name);
  await openDb(db, { onBlocked: () => undefined, onOvertaken: () => undefined });
  return { db, store: new Store(db, windows, journal) };
}
