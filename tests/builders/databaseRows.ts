import { expect, type Page } from '@playwright/test';
import { TABLES, type TableName } from '@/data/tables';

export type Row = Readonly<Record<string, unknown>>;
export type Rows = Readonly<Record<string, readonly Row[]>>;

/** All rows of the browser's database, as they lie. */
export const rowsOf = (page: Page): Promise<Rows> =>
  page.evaluate(
    () =>
      new Promise<Record<string, Row[]>>((resolve, reject) => {
        const open = indexedDB.open('rillbank');
        open.onerror = () => reject(open.error);
        open.onsuccess = async () => {
          const db = open.result;
          const found: Record<string, Row[]> = {};
          for (const name of db.objectStoreNames)
            found[name] = await new Promise((done) => {
              const all = db.transaction(name).objectStore(name).getAll();
              all.onsuccess = () => done(all.result);
            });
          db.close();
          resolve(found);
        };
      }),
  );

/** Every row is read by the rule of its table. @param told what has just been done, for whoever reads a failure */
export function expectReadable(rows: Rows, told: readonly unknown[]): void {
  for (const [table, found] of Object.entries(rows)) {
    const rule = TABLES[table as TableName];
    if (!rule) continue;
    for (const row of found)
      expect([...told, table, rule.schema.safeParse(row).error?.issues ?? []]).toEqual([
        ...told,
        table,
        [],
      ]);
  }
}

/** A database as it was at a version that landed, in the place of the one that is there. To be called on a page that has not opened it. */
export const layDown = (
  page: Page,
  old: { readonly version: number; readonly stores: Record<string, string>; readonly rows: Rows },
): Promise<void> =>
  page.evaluate(
    ({ version, stores, rows }) =>
      new Promise<void>((resolve, reject) => {
        const gone = indexedDB.deleteDatabase('rillbank');
        gone.onerror = () => reject(gone.error);
        gone.onsuccess = () => {
          // The database's own library counts in tens.
          const open = indexedDB.open('rillbank', version * 10);
          open.onerror = () => reject(open.error);
          open.onupgradeneeded = () => {
            for (const [name, spec] of Object.entries(stores)) {
              const [key, ...indexes] = spec.split(',').map((one) => one.trim());
              const store = open.result.createObjectStore(name, { keyPath: key! });
              for (const index of indexes) {
                const path = index.replace(/^[*&[]*|\]$/g, '');
                store.createIndex(
                  index.replace(/^[*&]*/, ''),
                  path.includes('+') ? path.split('+') : path,
                  {
                    multiEntry: index.startsWith('*'),
                  },
                );
              }
            }
          };
          open.onsuccess = () => {
            const db = open.result;
            const names = Object.keys(rows).filter((name) => rows[name]!.length > 0);
            const tx = db.transaction(names, 'readwrite');
            for (const name of names) for (const row of rows[name]!) tx.objectStore(name).put(row);
            tx.oncomplete = () => {
              db.close();
              resolve();
            };
            tx.onerror = () => reject(tx.error);
          };
        };
      }),
    old,
  );
