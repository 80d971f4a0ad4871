'use client';

import { Pin } from 'lucide-react';
import { memo, useState } from 'react';
import type { Container } from '@/core/containers/container';
import { plantingOf } from '@/core/plantings/brief';
import { branchOf } from '@/core/plantings/kept';
import { applyEdit, type Edit } from '@/core/plantings/edits';
import { inSpot, type PlantingInSpot } from '@/core/plantings/planting';
import { hash32 } from '@/core/random/hash';
import type { RemakeAsk } from '@/core/search/remaking';
import type { Decision } from '@/core/search/refresh';
import { plantCost } from '@/core/shopping/plantCost';
import { isLong } from '@/core/schools/school';
import { weekAfter } from '@/core/units/units';
import type { Settings } from '@/core/files/plantingFile';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { askOf } from '@/ui/session/askOf';
import { say } from '@/ui/session/say';
import { useLive, useStore } from '@/ui/session/StoreProvider';
import type { Editing } from '@/ui/session/useEditing';
import { ProposalPicture } from '@/ui/start/ProposalPicture';
import { aboutText } from '@/words/about';
import { sizeText } from '@/words/containers';
import { dateText, moneyText } from '@/words/format';
import { inSentence } from '@/words/names';
import { KeptShelf } from './KeptShelf';
import { changeText, decisionText } from '@/words/remade';
import { SCHOOL_NAMES } from '@/words/schools';
import { runJob } from '@/workers/runJob';
import { Button } from '@/ui/controls/Button';
import { Select } from '@/ui/controls/Select';

interface TrayProps {
  readonly editing: Editing;
  readonly settings: Settings;
  readonly weeks: number;
  readonly selected: string | null;
}

/** One way to plant it, ready to be drawn and tried. */
interface Way {
  readonly it: PlantingInSpot;
  readonly edit: Edit;
  readonly title: string;
  readonly about: string;
  readonly cost: number;
}

/** How many stand on the tray. */
const SHOWN = 4;

