'use client';

import dynamic from 'next/dynamic';
import { RoomLink } from '@/ui/controls/RoomLink';
import { useRouter, useSearchParams } from 'next/navigation';
import { useMemo, useState } from 'react';
import { isOf, type Entry } from '@/core/log/entry';
import { byPlanting, lifeOf } from '@/core/log/life';
import { paceOf, runsOf, type Run } from '@/core/making/batch';
import { allPlants, type PlantingInSpot } from '@/core/plantings/planting';
import { ButtonLink } from '@/ui/controls/Button';
import { Choices } from '@/ui/controls/Choices';
import { pottingHref } from '@/ui/session/links';
import { usePlanted, type Planted } from '@/ui/session/usePlanted';
import { ProposalPicture } from '@/ui/start/ProposalPicture';
import { countText } from '@/words/format';
import { lifeText } from '@/words/life';

// Which of them is wanted is known when the log has been read.
const ManyAlike = dynamic(() => import('./ManyAlike').then((m) => m.ManyAlike), { ssr: false });
const ManyBegin = dynamic(() => import('./ManyBegin').then((m) => m.ManyBegin), { ssr: false });
const PottingDesk = dynamic(() => import('./PottingDesk').then((m) => m.PottingDesk), {
  ssr: false,
});

/** Potting day: the planting named in the address, step by step; else those that wait to be made. */
export function PottingDay() {
  const address = useSearchParams();
  const router = useRouter();
  const asked = address.get('planting');
  const runId = address.get('run');
  const planted = usePlanted();
  const held = useMemo(() => byPlanting(planted?.log ?? []), [planted?.log]);
  const runs = useMemo(() => {
    const designs = new Map(
      planted?.its.map(({ planting }) => [planting.id, planting.madeIn?.designId ?? null]),
    );
    return runsOf(planted?.log ?? [], (id) => designs.get(id) ?? null);
  }, [planted]);
  if (!planted)
    return (
      <p className="py-10 text-ink2" role="status">
        Fetching what is to be made…
      </p>
    );
  const it = planted.its.find(({ planting }) => planting.id === asked);
  if (it) {
    const before = planted.its.find(({ planting }) => planting.id === it.planting.follows);
    const former = before && {
      it: before,
      life: planted.lifeOf(before.planting.id),
      held: held.get(before.planting.id) ?? [],
    };
    return (
      <PottingDesk
        key={it.planting.id}
        it={it}
        held={held.get(it.planting.id) ?? []}
        former={former ?? null}
      />
    );
  }
  const run = runs.find(({ id }) => id === runId);
  if (run && planted.its.some(({ planting }) => planting.id === run.recipes[0]?.plantingId))
    return <RunDesk key={run.id} run={run} runs={runs} planted={planted} />;
  return (
    <ToMake
      planted={planted}
      runs={runs}
      isLost={asked !== null || runId !== null}
      lifeOf={(id) => lifeOf(held.get(id) ?? [])}
      onRun={(id) => router.push(`/potting?run=${encodeURIComponent(id)}`)}
    />
  );
}

/** One run: its designs one beside the other, the one that is being made open. */
function RunDesk({
  run,
  runs,
  planted,
}: {
  readonly run: Run;
  /** This one and those before it: their pace foretells its own. */
  readonly runs: readonly Run[];
  readonly planted: Planted;
}) {
  const designs = planted.its.filter(({ planting }) =>
    run.recipes.some(({ plantingId }) => plantingId === planting.id),
  );
  const [picked, setPicked] = useState(designs[0]!.planting.id);
  const design = designs.find(({ planting }) => planting.id === picked) ?? designs[0]!;
  return (
    <ManyAlike
      key={design.planting.id}
      design={design}
      run={run}
      earlier={[
        ...earlierOf(planted.log, design.planting.id),
        ...runs
          .filter(({ recipes }) =>
            recipes.some(({ plantingId }) => plantingId === design.planting.id),
          )
          .flatMap(({ id }) => paceOf(planted.log, id)),
      ]}
      madeIds={planted.its
        .filter(
          ({ planting: { madeIn } }) =>
            madeIn?.runId === run.id && madeIn.designId === design.planting.id,
        )
        .map(({ planting }) => planting.id)
        .sort((a, b) => nthOf(a) - nthOf(b))}
      choose={
        designs.length > 1 && (
          <div className="pt-2">
            <Choices
              name="Design"
              value={design.planting.id}
              options={designs.map(({ planting: { id, name } }) => [
                id,
                `${name}: ${run.made.get(id) ?? 0} of ${run.recipes.find(({ plantingId }) => plantingId === id)?.count}`,
              ])}
              onPick={setPicked}
            />
          </div>
        )
      }
    />
  );
}

/** Which of its run a pot is. */
const nthOf = (id: string): number => Number(id.split('-').pop()) || 0;

/** Minutes that were timed for whole pots of a design before. */
function earlierOf(log: readonly Entry[], designId: string): readonly number[] {
  const minutes = [...byPlanting(log)]
    .filter(([id]) => id === designId)
    .map(([, held]) =>
      held.reduce((sum, entry) => sum + (isOf(entry, 'step') ? (entry.what.minutes ?? 0) : 0), 0),
    );
  return minutes.filter((one) => one > 1);
}

function ToMake({
  planted: { its },
  isLost,
  lifeOf: life,
  runs,
  onRun,
}: {
  readonly runs: readonly Run[];
  readonly onRun: (runId: string) => void;
  readonly planted: Planted;
  readonly isLost: boolean;
  readonly lifeOf: Planted['lifeOf'];
}) {
  const designs = its.filter(({ planting, plants }) => !planting.madeIn && plants.length > 0);
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
      {runs.length > 0 && (
        <>
          <h2 className="mt-6 mb-1 text-name font-semibold">Runs</h2>
          <ul className="bg-paper">
            {runs.map((run) => (
              <li key={run.id} className="border-t border-rule first:border-t-0">
                <RoomLink
                  href={`/potting?run=${encodeURIComponent(run.id)}`}
                  className="flex min-h-14 items-center justify-between gap-4 px-3 hover:bg-wash"
                >
                  <b className="display text-name">
                    {its.find(({ planting }) => planting.id === run.recipes[0]?.plantingId)
                      ?.planting.name ?? 'A design that is gone'}
                  </b>
                  <span className="text-ink2">
                    {[...run.made.values()].reduce((sum, n) => sum + n, 0)} of{' '}
                    {run.recipes.reduce((sum, { count }) => sum + count, 0)} made
                  </span>
                </RoomLink>
              </li>
            ))}
          </ul>
        </>
      )}
      {designs.length > 0 && (
        <>
          <h2 className="mt-6 mb-1 text-name font-semibold">Many alike</h2>
          <ManyBegin designs={designs} onBegun={onRun} />
        </>
      )}
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
          <RoomLink
            href={pottingHref(it.planting.id)}
            className="flex min-h-20 items-center gap-4 px-3 py-2 hover:bg-wash"
          >
            <span className="shrink-0 bg-field">
              <ProposalPicture it={it} widthPx={88} heightPx={72} weeks={8} />
            </span>
            <span>
              <b className="display block text-name">{it.planting.name}</b>
              <span className="text-ink2">
                {countText(allPlants(it).length, 'plant')},{' '}
                {it.planting.container.name.toLowerCase()}; {lifeText(life(it.planting.id))}
              </span>
            </span>
          </RoomLink>
        </li>
      ))}
    </ul>
  );
}
