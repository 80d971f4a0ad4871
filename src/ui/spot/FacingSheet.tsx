'use client';

import { useState } from 'react';
import { facingBySun, SUN_FROM_WALL, type SunFromWall } from '@/core/spots/sighting';
import type { Spot } from '@/core/spots/spot';
import { sunAt } from '@/core/sky/sun';
import { Button } from '@/ui/controls/Button';
import { Choices } from '@/ui/controls/Choices';
import { buttonLook } from '@/ui/controls/looks';
import { Modal, ModalClose } from '@/ui/controls/Modal';
import { pointOf } from '@/words/light';

/** Lower than this nobody says for sure where the sun is, degrees. */
const LOW_DEG = 4;
/** Higher than this it is overhead, and tells no direction, degrees. */
const HIGH_DEG = 70;

const SEEN: Readonly<Record<SunFromWall, string>> = {
  'far left': 'along the wall, left',
  left: 'half left',
  'straight out': 'straight out',
  right: 'half right',
  'far right': 'along the wall, right',
};
/** Ways a street or path runs past a house, by the bearings it joins. */
const STREETS = [
  { deg: 0, name: 'north and south' },
  { deg: 45, name: 'north-east and south-west' },
  { deg: 90, name: 'east and west' },
  { deg: 135, name: 'south-east and north-west' },
] as const;

/** Which way does it face? Answered by where the sun is now, or by how the street in front runs. */
export default function FacingSheet({
  spot,
  onFacing,
  onClose,
}: {
  readonly spot: Spot;
  readonly onFacing: (facingDeg: number) => void;
  readonly onClose: () => void;
}) {
  // The sun of the moment the sheet was opened, by the machine's own clock: a held day has no sun to look at.
  const [sun] = useState(() => {
    const { azimuthDeg, altitudeDeg } = sunAt(spot.site, Date.now());
    return { bearingDeg: azimuthDeg, altitudeDeg };
  });
  const [street, setStreet] = useState<string>('');
  const answer = (deg: number) => {
    onFacing(((Math.round(deg) % 360) + 360) % 360);
    onClose();
  };
  const isUseful = sun.altitudeDeg >= LOW_DEG && sun.altitudeDeg <= HIGH_DEG;
  return (
    <Modal title="Which way does it face?" onClose={onClose}>
      <section aria-label="By the sun">
        <h3 className="font-semibold">By the sun, now</h3>
        {isUseful ? (
          <>
            <p className="pb-1.5 text-ink2">
              Stand with your back to the wall and look straight out. Where is the sun? Do not look
              into it: its light on the ground tells.
            </p>
            <span className="flex flex-wrap gap-1.5">
              {(Object.keys(SUN_FROM_WALL) as SunFromWall[]).map((seen) => (
                <Button key={seen} onClick={() => answer(facingBySun(sun.bearingDeg, seen))}>
                  {SEEN[seen]}
                </Button>
              ))}
            </span>
          </>
        ) : (
          <p className="text-ink2">
            {sun.altitudeDeg < LOW_DEG
              ? 'The sun is down, or nearly. Ask again by day.'
              : 'The sun is nearly overhead and tells no direction. Ask again earlier or later in the day.'}
          </p>
        )}
      </section>
      <section aria-label="By the street" className="pt-3">
        <h3 className="font-semibold">By the street in front, as a map shows it</h3>
        <p className="pb-1.5 text-ink2">It runs between</p>
        <Choices
          name="The street runs between"
          value={street}
          options={STREETS.map(({ deg, name }) => [String(deg), name] as const)}
          onPick={setStreet}
        />
        {street !== '' && (
          <p className="flex flex-wrap items-center gap-1.5 pt-2">
            and the wall looks across it to the
            {[90, -90].map((turn) => (
              <Button key={turn} look="act" onClick={() => answer(Number(street) + turn)}>
                {pointOf(Number(street) + turn)}
              </Button>
            ))}
          </p>
        )}
      </section>
      <p className="pt-3">
        <ModalClose className={buttonLook({})}>Not now</ModalClose>
      </p>
    </Modal>
  );
}