/** Other ways to plant it, as little elevations on one line: proposed afresh, or made from what is there. Pressing one tries it; undo brings the old one back. */
const Tray = memo(function Tray({ editing, settings, weeks, selected }: TrayProps) {
  const { planting, it, apply } = editing;
  const { kindOf } = useLibrary();
  const store = useStore();
  const shelf = useLive((store) => store.shelf());
  const [ways, setWays] = useState<readonly Way[]>([]);
  const [decisions, setDecisions] = useState<readonly Decision[]>([]);
  const [looking, setLooking] = useState<string | null>(null);
  const [party, setParty] = useState(false);
  const cost = plantCost(it.plants);
  const chosen = it.plants.find(({ id }) => id === selected);

  const look = async (name: string, find: () => Promise<readonly Way[]>, otherwise: string) => {
    setLooking(name);
    setDecisions([]);
    const found = await find().catch((error: unknown) => {
      say(error instanceof Error ? error.message : String(error));
      return [];
    });
    setWays(found.slice(0, SHOWN));
    setLooking(null);
    if (found.length === 0) say(otherwise);
  };
  const propose = async (): Promise<readonly Way[]> => {
    const ask = askOf(it, hash32(planting.places[0]?.seed ?? 1, ways.length));
    const current = new Set(planting.places.map(({ kindId }) => kindId));
    const shown = (list: Awaited<ReturnType<typeof runJob<'propose'>>>) =>
      list
        .filter((way) => way.places.some(({ kindId }) => !current.has(kindId)))
        .map((way): Way => ({
          it: inSpot(plantingOf(way, ask, { id: 'way', name: 'way' }), it.spot, kindOf, it.house),
          edit: {
            kind: 'remake',
            why: 'propose',
            change: { places: way.places, wishes: { ...planting.wishes, school: way.school } },
          },
          title: kindOf(way.lead ?? way.bodies[0] ?? way.edges[0] ?? '')?.common ?? '',
          about: `${SCHOOL_NAMES[way.school]}. ${aboutText(way, kindOf)}`,
          cost: way.cost,
        }));
    return shown(
      await runJob(
        'propose',
        { ...ask, effort: 40, wanted: 6, improve: 300 },
        { onProgress: ({ best }) => setWays(shown(best).slice(0, SHOWN)) },
      ),
    );
  };
  const remake = (how: RemakeAsk) => async (): Promise<readonly Way[]> => {
    const answer = await runJob('remake', { it, how });
    setDecisions(answer.decisions);
    return answer.ways.map(({ remade, scheme }): Way => {
      const edit: Edit = { kind: 'remake', why: remade.why, change: remade.change };
      const { title, about } = changeText(remade, scheme, kindOf);
      return {
        it: inSpot(applyEdit(planting, edit), it.spot, kindOf, it.house),
        edit,
        title,
        about,
        cost: remade.cost,
      };
    });
  };
  /** The same planting again, for a container like this one. */
  const twin = async () => {
    const id = `planting-${crypto.randomUUID().slice(0, 8)}`;
    const name = `${planting.name} (twin)`.slice(0, 80);
    await store?.add({ ...planting, id, name, demo: false }, it.spot);
    say(`${name} stands in the yard at the same spot.`);
  };
  /** Keeps a way in view while others are looked for. */
  const pin = async (way: Way) => {
    await store?.keep({
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
  const nextSeason = seasonAfter(planting.endWeek);

  const press = (name: string, find: () => Promise<readonly Way[]>, otherwise: string) => (
    <Button
      key={name}

      disabled={looking !== null}
      onClick={() => void look(name, find, otherwise)}
    >
      {looking === name ? 'Looking…' : name}
    </Button>
  );
  return (
    <section aria-label="Tray">
      <h2 className="flex items-baseline gap-2 text-lead font-semibold">
        Tray <span className="text-small font-normal text-ink2">other ways to plant it</span>
      </h2>
      <div className="mt-2 flex flex-wrap gap-1.5">
        {press(
          'Show other ways',
          propose,
          'No other planting suits this container, light and scheme.',
        )}
        {press(
          'Three moods',
          remake({ kind: 'vary' }),
          'No other mood can be had with these bones.',
        )}
        {chosen
          ? press(
              `Keep ${inSentence(chosen.kind.common)}, change the rest`,
              remake({
                kind: 'finish',
                keep: it.plants
                  .filter(({ kindId }) => kindId === chosen.kindId)
                  .map(({ id }) => id),
              }),
              'Nothing else goes with it here.',
            )
          : press(
              'Finish it',
              remake({ kind: 'finish', keep: null }),
              'It has every part of its school already.',
            )}
        {press(
          `Refresh in week ${weeks}`,
          remake({ kind: 'refresh', weeks }),
          'Nothing wants refreshing.',
        )}
        {press(
          `For ${dateText(nextSeason.plantedWeek)} on`,
          remake({ kind: 'season', ...nextSeason }),
          'Nothing suits the pockets in that season.',
        )}
        <Button onClick={() => void twin()}>Make a twin</Button>
        {isLong(planting.container) &&
          press(
            'Repeat a unit',
            remake({
              kind: 'repeat',
              unit: chosen
                ? it.plants
                    .filter((plant) => Math.abs(plant.xCm - chosen.xCm) < UNIT_HALF_CM)
                    .map(({ id }) => id)
                : null,
              ends: party ? 'party' : 'matched',
            }),
            'So many units do not go in.',
          )}
      </div>
      {isLong(planting.container) && (
        <label className="mt-1.5 flex items-center gap-1.5 text-note">
          <input
            type="checkbox"
            className="size-4 accent-[var(--ink)]"
            checked={party}
            onChange={(event) => setParty(event.target.checked)}
          />
          ends differ when repeated
          {chosen ? `; the unit is what stands about ${inSentence(chosen.kind.common)}` : ''}
        </label>
      )}
      <label className="mt-1.5 flex items-center gap-2 text-note text-ink2">
        In
        <Select
          aria-label="In another container"
          className="min-w-0 flex-1"
          value=""
          disabled={looking !== null}
          onChange={(event) => {
            const other = others.find(({ id }) => id === event.target.value);
            if (other)
              void look(
                'In another container',
                remake({
                  kind: 'scale',
                  container: other.container,
                  shelfId: (shelf ?? []).some(({ id }) => id === other.id) ? other.id : null,
                }),
                'These plants do not go into that container.',
              );
          }}
        >
          <option value="">another container…</option>
          {others.map(({ id, container, name }) => (
            <option key={id} value={id}>
              {name}, {sizeText(container.shape, settings.length)} {settings.length}
            </option>
          ))}
        </Select>
      </label>
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
        <>
          <ul className="mt-2 grid grid-cols-4 border-x-[1.5px] border-b-[1.5px] border-tick">
            {ways.map((way) => (
              <li key={keyOf(way)} className="relative">
                <Button
                  look="icon"
                  aria-label={`Pin: ${way.title}`}
                  title="Pin it: it stays on the tray"
                  onClick={() => void pin(way)}
                  className="absolute top-0 right-0 z-10 bg-paper/80"
                >
                  <Pin size={14} aria-hidden />
                </Button>
                <Button
                  look="bare"
                  data-way
                  title={way.about}
                  aria-label={`Try: ${way.about}`}
                  onClick={() => apply(way.edit)}
                  className="block w-full"
                >
                  <ProposalPicture
                    it={way.it}
                    widthPx={84}
                    heightPx={104}
                    weeks={Math.max(6, weeks)}
                  />
                </Button>
              </li>
            ))}
          </ul>
          <ul className="mt-1 grid grid-cols-4 text-note leading-4">
            {ways.map((way) => (
              <li key={keyOf(way)} className="pr-1">
                <b className="line-clamp-2 font-semibold">{way.title}</b>
                <span className="text-ink2">
                  {Math.abs(way.cost - cost) < 0.005
                    ? 'same price'
                    : `${way.cost > cost ? '+' : '−'}${moneyText(Math.abs(way.cost - cost), settings)}`}
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
      <KeptShelf editing={editing} settings={settings} weeks={weeks} />
    </section>
  );
});
export default Tray;

/** What stands this near along a box belongs to one unit, cm. */
const UNIT_HALF_CM = 18;

const keyOf = ({ it, about }: Way) =>
  `${about} ${it.planting.places.map(({ id, kindId, xCm, zCm }) => `${id}${kindId}${xCm},${zCm}`).join()}`;

/** The same container a third smaller and a third bigger. */
function sized(
  container: Container,
): readonly { readonly id: string; readonly container: Container; readonly name: string }[] {
  const by = (share: number, id: string, name: string) => ({
    id,
    name,
    container: {
      ...container,
      shape: Object.fromEntries(
        Object.entries(container.shape).map(([key, value]) => [
          key,
          typeof value === 'number' ? Math.round(value * share * 10) / 10 : value,
        ]),
      ) as Container['shape'],
    },
  });
  return [by(0.75, 'smaller', 'a smaller one'), by(1.33, 'bigger', 'a bigger one')];
}

/** Weeks for which pockets are filled once this season is over: to the turn of the next. */
function seasonAfter(endWeek: number): { readonly plantedWeek: number; readonly endWeek: number } {
  return endWeek >= 34 || endWeek < 8
    ? { plantedWeek: endWeek, endWeek: 18 }
    : { plantedWeek: endWeek, endWeek: weekAfter(endWeek, 20) };
}
