'use client';

import { useEffect, useReducer, useState } from 'react';
import { keptPictures } from '@/ui/session/keptPictures';
import { yardSight, type YardSight } from './yardSight';

/** The Yard as it was last seen, with its pictures. */
export interface Sight {
  readonly told: YardSight;
  /** By planting; those that are no longer kept are missing. */
  readonly pictures: ReadonlyMap<string, ImageBitmap>;
}

/** What cannot be read is no sight. */
const readSight = (): Promise<Sight | null> => reading().catch(() => null);

async function reading(): Promise<Sight | null> {
  const told = yardSight();
  if (!told) return null;
  const ids = Object.keys(told.pictures);
  const found = await keptPictures(ids.map((id) => told.pictures[id]!));
  const pictures = ids.flatMap((id) => {
    const bitmap = found.get(told.pictures[id]!);
    return bitmap ? [[id, bitmap] as const] : [];
  });
  return { told, pictures: new Map(pictures) };
}

/** When the app is opened in the Yard it is read as soon as this script runs: half of the wait is over when the page answers. */
let early: Promise<Sight | null> | null =
  typeof window !== 'undefined' && window.location.pathname === '/' ? readSight() : null;

/**
 * @returns the sight, `null` until it is read and where nothing is known; and whether it stands, or there is none to wait for: only
 * then may what takes long begin
 */
export function useYardSight(): { readonly sight: Sight | null; readonly isShown: boolean } {
  const [sight, setSight] = useState<Sight | null>(null);
  const [isShown, show] = useReducer(() => true, false);
  useEffect(() => {
    let isHere = true;
    const asked = early ?? readSight();
    // Another visit may find another sight.
    early = null;
    const look = async () => {
      const read = await asked;
      if (!read || !isHere) return;
      setSight(read);
      await painted();
    };
    void look().then(show);
    return () => {
      isHere = false;
      void asked.then((read) => read?.pictures.forEach((bitmap) => bitmap.close()));
    };
  }, []);
  return { sight, isShown };
}

/** What was set before has been painted: the frame after the next has begun. A page that is not looked at paints nothing. */
const painted = () =>
  new Promise<void>((resolve) => {
    if (document.hidden) return resolve();
    requestAnimationFrame(() => requestAnimationFrame(() => resolve()));
  });
