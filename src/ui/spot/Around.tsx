'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { Obstacle } from '@/core/spots/obstacle';
import type { Spot } from '@/core/spots/spot';
import { OBSTACLE_KINDS } from '@/core/spots/obstacle';
import { bearingOf } from '@/core/spots/silhouette';
import { usualObstacle } from '@/core/spots/usualObstacles';
import type { Units } from '@/words/format';
import { OBSTACLE_NAMES, pointOf } from '@/words/light';
import { LengthField, NumberField, Sheet } from '@/ui/controls/fields';
import type { SpotEditing } from './useSpotEditing';
import { Button } from '@/ui/controls/Button';
import { Tick } from '@/ui/controls/Tick';

const FacingSheet = dynamic(() => import('./FacingSheet'), { ssr: false });
const SightSheet = dynamic(() => import('./SightSheet'), { ssr: false });

interface AroundProps {
  readonly editing: SpotEditing;
  readonly selected: string | null;
  readonly onSelect: (id: string | null) => void;
  readonly unit: Units['length'];
}

/** What stands around, by number: the same things as on the sky strip. */
export function Around({ editing, selected, onSelect, unit }: AroundProps) {
  const { spot, apply, faults } = editing;
  const put = (kind: Obstacle['kind']) => {
    // Another of a kind is put beside the first, not into it.
    const front = kind === 'building' || kind === 'eave' || spot.site.latitudeDeg >= 0 ? 180 : 0;
    const id = `${kind}-${crypto.randomUUID().slice(0, 6)}`;
    apply(
      {
        obstacles: [
          ...spot.obstacles,
          usualObstacle(
            kind,
            id,
            (front + 40 * spot.obstacles.filter((o) => o.kind === kind).length) % 360,
          ),
        ],
      },
      `Put down a ${OBSTACLE_NAMES[kind].toLowerCase()}`,
    );
    onSelect(id);
  };
  const change = (obstacle: Obstacle) =>
    apply(
      { obstacles: spot.obstacles.map((o) => (o.id === obstacle.id ? obstacle : o)) },
      `Changed ${OBSTACLE_NAMES[obstacle.kind].toLowerCase()}`,
    );
  return (
    <Sheet
      title="What stands around"
      note={spot.obstacles.length === 0 ? 'nothing yet: open sky' : undefined}
    >
      <ul>
        {spot.obstacles.map((obstacle, i) => (
          <li
            key={obstacle.id}
            className={`border-b border-rule px-3.5 py-2 ${obstacle.id === selected ? 'bg-wash' : ''}`}
          >
            <p className="flex items-baseline gap-2">
              <Button
                look="bare"
                aria-expanded={obstacle.id === selected}
                className="text-left font-semibold"
                onClick={() => onSelect(obstacle.id === selected ? null : obstacle.id)}
              >
                {OBSTACLE_NAMES[obstacle.kind]}
              </Button>
              <span className="text-ink2">
                {obstacle.kind === 'building' || obstacle.kind === 'eave'
                  ? `faces ${pointOf(obstacle.facingDeg)}`
                  : `to the ${pointOf(bearingOf(obstacle))}`}
              </span>
              <Button
                look="plain"
                className="ml-auto"
                onClick={() => {
                  apply(
                    { obstacles: spot.obstacles.filter((o) => o.id !== obstacle.id) },
                    `Took away ${OBSTACLE_NAMES[obstacle.kind].toLowerCase()}`,
                  );
                  onSelect(null);
                }}
              >
                Take away
              </Button>
            </p>
            {faults[`obstacles[${i}].kind`] && (
              <p role="alert" className="font-semibold">
                ▲ {faults[`obstacles[${i}].kind`]}
              </p>
            )}
            {obstacle.id === selected && (
              <ObstacleFields
                spot={spot}
                obstacle={obstacle}
                unit={unit}
                fault={(field) => faults[`obstacles[${i}].${field}`]}
                onChange={change}
              />
            )}
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap gap-2 px-3.5 py-2.5">
        {OBSTACLE_KINDS.map((kind) => (
          <Button key={kind} onClick={() => put(kind)}>
            {OBSTACLE_NAMES[kind]}
          </Button>
        ))}
      </div>
    </Sheet>
  );
}

interface ObstacleFieldsProps {
  readonly spot: Spot;
  readonly obstacle: Obstacle;
  readonly unit: Units['length'];
  readonly fault: (field: string) => string | undefined;
  readonly onChange: (obstacle: Obstacle) => void;
}

function ObstacleFields({ spot, obstacle, unit, fault, onChange }: ObstacleFieldsProps) {
  const [open, setOpen] = useState<'facing' | 'sight' | null>(null);
  const close = () => setOpen(null);
  const hasFacing = obstacle.kind === 'building' || obstacle.kind === 'eave';
  const length = (name: string, field: string) => {
    const value = (obstacle as unknown as Record<string, unknown>)[field];
    return typeof value === 'number' ? (
      <LengthField
        key={field}
        name={name}
        valueCm={value}
        unit={unit}
        error={fault(field)}
        onCm={(cm) => onChange({ ...obstacle, [field]: cm })}
      />
    ) : null;
  };
  const plain = (name: string, field: string, suffix: string, scale = 1) => {
    const value = (obstacle as unknown as Record<string, unknown>)[field];
    return typeof value === 'number' ? (
      <NumberField
        key={field}
        name={name}
        value={value * scale}
        suffix={suffix}
        error={fault(field)}
        onValue={(v) => onChange({ ...obstacle, [field]: v / scale })}
      />
    ) : null;
  };
  const leafy = obstacle.kind === 'tree' || obstacle.kind === 'hedge';
  return (
    <div className="grid grid-cols-3 gap-x-3 gap-y-2 pt-2">
      {plain(
        obstacle.kind === 'skyline' ? 'From' : 'Bearing',
        obstacle.kind === 'skyline' ? 'fromDeg' : 'bearingDeg',
        '°',
      )}
      {plain('Faces', 'facingDeg', '°')}
      {plain('To', 'toDeg', '°')}
      {plain('Altitude', 'altitudeDeg', '°')}
      {length('Distance', 'distanceCm')}
      {length('Height', 'heightCm')}
      {length('Clear stem', 'clearCm')}
      {length('Crown width', 'widthCm')}
      {length('Reaches past', 'depthCm')}
      {length('Reaches behind', 'backCm')}
      {length('Run to left', 'leftCm')}
      {length('Run to right', 'rightCm')}
      {leafy && (
        <>
          {plain('Through leaves', 'letsThrough', '%', 100)}
          <Tick
            className="col-span-3"
            checked={obstacle.evergreen}
            onChange={(event) => onChange({ ...obstacle, evergreen: event.target.checked })}
          >
            Evergreen
          </Tick>
          {!obstacle.evergreen && plain('Leaves out', 'leafOnWeek', 'wk')}
          {!obstacle.evergreen && plain('Leaves down', 'leafOffWeek', 'wk')}
          {!obstacle.evergreen && plain('Through twigs', 'bareLetsThrough', '%', 100)}
        </>
      )}
      <p className="col-span-3">
        <Button onClick={() => setOpen(hasFacing ? 'facing' : 'sight')}>
          {hasFacing ? 'Which way does it face?' : 'Sight it with this device'}
        </Button>
      </p>
      {open === 'facing' && hasFacing && (
        <FacingSheet
          spot={spot}
          onFacing={(facingDeg) => onChange({ ...obstacle, facingDeg })}
          onClose={close}
        />
      )}
      {open === 'sight' && (
        <SightSheet
          spot={spot}
          obstacle={obstacle}
          unit={unit}
          onSighted={onChange}
          onClose={close}
        />
      )}
    </div>
  );
}
