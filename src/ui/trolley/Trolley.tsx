'use client';

import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import { totalOf, type ShoppingList } from '@/core/shopping/shoppingList';
import { STOPS } from '@/core/shopping/stops';
import { Swatches } from '@/ui/controls/Swatches';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { PickField } from '@/ui/controls/fields';
import { useBenches, type Benches } from '@/ui/session/useBenches';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { usePlanted } from '@/ui/session/usePlanted';
import { useSettings } from '@/ui/session/StoreProvider';
import { moneyText, sizeName, volumeText, type Units } from '@/words/format';
import { ButtonLink } from '@/ui/controls/Button';

const TrolleyContainers = dynamic(
  () => import('./TrolleyContainers').then((m) => m.TrolleyContainers),
  { ssr: false },
);

const NONE: readonly PlantingInSpot[] = [];

/** What to buy for the containers ticked: plants in the packs they are sold in, mix in bags, feed by dose, and the total. */
export function Trolley() {
  const settings = useSettings();
  const loaded = usePlanted();
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const [stop, setStop] = useState(STOPS[0]!.id);
  const benches = useBenches(stop);
  const its = loaded?.its ?? NONE;
  const chosen = its.filter(({ planting }) => !left.has(planting.id));
  const list = useMemo(
    () =>
      totalOf(chosen.map(({ planting, plants }) => ({ container: planting.container, plants }))),
    [chosen],
  );
  if (!loaded)
    return (
      <p className="py-10 text-ink2" role="status">
        Fetching the trolley…
      </p>
    );
  if (its.length === 0)
    return (
      <div className="py-16">
        <h1 className="display text-room leading-10">Nothing to buy yet</h1>
        <p className="mt-2 text-lead">
          Once a planting is on the bench, its plants, mix and feed are counted here.
        </p>
        <ButtonLink look="act" href="/start" className="mt-5">
          Start a planting
        </ButtonLink>
      </div>
    );
  return (
    <div className="gap-6 pt-3.5 wide:grid wide:grid-cols-[minmax(0,1fr)_344px]">
      <div className="min-w-0">
        <h1 className="display text-room leading-10">Trolley</h1>
        <p className="pb-3 text-ink2">
          Prices are typical; stock and shop prices come from a simulated garden centre
          {benches.lines === null ? ', which does not answer just now' : ''}. The tag and the till
          win.
        </p>
        <div className="max-w-[340px] pb-3">
          <PickField
            name="Where you go"
            value={stop}
            options={STOPS.map(({ id, name }) => [id, name] as const)}
            onPick={setStop}
          />
          <p className="pt-1 text-note text-ink2">
            It {STOPS.find(({ id }) => id === stop)!.words}.
          </p>
        </div>
        <PlantTable list={list} benches={benches} settings={settings} />
        <h2 className="mt-6 mb-1 text-lead font-semibold">Mix and feed</h2>
        <table className="w-full bg-paper text-left max-sm:table-fixed [&_td]:border-t [&_td]:border-rule [&_td]:px-3 [&_td]:py-2 max-sm:[&_td]:px-1.5 max-sm:[&_td]:break-words [&_td:last-child]:text-right">
          <tbody>
            <tr data-mix>
              <td>
                <b className="font-semibold">Potting mix</b>
                <br />
                <span className="text-ink2">
                  {volumeText(list.mix.netL, settings)} in place,{' '}
                  {volumeText(list.mix.buyL, settings)} with settling
                </span>
              </td>
              <td>
                {list.mix.bags.map(({ litres, count }) => `${count} × ${litres} L`).join(' + ') ||
                  'none'}
              </td>
              <td>{moneyText(list.mix.price, settings)}</td>
            </tr>
            <tr>
              <td>
                <b className="font-semibold">Slow-release feed</b>
                <br />
                <span className="text-ink2">
                  {Math.round(list.feed.grams)} g, up to {list.feed.gPerL.toFixed(1)} g for each
                  litre; the label’s dose wins. Keep it locked away.
                </span>
              </td>
              <td>
                {list.feed.boxes} × {list.feed.boxG} g
              </td>
              <td>{moneyText(list.feed.price, settings)}</td>
            </tr>
            <tr className="text-lead font-semibold">
              <td>Total</td>
              <td />
              <td data-total>{moneyText(list.total, settings)}</td>
            </tr>
          </tbody>
        </table>
        <p className="mt-3 max-w-[70ch] text-note text-ink2">
          Damp the mix before handling it, wear gloves, wash hands afterwards, and open bags away
          from your face.
        </p>
      </div>
      <TrolleyContainers chosen={chosen} its={its} left={left} setLeft={setLeft} />
    </div>
  );
}

