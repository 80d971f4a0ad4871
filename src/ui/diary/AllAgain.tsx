import { useMemo, useState } from 'react';
import { worthOf, type Worth } from '@/core/diary/worth';
import { byPlanting } from '@/core/log/life';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { Button } from '@/ui/controls/Button';
import { MoreOf } from '@/ui/controls/MoreOf';
import { Tick } from '@/ui/controls/Tick';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { say } from '@/ui/session/say';
import { useSettings, useStore } from '@/ui/session/StoreProvider';
import { useClock } from '@/ui/session/useClock';
import type { Planted } from '@/ui/session/usePlanted';
import { countText, type Units } from '@/words/format';
import { minorText } from '@/words/making';
import { pastsOf } from './pasts';
import { sameAgain } from './sameAgain';

interface Row {
  readonly it: PlantingInSpot;
  readonly worth: Worth;
}

const sumOf = (rows: readonly Row[], figure: (worth: Worth) => number): number =>
  rows.reduce((sum, { worth }) => sum + figure(worth), 0);

/** So many are told at first, and at each press more: nobody reads a thousand. */
const MORE = 24;

/** What each container gave and took, and several of them made again at once, held against what they cost so far. */
export function AllAgain({
  stood,
  planted,
}: {
  readonly stood: readonly PlantingInSpot[];
  readonly planted: Planted;
}) {
  const settings = useSettings();
  const clock = useClock();
  const [shown, setShown] = useState(MORE);
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());
  const rows = useMemo(
    () =>
      pastsOf(stood, planted, clock).map(({ it, held, from, until }): Row => ({
        it,
        worth: worthOf(it, held, { from, until }),
      })),
    [stood, planted, clock],
  );
  const picked = rows.filter(({ it }) => ticked.has(it.planting.id));
  const tick = (id: string, isTicked: boolean) =>
    setTicked(new Set(isTicked ? [...ticked, id] : [...ticked].filter((one) => one !== id)));
  return (
    <section aria-label="What it was worth" className="mt-4 bg-paper px-4 py-3">
      <h2 className="text-lead font-semibold">What it was worth, and again next year</h2>
      <div className="overflow-x-auto">
        <table className="mt-1 w-full text-left max-sm:text-small">
          <thead className="text-note text-ink2">
            <tr>
              <th className="py-1 font-normal">Container</th>
              <th className="px-2 text-right font-normal max-sm:hidden">Weeks out</th>
              <th className="px-2 text-right font-normal max-sm:px-1">Spent</th>
              <th className="px-2 text-right font-normal max-sm:px-1">A week</th>
              <th className="px-2 text-right font-normal max-sm:px-1">Days of work</th>
              <th className="pl-2 text-right font-normal max-sm:pl-1">Plants lost</th>
            </tr>
          </thead>
          <tbody>
            {rows.slice(0, shown).map(({ it, worth }) => (
              <WorthRow
                key={it.planting.id}
                name={it.planting.name}
                worth={worth}
                units={settings}
                isTicked={ticked.has(it.planting.id)}
                onTick={(isTicked) => tick(it.planting.id, isTicked)}
              />
            ))}
          </tbody>
        </table>
      </div>
      <MoreOf shown={shown} all={rows.length} step={MORE} onShow={setShown} />
      {picked.length > 0 && (
        <MakeAgain picked={picked} planted={planted} onMade={() => setTicked(new Set())} />
      )}
    </section>
  );
}

function WorthRow({
  name,
  worth: { weeks, spentMinor, perWeekMinor, visits, lost },
  units,
  isTicked,
  onTick,
}: {
  readonly name: string;
  readonly worth: Worth;
  readonly units: Units;
  readonly isTicked: boolean;
  readonly onTick: (isTicked: boolean) => void;
}) {
  const figure = 'px-2 text-right whitespace-nowrap tabular-nums max-sm:px-1';
  return (
    <tr className="border-t border-rule">
      <td className="py-0.5">
        <Tick checked={isTicked} onChange={({ target: { checked } }) => onTick(checked)}>
          {name}
        </Tick>
      </td>
      <td className={`${figure} max-sm:hidden`}>{weeks}</td>
      <td className={figure}>{spentMinor > 0 ? minorText(spentMinor, units) : 'not told'}</td>
      <td className={figure}>{perWeekMinor === null ? '' : minorText(perWeekMinor, units)}</td>
      <td className={figure}>{visits}</td>
      <td className={`${figure} pr-0`}>{lost === 0 ? '' : lost}</td>
    </tr>
  );
}

/** Those picked, at the book's prices, against what they cost so far; made in one press, with others in the place of what went wrong. */
function MakeAgain({
  picked,
  planted,
  onMade,
}: {
  readonly picked: readonly Row[];
  readonly planted: Planted;
  readonly onMade: () => void;
}) {
  const store = useStore();
  const settings = useSettings();
  const { kindOf } = useLibrary();
  const [isBusy, setBusy] = useState(false);
  const next = sumOf(picked, ({ againMinor }) => againMinor);
  const spent = sumOf(picked, ({ spentMinor }) => spentMinor);
  const weeks = sumOf(picked, (worth) => worth.weeks);
  const isWholeTold = picked.every(({ worth }) => worth.spentMinor > 0);
  const make = async () => {
    if (!store) return;
    setBusy(true);
    try {
      const held = byPlanting(planted.log);
      const made = [];
      for (const { it } of picked)
        made.push(await sameAgain(it, held.get(it.planting.id) ?? [], kindOf));
      const plantings = made.map(({ planting }) => planting);
      await store.whole.addAll({ spots: [], plantings, shelf: [] });
      const changes = made.reduce((sum, { changed }) => sum + changed.length, 0);
      onMade();
      say(
        `${countText(plantings.length, 'planting')} for next year, as ideas${changes > 0 ? `; ${countText(changes, 'kind')} that went wrong ${changes === 1 ? 'has' : 'have'} another in ${changes === 1 ? 'its' : 'their'} place` : ''}.`,
        {
          label: 'Undo',
          go: () => void store.plantings.removeAll(plantings.map(({ id }) => id)),
        },
      );
    } finally {
      setBusy(false);
    }
  };
  return (
    <div className="border-t border-rule pt-2" data-again={picked.length}>
      <p>
        About {minorText(next, settings)} for plants at the book’s prices.{' '}
        {isWholeTold
          ? `So far they cost ${minorText(spent, settings)}, ${minorText(spent / Math.max(1, weeks), settings)} for each week of display.`
          : 'What they cost so far was not told for all of them: prices told at the Trolley are kept for that.'}
      </p>
      <p className="pt-2">
        <Button look="act" disabled={isBusy} onClick={() => void make()}>
          {isBusy
            ? 'Looking for what would do better…'
            : `${countText(picked.length, 'container')} again`}
        </Button>
      </p>
    </div>
  );
}
