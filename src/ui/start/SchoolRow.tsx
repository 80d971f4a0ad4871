import { SCHOOL_IDS } from '@/core/plantings/schoolId';
import { Select } from '@/ui/controls/Select';
import { SCHOOL_NAMES, SCHOOL_WORDS } from '@/words/schools';
import { setter, type RowProps } from './formOf';
import { SheetRow } from './sheetParts';
import type { StartForm } from './startForm';

/** The way of composing. */
export function SchoolRow({ form, values }: RowProps) {
  const set = setter(form);
  return (
    <SheetRow
      title="Composed as"
      note={values.school === 'any' ? 'the schools that suit' : undefined}
    >
      <Select
        aria-label="Composed as"
        className="w-full"
        value={values.school}
        onChange={(event) => set('school', event.target.value as StartForm['school'])}
      >
        <option value="any">whatever suits the container and view</option>
        {SCHOOL_IDS.map((id) => (
          <option key={id} value={id}>
            {SCHOOL_NAMES[id]}
          </option>
        ))}
      </Select>
      {values.school !== 'any' && (
        <p className="pt-1.5 text-note leading-4 text-ink2">
          {SCHOOL_WORDS[values.school].does} {SCHOOL_WORDS[values.school].why}
        </p>
      )}
    </SheetRow>
  );
}
