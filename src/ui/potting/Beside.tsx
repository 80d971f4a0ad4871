'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import { swapEdit } from '@/core/plantings/edits';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { Button } from '@/ui/controls/Button';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { say } from '@/ui/session/say';
import { useSettings, useStore } from '@/ui/session/StoreProvider';
import { inSentence } from '@/words/names';
import { PhotoField } from './PhotoField';
import { NoteField } from './NoteField';
import type { Potting } from './usePotting';
import type { ReadAloud } from './useReadAloud';

const TemplateSheet = dynamic(() => import('./TemplateSheet'), { ssr: false });
const SwapSheet = dynamic(() => import('@/ui/trolley/SwapSheet'), { ssr: false });

/** What can be done beside going on: another plant, left out, a note, read aloud. */
export function Beside({
  potting: { step, progress, answer, unanswer, note, photograph },
  it,
  aloud,
}: {
  readonly potting: Potting;
  readonly it: PlantingInSpot;
  readonly aloud: ReadAloud;
}) {
  const store = useStore();
  const settings = useSettings();
  const { kindOf } = useLibrary();
  const [isSwapping, setSwapping] = useState(false);
  const [isOnPaper, setOnPaper] = useState(false);
  if (!step) return null;
  const inHand = step.what.do === 'plant' ? step.what.plant : null;
  const isAnswered = progress.answers.has(step.key);
  return (
    <div className="mt-3 flex flex-wrap items-center gap-2">
      {isAnswered ? (
        <Button onClick={unanswer}>Not done after all</Button>
      ) : (
        <Button onClick={() => answer('skipped')}>{inHand ? 'It is missing' : 'Skip it'}</Button>
      )}
      {inHand && !isAnswered && <Button onClick={() => setSwapping(true)}>Another plant</Button>}
      {aloud.isPossible && (
        <Button aria-pressed={aloud.isOn} look="choice" onClick={aloud.toggle}>
          Read aloud
        </Button>
      )}
      <Button onClick={() => setOnPaper(true)}>On paper</Button>
      <NoteField onNote={note} />
      {(step.what.do === 'label' || step.what.do === 'look again') && (
        <PhotoField onPhoto={photograph} />
      )}
      {isOnPaper && <TemplateSheet it={it} onClose={() => setOnPaper(false)} />}
      {isSwapping && inHand && (
        <SwapSheet
          kindId={inHand.kindId}
          its={[it]}
          there={null}
          units={settings}
          onTake={(to, size) => {
            setSwapping(false);
            void store?.plantings.edit(
              it.planting.id,
              swapEdit(inHand.kindId, to, size, inHand.placeId, crypto.randomUUID().slice(0, 8)),
            );
            say(
              `${kindOf(to)?.common ?? to} in the place of ${inSentence(kindOf(inHand.kindId)?.common ?? '')}.`,
              {
                label: 'Undo',
                go: () => void store?.history.undo({ table: 'plantings', id: it.planting.id }),
              },
            );
          }}
          onClose={() => setSwapping(false)}
        />
      )}
    </div>
  );
}