function PlantTable({
  list,
  benches,
  settings,
}: {
  readonly list: ShoppingList;
  readonly benches: Benches;
  readonly settings: Units;
}) {
  const { kindOf, ownOf } = useLibrary();
  return (
    <table className="w-full bg-paper text-left max-sm:block sm:[&_td]:border-t sm:[&_td]:border-rule sm:[&_td]:px-3 sm:[&_td]:py-2">
      <thead className="text-note text-ink2 max-sm:sr-only">
        <tr>
          <th className="px-3 py-2 font-normal" colSpan={2}>
            Plant
          </th>
          <th className="px-3 font-normal">Buy</th>
          <th className="px-3 font-normal">At the shop</th>
          <th className="px-3 text-right font-normal">Price</th>
        </tr>
      </thead>
      <tbody className="max-sm:block">
        {list.plants.map((line) => {
          const kind = kindOf(line.kindId);
          return (
            <tr
              key={`${line.kindId} ${line.size}`}
              data-line={line.kindId}
              className="max-sm:grid max-sm:grid-cols-[40px_1fr_auto] max-sm:gap-x-3 max-sm:gap-y-1 max-sm:border-t max-sm:border-rule max-sm:px-3 max-sm:py-3"
            >
              <td className="max-sm:row-span-3 sm:w-14">
                {kind && <Swatches kind={kind} height={26} />}
              </td>
              <td>
                <b className="font-semibold">{kind?.common ?? line.kindId}</b>
                <br />
                <i className="text-note text-ink2">{kind?.botanical}</i>
              </td>
              <td className="max-sm:col-span-2 max-sm:col-start-2">
                <b>{line.sales}</b> × {sizeName(line.size, settings)}
                {line.perSale > 1 && (
                  <span className="block text-note text-ink2">
                    {line.plants} needed{line.spare > 0 ? `, ${line.spare} over` : ''}
                  </span>
                )}
                {(ownOf(line.kindId)?.owned ?? 0) > 0 && (
                  <span className="block text-note font-semibold">
                    {ownOf(line.kindId)!.owned} in the shed already
                  </span>
                )}
              </td>
              <td className="text-note max-sm:col-span-2 max-sm:col-start-2">
                <AtShop line={line} benches={benches} settings={settings} />
              </td>
              <td className="text-right max-sm:col-start-3 max-sm:row-start-1">
                {moneyText(line.price, settings)}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

/** What the shop has of a line today. */
function AtShop({
  line,
  benches,
  settings,
}: {
  readonly line: ShoppingList['plants'][number];
  readonly benches: Benches;
  readonly settings: Units;
}) {
  if (!benches.lines) return <span className="text-ink2">not known</span>;
  const there = benches.linesOf(line.kindId).find(({ size }) => size === line.size);
  if (!there) return <span className="text-ink2">not sold there in this size</span>;
  if (there.count === 0)
    return (
      <>
        <b className="font-semibold">▲ out today</b>
        <br />
        <ButtonLink look="link" href={`/plants?kind=${line.kindId}&stop=${benches.stop}`}>
          Stand-ins
        </ButtonLink>
      </>
    );
  if (there.count < line.sales) return <b className="font-semibold">◭ only {there.count}</b>;
  return (
    <span>
      {there.count} there, {moneyText(there.price, settings)} each, {there.note}
    </span>
  );
}
