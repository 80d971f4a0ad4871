import type { groupOpinion } from '@/core/checks/asOne';
import { useLibrary } from '@/ui/session/LibraryProvider';
import type { Units } from '@/words/format';
import { groupLines } from '@/words/group';

interface AsOneProps {
  readonly opinion: ReturnType<typeof groupOpinion>;
  readonly nameOf: (plantingId: string) => string;
  readonly units: Units;
}

/** What is said of the containers looked at as one. */
export function AsOneSheet({ opinion, nameOf, units }: AsOneProps) {
  const { kindOf } = useLibrary();
  return (
    <section aria-label="As one" className="bg-paper">
      <h2 className="border-b border-rule px-4 py-2.5 text-lead font-semibold">As one</h2>
      {opinion ? (
        <ul>
          {groupLines(opinion, nameOf, kindOf, units).map(({ right, says, because }) => (
            <li key={says} className="grid grid-cols-[22px_1fr] border-b border-rule px-3.5 py-2.5">
              <span aria-hidden>{right ? '○' : '▲'}</span>
              <span className="min-w-0 wrap-anywhere">
                <b className="font-semibold">{right ? 'Right. ' : ''}</b>
                {says} <span className="text-ink2">{because}</span>
              </span>
            </li>
          ))}
        </ul>
      ) : (
        <p className="px-4 py-3 text-ink2">Two or more are needed to be seen as one.</p>
      )}
    </section>
  );
}
