'use client';

import { useMemo, useState } from 'react';
import { salePriceMinor, traysOf } from '@/core/making/batch';
import { lineMinor, otherLines, plantLines, type BuyLine } from '@/core/making/list';
import { needsOf } from '@/core/making/needs';
import { anywhere } from '@/core/making/offers';
import { tripTo } from '@/core/making/trip';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { NumberField } from '@/ui/controls/fields';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { useSettings } from '@/ui/session/StoreProvider';
import { countText } from '@/words/format';
import { lineName, amountText, minorText } from '@/words/making';

/** Share of the price that is earned, where it was not told. */
const USUAL_MARGIN = 0.4;

/** What lies ready for all of them, what one costs, and a price to sell it at. */
export function ReadyAndPrice({
  it,
  count,
}: {
  readonly it: PlantingInSpot;
  readonly count: number;
}) {
  const settings = useSettings();
  const { kindOf } = useLibrary();
  const [margin, setMargin] = useState(USUAL_MARGIN);
  const lines = useMemo(() => {
    const needs = needsOf(
      Array.from({ length: count }, () => it),
      {
        house: it.house,
        owned: () => 0,
        isReused: () => false,
      },
    );
    return [...plantLines(tripTo(needs.plants, [anywhere(kindOf)])), ...otherLines(needs)];
  }, [it, count, kindOf]);
  const cost = Math.round(
    lines.reduce((sum, line) => sum + lineMinor(line), 0) / Math.max(1, count),
  );
  return (
    <section aria-label="Ready for all">
      <h2 className="mb-1 text-name font-semibold">Ready for all {count}</h2>
      <ul className="bg-paper">
        {lines.map((line) => (
          <li
            key={line.key}
            className="flex min-h-9 items-center justify-between gap-3 border-t border-rule px-3 first:border-t-0"
          >
            <span>{lineName(line, kindOf)}</span>
            <b className="text-right font-semibold">
              {amountText(line, settings)}
              {traysText(line)}
            </b>
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap items-end gap-4 pt-3">
        <span className="w-36">
          <NumberField
            name="Earned on the price"
            suffix="%"
            value={margin * 100}
            onValue={(percent) => percent >= 0 && percent <= 90 && setMargin(percent / 100)}
          />
        </span>
        <p className="text-lead" data-price>
          One costs about {minorText(cost, settings)}; sold at{' '}
          <b>{minorText(salePriceMinor(cost, margin), settings)}</b>.
        </p>
      </div>
    </section>
  );
}

/** ", 3 trays" of plants; nothing for what is not carried in trays. */
function traysText({ what, packs }: BuyLine): string {
  if (what.kind !== 'plants') return '';
  return `, ${countText(traysOf(packs * what.perSale, what.size), 'tray')}`;
}
