import type { PlantingInSpot } from '@/core/plantings/planting';
import { Select } from '@/ui/controls/Select';

/** One of the containers that were planted; with `all`, also none in particular. */
export function ContainerSelect({
  name,
  stood,
  value,
  all,
  onPick,
}: {
  readonly name: string;
  readonly stood: readonly PlantingInSpot[];
  readonly value: string;
  /** What stands for all of them; left out: one must be picked. */
  readonly all?: string;
  readonly onPick: (plantingId: string) => void;
}) {
  return (
    <label className="grid min-w-0 grid-cols-[minmax(0,auto)]">
      <span className="text-note text-ink2">{name}</span>
      <Select value={value} onChange={({ target }) => onPick(target.value)}>
        {all !== undefined && <option value="">{all}</option>}
        {stood.map(({ planting }) => (
          <option key={planting.id} value={planting.id}>
            {planting.name}
          </option>
        ))}
      </Select>
    </label>
  );
}
