'use client';

import { useMemo, useState, type ReactNode } from 'react';
import { Dialog } from 'radix-ui';
import { contrasted, type Figures } from '@/core/checks/contrast';
import { read } from '@/core/checks/reading';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { extentOfPlanting } from '@/core/seeing/framing';
import { pictureOf } from '@/core/seeing/lens';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { useWidth } from '@/ui/controls/useWidth';
import { ProposalPicture, smallLens } from '@/ui/start/ProposalPicture';
import { useSharedScale } from '@/ui/start/useSharedScale';
import { CHECK_NAMES } from '@/words/checkNames';
import { countText, lengthText, moneyText, volumeText } from '@/words/format';
import { inSentence } from '@/words/names';
import { buttonLook } from '@/ui/controls/looks';
import type { Settings } from '@/core/files/plantingFile';
import { allAlike, WaysTable } from './WaysTable';
import { Range } from '@/ui/controls/Range';

const PICTURE_PX = 250;

interface CompareWaysProps {
  readonly ways: readonly {
    readonly id: string;
    readonly name: string;
    readonly it: PlantingInSpot;
  }[];
  readonly weeks: number;
  readonly settings: Settings;
  readonly onUse: (id: string) => void;
  readonly onClose: () => void;
}

/** Two to four ways side by side at one scale and in one week, with what differs said first. */
export default function CompareWays({
  ways,
  weeks: begun,
  settings,
  onUse,
  onClose,
}: CompareWaysProps) {
  const { kindOf } = useLibrary();
  const [weeks, setWeeks] = useState(Math.max(4, begun));
  const [ref, width] = useWidth<HTMLDivElement>();
  const its = useMemo(() => ways.map(({ it }) => it), [ways]);
  const figures = useMemo(() => contrasted(its), [its]);
  const each = Math.floor(width / ways.length);
  const scale = useSharedScale(its, each, PICTURE_PX);
  const name = (id: string) => inSentence(kindOf(id)?.common ?? id);
  const rows: readonly (readonly [title: string, text: (f: Figures) => ReactNode])[] = [
    ['Not in all of them', (f) => (f.onlyHere.length > 0 ? f.onlyHere.map(name).join(', ') : '–')],
    [
      'To answer',
      (f) =>
        f.toAnswer.length > 0
          ? f.toAnswer.map((check) => CHECK_NAMES[check].toLowerCase()).join(', ')
          : 'nothing more than the others',
    ],
    ['Plants and price', (f) => `${countText(f.plants, 'plant')}, ${moneyText(f.cost, settings)}`],
    ['Tallest', (f) => lengthText(f.tallestCm, settings)],
    [
      'Full',
      (f) => (f.fullWeek === null ? 'never quite' : `in about ${countText(f.fullWeek, 'week')}`),
    ],
    ['Weeks worth a look', (f) => String(f.goodWeeks)],
    ['Most water', (f) => `${volumeText(f.thirstL, settings)} a day`],
    ['Care', (f) => `about ${Math.round(f.minutesAWeek)} min a week`],
  ];
  const told = rows
    .map(([title, text]) => ({ title, texts: figures.map((f) => text(f)) }))
    .sort((a, b) => Number(allAlike(a.texts)) - Number(allAlike(b.texts)));
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-[rgb(25_31_34/0.45)]" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-x-3 top-[4vh] bottom-[4vh] z-50 mx-auto flex max-w-[1100px] flex-col overflow-y-auto bg-paper p-5"
        >
          <div className="flex flex-wrap items-center gap-x-5 gap-y-2 pb-3">
            <Dialog.Title className="display text-drawing">Side by side</Dialog.Title>
            <label className="flex items-center gap-2 text-small">
              Week{' '}
              <Range
                aria-label="Week compared"
                aria-valuetext={`${weeks} weeks after planting`}
                min={0}
                max={24}
                value={weeks}
                onValue={setWeeks}
                className=""
              />{' '}
              <b className="w-6 font-semibold">{weeks}</b>
            </label>
            <span className="text-note text-ink2">all at one scale</span>
            <Dialog.Close className={buttonLook({ look: 'quiet', className: 'ml-auto' })}>
              Close
            </Dialog.Close>
          </div>
          <div ref={ref} className="flex bg-field">
            {width > 0 &&
              ways.map(({ id, it }, i) => (
                <div
                  key={id}
                  style={{ width: each }}
                  className="relative border-b-[1.5px] border-tick"
                >
                  <ProposalPicture
                    it={it}
                    widthPx={each}
                    heightPx={PICTURE_PX}
                    weeks={weeks}
                    pxPerCm={scale}
                  />
                  <OnlyHere
                    it={it}
                    kinds={figures[i]!.onlyHere}
                    name={name}
                    weeks={weeks}
                    pxPerCm={scale}
                    widthPx={each}
                  />
                </div>
              ))}
          </div>
          <WaysTable ways={ways} onUse={onUse} told={told} />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

/** Kinds called out on one picture at most: more would cover it. */
const MOST_CALLED = 4;
const LINE_PX = 15;

/** Names of the kinds that not all have, each with a line to where it is seen on this picture. */
function OnlyHere({
  it,
  kinds,
  name,
  weeks,
  pxPerCm,
  widthPx,
}: {
  readonly it: PlantingInSpot;
  readonly kinds: readonly string[];
  readonly name: (id: string) => string;
  readonly weeks: number;
  readonly pxPerCm: number;
  readonly widthPx: number;
}) {
  const called = useMemo(() => {
    const reading = read(it);
    const sizes = reading.sizesAt(Math.min(weeks, reading.weeks));
    const lens = smallLens(it, extentOfPlanting(it), pxPerCm, widthPx, PICTURE_PX);
    const soilCm = reading.potHeightCm - it.planting.container.headspaceCm;
    return kinds.slice(0, MOST_CALLED).map((id) => {
      // The one that stands foremost: it is the least hidden.
      const [i] = it.plants
        .map((_, at) => at)
        .filter((at) => it.plants[at]!.kindId === id)
        .sort((a, b) => it.plants[b]!.zCm - it.plants[a]!.zCm);
      const plant = it.plants[i!]!;
      const size = sizes[i!]!;
      const upCm =
        size.trailCm > size.heightCm ? soilCm - size.trailCm * 0.4 : soilCm + size.heightCm * 0.6;
      const at = pictureOf(lens, [plant.xCm, upCm, plant.zCm]);
      return { id, ...at, y0: at.y };
    });
  }, [it, kinds, weeks, pxPerCm, widthPx]);
  // Names stand at the sides, by turns, each at the height of what it names, the lower ones pushed down until they are clear.
  const labels = [...called]
    .sort((p, q) => p.y - q.y)
    .map((one, k) => ({ ...one, left: k % 2 === 0 }));
  for (const side of [true, false]) {
    let free = LINE_PX;
    for (const label of labels.filter(({ left }) => left === side)) {
      label.y0 = Math.max(free, label.y);
      free = label.y0 + LINE_PX;
    }
  }
  return (
    <svg
      width={widthPx}
      height={PICTURE_PX}
      className="pointer-events-none absolute inset-0"
      aria-hidden
    >
      {labels.map(({ id, x, y, y0, left }) => (
        <g key={id}>
          <path
            d={`M${left ? 6 : widthPx - 6} ${y0 + 4}L${x} ${y}`}
            stroke="var(--ink)"
            strokeWidth={1}
            fill="none"
          />
          <circle cx={x} cy={y} r={3} fill="var(--paper)" stroke="var(--ink)" strokeWidth={1.4} />
          <text
            x={left ? 6 : widthPx - 6}
            y={y0}
            textAnchor={left ? 'start' : 'end'}
            fontSize={12}
            fontWeight={600}
            fill="var(--ink)"
            stroke="var(--field)"
            strokeWidth={4}
            paintOrder="stroke"
          >
            {name(id)}
          </text>
        </g>
      ))}
    </svg>
  );
}
