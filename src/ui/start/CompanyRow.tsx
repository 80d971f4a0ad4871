import { COMPANIES } from '@/core/plants/terms';
import { Select } from '@/ui/controls/Select';
import { Tick } from '@/ui/controls/Tick';
import { capital } from '@/words/format';
import { COMPANY_NAMES } from '@/words/kinds';
import { setter, type RowProps } from './formOf';
import { SheetRow } from './sheetParts';
import type { StartForm } from './startForm';

/** What sort of plants, and what most of them should have. */
export function CompanyRow({ form, values }: RowProps) {
  const set = setter(form);
  return (
    <SheetRow
      title="Sort of plants"
      note={values.company === 'any' ? 'what suits the season' : undefined}
    >
      <Select
        aria-label="Sort of plants"
        className="w-full"
        value={values.company}
        onChange={(event) => set('company', event.target.value as StartForm['company'])}
      >
        <option value="any">whatever suits the place and season</option>
        {COMPANIES.filter((one) => one !== 'kitchen').map((one) => (
          <option key={one} value={one}>
            {capital(COMPANY_NAMES[one])}
          </option>
        ))}
      </Select>
      <div className="flex flex-wrap gap-x-5 gap-y-1.5 pt-2">
        <Tick {...form.register('wildlife')}>For bees and butterflies</Tick>
        <Tick {...form.register('scent')}>Scented</Tick>
        <Tick {...form.register('eveningScent')}>Scented in the evening</Tick>
        <Tick {...form.register('berries')}>With berries</Tick>
        <Tick {...form.register('movement')}>Moving in the wind</Tick>
        <Tick {...form.register('touch')}>Good to touch</Tick>
        <Tick {...form.register('comesBack')}>Comes back next year</Tick>
      </div>
    </SheetRow>
  );
}
