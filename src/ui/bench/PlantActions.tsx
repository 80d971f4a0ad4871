'use client';

import { memo, useEffect, useState } from 'react';
import dynamic from 'next/dynamic';
import { briefOf } from '@/core/plantings/brief';
import type { Settings } from '@/core/files/plantingFile';
import { addPlant } from '@/core/search/addPlant';
import type { PlantKind } from '@/core/plants/kind';
import { swapEdit } from '@/core/plantings/edits';
import type { StandIn } from '@/core/search/standIns';
import { Swatches } from '@/ui/controls/Swatches';
import { useLibrary } from '@/ui/session/LibraryProvider';
import type { Editing } from '@/ui/session/useEditing';
import { weekAfter } from '@/core/units/units';
import { dateText, moneyText } from '@/words/format';
import { hereText } from '@/words/diary';
import { inSentence } from '@/words/names';
import { suitsText } from '@/words/plants';
import { runJob } from '@/workers/runJob';
import { Button } from '@/ui/controls/Button';
import { Tick } from '@/ui/controls/Tick';

const AddPlant = dynamic(() => import('./AddPlant'), { ssr: false });

interface PlantActionsProps {
  readonly editing: Editing;
  readonly selected: string | null;
  readonly onSelect: (place: string | null) => void;
  readonly settings: Settings;
  /** Week the drawings show: a trim is planned for it. */
  readonly weeks: number;
}

/** What can be done with the plant picked: stand-ins for it, one more, take it out; and adding another kind. */
export const PlantActions = memo(function PlantActions({
  editing,
  selected,
  onSelect,
  settings,
  weeks,
}: PlantActionsProps) {
  const { it, planting, apply } = editing;
  const [adding, setAdding] = useState(false);
  const plant = it.plants.find(({ id }) => id === selected);
  const addKind = (kind: PlantKind) => {
    const added = addPlant(editing.it, kind);
    apply({ kind: 'arrange', how: 'more', places: added.places });
    onSelect(added.id);
    setAdding(false);
  };
  return (
    <section aria-label="Plant in hand" className="mt-3 min-h-[132px] bg-paper px-4 py-3">
      <div className="flex flex-wrap items-center gap-2">
        {plant ? (
          <h2 className="display mr-2 text-name">{plant.kind.common}</h2>
        ) : (
          <p className="mr-2 text-ink2">
            {it.plants.length === 0
              ? 'Nothing is planted yet: add a kind, and it takes a place that suits its part.'
              : 'Pick a plant above or on the stencil to swap it or take it out. Drag it to move it; arrow keys move it too.'}
          </p>
        )}
        {plant && <i className="mr-auto text-note text-ink2">{plant.kind.botanical}</i>}
        {plant && <Button onClick={() => addKind(plant.kind)}>One more</Button>}
        {plant && weeks > 0 && (
          <Button onClick={() => apply({ kind: 'trim', place: plant.id, weeks, cut: TRIM_CUT })}>
            Trim it in week {weeks}
          </Button>
        )}
        {plant && (
          <Button
            onClick={() => {
              apply({ kind: 'remove', place: plant.id });
              onSelect(null);
            }}
          >
            Take it out
          </Button>
        )}
        <Button onClick={() => setAdding(true)}>Add another kind</Button>
        {adding && (
          <AddPlant
            brief={briefOf(editing.it)}
            onPick={addKind}
            onClose={() => setAdding(false)}
            settings={settings}
          />
        )}
      </div>
      {plant &&
        hereText(plant.kind, settings).map((line) => (
          <p key={line} className="pt-1.5" data-here>
            {line}
          </p>
        ))}
      {planting.care.trims.length > 0 && <Trims editing={editing} />}
      {plant && (
        <StandIns
          key={plant.id}
          editing={editing}
          kindId={plant.kindId}
          place={plant.id}
          settings={settings}
        />
      )}
    </section>
  );
});

/** Share that a planned trim takes off (models: 30–50 %). */
const TRIM_CUT = 0.4;

