'use client';

import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import { usualContainer } from '@/core/containers/usual';
import { visibleHeightCm, type Container } from '@/core/containers/container';
import { halfFrontCm } from '@/core/containers/shape';
import { middle, type PlantKind } from '@/core/plants/kind';
import type { Library } from '@/core/plants/library';
import type { OwnKind } from '@/core/plants/own';
import { PickField } from '@/ui/controls/fields';
import { useWidth } from '@/ui/controls/useWidth';
import type { Benches } from '@/ui/session/useBenches';
import { type Units } from '@/words/format';
import { otherNames } from '@/words/otherNames';
import { belowCm, grownWeeks } from './grown';
import { GrownPicture } from './GrownPicture';
import { SeenHere } from './SeenHere';
import { YearStrip } from './YearStrip';

// What is read after the drawings comes after them.
const KindNeeds = dynamic(() => import('./KindNeeds').then((m) => m.KindNeeds), { ssr: false });
const KindCompany = dynamic(() => import('./KindCompany').then((m) => m.KindCompany), {
  ssr: false,
});
const KindStock = dynamic(() => import('./KindStock').then((m) => m.KindStock), { ssr: false });
const YoursSheet = dynamic(() => import('./YoursSheet'), { ssr: false });

interface KindPageProps {
  readonly kind: PlantKind;
  readonly library: Library;
  readonly benches: Benches;
  readonly shelf: readonly Container[];
  readonly units: Units;
  readonly onOpen: (id: string) => void;
  readonly onOwn: (record: OwnKind) => void;
}

const WIDEST_PX = 138;
const TALL_PX = 220;

/** One kind looked at closely: drawn at planting, at six weeks and full grown beside a rule, its year, what goes with it, what it needs, and what the gardener knows of it. */
export function KindPage({ kind, library, benches, shelf, units, onOpen, onOwn }: KindPageProps) {
  const pots = useMemo(
    () => [
      usualContainer(
        'nursery pot',
        { kind: 'round', topCm: 15, baseCm: 11, depthCm: 15 },
        'terracotta',
      ),
      ...shelf,
    ],
    [shelf],
  );
  const [potName, setPotName] = useState('');
  const pot = pots.find(({ name }) => name === potName) ?? pots[0]!;
  const [stagesRef, stagesPx] = useWidth<HTMLDivElement>();
  const panelPx = stagesPx > 0 ? Math.min(WIDEST_PX, Math.floor(stagesPx / 3) - 1) : WIDEST_PX;
  const tall = middle(kind.heightCm) + visibleHeightCm(pot) + belowCm(kind, pot);
  const pxPerCm = Math.min(
    (TALL_PX - 12) / (tall * 1.1),
    panelPx / Math.max(middle(kind.spreadCm) * 1.15, halfFrontCm(pot.shape) * 2.2),
    7,
  );
  const lines = benches.linesOf(kind.id);
  const own = library.ownOf(kind.id);
  const guessed = own !== null && own.likeId !== own.id;
  const stages = [0, 6, grownWeeks(kind)];
  return (
    <article aria-label={kind.common} className="grid content-start gap-4">
      <section className="bg-paper">
        <header className="px-4 pt-3">
          <h2 className="display text-drawing leading-7">{kind.common}</h2>
          <p className="text-ink2">
            <i>{kind.botanical}</i>
            {otherNames(kind) && `, ${otherNames(kind)}`}
          </p>
          <p className="pt-1">{kind.description}.</p>
          <SeenHere kind={kind} units={units} />
          {guessed && (
            <p className="pt-1 text-small" data-guessed>
              Yours. What the tag did not tell is guessed from{' '}
              {library.kindOf(own.likeId)?.common.toLowerCase() ?? own.likeId}.
            </p>
          )}
        </header>
        <div ref={stagesRef} className="mt-3 grid grid-cols-3 bg-field">
          {stages.map((weeks, i) => (
            <figure key={weeks} className="relative border-r border-rule last:border-0">
              <GrownPicture
                kind={kind}
                container={pot}
                weeks={weeks}
                widthPx={panelPx}
                heightPx={TALL_PX}
                pxPerCm={pxPerCm}
              />
              {i === 0 && (
                <Rule pxPerCm={pxPerCm} fromFootPx={belowCm(kind, pot) * pxPerCm} units={units} />
              )}
              <figcaption className="border-t-[1.5px] border-tick bg-strip px-2 py-1 text-note">
                {weeks === 0 ? 'planting' : `${weeks} weeks`}
              </figcaption>
            </figure>
          ))}
        </div>
        <YearStrip kind={kind} />
        {pots.length > 1 && (
          <div className="px-4 pb-3">
            <PickField
              name="Drawn in"
              value={pot.name}
              options={pots.map(({ name }) => [name, name] as const)}
              onPick={setPotName}
            />
          </div>
        )}
      </section>

      {benches.stop && benches.lines && <KindStock lines={lines} units={units} />}

      <KindCompany kind={kind} library={library} onOpen={onOpen} benches={benches} units={units} />

      <KindNeeds kind={kind} units={units} />

      <YoursSheet key={kind.id} kind={kind} own={own} units={units} onOwn={onOwn} />
    </article>
  );
}

/** A rule of 30 cm, or a foot, standing beside the pot. */
function Rule({
  pxPerCm,
  fromFootPx,
  units,
}: {
  readonly pxPerCm: number;
  readonly fromFootPx: number;
  readonly units: Units;
}) {
  const length = (units.length === 'cm' ? 30 : 30.48) * pxPerCm;
  const step = length / (units.length === 'cm' ? 6 : 12);
  return (
    <svg
      aria-hidden
      width={26}
      height={length + 2}
      className="absolute left-1"
      style={{ bottom: fromFootPx + 27 }}
    >
      <rect x={0.5} y={0.5} width={9} height={length} fill="var(--paper)" stroke="var(--tick)" />
      {Array.from({ length: units.length === 'cm' ? 5 : 11 }, (_, i) => (
        <line key={i} x1={0} x2={6} y1={step * (i + 1)} y2={step * (i + 1)} stroke="var(--tick)" />
      ))}
      <text x={12} y={11} fontSize={11} fill="var(--ink2)">
        {units.length === 'cm' ? '30' : '12'}
      </text>
    </svg>
  );
}
