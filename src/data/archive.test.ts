import { BlobWriter, TextReader, ZipWriter } from '@zip.js/zip.js/index-native.js';
import { inParts, PHOTO_MOST_BYTES } from '@/core/log/photo';
import type { Photo } from '@/core/log/photoSchema';
import { photoFrom } from '@/core/files/archive';
import { readBackup } from '@/core/files/backupParts';
import { hash01 } from '@/core/random/hash';
import { GOOD, planting, SUNNY } from '../../tests/builders/plantings';
import { openHere } from '../../tests/builders/store';
import { isZip, openArchive, writeArchive, type Archive } from './archive';
import type { Store } from './store';
import { takeBackup } from './takeBackup';

let count = 0;
const quiet: { signal: AbortSignal; onShare: (share: number) => void } = {
  signal: new AbortController().signal,
  onShare: () => {},
};
/** Bytes that begin as a JPEG does. */
const jpeg = (seed: number, length: number): string =>
  Buffer.from(
    Uint8Array.from({ length }, (_, i) =>
      i < 3 ? [0xff, 0xd8, 0xff][i]! : Math.floor(256 * hash01(seed, i)),
    ),
  ).toString('base64');
const photo = (seed: number, length: number): Omit<Photo, 'id'> => ({
  plantingId: 'planting',
  widthPx: 1280,
  heightPx: 960,
  jpeg: inParts(jpeg(seed, length)),
});

async function withPhotos(...lengths: readonly number[]): Promise<Store> {
  const { store } = await openHere(`archive-${(count += 1)}`);
  await store.plantings.add(planting(GOOD), SUNNY);
  for (const [i, length] of lengths.entries())
    await store.photos.keep(photo(i, length), {
      at: '2026-07-16T08:30:00+01:00',
      zone: 'Europe/London',
      of: { plantingId: 'planting' },
      angle: 'front',
    });
  return store;
}

async function written(store: Store, told = quiet) {
  return writeArchive(await store.whole.backup('2026-07-16', { withPhotos: false }), {
    photoIds: await store.photos.ids(),
    photo: (id) => store.photos.get(id),
    ...told,
  });
}

const archived = async (store: Store, told = quiet): Promise<Blob> =>
  (await written(store, told)).file;

async function opened(file: Blob): Promise<Archive> {
  const archive = await openArchive(file);
  if (!archive.ok) throw new Error(archive.faults.map(({ message }) => message).join());
  return archive.value;
}

function backupIn({ texts }: Archive) {
  const steps = readBackup(texts);
  for (;;) {
    const step = steps.next();
    if (!step.done) continue;
    if (!step.value.ok) throw new Error(step.value.faults[0]!.message);
    return step.value.value;
  }
}

const faultOf = async (file: Blob): Promise<string> => {
  const archive = await openArchive(file);
  return archive.ok ? 'none' : archive.faults.map(({ message }) => message).join();
};

test('everything goes out as a ZIP and comes in elsewhere, each photograph to the last byte', async () => {
  // Lengths about those at which base64 and its parts end.
  const store = await withPhotos(4, 5, 6, 5999, 6000, 6001, 24_000, 24_001, 300_000);
  const shares: number[] = [];
  const file = await archived(store, { ...quiet, onShare: (share) => void shares.push(share) });
  expect(await isZip(file)).toBe(true);
  expect(shares[shares.length - 1]).toBe(1);
  const archive = await opened(file);
  const { store: other } = await openHere(`archive-${(count += 1)}`);
  const taken = await takeBackup(
    other,
    { backup: backupIn(archive), archive, how: 'replace' },
    quiet,
  );
  expect(taken.damaged).toBe(0);
  expect(await other.photos.of('planting')).toEqual(await store.photos.of('planting'));
  expect(await other.log.entries()).toEqual(await store.log.entries());
  expect(await other.plantings.all()).toEqual(await store.plantings.all());
});

test('a damaged photograph is told and the others come', async () => {
  const store = await withPhotos(5000, 5000, 5000);
  const bytes = new Uint8Array(await (await archived(store)).arrayBuffer());
  const [, second] = await store.photos.of('planting');
  const at = Buffer.from(bytes).indexOf(Buffer.from(second!.jpeg.join(''), 'base64'));
  bytes[at + 2000]! ^= 0xff;
  const archive = await opened(new Blob([bytes]));
  const { store: other } = await openHere(`archive-${(count += 1)}`);
  const { damaged } = await takeBackup(
    other,
    { backup: backupIn(archive), archive, how: 'replace' },
    quiet,
  );
  expect(damaged).toBe(1);
  const here = (await other.photos.of('planting')).map(({ id }) => id);
  expect(here).toHaveLength(2);
  expect(here).not.toContain(second!.id);
});

test('what does not begin as a JPEG is no photograph, whatever it is called', () => {
  const filed = { id: 'p', plantingId: 'a', widthPx: 1, heightPx: 1, file: 'p.jpg', bytes: 4 };
  expect(photoFrom(filed, Uint8Array.of(0xff, 0xd8, 0xff, 0))).toMatchObject({ id: 'p' });
  expect(photoFrom(filed, Uint8Array.of(0x3c, 0x73, 0x76, 0x67))).toBeNull();
  expect(photoFrom(filed, Uint8Array.of(0xff, 0xd8))).toBeNull();
});

