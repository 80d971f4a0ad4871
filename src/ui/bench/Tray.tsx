'use client';

import { allPlants } from '@/core/plantings/planting';
import { memo, useState } from 'react';
import { branchOf } from '@/core/plantings/kept';
import { applyEdit } from '@/core/plantings/edits';
import { hash32 } from '@/core/random/hash';
import type { RemakeAsk } from '@/core/search/remaking';
import type { Decision } from '@/core/search/refresh';
import { plantCost } from '@/core/shopping/plantCost';
import type { Settings } from '@/core/files/plantingFile';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { say } from '@/ui/session/say';
import { useLive, useStore } from '@/ui/session/StoreProvider';
import type { Editing } from '@/ui/session/useEditing';
import { sizeText } from '@/words/containers';
import { KeptShelf } from './KeptShelf';
import { proposedWays, remadeWays, sized, type Way } from './ways';
import { wayKinds } from './wayKinds';
import { WayShelf } from './WayShelf';
import { decisionText } from '@/words/remade';
import { Button } from '@/ui/controls/Button';
import { Select } from '@/ui/controls/Select';

interface TrayProps {
  readonly editing: Editing;
  readonly settings: Settings;
  readonly weeks: number;
  readonly selected: string | null;
  /** Told the way that is held against the one on the bench, and `null` when it is let go. */
  readonly onHold: (way: Way | null) => void;
}

const IN_ANOTHER = 'In another container';

/** How many stand on the tray. */
const SHOWN = 5;

/** Other ways to plant it, as little elevations on one line: proposed afresh, or made from what is there. Pressing one tries it; undo brings the old one back. */
const Tray = memo(function Tray({ editing, settings, weeks, selected, onHold }: TrayProps) {
  const { planting, it, apply } = editing;
  const { kindOf } = useLibrary();
  const store = useStore();
  const shelf = useLive((store) => store.shelf.all());
  const [ways, setWays] = useState<readonly Way[]>([]);
  const [decisions, setDecisions] = useState<readonly Decision[]>([]);
  const [looking, setLooking] = useState<string | null>(null);
  /** The kind of way that is looked for, or whose ways stand there. */
  const [asked, setAsked] = useState<string | null>(null);
  const cost = plantCost(allPlants(it));
  const chosen = it.plants.find(({ id }) => id === selected);

  const look = async (name: string, find: () => Promise<readonly Way[]>, otherwise: string) => {
    setLooking(name);
    setAsked(name);
    setDecisions([]);
    const found = await find().catch((error: unknown) => {
      say(error instanceof Error ? error.message : String(error));
      return [];
    });
    setWays(found.slice(0, SHOWN));
    setLooking(null);
    if (found.length === 0) say(otherwise);
  };
  const propose = () => {
    const seed = hash32(planting.places[0]?.seed ?? 1, ways.length);
    return proposedWays(it, kindOf, seed, (some) => setWays(some.slice(0, SHOWN)));
  };
  const remake = async (how: RemakeAsk) => {
    const answer = await remadeWays(it, kindOf, how);
    setDecisions(answer.decisions);
    return answer.ways;
  };
  /** The same planting again, for a container like this one. */
  const twin = async () => {
    const id = `planting-${crypto.randomUUID().slice(0, 8)}`;
    const name = `${planting.name} (twin)`.slice(0, 80);
    await store?.plantings.add({ ...planting, id, name, demo: false }, it.spot);
    say(`${name} stands in the yard at the same spot.`);
  };
  /** Keeps a way in view while others are looked for. */
  const pin = async (way: Way) => {
    await store?.kept.put({
      id: `kept-${crypto.randomUUID().slice(0, 8)}`,
      plantingId: planting.id,
      kind: 'pin',
      name: (way.title || 'Another way').slice(0, 80),
      at: new Date().toISOString(),
      from: branchOf(planting),
      planting: { ...applyEdit(planting, way.edit) },
    });
  };
  const others = [
    ...(shelf ?? [])
      .filter(({ id }) => id !== planting.shelfId)
      .map(({ id, container }) => ({ id, container, name: container.name })),
    ...sized(planting.container),
  ];
  const kinds = wayKinds(it, weeks, chosen ?? null);
  return (
    <section aria-label="Tray" className="mt-4">
      <h2 className="text-lead font-semibold">Other ways to plant it</h2>
      <div className="mt-1.5 flex flex-wrap items-center gap-1.5">
        {kinds.map(({ name, how, otherwise }) => (
          <Button
            key={name}
            look="choice"
            aria-pressed={asked === name}
            disabled={looking !== null}
            onClick={() => void look(name, () => (how ? remake(how) : propose()), otherwise)}
          >
            {looking === name ? 'Looking…' : name}
          </Button>
        ))}
        <Select
          aria-label={IN_ANOTHER}
          className="min-w-0 max-sm:w-full"
          value=""
          disabled={looking !== null}
          onChange={(event) => {
            const other = others.find(({ id }) => id === event.target.value);
            const how = other && {
              kind: 'scale' as const,
              container: other.container,
              shelfId: (shelf ?? []).some(({ id }) => id === other.id) ? other.id : null,
            };
            if (how)
              void look(
                IN_ANOTHER,
                () => remake(how),
                'These plants do not go into that container.',
              );
          }}
        >
          <option value="">In another container…</option>
          {others.map(({ id, container, name }) => (
            <option key={id} value={id}>
              {name}, {sizeText(container.shape, settings.length)} {settings.length}
            </option>
          ))}
        </Select>
        <Button onClick={() => void twin()}>A second one like it</Button>
      </div>
      {decisions.length > 0 && (
        <ul
          className="mt-2 bg-paper px-3 py-2 text-note leading-4"
          aria-label="What to do with each"
        >
          {decisionText(decisions, kindOf).map((line) => (
            <li key={line} className="py-0.5">
              {line}
            </li>
          ))}
        </ul>
      )}
      {ways.length > 0 && (
        <WayShelf
          ways={ways}
          cost={cost}
          weeks={weeks}
          settings={settings}
          onTry={apply}
          onPin={(way) => void pin(way)}
          onHold={onHold}
        />
      )}
      <KeptShelf editing={editing} settings={settings} weeks={weeks} />
    </section>
  );
});
export default Tray;
