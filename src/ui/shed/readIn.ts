import { openArchive, isZip, type Archive } from '@/data/archive';
import { LARGEST_FILE_BYTES } from '@/core/files/door';
import type { FileFault } from '@/core/files/parse';
import type { Backup, PlantingFile } from '@/core/files/plantingFile';
import { unreadText } from '@/ui/session/readText';
import { runJob } from '@/workers/runJob';
import { renamedText } from '@/words/renamed';
import type { Library } from '@/core/plants/library';

/** A backup that waits for a word, with its photographs when it came in an archive. */
export interface Waiting {
  readonly backup: Backup;
  readonly archive: Archive | null;
  /** Kinds it calls by an old name, in words; empty when there are none. */
  readonly renamed: string;
}

export type ReadIn =
  | { readonly is: 'faults'; readonly file: string; readonly list: readonly FileFault[] }
  | { readonly is: 'planting'; readonly file: PlantingFile; readonly renamed: string }
  | ({ readonly is: 'backup' } & Waiting);

/** Reads files that were picked: a planting, a backup in its parts, or an archive. Nothing is kept yet. */
export async function readIn(
  files: readonly File[],
  {
    kindOf,
    signal,
    onShare,
  }: {
    readonly kindOf: Library['kindOf'];
    readonly signal: AbortSignal;
    readonly onShare: (share: number) => void;
  },
): Promise<ReadIn> {
  const name = files.map((file) => file.name).join(', ');
  const faulty = (list: readonly FileFault[], file = name): ReadIn => ({
    is: 'faults',
    file,
    list,
  });
  try {
    const [first] = files;
    const isArchive = files.length === 1 && first !== undefined && (await isZip(first));
    const large = files.find(({ size }) => size > LARGEST_FILE_BYTES);
    if (large && !isArchive) return faulty([tooLarge(large.size)], large.name);
    const opened = isArchive ? await openArchive(first) : null;
    if (opened && !opened.ok) return faulty(opened.faults);
    const archive = opened?.value ?? null;
    const buffers = archive
      ? archive.texts.map((text) => new TextEncoder().encode(text).buffer)
      : await Promise.all(files.map((file) => file.arrayBuffer()));
    const { read, renamed } = await runJob(
      'readFiles',
      { buffers },
      { signal, onProgress: onShare },
    );
    if (!read.ok) return faulty(read.faults);
    const told = renamedText(renamed, kindOf);
    return read.value.format === 'rillbank-backup'
      ? { is: 'backup', backup: read.value, archive, renamed: told }
      : { is: 'planting', file: read.value, renamed: told };
  } catch (error) {
    if (signal.aborted) throw error;
    return faulty([{ field: '', message: unreadText(error) }]);
  }
}

function tooLarge(bytes: number): FileFault {
  return {
    field: '',
    message: `The file must be at most ${LARGEST_FILE_BYTES / 1e6} MB; got ${(bytes / 1e6).toFixed(1)} MB. Nothing was taken in.`,
  };
}
