'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import { addDays, daysBetween, type Day } from '@/core/calendar/day';
import { visitsTo, type AwayPot } from '@/core/care/away';
import { Button } from '@/ui/controls/Button';
import { Modal, ModalClose } from '@/ui/controls/Modal';
import { buttonLook, entryLook } from '@/ui/controls/looks';
import { useCare } from '@/ui/session/useCare';
import { useSettings } from '@/ui/session/StoreProvider';
import type { Planted } from '@/ui/session/usePlanted';
import { countText, volumeText } from '@/words/format';
import { dayText } from '@/words/life';

const PrintAway = dynamic(() => import('./PrintAway'), { ssr: false });

const HELPS = {
  shade: 'Moved into shade it lasts without.',
  saucer: 'Stood in shade, over a full saucer, it lasts without.',
  drip: 'Only drip would make it unnecessary.',
} as const;

/** Nobody here for some days: which containers last, which want a neighbour and how often, and what would spare the neighbour. */
export default function AwaySheet({
  planted,
  today,
  onClose,
}: {
  readonly planted: Planted;
  readonly today: Day;
  readonly onClose: () => void;
}) {
  const settings = useSettings();
  const [from, setFrom] = useState(addDays(today, 1));
  const [to, setTo] = useState(addDays(today, 9));
  const [isOnPaper, setOnPaper] = useState(false);
  const isRight = daysBetween(from, to) >= 1 && daysBetween(from, to) <= 60 && from >= today;
  const cared = useCare(planted, isRight ? { away: { from, to } } : {});
  const asked = cared?.away.filter(({ wantsOn }) => wantsOn !== null) ?? [];
  const lasting = (cared?.away.length ?? 0) - asked.length;
  return (
    <Modal title="Away for a while" onClose={onClose}>
      <div className="flex flex-wrap gap-4 pt-2">
        <label className="grid gap-1">
          <span>From</span>
          <input
            type="date"
            className={entryLook({})}
            value={from}
            onChange={({ target: { value } }) => value && setFrom(value)}
          />
        </label>
        <label className="grid gap-1">
          <span>Back on</span>
          <input
            type="date"
            className={entryLook({})}
            value={to}
            onChange={({ target: { value } }) => value && setTo(value)}
          />
        </label>
      </div>
      {!isRight ? (
        <p role="alert" className="pt-3">
          The day you are back must be 1 to 60 days after you leave, and you cannot have left before
          today.
        </p>
      ) : (
        <div data-away={asked.length}>
          <p className="pt-3 text-lead">
            All watered on the evening of {dayText(from)}.{' '}
            {asked.length === 0
              ? 'Every container lasts until you are back.'
              : `${countText(asked.length, 'container')} ${asked.length === 1 ? 'wants' : 'want'} a neighbour; ${lasting} ${lasting === 1 ? 'lasts' : 'last'}.`}
          </p>
          <ul className="max-h-[46vh] overflow-y-auto pt-2">
            {asked.map((pot) => {
              const { plantingId, litres, helps } = pot;
              return (
                <li key={plantingId} className="border-t border-rule py-2">
                  <b>
                    {planted.its.find(({ planting }) => planting.id === plantingId)?.planting.name}
                  </b>
                  : {visitsText(pot, to)}, about {volumeText(litres, settings)} until it runs.
                  {helps && <span className="block text-ink2">{HELPS[helps]}</span>}
                </li>
              );
            })}
          </ul>
        </div>
      )}
      <p className="flex gap-2 pt-3">
        {asked.length > 0 && (
          <Button onClick={() => setOnPaper(true)}>On paper, for the neighbour</Button>
        )}
        <ModalClose className={buttonLook({})}>Close</ModalClose>
      </p>
      {isOnPaper && (
        <PrintAway
          planted={planted}
          asked={asked}
          from={from}
          to={to}
          units={settings}
          onDone={() => setOnPaper(false)}
        />
      )}
    </Modal>
  );
}

/** "on 25 July", or "from 21 July, every 3 days". */
function visitsText(pot: AwayPot, to: Day): string {
  const [first, ...others] = visitsTo(pot, to);
  if (first === undefined) return '';
  if (others.length === 0) return `on ${dayText(first)}`;
  const often = pot.everyDays === 1 ? 'every day' : `every ${pot.everyDays} days`;
  return `from ${dayText(first)}, ${often}`;
}
