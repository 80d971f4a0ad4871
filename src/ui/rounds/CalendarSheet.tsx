'use client';

import { useState } from 'react';
import { Button } from '@/ui/controls/Button';
import { Choices } from '@/ui/controls/Choices';
import { buttonLook, entryLook } from '@/ui/controls/looks';
import { Modal, ModalClose } from '@/ui/controls/Modal';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { saveBlob } from '@/ui/session/saveFile';
import { useSettings } from '@/ui/session/StoreProvider';
import { zoneOf, type Cared } from '@/ui/session/useCare';
import type { Planted } from '@/ui/session/usePlanted';
import { spelled } from '@/ui/spelling/spelling';
import { roundText } from '@/words/care';
import type { Walk } from './useRound';

type What = 'tasks' | 'rounds';

/** The days ahead as a calendar file: each task in its window, or a round a day. */
export default function CalendarSheet({
  planted,
  cared,
  walk,
  onClose,
}: {
  readonly planted: Planted;
  readonly cared: Cared;
  readonly walk: Walk;
  readonly onClose: () => void;
}) {
  const settings = useSettings();
  const { kindOf } = useLibrary();
  const [what, setWhat] = useState<What>('tasks');
  const [time, setTime] = useState('07:30');
  const written = () => Date.now();
  const tasks = async () => {
    const { careCalendar } = await import('@/words/careCalendar');
    return careCalendar(
      walk.order.flatMap((id) => cared.byId.get(id)?.tasks ?? []),
      {
        nameOf: (id) => planted.its.find(({ planting }) => planting.id === id)?.planting.name ?? '',
        kindOf,
        units: settings,
        written: written(),
        spell: spelled,
      },
    );
  };
  const rounds = async () => {
    const { roundCalendar } = await import('@/words/roundCalendar');
    const [hours = 7, minutes = 30] = time.split(':').map(Number);
    return roundCalendar(cared.today, {
      hour: hours + minutes / 60,
      timeZone: zoneOf(planted.its),
      who: walk.who,
      minutes: walk.round.minutes,
      today: spelled(roundText(walk.round, settings)),
      written: written(),
    });
  };
  const save = async () => {
    const text = what === 'tasks' ? await tasks() : await rounds();
    saveBlob('rounds.ics', new Blob([text], { type: 'text/calendar' }));
    onClose();
  };
  return (
    <Modal title="Save as calendar" onClose={onClose}>
      <p className="pb-2 text-ink2">
        Opened again later, a new file takes the place of the old one: nothing stands twice.
      </p>
      <Choices<What>
        name="What stands in it"
        value={what}
        options={[
          ['tasks', 'Each task in its window'],
          ['rounds', 'A round a day, for two weeks'],
        ]}
        onPick={setWhat}
      />
      {what === 'rounds' && (
        <label className="grid w-40 gap-1 pt-3">
          <span>Begins at</span>
          <input
            type="time"
            className={entryLook()}
            value={time}
            onChange={({ target: { value } }) => value && setTime(value)}
          />
        </label>
      )}
      <p className="flex gap-2 pt-4">
        <Button look="act" onClick={() => void save()}>
          Save the file
        </Button>
        <ModalClose className={buttonLook({})}>Not now</ModalClose>
      </p>
    </Modal>
  );
}
