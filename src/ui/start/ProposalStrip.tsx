'use client';

import type { House } from '@/core/plantings/house';
import type { Proposal } from '@/core/search/proposal';
import { Button } from '@/ui/controls/Button';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { ideaTitles } from '@/words/about';
import { ProposalPicture } from './ProposalPicture';
import { DRAWN_WEEKS } from './asItWouldStand';
import type { GoodReading } from './useProposals';
import { useProposedIts } from './useProposedIts';
import { useSharedScale } from './useSharedScale';

const PICTURE = { widthPx: 84, heightPx: 92 } as const;

/** Where the sheet fills the window: the six stay in sight as a strip while wishes change; a press leads to the large one. */
export default function ProposalStrip({
  proposals,
  reading,
  plantedWeek,
  house,
}: {
  readonly proposals: readonly Proposal[];
  readonly reading: GoodReading;
  readonly plantedWeek: number;
  readonly house: House;
}) {
  const { kindOf } = useLibrary();
  const its = useProposedIts(proposals, reading, plantedWeek, house);
  const pxPerCm = useSharedScale(its, PICTURE.widthPx, PICTURE.heightPx);
  const titles = ideaTitles(proposals, kindOf);
  const show = (i: number) => {
    const card = document.querySelectorAll('[data-proposal]')[i];
    card?.scrollIntoView({ block: 'center' });
    card?.querySelector('button')?.focus({ preventScroll: true });
  };
  return (
    <ol aria-label="Plantings that suit, small" className="flex gap-1.5 overflow-x-auto">
      {proposals.map((_, i) => (
        <li key={i} className="shrink-0">
          <Button
            look="bare"
            className="block bg-field"
            aria-label={`Show it large: ${titles[i]}`}
            onClick={() => show(i)}
          >
            <ProposalPicture
              it={its[i]!}
              {...PICTURE}
              weeks={DRAWN_WEEKS}
              pxPerCm={pxPerCm}
              whenSeen
            />
          </Button>
        </li>
      ))}
    </ol>
  );
}
