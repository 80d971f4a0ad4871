'use client';

import { useState } from 'react';
import type { Obstacle } from '@/core/spots/obstacle';
import { sighted, sightedHeight, sightOf } from '@/core/spots/sighting';
import { bearingOf } from '@/core/spots/silhouette';
import { tapeCm } from '@/core/spots/groundPlan';
import type { Spot } from '@/core/spots/spot';
import { Button } from '@/ui/controls/Button';
import { buttonLook } from '@/ui/controls/looks';
import { Modal, ModalClose } from '@/ui/controls/Modal';
import { lengthText, type Units } from '@/words/format';
import { OBSTACLE_NAMES, pointOf } from '@/words/light';
import { useTurned } from './useTurned';

/** What the simulated sensor points at, up from the horizon, degrees. */
const SIMULATED_UP_DEG = 27;

/** Bearing and height of something taken with the device: its upper edge is pointed at the top. What was typed stays until it is taken. */
export default function SightSheet({
  spot,
  obstacle,
  unit,
  onSighted,
  onClose,
}: {
  readonly spot: Spot;
  readonly obstacle: Obstacle;
  readonly unit: Units['length'];
  readonly onSighted: (obstacle: Obstacle) => void;
  readonly onClose: () => void;
}) {
  const [simulated, simulate] = useState<{
    readonly bearingDeg: number;
    readonly altitudeDeg: number;
  } | null>(null);
  const now = useTurned(simulated);
  const sight = now.is === 'told' ? sightOf(now.turned) : null;
  const tape = tapeCm(obstacle);
  const height =
    sight && tape !== null && obstacle.kind !== 'eave'
      ? sightedHeight(sight, tape, spot.leafHeightCm)
      : null;
  const name = OBSTACLE_NAMES[obstacle.kind].toLowerCase();
  return (
    <Modal title={`Sight the ${name}`} onClose={onClose}>
      <p className="text-ink2">
        Hold the device flat where the leaves are, about{' '}
        {lengthText(spot.leafHeightCm, { length: unit })} up. Point its upper edge at the top of the{' '}
        {name}, straight ahead of you, and press.
        {tape !== null &&
          ` It is ${lengthText(tape, { length: unit })} away, as told: measure that first.`}
      </p>
      <div role="status" className="min-h-[84px] py-2" data-sight={now.is}>
        {sight && (
          <>
            <p className="display text-drawing">
              {pointOf(sight.bearingDeg)}, {Math.round(sight.bearingDeg)}°,{' '}
              {Math.round(sight.altitudeDeg)}° up
            </p>
            {height && (
              <p>
                So it is about{' '}
                <b className="font-semibold">{lengthText(height.cm, { length: unit })}</b> high,
                between {lengthText(height.range[0], { length: unit })} and{' '}
                {lengthText(height.range[1], { length: unit })}.
              </p>
            )}
            <p className="text-note text-ink2">
              The compass may be {Math.round(sight.bearingDoubtDeg)}° off, more beside iron and
              walls.
              {now.is === 'told' && now.isSimulated ? ' This sensor is simulated.' : ''}
            </p>
          </>
        )}
        {now.is === 'asked for' && <p>Asking the device how it is turned…</p>}
        {now.is === 'refused' && (
          <p>The browser was not given leave to read its sensors. Type the figures instead.</p>
        )}
        {now.is === 'not there' && (
          <p>
            This device does not tell where it points. Type the figures, or try it with a simulated
            sensor.
          </p>
        )}
      </div>
      <p className="flex flex-wrap gap-2">
        <Button
          look="act"
          disabled={!sight}
          onClick={() => {
            if (!sight) return;
            onSighted(sighted(obstacle, sight, spot.leafHeightCm));
            onClose();
          }}
        >
          Take it
        </Button>
        {(now.is === 'not there' || now.is === 'refused') && (
          <Button
            onClick={() =>
              simulate({
                bearingDeg: (bearingOf(obstacle) + 12) % 360,
                altitudeDeg: SIMULATED_UP_DEG,
              })
            }
          >
            Simulated sensor
          </Button>
        )}
        <ModalClose className={buttonLook({})}>Not now</ModalClose>
      </p>
    </Modal>
  );
}
