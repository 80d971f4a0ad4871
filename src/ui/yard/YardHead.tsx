import { ButtonLink } from '@/ui/controls/Button';
import { weekText } from '@/words/format';

/** What the Yard is, how many containers stand in it, and what is begun from it. */
export function YardHead({
  name,
  count,
  week,
  unit,
}: {
  readonly name: string;
  readonly count: number;
  /** Week of the year in which they are shown. */
  readonly week: number;
  readonly unit: 'cm' | 'in';
}) {
  return (
    <header className="flex flex-wrap items-end gap-x-4 pb-2">
      <h1 className="display text-room leading-10">{name}</h1>
      <p className="pb-1.5 text-small text-ink2">
        <b className="text-ink">{count}</b> {count === 1 ? 'container' : 'containers'}, as they
        should look {weekText(week)}
      </p>
      {count > 1 && (
        <ButtonLink look="plain" href="/terrace" className="mb-1.5">
          Set out together
        </ButtonLink>
      )}
      {/* On a phone the bar has no room for it. */}
      <ButtonLink look="act" href="/start" className="mb-1.5 sm:hidden">
        Start a planting
      </ButtonLink>
      <p className="ml-auto pb-1.5 text-small text-ink2 max-sm:hidden">
        All at one scale, in {unit === 'in' ? 'inches' : 'centimetres'}
      </p>
    </header>
  );
}
