'use client';

import { useState } from 'react';
import { Button } from '@/ui/controls/Button';
import { buttonLook } from '@/ui/controls/looks';
import { Modal, ModalClose } from '@/ui/controls/Modal';
import { Tick } from '@/ui/controls/Tick';
import type { Planted } from '@/ui/session/usePlanted';
import { useSettings } from '@/ui/session/StoreProvider';
import { volumeText } from '@/words/format';
import type { Walk } from './useRound';

/** All that wants water has had it, but for those that are unticked. */
export default function AllWatered({
  planted,
  walk,
  onClose,
}: {
  readonly planted: Planted;
  readonly walk: Walk;
  readonly onClose: () => void;
}) {
  const settings = useSettings();
  const [but, setBut] = useState<readonly string[]>([]);
  const stops = walk.round.stops.filter(({ litres }) => litres > 0);
  return (
    <Modal title="All watered" onClose={onClose}>
      <p className="text-ink2">Untick what was passed by.</p>
      <ul className="py-2">
        {stops.map(({ plantingId, litres }) => (
          <li key={plantingId} className="flex min-h-11 items-center justify-between gap-3">
            <Tick
              checked={!but.includes(plantingId)}
              onChange={({ target: { checked } }) =>
                setBut(checked ? but.filter((id) => id !== plantingId) : [...but, plantingId])
              }
            >
              {planted.its.find(({ planting }) => planting.id === plantingId)?.planting.name}
            </Tick>
            <span className="text-ink2">{volumeText(litres, settings)}</span>
          </li>
        ))}
      </ul>
      <p className="flex gap-2 pt-2">
        <Button
          look="act"
          disabled={but.length === stops.length}
          onClick={() => {
            walk.allWatered(but);
            onClose();
          }}
        >
          Write it down
        </Button>
        <ModalClose className={buttonLook({})}>Not yet</ModalClose>
      </p>
    </Modal>
  );
}
