'use client';

import { fromHex, toHex } from '@/core/colour/oklch';
import { wallOf, type Container } from '@/core/containers/container';
import { FINISHES, POT_PATTERNS, STYLE_WORDS } from '@/core/containers/looks';
import { MATERIAL_IDS, MATERIALS, type MaterialId } from '@/core/containers/materials';
import { isHung } from '@/core/containers/shape';
import { MATERIAL_COLOURS } from '@/core/containers/usual';
import { LengthField, NumberField, PickField, Sheet } from '@/ui/controls/fields';
import { FINISH_NAMES, FOOT_NAMES, MATERIAL_NAMES, PATTERN_NAMES } from '@/words/containers';
import { rangeText, type Units } from '@/words/format';
import { capital } from '@/words/format';
import type { ShelfEditing } from './useShelfEditing';
import { Button } from '@/ui/controls/Button';

/** What it is made of and what it has: wall, liner, feet, water store, holes. */
export function MakingSheet({
  editing,
  units,
}: {
  readonly editing: ShelfEditing;
  readonly units: Units;
}) {
  const { container, faults, shape: put } = editing;
  const { wallRangeCm } = MATERIALS[container.material];
  const fault = (field: keyof Container) => faults[`container.${field}`];
  const length = (
    field: 'linerCm' | 'feetCm' | 'headspaceCm' | 'dressingCm' | 'footCm',
    name: string,
  ) => (
    <LengthField
      fine
      key={field}
      name={name}
      unit={units.length}
      valueCm={container[field]}
      error={fault(field)}
      onCm={(cm) => put({ [field]: cm }, `Changed ${name.toLowerCase()}`)}
    />
  );
  return (
    <Sheet title="Made of">
      <div className="grid gap-2.5 px-3.5 py-3">
        <div className="grid grid-cols-2 gap-3">
          <PickField
            name="Material"
            value={container.material}
            options={MATERIAL_IDS.map((id) => [id, MATERIAL_NAMES[id]] as const)}
            onPick={(material: MaterialId) =>
              put(
                { material, wallCm: null, colour: MATERIAL_COLOURS[material] },
                'Changed the material',
              )
            }
          />
          <LengthField
            fine
            name={container.wallCm === null ? 'Wall, as usual' : 'Wall, as measured'}
            unit={units.length}
            valueCm={wallOf(container)}
            error={fault('wallCm')}
            onCm={(wallCm) => put({ wallCm }, 'Changed the wall')}
          />
        </div>
        <p className="text-note text-ink2">
          {capital(MATERIAL_NAMES[container.material])} is usually{' '}
          {rangeText(wallRangeCm, units.length)} thick.
        </p>
        <div className="grid grid-cols-3 gap-x-3 gap-y-2">
          {length('headspaceCm', 'Headspace')}
          {length('linerCm', 'Liner')}
          {!isHung(container.shape) && length('feetCm', 'Feet or stand')}
          <NumberField
            name="Drain holes"
            value={container.drainHoles}
            error={fault('drainHoles')}
            onValue={(drainHoles) => put({ drainHoles }, 'Changed the drain holes')}
          />
          <NumberField
            name="Water store"
            suffix="L"
            places={1}
            value={container.reservoirL}
            error={fault('reservoirL')}
            onValue={(reservoirL) => put({ reservoirL }, 'Changed the water store')}
          />
          {length('dressingCm', 'Dressing')}
        </div>
        <div className="grid grid-cols-[2fr_1fr] gap-3">
          <PickField
            name="Over the holes"
            value={container.foot}
            options={Object.entries(FOOT_NAMES) as (readonly [Container['foot'], string])[]}
            onPick={(foot) =>
              put(
                {
                  foot,
                  footCm:
                    foot === 'coarse' || foot === 'crocks' ? Math.max(3, container.footCm) : 0,
                },
                'Changed what lies over the holes',
              )
            }
          />
          {(container.foot === 'coarse' || container.foot === 'crocks') &&
            length('footCm', 'How deep')}
        </div>
        <SideHoles editing={editing} units={units} />
        <div className="grid grid-cols-2 gap-3">
          <NumberField
            name="Weight on a scale, empty"
            suffix="kg"
            places={1}
            value={container.weighedKg ?? Number.NaN}
            error={fault('weighedKg')}
            onValue={(kg) => put({ weighedKg: Number.isNaN(kg) ? null : kg }, 'Weighed it')}
          />
          <PickField
            name="Sold as standing frost"
            value={container.frostProof === null ? 'not told' : container.frostProof ? 'yes' : 'no'}
            options={[
              ['not told', 'not told'],
              ['yes', 'yes'],
              ['no', 'no'],
            ]}
            onPick={(told) =>
              put({ frostProof: told === 'not told' ? null : told === 'yes' }, 'Told about frost')
            }
          />
        </div>
      </div>
    </Sheet>
  );
}

