import { useMemo } from 'react';
import { soldIn } from '@/core/suitability/shops';
import { weekAfter, WEEKS_PER_YEAR } from '@/core/units/units';
import { Select } from '@/ui/controls/Select';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { COMPANY_NAMES } from '@/words/kinds';
import { dateText } from '@/words/format';
import { setter, type RowProps } from './formOf';
import { SheetRow } from './sheetParts';

/** So many companies are named, those of most kinds first. */
const NAMED = 2;

/** When it is planted: this week, unless another is picked; and what shops have growing then. */
export function WhenRow({
  form,
  values,
  reading,
  week,
}: RowProps & {
  /** This week of the year. */
  readonly week: number;
}) {
  const set = setter(form);
  const { kinds } = useLibrary();
  const spot = reading.ok ? reading.spot : null;
  const offer = useMemo(() => {
    if (!spot) return null;
    const sold = kinds.filter((kind) => soldIn(kind, values.plantedWeek, spot));
    const share = new Map<string, number>();
    for (const kind of sold)
      for (const company of kind.company) share.set(company, (share.get(company) ?? 0) + 1);
    const most = [...share].sort((a, b) => b[1] - a[1]).slice(0, NAMED);
    return { count: sold.length, most: most.map(([company]) => company) };
  }, [kinds, spot, values.plantedWeek]);
  return (
    <SheetRow title="Planted">
      <Select
        aria-label="Planted in the week of"
        className="w-full"
        value={String(values.plantedWeek)}
        onChange={({ target }) => set('plantedWeek', Number(target.value))}
      >
        {Array.from({ length: WEEKS_PER_YEAR }, (_, i) => weekAfter(week, i)).map((one, i) => (
          <option key={one} value={one}>
            {i === 0 ? `this week, ${dateText(one)}` : dateText(one)}
          </option>
        ))}
      </Select>
      {offer && offer.count > 0 && (
        <p className="pt-1.5 text-note text-ink2" data-offer>
          About {Math.round(offer.count / 10) * 10} kinds of the book are sold in growth then, most
          of all{' '}
          {offer.most
            .map((company) => COMPANY_NAMES[company as keyof typeof COMPANY_NAMES])
            .join(' and ')}
          .
        </p>
      )}
    </SheetRow>
  );
}
