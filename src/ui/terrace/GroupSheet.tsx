import { useState } from 'react';
import type { Gathering } from '@/core/plantings/gathering';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { Button } from '@/ui/controls/Button';
import { entryLook } from '@/ui/controls/looks';
import { Select } from '@/ui/controls/Select';
import { say } from '@/ui/session/say';
import { useStore } from '@/ui/session/StoreProvider';
import type { RecordEditing } from '@/ui/session/useRecordEditing';
import { countText } from '@/words/format';
import { plantAsOne } from './plantAsOne';
import type { Standing } from './TerraceLine';

interface GroupSheetProps {
  readonly editing: Pick<RecordEditing<Gathering>, 'record' | 'apply'>;
  readonly standing: readonly Standing[];
  readonly its: readonly PlantingInSpot[];
  /** Where one that is added is put along the line, cm. */
  readonly freeCm: number;
  readonly onBegin: () => void;
}

/** What makes up the group: its name, who is in it, and what is done with all of them. */
export function GroupSheet({ editing, standing, its, freeCm, onBegin }: GroupSheetProps) {
  const { record: group, apply } = editing;
  const store = useStore();
  const [composing, setComposing] = useState(false);
  const others = its.filter(
    ({ planting }) => !group.members.some(({ plantingId }) => plantingId === planting.id),
  );
  const add = (plantingId: string) => {
    const name = its.find(({ planting }) => planting.id === plantingId)?.planting.name ?? 'one';
    const member = { plantingId, atCm: freeCm, backCm: 0, raisedCm: 0, turnDeg: 0 };
    apply({ members: [...group.members, member] }, `Added ${name}`);
  };
  const compose = async () => {
    if (!store) return;
    setComposing(true);
    const done = await plantAsOne(
      store,
      group,
      standing.map(({ it }) => it),
    );
    setComposing(false);
    say(
      done
        ? 'All are planted as one. Undo on each bench brings the old ones back.'
        : 'No planting was found that suits all of these containers together.',
    );
  };
  const part = async () => {
    const gone = await store?.groups.part(group.id);
    if (gone)
      say(`${gone.name} is parted; its ${countText(gone.members.length, 'container')} stay.`, {
        label: 'Put it together again',
        go: () => void store?.groups.put(gone),
      });
  };
  return (
    <section aria-label="Make up of the group" className="bg-paper px-4 py-3">
      <h2 className="pb-2 text-lead font-semibold">The group</h2>
      <label className="grid grid-cols-[minmax(0,1fr)] gap-1 text-note text-ink2">
        Its name
        <input
          className={entryLook()}
          key={group.name}
          defaultValue={group.name}
          maxLength={80}
          onBlur={(event) =>
            event.target.value !== group.name &&
            apply({ name: event.target.value }, 'Renamed the group')
          }
        />
      </label>
      <label className="mt-2 grid grid-cols-[minmax(0,1fr)] gap-1 text-note text-ink2">
        Add a container
        <Select value="" onChange={(event) => add(event.target.value)}>
          <option value="">choose…</option>
          {others.map(({ planting }) => (
            <option key={planting.id} value={planting.id}>
              {planting.name}
            </option>
          ))}
        </Select>
      </label>
      <p className="mt-3 flex flex-wrap gap-2">
        <Button
          look="act"
          disabled={standing.length < 2 || composing}
          onClick={() => void compose()}
        >
          {composing ? 'Composing…' : 'Plant them as one'}
        </Button>
        <Button onClick={onBegin}>Another group</Button>
        <Button onClick={() => void part()}>Part the group</Button>
      </p>
    </section>
  );
}
