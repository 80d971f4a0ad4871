import { useMemo } from 'react';
import { middle, type PlantKind } from '@/core/plants/kind';
import type { Library } from '@/core/plants/library';
import { bulliesOf, partnersOf, standInsLike } from '@/core/search/partners';
import { Swatches } from '@/ui/controls/Swatches';
import type { Benches } from '@/ui/session/useBenches';
import { countText, lengthText, type Units } from '@/words/format';
import { partnerText, plantSizeText } from '@/words/plants';
import { Button } from '@/ui/controls/Button';

function Kin({
  title,
  list,
  onOpen,
}: {
  readonly title: string;
  readonly list: readonly (readonly [PlantKind, string])[];
  readonly onOpen: (id: string) => void;
}) {
  if (list.length === 0) return null;
  return (
    <div className="pb-2.5 last:pb-0">
      <h3 className="pb-0.5 font-semibold">{title}</h3>
      <ul>
        {list.map(([kind, why]) => (
          <li key={kind.id}>
            <Button
              look="bare"
              data-kin={kind.id}
              onClick={() => onOpen(kind.id)}
              className="grid w-full grid-cols-[36px_minmax(0,1fr)] items-center gap-2.5 py-1 text-left hover:bg-wash"
            >
              <Swatches kind={kind} height={18} />
              <span className="min-w-0">
                <b className="font-semibold">{kind.common}</b>{' '}
                <span className="text-note text-ink2">{why}</span>
              </span>
            </Button>
          </li>
        ))}
      </ul>
    </div>
  );
}

/** What goes with one kind, what could stand in for it, and what would run over it. */
export function KindCompany({
  kind,
  library,
  onOpen,
  benches,
  units,
}: {
  readonly kind: PlantKind;
  readonly library: Library;
  readonly onOpen: (id: string) => void;
  readonly benches: Benches;
  readonly units: Units;
}) {
  const goes = useMemo(() => partnersOf(kind, library.offered), [kind, library]);
  const standIns = useMemo(
    () =>
      standInsLike(
        kind,
        benches.lines ? library.offered.filter(({ id }) => benches.there.has(id)) : library.offered,
      ),
    [kind, library, benches],
  );
  const bullies = useMemo(() => bulliesOf(kind, library.offered, 3), [kind, library]);
  return (
    <section aria-label="Goes with" className="bg-paper px-4 py-3">
      <Kin
        title="Takes up one of its colours"
        list={goes.echoes.map((partner) => [partner.kind, partnerText(partner)] as const)}
        onOpen={onOpen}
      />
      <Kin
        title="Sets it off"
        list={goes.contrasts.map((partner) => [partner.kind, partnerText(partner)] as const)}
        onOpen={onOpen}
      />
      <Kin
        title={benches.lines ? 'Stand-ins that are there today' : 'When it is not to be had'}
        list={standIns.map((other) => [other, plantSizeText(other, units)] as const)}
        onOpen={onOpen}
      />
      <Kin
        title="Keep away: these would overrun it"
        list={bullies.map(
          (other) =>
            [
              other,
              `${lengthText(middle(other.spreadCm), units)} wide in ${countText(other.weeksToFill, 'week')}`,
            ] as const,
        )}
        onOpen={onOpen}
      />
    </section>
  );
}