test('a photograph that cannot be read here goes along as it lies, and is not counted as one that went', async () => {
  const { db, store } = await openHere(`archive-${(count += 1)}`);
  await store.plantings.add(planting(GOOD), SUNNY);
  await db.photos.put({
    id: 'odd',
    plantingId: 'planting',
    widthPx: -1,
    heightPx: 1,
    jpeg: ['AA'],
  });
  const { file, photographs } = await written(store);
  expect(photographs).toBe(0);
  const archive = await opened(file);
  expect(archive.photographs).toEqual([]);
  expect(backupIn(archive).unreadable).toMatchObject([{ table: 'photos', record: { id: 'odd' } }]);
});

test('what is no archive of ours is refused in words', async () => {
  const zipOf = async (files: Readonly<Record<string, string>>) => {
    const writer = new ZipWriter(new BlobWriter());
    for (const [name, text] of Object.entries(files)) await writer.add(name, new TextReader(text));
    return writer.close();
  };
  const manifest = {
    format: 'rillbank-archive',
    version: 1,
    written: '2026-07-16',
    backups: ['backup-1.json'],
    photographs: [],
  };
  const told = (change: object) =>
    zipOf({ 'manifest.json': JSON.stringify({ ...manifest, ...change }) });
  expect(await faultOf(new Blob(['PK\x03\x04 and no more']))).toContain('damaged');
  expect(await faultOf(await zipOf({ 'notes.txt': 'hello' }))).toContain('no manifest');
  expect(await faultOf(await told({ format: 'other' }))).toContain('not one of ours');
  expect(await faultOf(await told({ version: 2 }))).toContain('newer version');
  expect(await faultOf(await told({}))).toContain('backup-1.json is missing');
  expect(await faultOf(await told({ backups: ['../up.json'] }))).toContain('plain');
  const sized = (bytes: number) =>
    told({
      backups: ['notes.json'],
      photographs: [{ id: 'p', plantingId: 'a', widthPx: 1, heightPx: 1, file: 'p.jpg', bytes }],
    });
  // One byte more than a photograph may have, and the manifest itself is refused.
  expect(await faultOf(await sized(PHOTO_MOST_BYTES))).toContain('notes.json is missing');
  expect(await faultOf(await sized(PHOTO_MOST_BYTES + 1))).not.toContain('notes.json');
  expect(await isZip(new Blob(['{"format":']))).toBe(false);
});

test('stopped in the midst, nothing is written, and nothing that came stays', async () => {
  const store = await withPhotos(...Array.from({ length: 50 }, () => 2000));
  const stop = new AbortController();
  const writing = archived(store, { signal: stop.signal, onShare: () => stop.abort() });
  await expect(writing).rejects.toMatchObject({ name: 'AbortError' });
  const archive = await opened(await archived(store));
  const { store: other } = await openHere(`archive-${(count += 1)}`);
  const half = new AbortController();
  const taking = takeBackup(
    other,
    { backup: backupIn(archive), archive, how: 'replace' },
    { signal: half.signal, onShare: (share) => void (share >= 0.5 && half.abort()) },
  );
  await expect(taking).rejects.toMatchObject({ name: 'AbortError' });
  expect(await other.photos.ids()).toEqual([]);
  expect(await other.plantings.all()).toEqual([]);
});

test('photographs outlast a restore, so that it can be gone back on; those nothing names are told', async () => {
  const store = await withPhotos(3000, 3000);
  expect(await store.photos.room()).toMatchObject({ count: 2, loose: [] });
  const empty = { ...(await store.whole.backup('2026-07-16', { withPhotos: false })), entries: [] };
  const { before } = await takeBackup(
    store,
    { backup: empty, archive: null, how: 'replace' },
    quiet,
  );
  const { loose, bytes } = await store.photos.room();
  expect(loose).toHaveLength(2);
  expect(bytes).toBe(8000);
  await store.whole.putBack(before, { only: true });
  expect((await store.photos.room()).loose).toEqual([]);
  expect(await store.photos.of('planting')).toHaveLength(2);
  await store.whole.restore(empty);
  await store.photos.drop(loose);
  expect(await store.photos.room()).toMatchObject({ count: 0, bytes: 0 });
});

test('a photograph named by an entry that this version cannot read is not loose', async () => {
  const { db, store } = await openHere(`archive-${(count += 1)}`);
  await store.plantings.add(planting(GOOD), SUNNY);
  await store.photos.takeIn([{ id: 'ph', ...photo(1, 3000) }]);
  expect((await store.photos.room()).loose).toEqual(['ph']);
  await db.entries.put({ id: 'later', what: { did: 'photographed', photoId: 'ph', lens: 'new' } });
  expect(await store.log.entries()).toEqual([]);
  expect((await store.photos.room()).loose).toEqual([]);
});
