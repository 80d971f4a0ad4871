'use client';

import { allPlants } from '@/core/plantings/planting';
import { useEffect } from 'react';
import { createPortal } from 'react-dom';
import type { Reading } from '@/core/checks/reading';
import { mixL, wallOf } from '@/core/containers/container';
import { grown, reachOf } from '@/core/containers/section';
import { rimSection } from '@/core/containers/shape';
import type { Settings } from '@/core/files/plantingFile';
import { plantLines } from '@/core/shopping/plantCost';
import { weekAfter } from '@/core/units/units';
import type { Editing } from '@/ui/session/useEditing';
import { sizeText } from '@/words/containers';
import { countText, hoursText, lengthText, volumeText, weekText, whereText } from '@/words/format';
import { keyed, SUPPORT_NAMES } from '@/words/names';
import { sentenceOf } from '@/words/remarks';
import { PLAN_PX, PrintDrawings } from './PrintDrawings';
import { PrintTable } from './PrintTable';

interface PrintSheetProps {
  readonly editing: Pick<Editing, 'it' | 'opinion' | 'planting' | 'spot'>;
  readonly reading: Reading;
  readonly weeks: number;
  readonly settings: Settings;
  /** The stand-back view as it is seen, drawn from the same marks. */
  readonly url: string;
  readonly onDone: () => void;
}

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
  const lines = plantLines(allPlants(it));
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
      <PrintDrawings
        url={url}
        planting={planting}
        weeks={weeks}
        onDone={onDone}
        at={at}
        container={container}
        pxPerCm={pxPerCm}
        it={it}
        letterOf={letterOf}
      />
      <PrintTable settings={settings} keys={keys} lines={lines} sizes={sizes} it={it} />
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
