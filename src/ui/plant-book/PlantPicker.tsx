'use client';

import { useMemo, useState } from 'react';
import { findKinds } from '@/core/plants/find';
import type { PlantKind } from '@/core/plants/kind';
import type { Settings } from '@/core/files/plantingFile';
import { hurdleOf, type Ask, type Hurdle } from '@/core/search/ask';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { lengthFigure, moneyText } from '@/words/format';
import { Button } from '@/ui/controls/Button';
import { KindDrawn } from './KindDrawn';
import { entryLook } from '@/ui/controls/looks';

const AGAINST: Readonly<Record<Hurdle, string>> = {
  never: 'left out by your wish',
  light: 'not for this light',
  reach: 'harmful or unsure, and in reach',
  cold: 'too cold in those weeks',
  heat: 'too hot in those weeks',
  thirst: 'dries out between waterings',
  wind: 'wants shelter from wind',
  shops: 'not sold at that time',
  support: 'nothing to climb',
  company: 'of other company',
  touch: 'stabs or burns hands',
  season: 'little to show then',
  size: 'too tall here',
  depth: 'roots too deep',
  kitchen: 'not for eating',
  scheme: 'outside the colours',
};

/** Scale of the drawings, one for all. */
const PX_PER_CM = 0.6;

/** Kinds shown at once. */
const STEP = 60;

/** Kinds to add to a planting: those that suit first, the rest with what stands against them. */
export function PlantPicker({
  ask,
  onPick,
  settings,
}: {
  readonly ask: Omit<Ask, 'kinds' | 'seed'>;
  readonly onPick: (kind: PlantKind) => void;
  readonly settings: Settings;
}) {
  const { kinds, offered } = useLibrary();
  const [query, setQuery] = useState('');
  const [most, setMost] = useState(STEP);
  const rows = useMemo(() => {
    const found = findKinds(offered, query).map((kind) => ({
      kind,
      against: hurdleOf(kind, { ...ask, kinds, seed: 0 }),
    }));
    return [...found.filter(({ against }) => !against), ...found.filter(({ against }) => against)];
  }, [query, ask, kinds, offered]);
  return (
    <>
      <label className="block">
        <span className="text-note text-ink2">Find by name</span>
        <input
          type="search"
          autoFocus
          className={entryLook({ className: 'w-full' })}
          value={query}
          onChange={(event) => setQuery(event.target.value)}
          placeholder="e.g. salvia, ivy, lime"
        />
      </label>
      <ul className="mt-2 flex-1 overflow-y-auto">
        {rows.slice(0, most).map(({ kind, against }) => (
          <li key={kind.id}>
            <Button
              look="bare"
              onClick={() => onPick(kind)}
              className="grid w-full grid-cols-[72px_1fr_auto] items-center gap-3 border-t border-rule py-1.5 text-left hover:bg-wash"
            >
              <KindDrawn kind={kind} pxPerCm={PX_PER_CM} widthPx={72} />
              <span>
                <span className="font-semibold">{kind.common}</span>{' '}
                <i className="text-note text-ink2">{kind.botanical}</i>
                <span className="block text-note text-ink2">
                  {against ? AGAINST[against] : kind.roles.join(', ')}
                </span>
              </span>
              <span className="text-right text-note text-ink2">
                {lengthFigure(kind.heightCm[1], settings.length)} ×{' '}
                {lengthFigure(kind.spreadCm[1], settings.length)} {settings.length}
                <br />
                {moneyText(kind.sold[0]!.price, settings)}
              </span>
            </Button>
          </li>
        ))}
        {rows.length > most && (
          <li className="border-t border-rule py-2">
            <Button look="link" onClick={() => setMost(most + STEP)}>
              Show more of {rows.length}
            </Button>
          </li>
        )}
      </ul>
    </>
  );
}
