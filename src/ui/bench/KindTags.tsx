'use client';

import { allPlants, stays, type PlantingInSpot } from '@/core/plantings/planting';
import type { KindId, PlantKind } from '@/core/plants/kind';
import { memo } from 'react';
import type { Size } from '@/core/growth/foresee';
import { plantLines } from '@/core/shopping/plantCost';
import type { Settings } from '@/core/files/plantingFile';
import { drawnHeightPx } from '@/ui/plant-book/grown';
import { KindDrawn } from '@/ui/plant-book/KindDrawn';
import { Swatches } from '@/ui/controls/Swatches';
import type { Editing } from '@/ui/session/useEditing';
import { countText, lengthFigure, moneyText, sizeName } from '@/words/format';
import { hereShort } from '@/words/hereShort';
import { ROLE_NAMES, type Keyed } from '@/words/names';
import { Button } from '@/ui/controls/Button';

interface KindTagsProps {
  readonly editing: Editing;
  readonly keys: readonly Keyed[];
  readonly sizes: readonly Size[];
  readonly selected: string | null;
  readonly onSelect: (place: string | null) => void;
  readonly settings: Settings;
}

/** Weeks that all plants of a kind have stood there before this planting, the shortest; `null` when some are new: those are bought. */
function weeksHere(it: PlantingInSpot, kindId: KindId): number | null {
  const own = allPlants(it).filter((plant) => plant.kindId === kindId);
  return own.every((plant) => stays(it, plant))
    ? Math.min(...own.map(({ id }) => it.weeksBefore[id]!))
    : null;
}

/** The drawing on a tag, px. */
const DRAWN = { widthPx: 64, heightPx: 112 } as const;

/** As large as the tag has room for, px a cm: it tells what the plant looks like, its figures how large it is. */
function tagScale(kind: PlantKind): number {
  const perCm = drawnHeightPx(kind, 100) / 100;
  return Math.min(
    DRAWN.heightPx / perCm,
    DRAWN.widthPx / Math.max(kind.spreadCm[1], kind.heightCm[1] * 0.5),
    4,
  );
}

/** The kinds of the planting as pointed plant tags. Pressing one picks its first plant. */
export const KindTags = memo(function KindTags({
  editing,
  keys,
  sizes,
  selected,
  onSelect,
  settings,
}: KindTagsProps) {
  const { it } = editing;
  const lines = plantLines(allPlants(it));
  const selectedKind = it.planting.places.find(({ id }) => id === selected)?.kindId;
  return (
    <ul
      aria-label="Plants"
      className="grid grid-cols-[repeat(auto-fit,minmax(min(212px,100%),1fr))] gap-2"
    >
      {keys.map(({ kind, letter, role, count }) => {
        const first = it.plants.findIndex((plant) => plant.kindId === kind.id);
        const size = sizes[first];
        const own = lines.filter((line) => line.kindId === kind.id);
        const here = weeksHere(it, kind.id);
        const seen = hereShort(kind, settings);
        return (
          <li key={kind.id} data-kind-tag>
            <Button
              look="bare"
              aria-pressed={selectedKind === kind.id}
              onClick={() =>
                onSelect(selectedKind === kind.id ? null : (it.plants[first]?.id ?? null))
              }
              className={`tag flex h-[152px] w-full items-stretch gap-2 px-3 pt-2 text-left ${selectedKind === kind.id ? 'bg-ink text-paper' : 'bg-paper'}`}
            >
              <span className="flex h-[116px] w-[64px] shrink-0 items-end justify-center bg-field">
                <KindDrawn kind={kind} pxPerCm={tagScale(kind)} widthPx={DRAWN.widthPx} />
              </span>
              <span className="flex min-w-0 flex-1 flex-col">
                <span className="flex items-center justify-between">
                  <span className="grid size-[22px] place-items-center rounded-full border-[1.5px] border-stencil bg-chip text-note font-bold text-stencil">
                    {letter}
                  </span>
                  <span className="text-note opacity-80">{ROLE_NAMES[role]}</span>
                </span>
                <span className="mt-1 mb-1.5 line-clamp-2 block min-h-[32px] text-body leading-4 font-semibold [font-stretch:95%]">
                  {kind.common}
                </span>
                <Swatches kind={kind} height={12} />
                <span className="mt-1.5 block text-note leading-4">
                  <b>{count}</b> × {own.map((line) => sizeName(line.size, settings)).join(', ')}
                </span>
                <span className="flex justify-between text-note leading-4 opacity-85">
                  <span>
                    {size
                      ? `${lengthFigure(size.heightCm, settings.length)} × ${lengthFigure(size.spreadCm, settings.length)} ${settings.length}`
                      : ''}
                  </span>
                  <span data-stays={here ?? undefined}>
                    {here === null
                      ? moneyText(
                          own.reduce((sum, line) => sum + line.price, 0),
                          settings,
                        )
                      : `${countText(here, 'week')} here`}
                  </span>
                </span>
                {seen && (
                  <span className="block truncate text-note leading-4 opacity-85" data-seen-here>
                    {seen}
                  </span>
                )}
              </span>
            </Button>
          </li>
        );
      })}
      {it.planting.strangers.map(({ kindId, name, told }) => (
        <li key={kindId} className="tag h-[152px] bg-wash px-3 pt-2 text-note">
          <span className="block font-semibold">{name}</span>
          <span className="text-ink2">
            Not in your book. The file said: {String(told.botanical ?? kindId)}.
          </span>
        </li>
      ))}
    </ul>
  );
});
