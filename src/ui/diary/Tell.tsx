'use client';

import { useState } from 'react';
import { isOfAPlant, type TellingFault, type ToldSort } from '@/core/diary/telling';
import { CAUSES, LOOKS_BAD } from '@/core/log/terms';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { Button } from '@/ui/controls/Button';
import { Choices } from '@/ui/controls/Choices';
import { FileButton } from '@/ui/controls/FileButton';
import { entryLook } from '@/ui/controls/looks';
import { Select } from '@/ui/controls/Select';
import type { Planted } from '@/ui/session/usePlanted';
import { ContainerSelect } from './ContainerSelect';
import { useTelling, type TellingHere } from './useTelling';

const SORTS: readonly (readonly [ToldSort, string])[] = [
  ['photographed', 'Photograph'],
  ['measured', 'Measured'],
  ['in flower', 'In flower'],
  ['gone over', 'Gone over'],
  ['looks bad', 'Looks bad'],
  ['died', 'Died'],
  ['noted', 'Note'],
];
const FAULTS: Readonly<Record<TellingFault, string>> = {
  'still to come': 'That day is still to come.',
  'not planted yet': 'It was not planted yet on that day.',
  'no length': 'A height or spread is more than 0 and at most 1000 cm.',
};

/** What happened, told in a few taps: of which container and plant, on which day, what. */
export function Tell({
  planted,
  stood,
  plantingId,
}: {
  readonly planted: Planted;
  readonly stood: readonly PlantingInSpot[];
  readonly plantingId: string | null;
}) {
  const [picked, setPicked] = useState<string | null>(null);
  const it = stood.find(({ planting }) => planting.id === (plantingId ?? picked)) ?? stood[0]!;
  const telling = useTelling(it, planted);
  const { sort, fault } = telling;
  return (
    <section aria-label="Tell what happened" className="mt-3 bg-paper px-4 py-3">
      <Choices<ToldSort>
        name="What happened"
        value={sort}
        options={SORTS}
        onPick={telling.setSort}
      />
      <div className="flex flex-wrap items-end gap-3 pt-3">
        {plantingId === null && (
          <ContainerSelect
            name="Container"
            stood={stood}
            value={it.planting.id}
            onPick={setPicked}
          />
        )}
        <PlantAndDay telling={telling} />
        <Facts telling={telling} />
        {sort === 'photographed' ? (
          <FileButton
            label="A photograph of it"
            accept="image/*"
            look="act"
            onFiles={([file]) => file && void telling.photograph(file)}
          >
            Take or choose one
          </FileButton>
        ) : (
          <Button
            look="act"
            disabled={fault !== null || telling.isEmpty}
            onClick={() => void telling.keep()}
          >
            Keep
          </Button>
        )}
      </div>
      {fault && (
        <p role="alert" className="pt-2">
          {FAULTS[fault]}
        </p>
      )}
    </section>
  );
}

function PlantAndDay({ telling }: { readonly telling: TellingHere }) {
  return (
    <>
      <label className="grid">
        <span className="text-note text-ink2">Plant</span>
        <Select
          value={telling.kindId}
          onChange={({ target: { value } }) => telling.setPickedKind(value)}
        >
          {!isOfAPlant(telling.sort) && <option value="">all of it</option>}
          {telling.kinds.map(({ id, common }) => (
            <option key={id} value={id}>
              {common}
            </option>
          ))}
        </Select>
      </label>
      <label className="grid">
        <span className="text-note text-ink2">On</span>
        <input
          type="date"
          className={entryLook()}
          value={telling.on}
          max={telling.today}
          onChange={({ target: { value } }) => telling.setToldOn(value || null)}
        />
      </label>
    </>
  );
}

/** What is asked for, by the sort of thing that is told. */
function Facts({ telling: { sort, length, typed, type } }: { readonly telling: TellingHere }) {
  return (
    <>
      {sort === 'measured' && (
        <>
          <Length name={`High, ${length}`} value={typed.high} onValue={(high) => type({ high })} />
          <Length
            name={`Across, ${length}`}
            value={typed.wide}
            onValue={(wide) => type({ wide })}
          />
        </>
      )}
      {(sort === 'looks bad' || sort === 'died') && (
        <label className="grid">
          <span className="text-note text-ink2">{sort === 'died' ? 'Of' : 'How'}</span>
          <Select value={typed.detail} onChange={({ target }) => type({ detail: target.value })}>
            {(sort === 'died' ? CAUSES : LOOKS_BAD).map((one) => (
              <option key={one}>{one}</option>
            ))}
          </Select>
        </label>
      )}
      {(sort === 'noted' || sort === 'looks bad') && (
        <label className="grid min-w-52 flex-1">
          <span className="text-note text-ink2">In words</span>
          <input
            className={entryLook()}
            maxLength={400}
            value={typed.words}
            onChange={({ target }) => type({ words: target.value })}
          />
        </label>
      )}
    </>
  );
}

function Length({
  name,
  value,
  onValue,
}: {
  readonly name: string;
  readonly value: string;
  readonly onValue: (text: string) => void;
}) {
  return (
    <label className="grid w-20 sm:w-24">
      <span className="text-note text-ink2">{name}</span>
      <input
        inputMode="decimal"
        className={entryLook({ className: 'w-full' })}
        maxLength={8}
        value={value}
        onChange={({ target }) => onValue(target.value)}
      />
    </label>
  );
}
