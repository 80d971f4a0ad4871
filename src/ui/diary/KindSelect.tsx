import type { KindId, PlantKind } from '@/core/plants/kind';
import { allPlants, type PlantingInSpot } from '@/core/plantings/planting';
import { Select } from '@/ui/controls/Select';

/** The kinds of a planting, each once. */
export function kindsIn(it: PlantingInSpot): readonly PlantKind[] {
  return [...new Map(allPlants(it).map(({ kind }) => [kind.id, kind])).values()];
}

/** Which plant of a planting is meant. */
export function KindSelect({
  kinds,
  value,
  onPick,
}: {
  readonly kinds: readonly PlantKind[];
  readonly value: KindId;
  readonly onPick: (kindId: KindId) => void;
}) {
  return (
    <label className="grid w-fit">
      <span className="text-note text-ink2">Plant</span>
      <Select value={value} onChange={({ target }) => onPick(target.value)}>
        {kinds.map(({ id, common }) => (
          <option key={id} value={id}>
            {common}
          </option>
        ))}
      </Select>
    </label>
  );
}
