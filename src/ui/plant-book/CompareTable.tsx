'use client';

import type { ReactNode } from 'react';
import { middle, type PlantKind } from '@/core/plants/kind';
import { useShared } from './useShared';
import { Swatches } from '@/ui/controls/Swatches';
import { dateText, hoursText, moneyText, temperatureText, type Units } from '@/words/format';
import { ROLE_NAMES } from '@/words/names';
import { plantSizeText } from '@/words/plants';
import { belowCm } from './grown';
import { GrownPicture } from './GrownPicture';
import { Button } from '@/ui/controls/Button';

/** Two to four kinds side by side, full grown at one scale; what differs stands first. */
export function CompareTable({
  kinds,
  units,
  onDrop,
  onOpen,
  onClose,
}: {
  readonly kinds: readonly PlantKind[];
  readonly units: Units;
  readonly onDrop: (id: string) => void;
  readonly onOpen: (id: string) => void;
  readonly onClose: () => void;
}) {
  const { rows, same } = useShared(kinds, (kind) => factsOf(kind, units));
  const tallest = Math.max(
    ...kinds.map((kind) => middle(kind.heightCm) + (kind.trailCm ? middle(kind.trailCm) * 0.6 : 0)),
  );
  const widest = Math.max(...kinds.map((kind) => middle(kind.spreadCm)));
  const pxPerCm = Math.min(150 / (tallest + 22), 150 / (widest + 6), 6);
  const below = Math.max(...kinds.map((kind) => belowCm(kind)));
  const columns = { gridTemplateColumns: `110px repeat(${kinds.length}, minmax(0, 1fr))` };
  return (
    <section aria-label="Compared" className="bg-paper">
      <h2 className="flex items-baseline gap-3 border-b border-rule px-3.5 py-2.5 text-lead font-semibold">
        Side by side
        <span className="text-note font-normal text-ink2">
          full grown, at one scale; what differs first
        </span>
        <Button look="plain" className="ml-auto" onClick={onClose}>
          Close
        </Button>
      </h2>
      <div className="grid" style={columns}>
        <span className="bg-field" />
        {kinds.map((kind) => (
          <div key={kind.id} className="flex justify-center bg-field">
            <GrownPicture
              kind={kind}
              widthPx={160}
              heightPx={210}
              pxPerCm={pxPerCm}
              below={below}
            />
          </div>
        ))}
        <span />
        {kinds.map((kind) => (
          <div key={kind.id} className="border-l border-rule px-2.5 py-2">
            <Button
              look="bare"
              className="text-left leading-4 font-semibold underline decoration-rule2 underline-offset-3"
              onClick={() => onOpen(kind.id)}
            >
              {kind.common}
            </Button>
            <p className="text-note text-ink2">
              <i>{kind.botanical}</i>
            </p>
            <div className="py-1">
              <Swatches kind={kind} height={16} />
            </div>
            <Button look="plain" onClick={() => onDrop(kind.id)}>
              Put back
            </Button>
          </div>
        ))}
      </div>
      <dl data-differs>
        {rows.map(({ name, values }) => (
          <Facts key={name} columns={columns} name={name} values={values} />
        ))}
      </dl>
      {same.length > 0 && (
        <>
          <p className="border-t-2 border-tick px-3.5 pt-2 text-note text-ink2">The same for all</p>
          <dl className="text-ink2">
            {same.map(({ name, values }) => (
              <Facts
                key={name}
                columns={{ gridTemplateColumns: '110px 1fr' }}
                name={name}
                values={values.slice(0, 1)}
              />
            ))}
          </dl>
        </>
      )}
    </section>
  );
}

function Facts({
  name,
  values,
  columns,
}: {
  readonly name: string;
  readonly values: readonly ReactNode[];
  readonly columns: { readonly gridTemplateColumns: string };
}) {
  return (
    <div className="grid border-t border-rule" style={columns}>
      <dt className="px-3.5 py-1.5 text-ink2">{name}</dt>
      {values.map((value, i) => (
        <dd key={i} className="border-l border-rule px-2.5 py-1.5">
          {value}
        </dd>
      ))}
    </div>
  );
}

/** Every fact as words, so that like and unlike can be told apart. */
function factsOf(kind: PlantKind, units: Units): Readonly<Record<string, string>> {
  const { toxicity: t, irritant, bloom, light } = kind;
  return {
    Role: kind.roles.map((role) => ROLE_NAMES[role].toLowerCase()).join(', '),
    Size: plantSizeText(kind, units),
    Sun: `${light.hours[0]}–${hoursText(light.hours[1])}; ${light.afternoon === 'scorches' ? 'afternoon scorches it' : light.afternoon === 'wants' ? 'wants the afternoon' : 'bears the afternoon'}`,
    Water: `${kind.thirst}${kind.dryBetween ? ', dry between' : ''}`,
    Feed: kind.feed,
    Fills: `in ${kind.weeksToFill} weeks`,
    Vigour: [
      'holds its place',
      'steady',
      'lively',
      'pushes its neighbours',
      'overruns its neighbours',
    ][kind.vigour - 1]!,
    Flowers: bloom
      ? `${bloom.form}, ${dateText(bloom.weeks[0])} to ${dateText(bloom.weeks[1])}${bloom.deadhead ? ', deadhead' : ''}`
      : 'none to speak of',
    Leaf: `${kind.foliage.texture}, ${kind.foliage.shape}, ${kind.foliage.surface}${kind.foliage.evergreen ? ', evergreen' : ''}`,
    Cold: `bears ${temperatureText(kind.lowestC, units)}`,
    Scent: kind.scent,
    Eating: kind.edible ?? 'not for eating',
    People: t.people,
    Cats: t.cats,
    Dogs: t.dogs,
    Horses: t.horses,
    Skin: irritant.skin === 'no' ? 'not known to irritate' : irritant.note,
    Price: `from ${moneyText(Math.min(...kind.sold.map(({ price }) => price)), units)}`,
  };
}
