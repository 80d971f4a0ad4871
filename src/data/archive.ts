import {
  ARCHIVE_VERSION,
  bytesOf,
  MANIFEST,
  manifestSchema,
  photoFile,
  photoFrom,
  type FiledPhoto,
  type Manifest,
} from '@/core/files/archive';
import { backupTexts } from '@/core/files/backupParts';
import { LARGEST_FILE_BYTES, readJson } from '@/core/files/door';
import { parseWith, type Parsed } from '@/core/files/parse';
import type { Backup } from '@/core/files/plantingFile';
import { PHOTO_MOST_BYTES } from '@/core/log/photo';
import type { Photo } from '@/core/log/photoSchema';

/** Fetched when an archive is written or read, not before. */
const zip = async () => {
  const library = await import('@zip.js/zip.js/index-native.js');
  // Its own workers would be scripts from nowhere, which the policy of the page refuses.
  library.configure({ useWebWorkers: false });
  return library;
};

/**
 * Everything as one ZIP: a backup, and each photograph as a file of its own. Photographs are read one after another, so that there may
 * be more of them than memory holds.
 * @param photo reads one; `null` when it cannot be read: then it is left out, and its row goes along in the backup as it lies
 * @returns the file, and how many photographs went along
 * @throws an `AbortError` when the signal is given up
 */
export async function writeArchive(
  backup: Backup,
  {
    photoIds,
    photo,
    signal,
    onShare,
  }: {
    readonly photoIds: readonly string[];
    readonly photo: (id: string) => Promise<Photo | null>;
    readonly signal: AbortSignal;
    /** Is told how much is written, 0–1. */
    readonly onShare: (share: number) => void;
  },
): Promise<{ readonly file: Blob; readonly photographs: number }> {
  const { BlobWriter, TextReader, Uint8ArrayReader, ZipWriter } = await zip();
  const writer = new ZipWriter(new BlobWriter('application/zip'), { signal });
  const texts = backupTexts({ ...backup, photos: [] });
  const backups = texts.map((_, i) => `backup-${i + 1}.json`);
  for (const [i, text] of texts.entries()) await writer.add(backups[i]!, new TextReader(text));
  const photographs: FiledPhoto[] = [];
  for (const [i, id] of photoIds.entries()) {
    signal.throwIfAborted();
    const one = await photo(id);
    if (!one) continue;
    const { jpeg: _jpeg, ...about } = one;
    const bytes = bytesOf(one);
    const file = photoFile(id, i);
    // A JPEG is as small as it gets.
    await writer.add(file, new Uint8ArrayReader(bytes), { level: 0 });
    photographs.push({ ...about, file, bytes: bytes.length });
    onShare((i + 1) / photoIds.length);
  }
  const manifest: Manifest = {
    format: 'rillbank-archive',
    version: ARCHIVE_VERSION,
    written: backup.written,
    backups,
    photographs,
  };
  await writer.add(MANIFEST, new TextReader(JSON.stringify(manifest)));
  return { file: await writer.close(), photographs: photographs.length };
}

/** An archive that was opened: its backup as texts, and its photographs by themselves. */
export interface Archive {
  readonly texts: readonly string[];
  readonly photographs: readonly FiledPhoto[];
  /** Reads one; `null` when its file is missing, damaged, or no photograph. */
  readonly photo: (filed: FiledPhoto) => Promise<Photo | null>;
  readonly close: () => Promise<void>;
}

const fault = (message: string, field = ''): Parsed<never> => ({
  ok: false,
  faults: [{ field, message }],
});

/** Does a file begin as a ZIP does? */
export async function isZip(file: Blob): Promise<boolean> {
  const [p, k, three, four] = new Uint8Array(await file.slice(0, 4).arrayBuffer());
  return p === 0x50 && k === 0x4b && three === 3 && four === 4;
}

/** Opens an archive; only what tells of the photographs is read, not they. */
export async function openArchive(file: Blob): Promise<Parsed<Archive>> {
  const { BlobReader, ZipReader } = await zip();
  const reader = new ZipReader(new BlobReader(file), { checkSignature: true });
  const entries = await reader.getEntries().catch(() => null);
  if (!entries) return fault('The archive is damaged: part of it is missing.');
  const byName = new Map(entries.map((entry) => [entry.filename, entry]));
  const bytesFor = async (name: string, most: number): Promise<Uint8Array | null> => {
    const entry = byName.get(name);
    if (!entry || entry.directory) return null;
    const kept = keepingAtMost(most);
    try {
      await entry.getData(kept.writable);
      return kept.bytes();
    } catch {
      return null;
    }
  };
  const textOf = async (name: string): Promise<string | null> => {
    const bytes = await bytesFor(name, LARGEST_FILE_BYTES);
    return bytes && new TextDecoder().decode(bytes);
  };
  const told = await textOf(MANIFEST);
  if (told === null) return fault('This archive is not one of ours: it has no manifest.');
  const json = readJson(told);
  if (!json.ok) return json;
  const manifest = parseWith<Manifest>(manifestSchema, json.value);
  if (!manifest.ok) return manifest;
  const texts: string[] = [];
  for (const name of manifest.value.backups) {
    const text = await textOf(name);
    if (text === null) return fault(`${name} is missing from the archive, or damaged.`);
    texts.push(text);
  }
  return {
    ok: true,
    value: {
      texts,
      photographs: manifest.value.photographs,
      photo: async (filed) => {
        const bytes = await bytesFor(filed.file, PHOTO_MOST_BYTES);
        return bytes?.length === filed.bytes ? photoFrom(filed, bytes) : null;
      },
      close: () => reader.close(),
    },
  };
}

/** A place for bytes that takes no more than so many, whatever the archive says of itself. */
function keepingAtMost(most: number): {
  readonly writable: WritableStream<Uint8Array>;
  readonly bytes: () => Uint8Array;
} {
  const chunks: Uint8Array[] = [];
  let size = 0;
  return {
    writable: new WritableStream({
      write: (chunk) => {
        size += chunk.length;
        if (size > most) throw new Error('More than it may hold.');
        chunks.push(chunk);
      },
    }),
    bytes: () => {
      const whole = new Uint8Array(size);
      let at = 0;
      for (const chunk of chunks) {
        whole.set(chunk, at);
        at += chunk.length;
      }
      return whole;
    },
  };
}