/** Trims that are planned, each with its week; the drawings show what they do. */
function Trims({ editing: { planting, it, apply } }: { readonly editing: Editing }) {
  return (
    <p className="flex flex-wrap gap-x-4 gap-y-1 pt-2 text-note">
      <b className="font-semibold">Trims planned</b>
      {planting.care.trims.map(({ place, weeks, cut }) => {
        const kind = it.plants.find(({ id }) => id === place)?.kind;
        return (
          kind && (
            <span key={`${place} ${weeks}`}>
              {inSentence(kind.common)} by {Math.round(cut * 100)}% about{' '}
              {dateText(weekAfter(planting.plantedWeek, weeks))}{' '}
              <Button
                look="plain"

                aria-label={`Leave ${kind.common} untrimmed`}
                onClick={() => apply({ kind: 'untrim', place, weeks })}
              >
                leave it
              </Button>
            </span>
          )
        );
      })}
    </p>
  );
}

/** Rest before stand-ins are tried, ms: a plant that was pressed may be about to be dragged, and trying takes the processor from its drawing. */
const REST_MS = 300;

function StandIns({
  editing,
  kindId,
  place,
  settings,
}: {
  readonly editing: Editing;
  readonly kindId: string;
  readonly place: string;
  readonly settings: Settings;
}) {
  const { it, apply } = editing;
  const { kindOf } = useLibrary();
  const several = it.plants.filter((plant) => plant.kindId === kindId).length > 1;
  const [onlyThis, setOnlyThis] = useState(false);
  const at = several && onlyThis ? place : null;
  const [found, setFound] = useState<readonly StandIn[] | null>(null);
  useEffect(() => {
    const giveUp = new AbortController();
    const timer = setTimeout(
      () =>
        void runJob('standIns', { it, kindId, only: null, place: at }, { signal: giveUp.signal })
          .then(setFound)
          .catch(() => undefined),
      REST_MS,
    );
    return () => {
      clearTimeout(timer);
      giveUp.abort();
    };
  }, [it, kindId, at]);
  const from = kindOf(kindId);
  if (!found)
    return (
      <p className="pt-3 text-ink2" role="status">
        Trying stand-ins…
      </p>
    );
  if (found.length === 0)
    return (
      <p className="pt-3 text-ink2">
        No other kind in the book suits its place, this light and these colours.
      </p>
    );
  return (
    <>
      <div className="flex flex-wrap items-center gap-x-4 pt-3 pb-1">
        <h3 className="text-small font-semibold">
          Instead of {inSentence(from?.common ?? kindId)}
        </h3>
        {several && (
          <Tick
            className="text-note"
            checked={onlyThis}
            onChange={(event) => setOnlyThis(event.target.checked)}
          >
            only this one
          </Tick>
        )}
      </div>
      <ul className="grid grid-cols-2 gap-x-4 sm:grid-cols-3">
        {found.map(({ kindId: to, size, scoreChange, costChange, mood }) => {
          const kind = kindOf(to);
          if (!kind) return null;
          return (
            <li key={to}>
              <Button
                look="bare"
                data-stand-in={to}
                onClick={() => apply(swapEdit(kindId, to, size, at))}
                className="grid w-full grid-cols-[44px_1fr] items-center gap-2 border-t border-rule py-1.5 text-left hover:bg-wash"
              >
                <Swatches kind={kind} height={26} />
                <span>
                  <span className="block leading-4 font-semibold">{kind.common}</span>
                  <span className="text-note text-ink2">
                    {mood.length > 0 ? `${mood.join(', ')}; ` : ''}
                    {suitsText(scoreChange)},{' '}
                    {Math.abs(costChange) < 0.005
                      ? 'same price'
                      : `${costChange > 0 ? '+' : '−'}${moneyText(Math.abs(costChange), settings)}`}
                  </span>
                </span>
              </Button>
            </li>
          );
        })}
      </ul>
    </>
  );
}
