import { saveFile } from './saveFile';

/** How long a database that does not answer is waited for, ms. */
const PATIENCE_MS = 10_000;

/**
 * Saves all that lies in the browser's database as a file, read past everything else: for when the
 * app itself stumbles. @returns false when there is no database to read
 */
export async function saveRaw(name = 'rillbank'): Promise<boolean> {
  try {
    const db = await opened(name);
    const tables: Record<string, unknown[]> = {};
    for (const table of db.objectStoreNames) tables[table] = await rowsOf(db, table);
    db.close();
    const written = new Date().toISOString();
    const text = JSON.stringify({ format: 'rillbank-raw', written, tables });
    saveFile(`rillbank-${written.slice(0, 10)}.raw.json`, 'application/json', text);
    return true;
  } catch {
    return false;
  }
}

function opened(name: string): Promise<IDBDatabase> {
  return new Promise((resolve, reject) => {
    const request = indexedDB.open(name);
    setTimeout(() => reject(new Error('The database does not answer.')), PATIENCE_MS);
    request.onsuccess = () => resolve(request.result);
    request.onerror = () => reject(request.error);
  });
}

function rowsOf(db: IDBDatabase, table: string): Promise<unknown[]> {
  return new Promise((resolve, reject) => {
    const request = db.transaction(table, 'readonly').objectStore(table).getAll();
    request.onsuccess = () => resolve(request.result);
    request.onerror = () => reject(request.error);
  });
}
