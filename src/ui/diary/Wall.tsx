import Link from 'next/link';
import { dayIn, weeksSince } from '@/core/calendar/day';
import { read } from '@/core/checks/reading';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { diaryHref } from '@/ui/session/links';
import { useClock } from '@/ui/session/useClock';
import type { Planted } from '@/ui/session/usePlanted';
import { ProposalPicture } from '@/ui/start/ProposalPicture';
import { dayText } from '@/words/life';
import type { Row } from './found';

const WIDE_PX = 168;
const TALL_PX = 150;
/** What is done every few days says little of how a container does. */
const DAILY: ReadonlySet<string> = new Set(['watered', 'fed', 'deadheaded', 'step', 'bought']);

/** Every container as it should look today, with the last that was seen of it: pressed, its own pages open. */
export function Wall({
  stood,
  rows,
  planted,
}: {
  readonly stood: readonly PlantingInSpot[];
  readonly rows: readonly Row[];
  readonly planted: Planted;
}) {
  const clock = useClock();
  return (
    <ul className="flex flex-wrap gap-3 pt-4 max-sm:flex-nowrap max-sm:overflow-x-auto">
      {stood.map((it) => {
        const { plantedOn } = planted.lifeOf(it.planting.id);
        const today = dayIn(it.spot.site.timeZone, clock.now());
        const weeks = plantedOn ? Math.max(0, weeksSince(plantedOn, today)) : 0;
        const last = rows.find(
          ({ entry }) => entry.of.plantingId === it.planting.id && !DAILY.has(entry.what.did),
        );
        return (
          <li key={it.planting.id} style={{ width: WIDE_PX }} className="shrink-0">
            <Link
              prefetch={false}
              href={diaryHref(it.planting.id)}
              className="block bg-paper hover:bg-wash"
            >
              <span className="block bg-field">
                <ProposalPicture
                  it={it}
                  widthPx={WIDE_PX}
                  heightPx={TALL_PX}
                  weeks={Math.min(weeks, read(it).weeks)}
                />
              </span>
              <span className="block px-2.5 py-1.5">
                <b className="block truncate font-semibold">{it.planting.name}</b>
                <span className="line-clamp-2 min-h-9 text-note leading-4.5 text-ink2">
                  {last ? `${dayText(last.entry.at.slice(0, 10))}: ${last.text}` : ''}
                </span>
              </span>
            </Link>
          </li>
        );
      })}
    </ul>
  );
}
