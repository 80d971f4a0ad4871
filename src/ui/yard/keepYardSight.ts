import { keptKey, pictureKey } from '@/ui/session/stillPictures';
import type { Due } from './dueMark';
import type { YardLayout } from './yardLayout';
import { MOST_SLOTS, pageWidth, writeYardSight, type YardSight } from './yardSight';

interface Shown extends Pick<YardSight, 'name' | 'count' | 'week' | 'unit' | 'held' | 'roundPx'> {
  readonly due: ReadonlyMap<string, readonly Due[]>;
}

/** Keeps the lines that are seen first, as they stand now, for the next visit. */
export function keepYardSight({ due, ...shown }: Shown, layout: YardLayout): void {
  const lines: YardLayout['lines'][number][] = [];
  let slots = 0;
  for (const line of layout.lines) {
    slots += line.reduce((sum, strip) => sum + strip.slots.length, 0);
    if (slots > MOST_SLOTS) break;
    lines.push(line);
  }
  const ids = lines.flatMap((line) => line.flatMap((strip) => strip.slots.map(({ id }) => id)));
  writeYardSight({
    ...shown,
    pageWidth: pageWidth(),
    pxPerCm: layout.pxPerCm,
    // Laid out from data that is never changed in place.
    lines: lines as YardSight['lines'],
    pictures: Object.fromEntries(
      ids.map((id) => [id, keptKey(pictureKey(layout.pictures.get(id)!))]),
    ),
    due: Object.fromEntries(ids.map((id) => [id, [...(due.get(id) ?? [])]])),
  });
}
