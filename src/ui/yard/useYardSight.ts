'use client';

import { useEffect, useState } from 'react';
import { keptPictures } from '@/ui/session/keptPictures';
import { yardSight, type YardSight } from './yardSight';

/** The Yard as it was last seen, with its pictures. */
export interface Sight {
  readonly told: YardSight;
  /** By planting; those that are no longer kept are missing. */
  readonly pictures: ReadonlyMap<string, ImageBitmap>;
}

/** @returns `null` until it is read, and where nothing is known of it */
export function useYardSight(): Sight | null {
  const [sight, setSight] = useState<Sight | null>(null);
  useEffect(() => {
    const told = yardSight();
    if (!told) return;
    let isHere = true;
    let held: readonly ImageBitmap[] = [];
    const ids = Object.keys(told.pictures);
    void keptPictures(ids.map((id) => told.pictures[id]!)).then((found) => {
      held = [...found.values()];
      if (!isHere) return held.forEach((bitmap) => bitmap.close());
      const pictures = ids.flatMap((id) => {
        const bitmap = found.get(told.pictures[id]!);
        return bitmap ? [[id, bitmap] as const] : [];
      });
      setSight({ told, pictures: new Map(pictures) });
    });
    return () => {
      isHere = false;
      held.forEach((bitmap) => bitmap.close());
    };
  }, []);
  return sight;
}
