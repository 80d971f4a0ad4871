'use client';

import type { Container } from '@/core/containers/container';
import { isHung } from '@/core/containers/shape';
import type { SideHole } from '@/core/containers/sideHoles';
import type { Fits } from '@/core/placing/fits';
import { MOST_PACKED, type Spot2 } from '@/core/placing/pack';
import { SIDE_SIZES, type SideSizeId } from '@/core/placing/sides';
import { PACKED_SIZE_IDS, type PackedSizeId } from '@/core/plants/nursery';
import { Choices } from '@/ui/controls/Choices';
import { Sheet } from '@/ui/controls/fields';
import { countText, lengthText, sizeName, type Units } from '@/words/format';
import type { SheetProps } from './sheet';

/** What is shown as put in: one size in the first layer, one or none through the sides. */
export interface PutIn {
  readonly size: PackedSizeId;
  readonly top: readonly Spot2[];
  readonly side: SideSizeId | null;
  readonly sides: readonly SideHole[];
}

/** What goes in when sizes are chosen. */
export function putIn(fits: Fits, size: PackedSizeId, side: SideSizeId | null): PutIn {
  return side
    ? { size, top: fits.over[side][size], side, sides: fits.sides[side] }
    : { size, top: fits.top[size], side, sides: [] };
}

interface FitsProps extends SheetProps {
  readonly fits: Fits | null;
  readonly put: PutIn | null;
  readonly onSize: (size: PackedSizeId) => void;
  readonly onSide: (side: SideSizeId | null) => void;
}

/** How many plants of each size go in, chosen to be shown in the drawings. */
export function FitsSheet({ editing, units, fits, put, onSize, onSide }: FitsProps) {
  const { sideHoles, shape } = editing.container;
  const more = (n: number) => `${n}${n >= MOST_PACKED ? ' or more' : ''}`;
  return (
    <Sheet title="What fits" note="one layer, balls squeezed by 12% at most">
      <div className="grid gap-2 px-3.5 py-3">
        {!fits || !put ? (
          <p role="status" className="text-ink2">
            Packing…
          </p>
        ) : (
          <>
            {sideHoles.length > 0 && (
              <>
                <p className="text-small text-ink2">Through the sides</p>
                <Choices
                  name="Size put through the sides"
                  value={put.side ?? 'none'}
                  onPick={(next) => onSide(next === 'none' ? null : (next as SideSizeId))}
                  options={[
                    ['none', 'nothing'],
                    ...SIDE_SIZES.map(
                      (id) => [id, `${fits.sides[id].length} × ${sizeName(id, units)}`] as const,
                    ),
                  ]}
                />
                {put.side && (
                  <p className="text-ink2" data-rows>
                    {rowsText(editing.container, put, units)}
                  </p>
                )}
                <p className="pt-1 text-small text-ink2">In the first layer</p>
              </>
            )}
            <Choices
              name="Size shown in the plan"
              value={put.size}
              onPick={(next) => onSize(next as PackedSizeId)}
              options={PACKED_SIZE_IDS.map((id) => [
                id,
                `${more(putIn(fits, id, put.side).top.length)} × ${sizeName(id, units)}`,
              ])}
            />
            {put.side && put.top.length < fits.top[put.size].length && (
              <p data-cost>
                The sides cost {fits.top[put.size].length - put.top.length} of the{' '}
                {fits.top[put.size].length} places on top. Plant the sides first, crowns just
                outside, and fill up row by row.
              </p>
            )}
            {sideHoles.length === 0 && isHung(shape) && (
              <p className="text-ink2">Its sides can be planted too: add rows of side holes.</p>
            )}
          </>
        )}
      </div>
    </Sheet>
  );
}

/** "At 6 cm 6 of 6 holes, at 12 cm 4 of 8." */
function rowsText({ sideHoles }: Container, { sides }: PutIn, units: Units): string {
  const rows = [...sideHoles]
    .sort((a, b) => a.heightCm - b.heightCm)
    .map(
      ({ heightCm, count }) =>
        `at ${lengthText(heightCm, units)} ${sides.filter((hole) => hole.heightCm === heightCm).length} of ${countText(count, 'hole')}`,
    );
  return `${rows.join(', ').replace(/^a/, 'A')}.${sides.length < sideHoles.reduce((sum, { count }) => sum + count, 0) ? ' In the others balls would press on each other or stand out of the mix.' : ''}`;
}
