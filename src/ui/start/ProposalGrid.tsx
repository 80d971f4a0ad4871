'use client';

import { halfFrontCm } from '@/core/containers/shape';
import type { Settings } from '@/core/files/plantingFile';
import type { Proposal } from '@/core/search/proposal';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { useWidth } from '@/ui/controls/useWidth';
import { aboutText, ideaTitles, missingText } from '@/words/about';
import { moneyText } from '@/words/format';
import { SCHOOL_NAMES, SCHOOL_WORDS } from '@/words/schools';
import { ProposalPicture } from './ProposalPicture';
import { DRAWN_WEEKS } from './asItWouldStand';
import { proposalKey } from './proposalKey';
import type { GoodReading } from './useProposals';
import { useProposedIts } from './useProposedIts';
import { useSharedScale } from './useSharedScale';
import { Button } from '@/ui/controls/Button';

interface GridProps {
  readonly proposals: readonly Proposal[];
  readonly reading: GoodReading;
  readonly plantedWeek: number;
  readonly settings: Settings;
  readonly onKeep: (proposal: Proposal) => void;
}

/** A container longer than this wants a wider picture, cm. */
const LONG_CM = 70;

/** Proposals as elevations at one scale, standing on ruled lines. */
export default function ProposalGrid({
  proposals,
  reading,
  plantedWeek,
  settings,
  onKeep,
}: GridProps) {
  const { kindOf } = useLibrary();
  const [ref, width] = useWidth<HTMLDivElement>();
  const isLong = 2 * halfFrontCm(reading.container.shape) > LONG_CM;
  const columns = width > 640 ? (isLong ? 2 : 3) : width > 420 ? 2 : 1;
  const cell = width > 0 ? Math.floor((width - (columns - 1) * 16) / columns) : 0;
  const height = isLong ? 220 : 280;
  const its = useProposedIts(proposals, reading, plantedWeek, settings.house);
  const pxPerCm = useSharedScale(its, cell, height);
  const titles = ideaTitles(proposals, kindOf);
  return (
    <div ref={ref}>
      <ul
        className="mt-2 grid gap-4"
        style={{ gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))` }}
      >
        {proposals.map((proposal, i) => (
          <li
            key={proposalKey(proposal)}
            className="flex flex-col"
            data-proposal
            data-places={proposal.places
              .map(({ kindId, xCm, zCm }) => `${kindId} ${xCm} ${zCm}`)
              .join('; ')}
          >
            <div className="bg-field">
              {cell > 0 && (
                <ProposalPicture
                  it={its[i]!}
                  widthPx={cell}
                  heightPx={height}
                  weeks={DRAWN_WEEKS}
                  pxPerCm={pxPerCm}
                  whenSeen
                />
              )}
            </div>
            <div className="flex flex-1 flex-col border-t-[1.5px] border-tick pt-2">
              <p className="flex-1">
                <b
                  className="block text-note leading-4 font-semibold"
                  title={SCHOOL_WORDS[proposal.school].does}
                >
                  {titles[i]}
                </b>
                {SCHOOL_NAMES[proposal.school]}. {aboutText(proposal, kindOf)}
                {proposal.missing.length > 0 && (
                  <span className="block pt-1 text-ink2">{missingText(proposal)}</span>
                )}
              </p>
              <p className="flex items-center justify-between pt-1.5">
                <span className="text-ink2">
                  <b className="text-ink">{proposal.places.length}</b> plants,{' '}
                  <b className="text-ink">{moneyText(proposal.cost, settings)}</b>
                </span>
                <Button look="act" onClick={() => onKeep(proposal)}>
                  Plant this one
                </Button>
              </p>
            </div>
          </li>
        ))}
      </ul>
    </div>
  );
}
