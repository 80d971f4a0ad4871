'use client';

import { useState } from 'react';
import type { Oklch } from '@/core/colour/oklch';
import type { PlantKind } from '@/core/plants/kind';
import { untold, type OwnKind, type Told } from '@/core/plants/own';
import { ownKindSchema } from '@/core/plants/ownSchema';
import { LengthField, NumberField, Sheet, TextField } from '@/ui/controls/fields';
import type { Units } from '@/words/format';
import { PhotoColour } from './PhotoColour';
import { Button } from '@/ui/controls/Button';
import { MoreYours } from './MoreYours';
import { Tick } from '@/ui/controls/Tick';

/** What the gardener knows better, has, loves, or will not plant again. A value told here wins over the book everywhere. */
export default function YoursSheet({
  kind,
  own,
  units,
  onOwn,
}: {
  readonly kind: PlantKind;
  readonly own: OwnKind | null;
  readonly units: Units;
  readonly onOwn: (record: OwnKind) => void;
}) {
  // Kept here while the sheet is open: two changes in a row must not wait for storage.
  const [record, setRecord] = useState(own ?? untold(kind.id));
  const [faults, setFaults] = useState<Readonly<Record<string, string>>>({});
  const put = (change: Partial<OwnKind>) => {
    const parsed = ownKindSchema.safeParse({ ...record, ...change });
    if (parsed.success) {
      setFaults({});
      setRecord(parsed.data);
      onOwn(parsed.data);
    } else
      setFaults(
        Object.fromEntries(
          parsed.error.issues.map(({ path, message }) => [path.slice(0, 2).join('.'), message]),
        ),
      );
  };
  const tell = (change: Told) => put({ told: { ...record.told, ...change } });
  const span = (field: 'heightCm' | 'spreadCm', at: 0 | 1, cm: number) => {
    const now = kind[field];
    tell({ [field]: at === 0 ? [cm, Math.max(cm, now[1])] : [Math.min(cm, now[0]), cm] });
  };
  const told = Object.keys(record.told).length;
  return (
    <Sheet title="Yours" note={told > 0 ? `${told} told by you` : undefined}>
      <div className="grid gap-3 px-4 py-3">
        <div className="grid grid-cols-2 gap-3">
          <LengthField
            name="Here it grows to"
            unit={units.length}
            valueCm={kind.heightCm[1]}
            error={faults['told.heightCm']}
            onCm={(cm) => span('heightCm', 1, cm)}
          />
          <LengthField
            name="and spreads to"
            unit={units.length}
            valueCm={kind.spreadCm[1]}
            error={faults['told.spreadCm']}
            onCm={(cm) => span('spreadCm', 1, cm)}
          />
        </div>
        <MoreYours units={units} kind={kind} faults={faults} span={span} tell={tell} />
        <div className="grid grid-cols-2 gap-3">
          <NumberField
            name="In the shed"
            value={record.owned}
            error={faults.owned}
            onValue={(owned) => put({ owned })}
          />
          <TextField
            name="Where from"
            value={record.note}
            placeholder="left from last year"
            onText={(note) => put({ note })}
          />
        </div>
        <p className="flex flex-wrap gap-x-5 gap-y-1">
          <Tick
            checked={record.favourite}
            onChange={(event) => put({ favourite: event.target.checked })}
          >
            Favourite
          </Tick>
          <Tick
            checked={record.never !== null}
            onChange={(event) => put({ never: event.target.checked ? '' : null })}
          >
            Never again
          </Tick>
        </p>
        {record.never !== null && (
          <TextField
            name="Because"
            value={record.never}
            placeholder="mildew every August"
            onText={(never) => put({ never })}
          />
        )}
        <PhotoColour
          onColour={(part, colour: Oklch) =>
            tell(part === 'leaf' ? { leafColour: colour } : { flowerColour: colour })
          }
        />
        {told > 0 && record.id === record.likeId && (
          <Button look="plain" className="justify-self-start" onClick={() => put({ told: {} })}>
            Take the book’s values again
          </Button>
        )}
      </div>
    </Sheet>
  );
}
