import type { Till } from '@/core/making/list';
import type { Units } from '@/words/format';
import { countText, moneyText } from '@/words/format';
import { minorText } from '@/words/making';

interface TillBarProps {
  readonly till: Till;
  readonly tripsMinor: number;
  readonly containers: number;
  /** Weeks that all of them together are to be looked at. */
  readonly weeks: number;
  /** In whole money; `null` for no limit. */
  readonly budget: number | null;
  readonly units: Units;
}

/** The sum: in the trolley, still to come, and what that makes for each container and week. */
export function TillBar({
  till: { spentMinor, openMinor, missing },
  tripsMinor,
  containers,
  weeks,
  budget,
  units,
}: TillBarProps) {
  const all = spentMinor + openMinor + tripsMinor;
  return (
    <section
      aria-label="Total"
      className="mt-4 grid gap-x-6 gap-y-1 border-t-[1.5px] border-tick bg-paper px-3 py-3 sm:grid-cols-[auto_1fr]"
    >
      <p className="display text-drawing" data-total>
        {minorText(all, units)}
      </p>
      <p className="self-center text-ink2">
        {minorText(spentMinor, units)} in the trolley, {minorText(openMinor, units)} to come
        {tripsMinor > 0 ? `, ${minorText(tripsMinor, units)} for going there` : ''}. That is{' '}
        {minorText(all / Math.max(1, containers), units)} for each container and{' '}
        {minorText(all / Math.max(1, weeks), units)} for each of its weeks.
        {budget !== null && ` Plants were to cost ${moneyText(budget, units)} at most.`}
        {missing > 0 && (
          <b className="block text-ink">
            ◭ {countText(missing, 'pack')} short: take something else, or look elsewhere.
          </b>
        )}
      </p>
    </section>
  );
}
