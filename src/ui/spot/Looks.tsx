'use client';

import { memo } from 'react';
import { fromHex, toHex } from '@/core/colour/oklch';
import { type Eye, type Spot } from '@/core/spots/spot';
import { hangRoom, leastVisibleCm } from '@/core/spots/sightline';
import type { Settings } from '@/core/files/plantingFile';
import { lengthText } from '@/words/format';
import { dateText } from '@/words/format';
import { NumberField, Sheet } from '@/ui/controls/fields';
import type { SpotEditing } from './useSpotEditing';
import { Button } from '@/ui/controls/Button';
import { entryLook } from '@/ui/controls/looks';
import { EyeFields } from './EyeFields';

/** From where it is looked at: each viewpoint with the least height that shows from it, and how far trails may hang. */
export const EyesSheet = memo(function EyesSheet({
  editing,
  settings,
}: {
  readonly editing: SpotEditing;
  readonly settings: Settings;
}) {
  const { spot, apply, faults } = editing;
  const unit = settings.length;
  const change = (eye: Eye, name: string) =>
    apply({ eyes: spot.eyes.map((e) => (e.id === eye.id ? eye : e)) }, name);
  const add = () => {
    const eye: Eye = {
      id: `eye-${crypto.randomUUID().slice(0, 6)}`,
      name: spot.eyes.length === 0 ? 'Where we sit' : `Viewpoint ${spot.eyes.length + 1}`,
      kind: 'sitting',
      bearingDeg: 180,
      distanceCm: 300,
      floorCm: 0,
      sill: null,
      weight: 1,
    };
    apply({ eyes: [...spot.eyes, eye] }, 'Added a viewpoint');
  };
  // The mix lies about at the leaves' feet: a hand below their middle.
  const soilCm = Math.max(0, spot.leafHeightCm - 20);
  const hang = hangRoom(spot);
  return (
    <Sheet title="Eyes" note={spot.eyes.length === 0 ? 'from where it is looked at' : undefined}>
      <ul>
        {spot.eyes.map((eye, i) => {
          const least = leastVisibleCm(eye, soilCm);
          const fault = (field: string) => faults[`eyes[${i}].${field}`];
          return (
            <li key={eye.id} className="border-b border-rule px-3.5 py-2.5">
              <div className="flex items-baseline gap-3">
                <input
                  aria-label="Name of the viewpoint"
                  className={entryLook({ className: 'min-w-0 flex-1' })}
                  maxLength={60}
                  defaultValue={eye.name}
                  onBlur={(event) =>
                    event.target.value.trim() &&
                    event.target.value !== eye.name &&
                    change({ ...eye, name: event.target.value }, 'Renamed a viewpoint')
                  }
                />
                <Button
                  look="plain"

                  onClick={() =>
                    apply(
                      { eyes: spot.eyes.filter((e) => e.id !== eye.id) },
                      'Took a viewpoint away',
                    )
                  }
                >
                  Take away
                </Button>
              </div>
              <EyeFields eye={eye} change={change} unit={unit} fault={fault} />
              <p className="pt-1.5">
                {eye.sill === null ? (
                  'Sees all of it.'
                ) : least < 0.5 ? (
                  'Sees all of it over the sill.'
                ) : (
                  <>
                    Plants lower than <b>{lengthText(least, settings)}</b> are hidden by the sill.
                  </>
                )}
              </p>
            </li>
          );
        })}
      </ul>
      <div className="px-3.5 py-2.5">
        {hang && (
          <p className="pb-2">
            Trails may hang <b>{lengthText(hang.roomCm, settings)}</b> before they meet{' '}
            {hang.by === 'head' ? 'the head of whoever passes under' : 'the ground'}.
          </p>
        )}
        <Button onClick={add} disabled={spot.eyes.length >= 8}>
          Add a viewpoint
        </Button>
      </div>
    </Sheet>
  );
});

type Layer = Spot['background'][number];

/** What stands behind the planting, layer by layer, with the weeks in which a shrub shows its colour. */
export const BackgroundSheet = memo(function BackgroundSheet({
  editing,
}: {
  readonly editing: SpotEditing;
}) {
  const { spot, apply, faults } = editing;
  const change = (layer: Layer) =>
    apply(
      { background: spot.background.map((l) => (l.id === layer.id ? layer : l)) },
      'Changed the background',
    );
  const add = (name: string, hex: string, weeks: Layer['weeks']) =>
    apply(
      {
        background: [
          ...spot.background,
          { id: `bg-${crypto.randomUUID().slice(0, 6)}`, name, colour: fromHex(hex)!, weeks },
        ],
      },
      `Added ${name.toLowerCase()}`,
    );
  return (
    <Sheet
      title="Background"
      note={spot.background.length === 0 ? 'what is seen behind it' : undefined}
    >
      <ul>
        {spot.background.map((layer, i) => (
          <li
            key={layer.id}
            className="grid grid-cols-[44px_1fr_auto] items-center gap-x-3 gap-y-1.5 border-b border-rule px-3.5 py-2"
          >
            <input
              type="color"
              aria-label={`Colour of ${layer.name}`}
              className="h-8 w-11 border border-rule2 pointer-coarse:h-11"
              value={toHex(layer.colour)}
              onChange={(event) => {
                const colour = fromHex(event.target.value);
                if (colour) change({ ...layer, colour });
              }}
            />
            <input
              aria-label="Name of the layer"
              className={entryLook({ className: 'min-w-0' })}
              maxLength={60}
              defaultValue={layer.name}
              onBlur={(event) =>
                event.target.value.trim() &&
                event.target.value !== layer.name &&
                change({ ...layer, name: event.target.value })
              }
            />
            <Button
              look="plain"

              onClick={() =>
                apply(
                  { background: spot.background.filter((l) => l.id !== layer.id) },
                  'Took a layer away',
                )
              }
            >
              Take away
            </Button>
            {layer.weeks && (
              <div className="col-span-3 grid grid-cols-2 gap-3">
                <NumberField
                  name={`Flowers from week (${dateText(layer.weeks[0])})`}
                  value={layer.weeks[0]}
                  error={faults[`background[${i}].weeks[0]`]}
                  onValue={(from) => change({ ...layer, weeks: [from, layer.weeks![1]] })}
                />
                <NumberField
                  name={`to week (${dateText(layer.weeks[1])})`}
                  value={layer.weeks[1]}
                  error={faults[`background[${i}].weeks[1]`]}
                  onValue={(to) => change({ ...layer, weeks: [layer.weeks![0], to] })}
                />
              </div>
            )}
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap gap-2 px-3.5 py-2.5">
        <Button onClick={() => add('Wall', '#9b6a52', null)}>Wall</Button>
        <Button onClick={() => add('Trim', '#e8e6df', null)}>Trim</Button>
        <Button onClick={() => add('Hedge', '#3f5a3a', null)}>Hedge</Button>
        <Button onClick={() => add('Flowering shrub', '#c65a8c', [18, 24])}>Flowering shrub</Button>
      </div>
    </Sheet>
  );
});
