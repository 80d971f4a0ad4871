'use client';

import { useState } from 'react';
import type { BoughtEntry, BuyLine } from '@/core/making/list';
import { lineMinor } from '@/core/making/list';
import { POT_HEIGHT_CM } from '@/ui/plant-book/grown';
import { KindDrawn } from '@/ui/plant-book/KindDrawn';
import { Button } from '@/ui/controls/Button';
import { NumberField } from '@/ui/controls/fields';
import { Tick } from '@/ui/controls/Tick';
import { TakeSecond, type TakeInstead } from './TakeSecond';
import { useLibrary } from '@/ui/session/LibraryProvider';
import type { Units } from '@/words/format';
import { amountText, lineName, lineNote, minorText, orElseText } from '@/words/making';

/** Room of the small plants beside the lines, and how large little ones are drawn at most. */
const DRAWN = { mostPxPerCm: 1.5, widthPx: 56, mostPx: 76 } as const;

/** What was told of a line: how many packs were got, and what was paid for all of them. */
export interface Told {
  readonly got: number;
  readonly paidMinor: number | null;
}

interface BuyRowProps {
  readonly line: BuyLine;
  readonly answer: BoughtEntry | undefined;
  readonly units: Units;
  /** Another container that has the kind; `null` when none has. */
  readonly spareFor: string | null;
  /** `null`: not bought after all. */
  readonly onTell: (line: BuyLine, told: Told | null) => Promise<unknown>;
  readonly onSwap: (line: BuyLine) => void;
  readonly onTake: TakeInstead;
}

/** One thing to buy: pressed when it is in the trolley; opened when it was fewer, dearer or another. */
export function BuyRow({ line, answer, units, spareFor, onTell, onSwap, onTake }: BuyRowProps) {
  const { kindOf } = useLibrary();
  const [open, setOpen] = useState(false);
  const kind = line.what.kind === 'plants' ? kindOf(line.what.kindId) : null;
  // What was pressed is shown at once, until what is kept arrives.
  const [pressed, setPressed] = useState<{
    readonly over: string | null;
    readonly told: Told | null;
  } | null>(null);
  const over = answer?.id ?? null;
  const told: Told | null = pressed?.over === over ? pressed.told : (answer?.what ?? null);
  const tell = (now: Told | null) => {
    setPressed({ over, told: now });
    // What could not be kept has been told, and is shown no longer.
    void onTell(line, now).catch(() => setPressed(null));
  };
  const name = lineName(line, kindOf);
  const note = lineNote(line, units, spareFor);
  const orElse = orElseText(line, kindOf, units);
  const isShort = told !== null && told.got < line.packs;
  return (
    <li
      className="border-t border-rule first:border-t-0"
      data-line={line.what.kind === 'plants' ? line.what.kindId : line.key}
      data-mix={line.what.kind === 'mix' ? '' : undefined}
      data-ticked={told ? '' : undefined}
    >
      <div className="flex min-h-16 items-center gap-2 px-3 py-1.5">
        <Tick
          large
          className="min-w-0 flex-1 gap-3"
          checked={told !== null}
          onChange={() => tell(told ? null : { got: line.packs, paidMinor: null })}
        >
          {kind && (
            <span
              className="flex shrink-0 items-end justify-center overflow-hidden bg-field"
              style={{ width: DRAWN.widthPx, height: DRAWN.mostPx }}
            >
              <KindDrawn
                kind={kind}
                widthPx={DRAWN.widthPx}
                pxPerCm={Math.min(
                  DRAWN.mostPxPerCm,
                  (DRAWN.mostPx - 4) / (kind.heightCm[1] * 1.1 + POT_HEIGHT_CM),
                  DRAWN.widthPx / kind.spreadCm[1],
                )}
              />
            </span>
          )}
          <span className="min-w-0">
            <span className={`block text-lead leading-5 font-semibold ${told ? 'text-ink2' : ''}`}>
              {name}
            </span>
            <span className="block">
              <b className="font-semibold">{amountText(line, units)}</b>
              {note && <span className="text-ink2">, {note}</span>}
            </span>
            {orElse && <span className="block text-ink2">{orElse}</span>}
            {isShort && (
              <span className="block font-semibold">
                ◭ got {told.got} of {line.packs}
              </span>
            )}
          </span>
        </Tick>
        <span className="grid justify-items-end">
          <span className="text-lead">{minorText(told?.paidMinor ?? lineMinor(line), units)}</span>
          <Button
            look="plain"
            aria-expanded={open}
            aria-label={`${name}: not as listed`}
            onClick={() => setOpen(!open)}
          >
            {open ? 'Close' : 'Not so?'}
          </Button>
        </span>
      </div>
      {open && (
        <div className="grid grid-cols-2 items-end gap-3 px-3 pb-3 sm:grid-cols-[140px_140px_1fr]">
          <NumberField
            name={`Got, of ${line.packs}`}
            value={told?.got ?? line.packs}
            onValue={(got) =>
              Number.isInteger(got) &&
              got >= 0 &&
              got <= 10_000 &&
              tell({ got, paidMinor: told?.paidMinor ?? null })
            }
          />
          <NumberField
            name="Paid for all of it"
            value={(told?.paidMinor ?? lineMinor(line)) / 100}
            places={2}
            onValue={(paid) =>
              paid >= 0 &&
              paid <= 1_000_000 &&
              tell({ got: told?.got ?? line.packs, paidMinor: Math.round(paid * 100) })
            }
          />
          {kind && (
            <div className="flex flex-wrap gap-2 max-sm:col-span-2">
              <Button onClick={() => onSwap(line)}>Take something else</Button>
              <TakeSecond line={line} onTake={onTake} />
            </div>
          )}
        </div>
      )}
    </li>
  );
}
