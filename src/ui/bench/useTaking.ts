import { useCallback, useEffect, useMemo, useRef } from 'react';
import type { Subject } from '@/core/seeing/subject';
import { fileNameOf, saveBlob } from '@/ui/session/saveFile';
import { say } from '@/ui/session/say';
import type { Editing } from '@/ui/session/useEditing';
import { runJob } from '@/workers/runJob';
import type { LookingHere } from './useLooking';

/** Longer side of a saved picture, px, and the margin round it, cm. */
const SAVED_PX = 1400;
const MARGIN_CM = 4;
/** The neutral field plants are judged on, in the light theme. */
const GROUND = '#e2e2e2';

export interface Taking {
  readonly save: (as: 'svg' | 'png') => Promise<void>;
  readonly copyWords: () => Promise<void>;
}

/** The stand-back view as a file, and the planting in words: both as they are seen now. */
export function useTaking({ planting }: Pick<Editing, 'planting'>, view: { readonly subject: Subject; readonly weeks: number; readonly looking: LookingHere; readonly inWords: string }): Taking {
  const now = useRef({ planting, view });
  useEffect(() => {
    now.current = { planting, view };
  });
  const save = useCallback(async (as: 'svg' | 'png') => {
    const { planting: { name }, view: { subject, weeks, looking: { extent, span, azimuthRad, pitchRad, scenery } } } = now.current;
    const [wide, high] = [extent.leftCm + extent.rightCm + 2 * MARGIN_CM, span.aboveCm + span.belowCm + 2 * MARGIN_CM];
    const pxPerCm = SAVED_PX / Math.max(wide, high);
    const lens = { azimuthRad, pitchRad, pxPerCm, originX: (wide / 2) * pxPerCm, originY: (span.aboveCm + MARGIN_CM) * pxPerCm };
    const file = `${fileNameOf(name)}-week-${weeks}.${as}`;
    try {
      saveBlob(file, await runJob('save', { subject, weeks, lens, scenery, detail: 'full', density: 1, widthPx: Math.round(wide * pxPerCm), heightPx: Math.round(high * pxPerCm), holesCm: null, as, title: name, ground: GROUND }));
      say(`${file} is saved.`);
    } catch (error) {
      say(`The picture could not be made: ${error instanceof Error ? error.message : String(error)}`);
    }
  }, []);
  const copyWords = useCallback(async () => {
    try {
      await navigator.clipboard.writeText(now.current.view.inWords);
      say('The planting is copied in words.');
    } catch {
      say('This browser does not let the page copy. The words are in the picture’s description.');
    }
  }, []);
  return useMemo(() => ({ save, copyWords }), [save, copyWords]);
}
