import { readBackup } from '@/core/files/backupParts';
import { parseFile, readOurs } from '@/core/files/plantingFile';
import { textOf } from '@/core/files/text';
import { renamedIn } from '@/core/plants/renamed';
import type { FileRead } from '../messages';
import type { Handler } from './desk';

/** One planting file, or a backup in one or more parts; tells the share read so far. */
export const readFiles: Handler<'readFiles'> = async (
  { buffers },
  { tell, breathe },
): Promise<FileRead> => {
  const texts = buffers.map((bytes) => textOf(bytes).text);
  const renamed = [...new Map(texts.flatMap(renamedIn))];
  const first = readOurs(texts[0] ?? '');
  if (!first.ok) return { read: first, renamed };
  if (first.value.format === 'rillbank-planting')
    return {
      read:
        texts.length === 1
          ? parseFile(texts[0]!)
          : { ok: false, faults: [{ field: '', message: 'Bring plantings in one at a time.' }] },
      renamed,
    };
  const steps = readBackup(texts);
  for (;;) {
    const step = steps.next();
    if (step.done) return { read: step.value, renamed };
    tell(step.value.read / (step.value.of + 1));
    await breathe();
  }
};
