'use client';

import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { useMemo } from 'react';
import { byPlanting, lifeOf } from '@/core/log/life';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { ButtonLink } from '@/ui/controls/Button';
import { pottingHref } from '@/ui/session/links';
import { usePlanted, type Planted } from '@/ui/session/usePlanted';
import { ProposalPicture } from '@/ui/start/ProposalPicture';
import { countText } from '@/words/format';
import { lifeText } from '@/words/life';
import { PottingDesk } from './PottingDesk';

/** Potting day: the planting named in the address, step by step; else those that wait to be made. */
export function PottingDay() {
  const asked = useSearchParams().get('planting');
  const planted = usePlanted();
  const held = useMemo(() => byPlanting(planted?.log ?? []), [planted?.log]);
  if (!planted)
    return (
      <p className="py-10 text-ink2" role="status">
        Fetching what is to be made…
      </p>
    );
  const it = planted.its.find(({ planting }) => planting.id === asked);
  if (it) return <PottingDesk key={it.planting.id} it={it} held={held.get(it.planting.id) ?? []} />;
  return (
    <ToMake planted={planted} isLost={asked !== null} lifeOf={(id) => lifeOf(held.get(id) ?? [])} />
  );
}

function ToMake({
  planted: { its },
  isLost,
  lifeOf: life,
}: {
  readonly planted: Planted;
  readonly isLost: boolean;
  readonly lifeOf: Planted['lifeOf'];
}) {
  const open = its.filter(({ planting }) => life(planting.id).plantedOn === null);
  const made = its.filter(({ planting }) => life(planting.id).plantedOn !== null);
  return (
    <div className="max-w-[760px] pt-3.5">
      <h1 className="display text-room leading-10">
        {isLost ? 'That planting is not here' : 'Potting day'}
      </h1>
      {open.length === 0 ? (
        <p className="pt-2 pb-4 text-lead">
          Nothing waits to be made.{' '}
          <ButtonLink look="link" href="/start">
            Start a planting
          </ButtonLink>
        </p>
      ) : (
        <p className="pb-3 text-ink2">Which one is on the bench?</p>
      )}
      <Rows its={open} life={life} />
      {made.length > 0 && (
        <>
          <h2 className="mt-6 mb-1 text-name font-semibold">Made already</h2>
          <Rows its={made} life={life} />
        </>
      )}
    </div>
  );
}

function Rows({
  its,
  life,
}: {
  readonly its: readonly PlantingInSpot[];
  readonly life: Planted['lifeOf'];
}) {
  return (
    <ul className="bg-paper">
      {its.map((it) => (
        <li key={it.planting.id} className="border-t border-rule first:border-t-0">
          <Link
            prefetch={false}
            href={pottingHref(it.planting.id)}
            className="flex min-h-20 items-center gap-4 px-3 py-2 hover:bg-wash"
          >
            <span className="shrink-0 bg-field">
              <ProposalPicture it={it} widthPx={88} heightPx={72} weeks={8} />
            </span>
            <span>
              <b className="display block text-name">{it.planting.name}</b>
              <span className="text-ink2">
                {countText(it.plants.length, 'plant')} in a{' '}
                {it.planting.container.name.toLowerCase()}; {lifeText(life(it.planting.id))}
              </span>
            </span>
          </Link>
        </li>
      ))}
    </ul>
  );
}
