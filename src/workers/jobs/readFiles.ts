import { readBackup } from '@/core/files/backupParts';
import type { Parsed } from '@/core/files/parse';
import { parseFile, readOurs, type Backup, type PlantingFile } from '@/core/files/plantingFile';
import { textOf } from '@/core/files/text';
import type { Handler } from './desk';

/** One planting file, or a backup in one or more parts; tells the share read so far. */
export const readFiles: Handler<'readFiles'> = async (
  { buffers },
  { tell, breathe },
): Promise<Parsed<PlantingFile | Backup>> => {
  const texts = buffers.map((bytes) => textOf(bytes).text);
  const first = readOurs(texts[0] ?? '');
  if (!first.ok) return first;
  if (first.value.format === 'rillbank-planting')
    return texts.length === 1
      ? parseFile(texts[0]!)
      : { ok: false, faults: [{ field: '', message: 'Bring plantings in one at a time.' }] };
  const steps = readBackup(texts);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    tell(step.value.read / (step.value.of + 1));
    await breathe();
  }
};
