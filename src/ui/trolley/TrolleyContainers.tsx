import type { Life } from '@/core/log/life';
import { allPlants, type PlantingInSpot } from '@/core/plantings/planting';
import { Tick } from '@/ui/controls/Tick';
import { ProposalPicture } from '@/ui/start/ProposalPicture';
import { countText } from '@/words/format';
import { lifeText } from '@/words/life';

/** For which containers is bought: those still to be made, unless the gardener says otherwise. */
export function TrolleyContainers({
  its,
  wanted,
  onWanted,
  lifeOf,
}: {
  readonly its: readonly PlantingInSpot[];
  readonly wanted: ReadonlySet<string>;
  readonly onWanted: (wanted: ReadonlySet<string>) => void;
  readonly lifeOf: (plantingId: string) => Life;
}) {
  const toggle = (id: string) => {
    const next = new Set(wanted);
    if (!next.delete(id)) next.add(id);
    onWanted(next);
  };
  return (
    <aside aria-label="For which containers" className="mt-6 self-start bg-paper wide:mt-0">
      <h2 className="border-b border-rule px-4 py-2.5 text-lead font-semibold">
        For {countText(its.filter(({ planting }) => wanted.has(planting.id)).length, 'container')}
      </h2>
      <ul>
        {its.map((it) => (
          <li key={it.planting.id} className="border-b border-rule last:border-0">
            <Tick
              className="gap-3 px-4 py-2"
              checked={wanted.has(it.planting.id)}
              onChange={() => toggle(it.planting.id)}
            >
              <span className="w-16 shrink-0 bg-field">
                <ProposalPicture it={it} widthPx={64} heightPx={64} weeks={9} />
              </span>
              <span>
                <span className="block font-semibold wrap-anywhere">{it.planting.name}</span>
                <span className="text-ink2">
                  {countText(allPlants(it).length, 'plant')}; {lifeText(lifeOf(it.planting.id))}
                </span>
              </span>
            </Tick>
          </li>
        ))}
      </ul>
    </aside>
  );
}
