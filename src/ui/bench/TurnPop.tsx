import type { Place } from '@/core/plantings/planting';
import { RotateCw } from 'lucide-react';
import { Pop } from '@/ui/controls/Pop';
import { Edit } from '@/core/plantings/edits';
import { Range } from '@/ui/controls/Range';

function Slide({
  name,
  value,
  least,
  most,
  step,
  onPut,
}: {
  readonly name: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly step: number;
  readonly onPut: (value: number) => void;
}) {
  return (
    <label className="grid gap-0.5">
      <span>
        {name} <b className="font-semibold">{value}°</b>
      </span>
      <Range
        aria-label={name}
        aria-valuetext={`${value} degrees`}
        min={least}
        max={most}
        step={step}
        value={value}
        onValue={onPut}
      />
    </label>
  );
}

/** Turning what is picked. */
export function TurnPop({
  picked,
  first,
  apply,
  ids,
  tilt,
}: {
  readonly picked: Place[];
  readonly first: Place | undefined;
  readonly apply: (edit: Edit) => void;
  readonly ids: string[];
  readonly tilt: number;
}) {
  return (
    <Pop icon={<RotateCw size={15} aria-hidden />} name="Turn" disabled={picked.length === 0}>
      <Slide
        name="Turned"
        value={first?.turnDeg ?? 0}
        least={-180}
        most={180}
        step={15}
        onPut={(turnDeg) => apply({ kind: 'pose', places: ids, pose: { turnDeg } })}
      />
      <Slide
        name="Slant"
        value={tilt}
        least={0}
        most={45}
        step={5}
        onPut={(tiltDeg) =>
          apply({
            kind: 'pose',
            places: ids,
            pose: { lean: { tiltDeg, turnDeg: first?.lean?.turnDeg ?? 0 } },
          })
        }
      />
      {tilt > 0 && (
        <Slide
          name="Slants off straight outward by"
          value={first?.lean?.turnDeg ?? 0}
          least={-180}
          most={180}
          step={15}
          onPut={(turnDeg) =>
            apply({ kind: 'pose', places: ids, pose: { lean: { tiltDeg: tilt, turnDeg } } })
          }
        />
      )}
      <p className="text-ink2">A trailing plant that is turned spills another way.</p>
    </Pop>
  );
}
