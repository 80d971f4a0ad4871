import { useState } from 'react';
import { MoreOf } from '@/ui/controls/MoreOf';
import { RoomLink } from '@/ui/controls/RoomLink';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { benchHref } from '@/ui/session/links';
import { useSettings } from '@/ui/session/StoreProvider';
import { countText } from '@/words/format';
import { leadWord, sentenceOf } from '@/words/remarks';
import { LookingOver } from './LookingOver';
import { useJudged } from './useJudged';

/** So many are told at once: a column beside the drawings, not a list of everything. */
const AT_ONCE = 12;

/** The remarks across the yard that want an answer, worst first, each leading to its bench. */
export function Wanting({ its }: { readonly its: readonly PlantingInSpot[] }) {
  const settings = useSettings();
  const judged = useJudged(its);
  const [shown, setShown] = useState(AT_ONCE);
  if (!judged) return <LookingOver />;
  const wanting = judged.filter(({ remarks }) => remarks.length > 0);
  const wantsSome = new Set(wanting.map(({ it }) => it));
  const calm = its.filter((it) => !wantsSome.has(it));
  return (
    <aside aria-label="Worth a look" className="mt-6 self-start bg-paper wide:mt-0">
      <h2 className="display px-4 pt-3 text-drawing leading-7">Worth a look</h2>
      <p className="border-b border-rule px-4 pb-3 text-ink2">
        {wanting.length === 0
          ? 'Nothing: all is well as far as it can be told.'
          : `${countText(wanting.length, 'container')} with something to think about.`}
      </p>
      <ul>
        {wanting.slice(0, shown).map(({ it, remarks }) => (
          <li key={it.planting.id} className="border-b border-rule">
            <RoomLink href={benchHref(it.planting.id)} className="block px-4 py-2.5 hover:bg-wash">
              <span className="flex justify-between">
                <b className="text-body font-semibold">{it.planting.name}</b>
                <span className="text-ink2">{countText(remarks.length, 'remark')}</span>
              </span>
              <span className="text-ink2">
                <b className="font-semibold text-ink">{leadWord(remarks[0]!)}.</b>{' '}
                {sentenceOf(remarks[0]!, it, settings).says}
              </span>
            </RoomLink>
          </li>
        ))}
      </ul>
      <div className="px-4">
        <MoreOf shown={shown} all={wanting.length} step={AT_ONCE} onShow={setShown} />
      </div>
      {calm.length > 0 && (
        <p className="px-4 py-3 text-ink2">
          {calm.length > AT_ONCE
            ? `Nothing: the other ${calm.length}`
            : `Nothing: ${calm.map(({ planting }) => planting.name.toLowerCase()).join(', ')}`}
        </p>
      )}
    </aside>
  );
}
