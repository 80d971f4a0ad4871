'use client';

import { useMemo, useState } from 'react';
import { airShare, MIX_IDS, mixFactsOf, type MixId, type MixPartId } from '@/core/containers/mixes';
import { mixFit } from '@/core/potting/mixFit';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { PickField, Sheet } from '@/ui/controls/fields';
import { MIX_NAMES } from '@/words/containers';
import { countText, weightText } from '@/words/format';
import { FigureRow, type SheetProps } from './sheet';
import { OwnMixParts } from './OwnMixParts';

/** Its mix, bought or stirred together, and whom it suits. */
export function MixSheet({ editing, units }: SheetProps) {
  const { container, shape: put, faults } = editing;
  const { kinds } = useLibrary();
  const facts = mixFactsOf(container);
  const [picked, setPicked] = useState<MixPartId>('peat-free mix');
  const harmed = useMemo(() => {
    const byReason = new Map<string, string[]>();
    for (const kind of kinds) {
      const reason = mixFit(facts, kind);
      if (reason !== 'suits')
        byReason.set(reason, [...(byReason.get(reason) ?? []), kind.common.toLowerCase()]);
    }
    return [...byReason];
  }, [facts, kinds]);
  const own = container.ownMix;
  const percent = (share: number) => `${Math.round(share * 100)}%`;
  return (
    <Sheet title="Mix" note={own ? own.name : MIX_NAMES[container.mix]}>
      <div className="grid gap-2.5 px-3.5 py-3">
        <PickField
          name="Mix"
          value={own ? 'own' : container.mix}
          options={[
            ...MIX_IDS.map((id) => [id, MIX_NAMES[id]] as const),
            ['own', 'my own, from parts'] as const,
          ]}
          onPick={(mix: MixId | 'own') =>
            put(
              mix === 'own'
                ? {
                    ownMix: {
                      name: 'My mix',
                      parts: [
                        { part: 'peat-free mix', share: 2 },
                        { part: 'grit', share: 1 },
                      ],
                    },
                  }
                : { mix, ownMix: null },
              'Changed the mix',
            )
          }
        />
        {own && (
          <OwnMixParts own={own} put={put} faults={faults} picked={picked} setPicked={setPicked} />
        )}
        <dl className="grid grid-cols-[1fr_auto] gap-x-3 gap-y-0.5">
          <FigureRow name="Air after draining">{percent(airShare(facts))}</FigureRow>
          <FigureRow name="Water it holds / that roots can draw">
            {percent(facts.waterShare)} / {percent(facts.waterShare - facts.wiltShare)}
          </FigureRow>
          <FigureRow name="A litre weighs, dry / watered">
            {weightText(facts.dryKgL, units)} / {weightText(facts.dryKgL + facts.waterShare, units)}
          </FigureRow>
          <FigureRow name="Feeds for about">
            {facts.feedsWeeks[1] === 0
              ? 'not at all'
              : `${Math.round(facts.feedsWeeks[0])}–${Math.round(facts.feedsWeeks[1])} weeks`}
          </FigureRow>
        </dl>
        {harmed.length === 0 ? (
          <p className="text-ink2">Nothing in the book is harmed by it.</p>
        ) : (
          harmed.map(([reason, names]) => (
            <p key={reason}>
              <b className="font-semibold">{REASONS[reason]}</b> {countText(names.length, 'kind')},
              such as {names.slice(0, 3).join(', ')}.
            </p>
          ))
        )}
        {container.mix === 'aquatic' && !own && (
          <p className="text-ink2">
            For pots that stand in water. In a drained pot it goes hard and airless.
          </p>
        )}
      </div>
    </Sheet>
  );
}

const REASONS: Readonly<Record<string, string>> = {
  limy: 'Its lime yellows',
  'stays wet': 'Stays too wet for',
  'holds little': 'Holds too little water for',
  airless: 'Too little air for',
};
