import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
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

/** Paper. */
const PAPER = '#ffffff';

export interface Taking {
  readonly save: (as: 'svg' | 'png') => Promise<void>;
  readonly copyWords: () => Promise<void>;
  /** Puts the drawing on a sheet, which prints. */
  readonly print: () => Promise<void>;
}

/** What is about to be printed: the drawing, in the week in which it was asked for. */
export interface Printing {
  /** Of the drawing as SVG; it holds until it is printed. */
  readonly url: string;
  readonly weeks: number;
}

/** The stand-back view as a file, and the planting in words: both as they are seen now. */
export function useTaking(
  { planting }: Pick<Editing, 'planting'>,
  view: {
    readonly subject: Subject;
    readonly weeks: number;
    readonly looking: LookingHere;
    readonly inWords: string;
  },
): { readonly taking: Taking; readonly printing: Printing | null; readonly printed: () => void } {
  const now = useRef({ planting, view });
  useEffect(() => {
    now.current = { planting, view };
  });
  const [printing, setPrinting] = useState<Printing | null>(null);
  useEffect(() => () => void (printing && URL.revokeObjectURL(printing.url)), [printing]);
  const printed = useCallback(() => setPrinting(null), []);
  const save = useCallback(async (as: 'svg' | 'png') => {
    const {
      planting: { name },
      view,
    } = now.current;
    const file = `${fileNameOf(name)}-week-${view.weeks}.${as}`;
    try {
      saveBlob(file, await drawn(view, as, name, GROUND));
      say(`${file} is saved.`);
    } catch (error) {
      say(couldNot(error));
    }
  }, []);
  const print = useCallback(async () => {
    const {
      planting: { name },
      view,
    } = now.current;
    try {
      setPrinting({
        url: URL.createObjectURL(await drawn(view, 'svg', name, PAPER)),
        weeks: view.weeks,
      });
    } catch (error) {
      say(couldNot(error));
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
  const taking = useMemo(() => ({ save, copyWords, print }), [save, copyWords, print]);
  return { taking, printing, printed };
}

const couldNot = (error: unknown) =>
  `The picture could not be made: ${error instanceof Error ? error.message : String(error)}`;

/** The stand-back view as it is seen now, with a margin round it. */
function drawn(
  {
    subject,
    weeks,
    looking: { extent, span, azimuthRad, pitchRad, scenery },
  }: { readonly subject: Subject; readonly weeks: number; readonly looking: LookingHere },
  as: 'svg' | 'png',
  title: string,
  ground: string,
): Promise<Blob> {
  const [wide, high] = [
    extent.leftCm + extent.rightCm + 2 * MARGIN_CM,
    span.aboveCm + span.belowCm + 2 * MARGIN_CM,
  ];
  const pxPerCm = SAVED_PX / Math.max(wide, high);
  const lens = {
    azimuthRad,
    pitchRad,
    pxPerCm,
    originX: (wide / 2) * pxPerCm,
    originY: (span.aboveCm + MARGIN_CM) * pxPerCm,
  };
  return runJob('save', {
    subject,
    weeks,
    lens,
    scenery,
    detail: 'full',
    density: 1,
    widthPx: Math.round(wide * pxPerCm),
    heightPx: Math.round(high * pxPerCm),
    holesCm: null,
    as,
    title,
    ground,
  });
}
