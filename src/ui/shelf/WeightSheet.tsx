'use client';

import { mixAreaCm2 } from '@/core/containers/container';
import { isHung } from '@/core/containers/shape';
import { lifting, weightOf } from '@/core/containers/weight';
import { floorPressureKPa, tippingOf, windName } from '@/core/potting/tipping';
import { Sheet } from '@/ui/controls/fields';
import { PART_NAMES } from '@/words/containers';
import { weightText, windText } from '@/words/format';
import type { SheetProps } from './sheet';

/** Plan area of leaves over the mix's surface when a planting is full: it spills past the rim. Ours. */
const FULL_GROWN = 1.5;

/** Weight by parts, lifting, pressure, the wind that would tip it. */
export function WeightSheet({ editing, units }: SheetProps) {
  const { container } = editing;
  const weight = weightOf(container, (mixAreaCm2(container) * FULL_GROWN) / 10_000);
  const hung = isHung(container.shape);
  const tip = tippingOf(container, [], []);
  const kg = (value: number) => weightText(value, units);
  return (
    <Sheet title="Weight" note="with a full planting, about">
      <div className="px-3.5 py-3">
        <table className="w-full text-right">
          <thead>
            <tr className="text-note text-ink2">
              <th className="text-left font-normal">
                <span className="sr-only">Part</span>
              </th>
              <th className="font-normal">dry</th>
              <th className="font-normal">watered</th>
              <th className="font-normal">soaked</th>
            </tr>
          </thead>
          <tbody>
            {weight.parts.map(({ part, dryKg, wateredKg, soakedKg }) => (
              <tr key={part}>
                <th scope="row" className="text-left font-normal text-ink2">
                  {PART_NAMES[part]}
                </th>
                <td>{kg(dryKg)}</td>
                <td>{kg(wateredKg)}</td>
                <td>{kg(soakedKg)}</td>
              </tr>
            ))}
            <tr className="border-t border-rule font-semibold">
              <th scope="row" className="text-left">
                together
              </th>
              <td>{kg(weight.dryKg)}</td>
              <td>{kg(weight.wateredKg)}</td>
              <td data-soaked>{kg(weight.soakedKg)}</td>
            </tr>
          </tbody>
        </table>
        <p className="pt-2">
          <b className="font-semibold">Caution.</b>{' '}
          {hung
            ? `Ask the maker of hook, bracket and chain for a rating of ${kg(weight.soakedKg * 1.5)} or more: soaked, with half as much again for swinging and wind. The wall and its fixings count as much as the bracket.`
            : liftText(lifting(weight.wateredKg), kg(weight.wateredKg))}
        </p>
        {!hung && (
          <p className="pt-1 text-ink2">
            Soaked it presses {floorPressureKPa(container, weight.soakedKg).toFixed(1)} kPa on what
            it stands on, under its own base. Balconies and roofs are designed for loads spread out:
            the owner, the local code or an engineer decides.
          </p>
        )}
        {tip && (
          <p className="pt-1 text-ink2" data-tip>
            Empty of plants and dry,{' '}
            {tip.leastMs > 32
              ? 'no wind short of a storm would tip it'
              : `wind would tip it at about ${windText([tip.leastMs, tip.mostMs], units)} (${windName(tip.leastMs)})`}
            , on level ground. It tips sooner as plants grow: the Bench says when.
          </p>
        )}
        <p className="pt-1 text-ink2">
          {container.weighedKg === null
            ? 'Walls are reckoned from their usual density: real pots differ by a third. A scale wins.'
            : 'Walls as weighed.'}
        </p>
      </div>
    </Sheet>
  );
}

function liftText(who: ReturnType<typeof lifting>, kg: string): string {
  if (who === 'one')
    return `Watered it is ${kg}: within what many adults lift close to the body at waist height, half of that from the floor. Not everyone’s back agrees.`;
  if (who === 'two')
    return `Watered it is ${kg}: two people, or a trolley. Plant it where it will stand if you can.`;
  return `Watered it is ${kg}: a trolley or straps, and never alone. Plant it where it will stand.`;
}
