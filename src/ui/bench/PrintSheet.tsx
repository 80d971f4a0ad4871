'use client';

import { useEffect } from 'react';
import { createPortal } from 'react-dom';
import type { Reading } from '@/core/checks/reading';
import { mixL, wallOf } from '@/core/containers/container';
import { grown, reachOf } from '@/core/containers/section';
import { rimSection } from '@/core/containers/shape';
import type { Settings } from '@/core/files/plantingFile';
import { NURSERY_SIZES } from '@/core/plants/nursery';
import { plantCost, plantLines } from '@/core/shopping/plantCost';
import { weekAfter } from '@/core/units/units';
import { say } from '@/ui/session/say';
import type { Editing } from '@/ui/session/useEditing';
import { sizeText } from '@/words/containers';
import {
  countText,
  hoursText,
  lengthFigure,
  lengthText,
  moneyText,
  sizeName,
  volumeText,
  weekText,
  whereText,
} from '@/words/format';
import { keyed, SUPPORT_NAMES } from '@/words/names';
import { sentenceOf } from '@/words/remarks';
import { Rim } from './StencilLayers';

interface PrintSheetProps {
  readonly editing: Pick<Editing, 'it' | 'opinion' | 'planting' | 'spot'>;
  readonly reading: Reading;
  readonly weeks: number;
  readonly settings: Settings;
  /** The stand-back view as it is seen, drawn from the same marks. */
  readonly url: string;
  readonly onDone: () => void;
}

const PLAN_PX = 300;

/** The planting on one sheet of paper, for the bench: both drawings, what is bought, where each ball is set in, and the usual cautions. Prints as soon as its drawing is there. */
export default function PrintSheet({
  editing: { it, opinion, planting, spot },
  reading,
  weeks,
  settings,
  url,
  onDone,
}: PrintSheetProps) {
  useEffect(() => {
    window.addEventListener('afterprint', onDone);
    return () => window.removeEventListener('afterprint', onDone);
  }, [onDone]);
  const { container } = planting;
  const keys = keyed(it);
  const letterOf = new Map(keys.map(({ kind, letter }) => [kind.id, letter]));
  const lines = plantLines(it.plants);
  const sizes = reading.grown();
  const { acrossCm, deepCm } = reachOf(grown(rimSection(container.shape), wallOf(container)));
  const pxPerCm = PLAN_PX / (2 * Math.max(acrossCm, deepCm) + 4);
  const at = { pxPerCm, originX: PLAN_PX / 2, originY: (deepCm + 2) * pxPerCm };
  const cautions = opinion.remarks.filter(
    ({ certainty, severity }) => certainty === 'a caution' && severity !== 'right',
  );
  return createPortal(
    <section className="print-sheet" aria-label="Sheet to print">
      <h1>{planting.name}</h1>
      <p>
        {sizeText(container.shape, settings.length)} {settings.length}{' '}
        {container.name.toLowerCase()}, {volumeText(mixL(container), settings)} of mix; {spot.name},{' '}
        {hoursText(spot.sunHours)} sun. Planted {weekText(planting.plantedWeek)}; drawn{' '}
        {countText(weeks, 'week')} on, {weekText(weekAfter(planting.plantedWeek, weeks))}.
      </p>
      <div className="print-drawings">
        {/* A drawing made here a moment ago: there is nothing for a loader to do. */}
        {/* eslint-disable-next-line @next/next/no-img-element */}
        <img
          src={url}
          alt={`${planting.name}, ${countText(weeks, 'week')} after planting`}
          onLoad={() => window.print()}
          onError={() => {
            say('The drawing could not be put on a sheet; nothing was printed.');
            onDone();
          }}
        />
        <svg
          viewBox={`0 0 ${PLAN_PX} ${2 * at.originY + 26}`}
          role="img"
          aria-label="Where the balls are set in, from above"
        >
          <Rim reading={reading} at={at} wall={Math.max(2, wallOf(container) * pxPerCm)} />
          {it.plants.map((plant) => {
            const [x, y] = [at.originX + plant.xCm * pxPerCm, at.originY + plant.zCm * pxPerCm];
            return (
              <g key={plant.id}>
                <circle
                  cx={x}
                  cy={y}
                  r={(NURSERY_SIZES[plant.size].topCm / 2) * pxPerCm}
                  fill="none"
                  stroke="#191f22"
                  strokeWidth={1.2}
                />
                <text
                  x={x}
                  y={y + 4}
                  textAnchor="middle"
                  fontSize={12}
                  fontWeight={700}
                  fill="#191f22"
                >
                  {letterOf.get(plant.kindId)}
                </text>
              </g>
            );
          })}
          <path
            d={`M6 ${2 * at.originY + 8}v6h${10 * pxPerCm}v-6`}
            fill="none"
            stroke="#191f22"
            strokeWidth={1.2}
          />
          <text x={12 + 10 * pxPerCm} y={2 * at.originY + 16} fontSize={11} fill="#191f22">
            10 cm; front below
          </text>
        </svg>
      </div>
      <table>
        <thead>
          <tr>
            <th scope="col" />
            <th scope="col">Plant</th>
            <th scope="col">To buy</th>
            <th scope="col">Grown, {settings.length}</th>
            <th scope="col">Set in, from the middle</th>
            <th scope="col">Price</th>
          </tr>
        </thead>
        <tbody>
          {keys.map(({ kind, letter, count }) => {
            const own = lines.filter(({ kindId }) => kindId === kind.id);
            const size = sizes[it.plants.findIndex(({ kindId }) => kindId === kind.id)];
            return (
              <tr key={kind.id}>
                <td>
                  <b>{letter}</b>
                </td>
                <td>
                  {kind.common}
                  <br />
                  <i>{kind.botanical}</i>
                </td>
                <td>
                  {count} × {own.map((line) => sizeName(line.size, settings)).join(', ')}
                </td>
                <td>
                  {size
                    ? `${lengthFigure(size.heightCm, settings.length)} high, ${lengthFigure(size.spreadCm, settings.length)} wide`
                    : ''}
                </td>
                <td>
                  {it.plants
                    .filter(({ kindId }) => kindId === kind.id)
                    .map(({ xCm, zCm }) => whereText(xCm, zCm, settings.length))
                    .join('; ')}
                </td>
                <td>
                  {moneyText(
                    own.reduce((sum, line) => sum + line.price, 0),
                    settings,
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
        <tfoot>
          <tr>
            <td />
            <td colSpan={4}>{countText(it.plants.length, 'plant')}</td>
            <td>
              <b>{moneyText(plantCost(it.plants), settings)}</b>
            </td>
          </tr>
        </tfoot>
      </table>
      {planting.support && (
        <p>
          {SUPPORT_NAMES[planting.support.form].name},{' '}
          {lengthText(planting.support.heightCm, settings)} above the mix,{' '}
          {whereText(planting.support.xCm, planting.support.zCm, settings.length)}.
        </p>
      )}
      {cautions.length > 0 && (
        <ul>
          {cautions.map((remark) => {
            const { says, because } = sentenceOf(remark, it, settings);
            return (
              <li key={remark.check}>
                <b>Caution.</b> {says} {because}
              </li>
            );
          })}
        </ul>
      )}
      <p>
        Drawn as it may grow; weather, care and plants differ. What the label, the maker, local
        codes and a licensed trade say comes first.
      </p>
    </section>,
    document.body,
  );
}
