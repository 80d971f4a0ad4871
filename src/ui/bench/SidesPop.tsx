'use client';

import { Grip } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { Settings } from '@/core/files/plantingFile';
import { sideHolesOf, type SideHole } from '@/core/containers/sideHoles';
import { sideSizeOf, slitsOf, withSidesPlanted } from '@/core/placing/sides';
import { isHung } from '@/core/containers/shape';
import { briefOf } from '@/core/plantings/brief';
import type { SidePlace } from '@/core/plantings/planting';
import { middle, type KindId, type PlantKind } from '@/core/plants/kind';
import { Button } from '@/ui/controls/Button';
import { Pop } from '@/ui/controls/Pop';
import { Tick } from '@/ui/controls/Tick';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { say } from '@/ui/session/say';
import type { Editing } from '@/ui/session/useEditing';
import { countText, lengthText } from '@/words/format';
import { inSentence, keyed } from '@/words/names';
import { holeText } from '@/words/potting';
import { RimSeeds } from './RimSeeds';

const AddPlant = dynamic(() => import('./AddPlant'), { ssr: false });

interface SidesPopProps {
  readonly editing: Editing;
  readonly settings: Settings;
}

/** What goes into each side hole, row by row, and what is sown round the rim. */
export default function SidesPop({ editing, settings }: SidesPopProps) {
  const { planting, it } = editing;
  const holes = sideHolesOf(planting.container);
  const planted = it.sides.length;
  const all = holes.flat().length;
  return (
    <Pop
      icon={<Grip size={15} aria-hidden />}
      name={all > 0 ? 'Sides' : 'Rim'}
      bare={all === 0}
      {...(planted > 0 ? { now: `Sides ${planted} of ${all}` } : {})}
    >
      {all > 0 && <Sides editing={editing} settings={settings} holes={holes} />}
      {all === 0 && isHung(planting.container.shape) && (
        <p>
          <Button
            look="link"
            onClick={() =>
              editing.apply({
                kind: 'container',
                change: { sideHoles: [slitsOf(planting.container)] },
              })
            }
          >
            Cut slits in its side
          </Button>{' '}
          <span className="text-ink2">a low row, a hand apart, for plants pushed through</span>
        </p>
      )}
      <RimSeeds editing={editing} />
    </Pop>
  );
}

/** What hangs comes first, and what is low before what is high: a side is for such. */
const byHang = (a: PlantKind, b: PlantKind): number =>
  Number(b.trailCm !== null) - Number(a.trailCm !== null) ||
  middle(a.heightCm) - middle(b.heightCm);

function Sides({
  editing,
  settings,
  holes,
}: SidesPopProps & { readonly holes: readonly (readonly SideHole[])[] }) {
  const { planting, it, apply } = editing;
  const { kindOf } = useLibrary();
  const [extra, setExtra] = useState<readonly KindId[]>([]);
  const [adding, setAdding] = useState(false);
  const letters = new Map(keyed(it).map(({ kind, letter }) => [kind.id, letter]));
  const offered = [...new Set([...letters.keys(), ...extra])]
    .map((id) => kindOf(id))
    .filter((kind): kind is PlantKind => kind !== null && sideSizeOf(kind) !== null)
    .sort(byHang);
  const usual = offered.filter(({ trailCm, id }) => trailCm !== null || extra.includes(id));
  const [ticked, setTicked] = useState<readonly KindId[] | null>(null);
  const inTurn = ticked ?? usual.map(({ id }) => id);
  const kinds = offered.filter(({ id }) => inTurn.includes(id));
  const { sides = [] } = planting;
  const put = (next: readonly SidePlace[]) => apply({ kind: 'sides', sides: next });
  const at = (row: number, hole: number) =>
    sides.find((side) => side.row === row && side.hole === hole);
  const press = (row: number, hole: number) => {
    const there = at(row, hole);
    if (there) return put(sides.filter((side) => side !== there));
    const added = withSidesPlanted({ ...planting, sides }, kinds, [row]).filter(
      (side) => side.row === row && side.hole === hole,
    );
    put([...sides, ...added]);
  };
  const waiting = sides.length - it.sides.length;
  return (
    <section aria-label="Side holes" className="grid gap-2">
      <fieldset className="grid gap-1">
        <legend className="pb-1 font-semibold">Into the side holes, in turn</legend>
        {offered.map((kind) => (
          <Tick
            key={kind.id}
            checked={inTurn.includes(kind.id)}
            onChange={(event) =>
              setTicked(
                event.target.checked ? [...inTurn, kind.id] : inTurn.filter((id) => id !== kind.id),
              )
            }
          >
            {letters.get(kind.id) && <b>{letters.get(kind.id)} </b>}
            {inSentence(kind.common)}
          </Tick>
        ))}
        <p>
          <Button look="link" onClick={() => setAdding(true)}>
            Another kind
          </Button>
        </p>
      </fieldset>
      {holes
        .map((row, index) => ({ row, index }))
        .reverse()
        .map(({ row, index }) => (
          <div key={index}>
            <p className="text-ink2">{lengthText(row[0]?.heightCm ?? 0, settings)} up</p>
            <div className="flex flex-wrap gap-1 pt-0.5">
              {row.map((hole, i) => (
                <HoleButton
                  key={i}
                  hole={hole}
                  row={index}
                  kind={kindOf(at(index, i)?.kindId ?? '')}
                  letter={letters.get(at(index, i)?.kindId ?? '') ?? null}
                  disabled={kinds.length === 0 && !at(index, i)}
                  onPress={() => press(index, i)}
                />
              ))}
            </div>
          </div>
        ))}
      <p className="flex gap-3">
        <Button
          look="link"
          disabled={kinds.length === 0}
          onClick={() => put(withSidesPlanted(planting, kinds, null))}
        >
          Plant the empty ones
        </Button>
        <Button look="link" disabled={sides.length === 0} onClick={() => put([])}>
          Empty them
        </Button>
      </p>
      {waiting > 0 && (
        <p>{countText(waiting, 'plant')} of another container’s holes wait, and are not lost.</p>
      )}
      {adding && (
        <AddPlant
          brief={briefOf(it)}
          settings={settings}
          onPick={(kind) => {
            setAdding(false);
            if (sideSizeOf(kind) === null)
              return say(`${kind.common} is sold in no size that goes through a side hole.`);
            setExtra((had) => [...had, kind.id]);
            setTicked([...inTurn, kind.id]);
          }}
          onClose={() => setAdding(false)}
        />
      )}
    </section>
  );
}

function HoleButton({
  hole,
  row,
  kind,
  letter,
  disabled,
  onPress,
}: {
  readonly hole: SideHole;
  readonly row: number;
  readonly kind: PlantKind | null;
  readonly letter: string | null;
  readonly disabled: boolean;
  readonly onPress: () => void;
}) {
  return (
    <Button
      look="bare"
      aria-label={`Row ${row + 1}, ${holeText(hole)}: ${kind ? kind.common : 'empty'}`}
      aria-pressed={kind !== null}
      data-side-hole={kind?.id ?? ''}
      disabled={disabled}
      onClick={onPress}
      className={`grid size-8 place-items-center rounded-full border-[1.5px] font-bold ${kind ? 'border-ink bg-ink text-paper' : 'border-rule2 bg-chip text-stencil'}`}
    >
      {kind ? (letter ?? '•') : ''}
    </Button>
  );
}
