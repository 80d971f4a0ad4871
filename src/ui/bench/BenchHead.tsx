import { allPlants, stays } from '@/core/plantings/planting';
import dynamic from 'next/dynamic';
import { RoomLink } from '@/ui/controls/RoomLink';
import type { ReactNode } from 'react';
import { NameTitle } from '@/ui/controls/NameTitle';
import { mixL } from '@/core/containers/container';
import type { Settings } from '@/core/files/plantingFile';
import { branchOf, FIRST_PLAN } from '@/core/plantings/kept';
import { plantCost } from '@/core/shopping/plantCost';
import { spotHref } from '@/ui/session/links';
import { UndoBar } from '@/ui/session/UndoBar';
import type { Editing } from '@/ui/session/useEditing';
import { sizeText } from '@/words/containers';
import { hoursText, moneyText, volumeText } from '@/words/format';

// What comes after composing comes after the first look.
const MakeIt = dynamic(() => import('./MakeIt').then((m) => m.MakeIt), { ssr: false });

interface HeadProps {
  readonly editing: Editing;
  readonly settings: Settings;
}

const WHEN = { spread: '', morning: ' before noon', afternoon: ' after noon' } as const;

/** What is on the bench: its name, container and sun, what it takes, and the way back. */
export function BenchHead({ editing, settings }: HeadProps) {
  return (
    <header className="flex flex-wrap items-end gap-x-4 gap-y-0 pb-1.5">
      <PlantingName editing={editing} className="text-room leading-10" />
      <BenchPlace editing={editing} settings={settings} />
      <BenchSums editing={editing} settings={settings}>
        <UndoBar editing={editing} />
      </BenchSums>
    </header>
  );
}

/** Where the drawing is what there is room for: the name alone and the way back. */
export function BenchName({ editing }: Pick<HeadProps, 'editing'>) {
  return (
    <header className="flex items-center justify-between gap-3 pb-1">
      <PlantingName editing={editing} className="text-name leading-6" />
      <UndoBar editing={editing} />
    </header>
  );
}

function PlantingName({
  editing: { planting, apply },
  className,
}: Pick<HeadProps, 'editing'> & { readonly className: string }) {
  return (
    <NameTitle
      name={planting.name}
      what="the planting"
      className={className}
      onName={(name) => apply({ kind: 'rename', name })}
    />
  );
}

/** What stands beside the name otherwise. */
export function BenchFacts({ editing, settings }: HeadProps) {
  return (
    <div className="flex flex-wrap items-center gap-x-4 pt-2">
      <BenchPlace editing={editing} settings={settings} />
      <BenchSums editing={editing} settings={settings} />
    </div>
  );
}

/** The container and its sun, how far the planting has come, and what comes next. */
function BenchPlace({ editing, settings }: HeadProps) {
  const { planting, spot } = editing;
  const branch = branchOf(planting);
  const potName = planting.container.name.toLowerCase();
  const saysItself = planting.name.toLowerCase().startsWith(potName);
  return (
    <>
      <p className="pb-1.5 text-small text-ink2">
        {branch !== FIRST_PLAN && (
          <b className="mr-2 bg-ink px-1.5 py-0.5 font-semibold text-paper">{branch}</b>
        )}
        <b className="font-semibold text-ink">
          {sizeText(planting.container.shape, settings.length)}
        </b>{' '}
        {settings.length}
        {saysItself ? '' : ` ${potName}`},{' '}
        <RoomLink
          href={spotHref(spot.id)}
          className="underline decoration-rule2 underline-offset-3"
        >
          <b className="font-semibold text-ink">{hoursText(spot.sunHours)}</b> sun
          {WHEN[spot.sunWhen]}
        </RoomLink>
      </p>
      {/* Its room is kept, so that nothing below it jumps when it arrives. */}
      <div className="min-h-7 min-w-[230px]">
        <MakeIt it={editing.it} />
      </div>
    </>
  );
}

/** How many plants, what they cost, how much mix. */
function BenchSums({ editing, settings, children }: HeadProps & { readonly children?: ReactNode }) {
  const all = allPlants(editing.it);
  const count = all.length;
  // What stays from the planting before is not bought again.
  const bought = all.filter((plant) => !stays(editing.it, plant));
  return (
    <p className="flex items-center gap-3 pb-1 text-small text-ink2 sm:ml-auto">
      <span>
        <b className="text-ink">{count}</b> {count === 1 ? 'plant' : 'plants'}
      </span>
      <b className="text-ink">{moneyText(plantCost(bought), settings)}</b>
      <span>
        <b className="text-ink">{volumeText(mixL(editing.planting.container), settings)}</b> of mix
      </span>
      {children}
    </p>
  );
}
