import { ButtonLink } from '@/ui/controls/Button';
import { useSettings } from '@/ui/session/StoreProvider';
import type { Cared } from '@/ui/session/useCare';
import type { Planted } from '@/ui/session/usePlanted';
import { taskTitle } from '@/words/care';
import { longDayText } from '@/words/life';
import { inSentence } from '@/words/names';

/** When nothing is asked: what comes next, quietly. */
export function Quiet({ planted, cared }: { readonly planted: Planted; readonly cared: Cared }) {
  const settings = useSettings();
  const next = [...cared.byId.values()]
    .flatMap(({ tasks }) => tasks)
    .sort((a, b) => (a.earliest < b.earliest ? -1 : 1))
    .slice(0, 3);
  const nameOf = (id: string) =>
    planted.its.find(({ planting }) => planting.id === id)?.planting.name ?? '';
  return (
    <section className="mt-4 bg-paper px-4 py-4 text-lead" data-quiet>
      <p>
        {cared.byId.size === 0
          ? 'Nothing stands planted on this day.'
          : 'Nothing is asked for. Put the kettle on.'}
      </p>
      {next.length > 0 && (
        <ul className="pt-2 text-ink2">
          {next.map((task) => (
            <li key={task.key}>
              From {longDayText(task.earliest)}: {nameOf(task.plantingId)},{' '}
              {inSentence(taskTitle(task, settings))}.
            </li>
          ))}
        </ul>
      )}
      {cared.byId.size === 0 && (
        <p className="pt-3">
          <ButtonLink href="/potting">Potting day</ButtonLink>
        </p>
      )}
    </section>
  );
}
