'use client';

import { CopyPlus, Layers2, Lock, LockOpen, Shapes } from 'lucide-react';
import { memo } from 'react';
import { arranged, settledAround, type Pattern } from '@/core/placing/arrange';
import type { Settings } from '@/core/files/plantingFile';
import { Pop } from '@/ui/controls/Pop';
import type { Editing } from '@/ui/session/useEditing';
import { usualSupport } from '@/core/plantings/support';
import { countText } from '@/words/format';
import { copiesOf } from './stencilKeys';
import { SHOWN, type Shown } from './stencilShown';
import SidesPop from './SidesPop';
import { SupportPop } from './SupportPop';
import { Button } from '@/ui/controls/Button';
import { TurnPop } from './TurnPop';
import { Tick } from '@/ui/controls/Tick';

const PATTERNS: readonly (readonly [pattern: Pattern, name: string, about: string])[] = [
  ['ring', 'Round the rim', 'even steps along the edge'],
  ['zigzag', 'Zigzag', 'left and right of a line'],
  ['thirds', 'On the thirds', 'where lines in three cross'],
];
const SHOWN_NAMES: Readonly<Record<Shown, string>> = {
  spread: 'Spread by then',
  sight: 'Lines of sight',
  sun: 'Sun round the rim',
  drip: 'Drip emitters',
};

interface StencilToolsProps {
  readonly editing: Editing;
  readonly selection: readonly string[];
  readonly onSelect: (places: readonly string[]) => void;
  readonly shown: readonly Shown[];
  readonly onShown: (shown: readonly Shown[]) => void;
  readonly settings: Settings;
}

/** What can be done with the plants picked on the stencil, and what it shows. With none picked, patterns are for all. */
const StencilTools = memo(function StencilTools({
  editing,
  selection,
  onSelect,
  shown,
  onShown,
  settings,
}: StencilToolsProps) {
  const { planting, it, apply } = editing;
  const picked = planting.places.filter(({ id }) => selection.includes(id));
  const ids = picked.map(({ id }) => id);
  const chosen = picked.length > 0 ? ids : planting.places.map(({ id }) => id);
  const lock = !(picked.length > 0 && picked.every(({ locked }) => locked));
  const first = picked[0];
  const tilt = first?.lean?.tiltDeg ?? 0;
  return (
    <div role="group" aria-label="Stencil" className="flex flex-wrap gap-0.5">
      <Pop
        icon={<Shapes size={15} aria-hidden />}
        name="Set out"
        disabled={planting.places.length === 0}
      >
        <p className="text-ink2">
          {picked.length > 0
            ? `${countText(picked.length, 'plant')} picked.`
            : 'All plants; pick some to set out only those.'}{' '}
          Root balls settle afterwards.
        </p>
        <ul className="grid gap-1">
          {PATTERNS.map(([pattern, name, about]) => (
            <li key={pattern}>
              <Button
                look="link"

                onClick={() =>
                  apply({
                    kind: 'arrange',
                    how: pattern,
                    places: arranged(
                      planting.container,
                      planting.places,
                      chosen,
                      pattern,
                      it.plants,
                    ),
                  })
                }
              >
                {name}
              </Button>{' '}
              <span className="text-ink2">{about}</span>
            </li>
          ))}
          <li>
            <Button
              look="link"

              onClick={() =>
                apply({
                  kind: 'arrange',
                  how: 'settle',
                  places: settledAround(
                    planting.container,
                    planting.places,
                    new Map(
                      planting.places
                        .filter(({ id, locked }) => chosen.includes(id) && !locked)
                        .map((place) => [place.id, place]),
                    ),
                    it.plants,
                  ),
                })
              }
            >
              Settle
            </Button>{' '}
            <span className="text-ink2">push root balls apart, off the wall</span>
          </li>
        </ul>
      </Pop>
      <TurnPop picked={picked} first={first} apply={apply} ids={ids} tilt={tilt} />
      <Button
        look="tool"

        title="Copy: put one beside it (D)"
        aria-label="Copy"
        disabled={picked.length === 0}
        onClick={() => {
          const copies = copiesOf(planting.places, picked);
          apply({ kind: 'arrange', how: 'copy', places: [...planting.places, ...copies] });
          onSelect(copies.map(({ id }) => id));
        }}
      >
        <CopyPlus size={15} aria-hidden />
      </Button>
      <Button
        look="tool"

        title={lock ? 'Lock: stays where it is (L)' : 'Unlock (L)'}
        aria-label={lock ? 'Lock' : 'Unlock'}
        disabled={picked.length === 0}
        onClick={() => apply({ kind: 'lock', places: ids, locked: lock })}
      >
        {lock ? <Lock size={15} aria-hidden /> : <LockOpen size={15} aria-hidden />}
      </Button>
      <SupportPop
        support={planting.support ?? null}
        usual={(form) => usualSupport(planting.container, form)}
        at={first ?? null}
        apply={apply}
        unit={settings.length}
      />
      <SidesPop editing={editing} settings={settings} />
      <Pop icon={<Layers2 size={15} aria-hidden />} name="Show">
        {SHOWN.map((one) => (
          <Tick
            key={one}
            checked={shown.includes(one)}
            onChange={(event) =>
              onShown(
                event.target.checked ? [...shown, one] : shown.filter((other) => other !== one),
              )
            }
          >
            {SHOWN_NAMES[one]}
          </Tick>
        ))}
        {shown.includes('sight') && (
          <p className="text-ink2">
            From the plants picked to the eye of the stand-back view; dotted where leaves stand in
            between.
          </p>
        )}
      </Pop>
    </div>
  );
});
export default StencilTools;
