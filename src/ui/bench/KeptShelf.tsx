'use client';

import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import { branchOf, bringBack, FIRST_PLAN, freeName, type Kept } from '@/core/plantings/kept';
import { inSpot } from '@/core/plantings/planting';
import type { Settings } from '@/core/files/plantingFile';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { say } from '@/ui/session/say';
import { useLive, useStore } from '@/ui/session/StoreProvider';
import type { Editing } from '@/ui/session/useEditing';
import { Button } from '@/ui/controls/Button';
import { entryLook } from '@/ui/controls/looks';
import { KeptList } from './KeptList';
import { KeepButtons } from './KeepButtons';

const CompareWays = dynamic(() => import('./CompareWays'), { ssr: false });

const NONE: readonly Kept[] = [];
const HERE = 'here';

interface KeptShelfProps {
  readonly editing: Editing;
  readonly settings: Settings;
  readonly weeks: number;
}

/** What was kept of this planting: pinned ways, versions by name, and what-ifs to work on by turns; two to four of them side by side. */
export function KeptShelf({ editing, settings, weeks }: KeptShelfProps) {
  const { planting, spot, it, apply } = editing;
  const { kindOf } = useLibrary();
  const store = useStore();
  const kept = useLive((s) => s.kept.of(planting.id), [planting.id]) ?? NONE;
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const [comparing, setComparing] = useState(false);
  const [naming, setNaming] = useState<string | null>(null);
  const branch = branchOf(planting);
  // The branch that is worked on stands on the Bench; its record is only for when it is left.
  const shown = useMemo(
    () => kept.filter(({ kind, name }) => kind !== 'what if' || name !== branch),
    [kept, branch],
  );
  const compared = useMemo(() => {
    const all = [
      { id: HERE, name: 'On the bench', it },
      ...shown.map((one) => ({
        id: one.id,
        name: one.name,
        it: inSpot(one.planting, spot, kindOf, it.house),
      })),
    ];
    return [HERE, ...chosen].flatMap((id) => all.filter((one) => one.id === id));
  }, [chosen, shown, it, spot, kindOf]);

  const stamp = () => new Date().toISOString();
  const fresh = () => `kept-${crypto.randomUUID().slice(0, 8)}`;
  const keepVersion = async (name: string) => {
    setNaming(null);
    await store?.kept.put({
      id: fresh(),
      plantingId: planting.id,
      kind: 'version',
      name:
        name.trim().slice(0, 80) ||
        freeName(
          'Version',
          kept.map((one) => one.name),
        ),
      at: stamp(),
      from: branch,
      planting,
    });
  };
  const whatIf = async () => {
    const name = freeName(
      'What if',
      kept.map((one) => one.name),
    );
    await store?.kept.switchTo(
      {
        id: fresh(),
        plantingId: planting.id,
        kind: 'what if',
        name,
        at: stamp(),
        from: branch,
        planting,
      },
      stamp(),
      { did: 'began', name },
    );
    say(`You are trying "${name}". ${branch} is kept as it stands.`);
  };
  const use = async (one: Kept) => {
    if (one.kind === 'what if')
      return void (await store?.kept.switchTo(one, stamp(), { did: 'went to', name: one.name }));
    apply(bringBack(one));
  };
  const letGo = async (one: Kept) => {
    const gone = await store?.kept.letGo(one.id);
    if (gone)
      say(`${one.name} is let go.`, { label: 'Keep it', go: () => void store?.kept.put(gone) });
  };
  return (
    <div className="mt-3 border-t border-rule pt-2" role="group" aria-label="Kept">
      <KeepButtons
        setNaming={setNaming}
        kept={kept}
        whatIf={whatIf}
        shown={shown}
        chosen={chosen}
        setComparing={setComparing}
      />
      {naming !== null && (
        <form
          className="mt-2 flex gap-1.5"
          onSubmit={(event) => {
            event.preventDefault();
            void keepVersion(naming);
          }}
        >
          <input
            autoFocus
            aria-label="Name of this version"
            className={entryLook({ className: 'min-w-0 flex-1' })}
            maxLength={80}
            value={naming}
            onChange={(event) => setNaming(event.target.value)}
          />
          <Button look="act" type="submit">
            Keep
          </Button>
          <Button onClick={() => setNaming(null)}>No</Button>
        </form>
      )}
      {branch !== FIRST_PLAN && (
        <p className="mt-2 text-note">
          On the bench: <b className="font-semibold">{branch}</b>. Go back to{' '}
          {FIRST_PLAN.toLowerCase()} below, or go on from here.
        </p>
      )}
      <KeptList
        shown={shown}
        spot={spot}
        kindOf={kindOf}
        it={it}
        weeks={weeks}
        settings={settings}
        use={use}
        letGo={letGo}
        chosen={chosen}
        setChosen={setChosen}
      />
      {comparing && compared.length > 1 && (
        <CompareWays
          ways={compared}
          weeks={weeks}
          settings={settings}
          onClose={() => setComparing(false)}
          onUse={(id) => {
            const one = shown.find((other) => other.id === id);
            setComparing(false);
            if (one) void use(one);
          }}
        />
      )}
    </div>
  );
}
