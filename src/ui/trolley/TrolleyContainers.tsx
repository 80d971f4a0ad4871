import type { SetStateAction, Dispatch } from 'react';
import { ProposalPicture } from '@/ui/start/ProposalPicture';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { countText } from '@/words/format';
import { Tick } from '@/ui/controls/Tick';

/** For which containers is bought. */
export function TrolleyContainers({
  chosen,
  its,
  left,
  setLeft,
}: {
  readonly chosen: PlantingInSpot[];
  readonly its: readonly PlantingInSpot[];
  readonly left: ReadonlySet<string>;
  readonly setLeft: Dispatch<SetStateAction<ReadonlySet<string>>>;
}) {
  return (
    <aside aria-label="For which containers" className="mt-6 self-start bg-paper wide:mt-0">
      <h2 className="border-b border-rule px-4 py-2.5 text-lead font-semibold">
        For {countText(chosen.length, 'container')}
      </h2>
      <ul>
        {its.map((it) => (
          <li key={it.planting.id} className="border-b border-rule last:border-0">
            <Tick
              className="gap-3 px-4 py-2"
              checked={!left.has(it.planting.id)}
              onChange={() =>
                setLeft((old) => {
                  const next = new Set(old);
                  if (!next.delete(it.planting.id)) next.add(it.planting.id);
                  return next;
                })
              }
            >
              <span className="w-16 shrink-0 bg-field">
                <ProposalPicture it={it} widthPx={64} heightPx={64} weeks={9} />
              </span>
              <span>
                <span className="block font-semibold">{it.planting.name}</span>
                <span className="text-ink2">{countText(it.planting.places.length, 'plant')}</span>
              </span>
            </Tick>
          </li>
        ))}
      </ul>
    </aside>
  );
}
