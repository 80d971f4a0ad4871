'use client';

import { RoomLink } from '@/ui/controls/RoomLink';
import { ButtonLink } from '@/ui/controls/Button';
import { Modal } from '@/ui/controls/Modal';
import type { Room } from './rooms';

/** The rooms that are not under the thumb, as a list one can press with a wet hand; and a planting begun. */
export default function MoreRooms({
  rooms,
  here,
  onClose,
}: {
  readonly rooms: readonly Room[];
  readonly here: string;
  readonly onClose: () => void;
}) {
  return (
    <Modal title="More rooms" onClose={onClose} className="bottom-0 max-h-[80vh] w-full">
      <ul className="grid grid-cols-2 gap-2 pt-3">
        {rooms.map(({ href, name }) => (
          <li key={href}>
            <RoomLink
              href={href}
              aria-current={href === here ? 'page' : undefined}
              onClick={onClose}
              className={`flex min-h-14 items-center px-4 text-name font-semibold ${href === here ? 'bg-ink text-paper' : 'bg-wash'}`}
            >
              {name}
            </RoomLink>
          </li>
        ))}
      </ul>
      <ButtonLink look="act" href="/start" onClick={onClose} className="mt-3 min-h-14 w-full">
        Start a planting
      </ButtonLink>
    </Modal>
  );
}