/** Rows of holes or pockets in the side. */
function SideHoles({ editing, units }: { readonly editing: ShelfEditing; readonly units: Units }) {
  const { container, faults, shape: put } = editing;
  const rows = container.sideHoles;
  return (
    <div className="grid gap-1.5">
      {rows.map((row, i) => (
        <div key={i} className="grid grid-cols-[1fr_1fr_auto] items-end gap-3">
          <LengthField
            fine
            name="Side holes at"
            unit={units.length}
            valueCm={row.heightCm}
            error={faults[`container.sideHoles[${i}].heightCm`]}
            onCm={(heightCm) =>
              put(
                { sideHoles: rows.map((r, k) => (k === i ? { ...r, heightCm } : r)) },
                'Moved side holes',
              )
            }
          />
          <NumberField
            name="How many round"
            value={row.count}
            error={faults[`container.sideHoles[${i}].count`]}
            onValue={(count) =>
              put(
                { sideHoles: rows.map((r, k) => (k === i ? { ...r, count } : r)) },
                'Changed side holes',
              )
            }
          />
          <Button
            look="plain"
            className="pb-1.5"
            onClick={() =>
              put({ sideHoles: rows.filter((_, k) => k !== i) }, 'Took side holes away')
            }
          >
            Remove
          </Button>
        </div>
      ))}
      {rows.length < 8 && (
        <Button
          look="link"
          className="justify-self-start"
          onClick={() =>
            put({ sideHoles: [...rows, { heightCm: 6, count: 6 }] }, 'Added side holes')
          }
        >
          Add a row of side holes
        </Button>
      )}
    </div>
  );
}

/** How it looks: colours, finish, pattern, style words. */
export function LooksSheet({ editing }: { readonly editing: ShelfEditing }) {
  const { container, shape: put } = editing;
  const colour = (name: string, value: string, onHex: (hex: string) => void) => (
    <label className="block">
      <span className="block text-note text-ink2">{name}</span>
      <input
        type="color"
        className="h-8 w-full border-[1.5px] border-rule2 bg-paper pointer-coarse:h-11"
        value={value}
        onChange={(event) => onHex(event.target.value)}
      />
    </label>
  );
  return (
    <Sheet title="Looks">
      <div className="grid gap-2.5 px-3.5 py-3">
        <div className="grid grid-cols-2 gap-3">
          <PickField
            name="Finish"
            value={container.finish}
            options={FINISHES.map((id) => [id, FINISH_NAMES[id]] as const)}
            onPick={(finish) => put({ finish }, 'Changed the finish')}
          />
          <PickField
            name="Pattern"
            value={container.pattern}
            options={POT_PATTERNS.map((id) => [id, PATTERN_NAMES[id]] as const)}
            onPick={(pattern) => put({ pattern }, 'Changed the pattern')}
          />
          {colour('Colour', toHex(container.colour), (hex) =>
            put({ colour: fromHex(hex) ?? container.colour }, 'Changed the colour'),
          )}
          {container.pattern !== 'plain' &&
            colour('Second colour', toHex(container.secondColour ?? container.colour), (hex) =>
              put({ secondColour: fromHex(hex) }, 'Changed the second colour'),
            )}
        </div>
        <fieldset>
          <legend className="text-note text-ink2">Style</legend>
          <div className="flex flex-wrap gap-1.5 pt-1">
            {STYLE_WORDS.map((word) => {
              const on = container.style.includes(word);
              return (
                <Button
                  look="choice"
                  key={word}

                  aria-pressed={on}
                  data-state={on ? 'on' : 'off'}
                  disabled={!on && container.style.length >= 4}
                  onClick={() =>
                    put(
                      {
                        style: on
                          ? container.style.filter((w) => w !== word)
                          : [...container.style, word],
                      },
                      `Style ${word}`,
                    )
                  }
                >
                  {word}
                </Button>
              );
            })}
          </div>
        </fieldset>
      </div>
    </Sheet>
  );
}
