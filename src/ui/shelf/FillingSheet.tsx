'use client';

import { useMemo } from 'react';
import { isHung } from '@/core/containers/shape';
import type { PlantKind } from '@/core/plants/kind';
import { edgeShare, fillingOf, wetZone } from '@/core/potting/filling';
import { rootsIn } from '@/core/plants/rooting';
import { mixNeed } from '@/core/shopping/shoppingList';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { Sheet } from '@/ui/controls/fields';
import { countText, lengthText, rangeText, sizeName, volumeText } from '@/words/format';
import type { PutIn } from './FitsSheet';
import { FigureRow, type SheetProps } from './sheet';

/** How to fill it when so many plants of one size go in. */
export function FillingSheet({ editing, units, put }: SheetProps & { readonly put: PutIn | null }) {
  const { container } = editing;
  const { kinds } = useLibrary();
  const balls = useMemo(() => (put ? put.top.map(() => put.size) : []), [put]);
  const sides = useMemo(() => (put?.side ? put.sides.map(() => put.side!) : []), [put]);
  const filling = fillingOf(container, balls, isHung(container.shape), sides);
  const need = mixNeed(filling.netL);
  const zone = wetZone(container);
  const cm = (value: number) => lengthText(value, units);
  return (
    <Sheet
      title="Filling it"
      note={
        put && balls.length + sides.length > 0
          ? `round ${[...(balls.length > 0 ? [`${balls.length} × ${sizeName(put.size, units)}`] : []), ...(sides.length > 0 ? [`${sides.length} in the sides`] : [])].join(' and ')}`
          : 'without plants'
      }
    >
      <div className="px-3.5 py-3">
        <dl className="grid grid-cols-[1fr_auto] gap-x-3 gap-y-0.5">
          <FigureRow name="Mix up to the headspace">{volumeText(filling.fillL, units)}</FigureRow>
          {filling.ballsL > 0 && (
            <FigureRow name="less root balls">{volumeText(filling.ballsL, units)}</FigureRow>
          )}
          <FigureRow name="To buy, settling included" strong>
            <span data-buy>{volumeText(filling.buyL, units)}</span>
          </FigureRow>
          <FigureRow name="in bags as sold" strong>
            <span data-bags>
              {need.bags.map(({ litres, count }) => `${count} × ${litres} L`).join(' and ') ||
                'none'}
            </span>
          </FigureRow>
          {filling.preFillCm !== null && (
            <FigureRow name="Fill first, then plant">
              to {cm(filling.belowRimCm!)} below the rim
            </FigureRow>
          )}
          <FigureRow name="Renew each year, the top third">
            {volumeText(filling.topThirdL, units)}
          </FigureRow>
          {filling.dressingL > 0 && (
            <FigureRow name="Dressing">{volumeText(filling.dressingL, units)}</FigureRow>
          )}
          <FigureRow name="Depth for roots">{cm(filling.depthCm)}</FigureRow>
          {filling.rootRunL !== null && (
            <FigureRow name="Root run for each plant">
              {volumeText(filling.rootRunL, units)}
            </FigureRow>
          )}
          <FigureRow name="Surface">{Math.round(filling.surfaceCm2)} cm²</FigureRow>
          <FigureRow name="Rim, all of it / in view">
            {cm(filling.rimCm)} / {cm(filling.rimInViewCm)}
          </FigureRow>
          <FigureRow name="Within 4 cm of the wall">
            {Math.round(edgeShare(container) * 100)}% of the mix
          </FigureRow>
        </dl>
        {filling.lostL > 0 && (
          <p className="pt-2" data-crocks>
            <b className="font-semibold">
              {container.foot === 'crocks' ? 'Crocks' : 'The coarse layer'} cost{' '}
              {volumeText(filling.lostL, units)} of mix
            </b>{' '}
            and lift the wet zone: it ends {rangeText(zone.withCm, units.length)} above the inside
            base, {rangeText(zone.withoutCm, units.length)} without. They do not help drainage; a
            piece of mesh keeps mix in. Some use them to steady a light pot: that they do.
          </p>
        )}
        {container.foot === 'mesh' && (
          <p className="pt-2 text-ink2">
            Mesh keeps mix in and lets water out, and takes nothing from the roots.
          </p>
        )}
        <p className="pt-2 text-ink2">{tooShallow(kinds, filling.depthCm)}</p>
      </div>
    </Sheet>
  );
}

/** "In 12 cm 34 kinds of the book had better not be planted: tall perennials…" */
function tooShallow(kinds: readonly PlantKind[], depthCm: number): string {
  const shallow = kinds.filter((kind) => rootsIn(kind, depthCm) === 'too shallow');
  if (shallow.length === 0) return 'Deep enough for every kind in the book, by rule of thumb.';
  const well = kinds.filter((kind) => rootsIn(kind, depthCm) === 'well').length;
  const examples = shallow
    .slice(0, 3)
    .map(({ common }) => common.toLowerCase())
    .join(', ');
  return `By rule of thumb ${well} of ${kinds.length} kinds root well in this depth; ${countText(shallow.length, 'kind')} had better not be planted here, such as ${examples}.`;
}
