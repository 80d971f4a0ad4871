'use client';

import { useEffect, useState } from 'react';
import type { Meeting, Taking } from '@/data/meeting';
import type { Store } from '@/data/store';
import { takeBackup } from '@/data/takeBackup';
import { Button } from '@/ui/controls/Button';
import { Choices } from '@/ui/controls/Choices';
import { say } from '@/ui/session/say';
import { useLive } from '@/ui/session/StoreProvider';
import { countText } from '@/words/format';
import { OnItsWay } from '@/ui/controls/OnItsWay';
import type { Waiting } from './readIn';
import { TogetherPreview } from './TogetherPreview';
import { useLongWork } from '@/ui/controls/useLongWork';

interface PreviewProps extends Waiting {
  readonly store: Store;
  readonly onDone: () => void;
}

/** What a backup would bring, list by list, before it does: laid together with what is here, or in the place of it. */
export function RestorePreview({ store, backup, archive, renamed, onDone }: PreviewProps) {
  const [isTogether, setTogether] = useState(true);
  const [taking, setTaking] = useState<ReadonlyMap<string, Taking>>(new Map());
  const [meeting, setMeeting] = useState<Meeting | null>(null);
  useEffect(() => {
    let isOn = true;
    // What could not be looked over has been told by the store.
    void store.whole.meeting(backup).then(
      (found) => isOn && setMeeting(found),
      () => undefined,
    );
    return () => {
      isOn = false;
    };
  }, [store, backup]);
  const work = useLongWork();
  const photographs = backup.photos.length + (archive?.photographs.length ?? 0);
  const restore = async () => {
    const how = isTogether ? taking : 'replace';
    const taken = await work.run(isTogether ? 'Bringing together' : 'Restoring', (ask) =>
      takeBackup(store, { backup, archive, how }, ask),
    );
    if (!taken) return;
    const { before, damaged } = taken;
    onDone();
    const lost =
      damaged > 0
        ? ` ${countText(damaged, 'photograph')} ${damaged === 1 ? 'is' : 'are'} missing from the file, or damaged.`
        : '';
    say(`${isTogether ? 'Both were brought together.' : 'Everything was restored.'}${lost}`, {
      label: 'Put it back as it was',
      go: () => void store.whole.putBack(before, { only: true }),
    });
  };
  const names = backup.plantings.slice(0, 6).map(({ name }) => name);
  return (
    <div
      role="alertdialog"
      aria-label="Bring in a backup"
      className="border-t border-rule bg-wash px-4 py-3"
    >
      <p>
        <b className="font-semibold">A backup</b> written {backup.written.slice(0, 10)}, with{' '}
        {countText(backup.plantings.length, 'planting')}
        {names.length > 0 ? `: ${names.join(', ')}` : ''}
        {backup.plantings.length > names.length ? ' and others' : ''}.
      </p>
      {renamed && <p className="pt-1">{renamed}</p>}
      <div className="pt-2">
        <Choices
          name="What it does"
          value={isTogether ? 'together' : 'replace'}
          options={[
            ['together', 'Bring both together'],
            ['replace', 'Put it in the place of all that is here'],
          ]}
          onPick={(how) => setTogether(how === 'together')}
        />
      </div>
      {isTogether ? (
        meeting ? (
          <TogetherPreview
            meeting={meeting}
            photographs={photographs}
            taking={taking}
            onTaking={(of, as) => setTaking((before) => new Map(before).set(of, as))}
          />
        ) : (
          <p className="py-2 text-ink2">Looking over what is here…</p>
        )
      ) : (
        <InItsPlace backup={backup} photographs={photographs} />
      )}
      {backup.unreadable.length > 0 && (
        <p className="text-ink2">
          {countText(backup.unreadable.length, 'record')} in it could not be read where it was
          written; {backup.unreadable.length === 1 ? 'it comes' : 'they come'} along as{' '}
          {backup.unreadable.length === 1 ? 'it lies' : 'they lie'}.
        </p>
      )}
      <OnItsWay work={work} />
      <p className="flex gap-3 pt-2">
        <Button
          look="act"
          disabled={work.at !== null || (isTogether && !meeting)}
          onClick={() => void restore()}
        >
          {isTogether ? 'Bring together' : 'Restore it'}
        </Button>
        <Button onClick={onDone}>Leave things as they are</Button>
      </p>
    </div>
  );
}

/** List by list, what is in the file and what would go for it. */
function InItsPlace({
  backup,
  photographs,
}: Pick<PreviewProps, 'backup'> & { readonly photographs: number }) {
  const here = useLive((s) => s.whole.counts());
  const rows = [
    ['plantings', backup.plantings.length, here?.plantings],
    ['spots', backup.spots.length, here?.spots],
    ['containers on the shelf', backup.shelf.length, here?.shelf],
    ['kept beside plantings', backup.kept.length, here?.kept],
    ['groups', backup.groups.length, here?.groups],
    ['plants of your own', backup.kinds.length, here?.kinds],
    ['lists of weather', backup.weather.length, here?.weather],
    ['entries of the diary', backup.entries.length, here?.entries],
    ['photographs', photographs, here?.photos],
  ] as const;
  return (
    <table className="my-2 border-collapse text-left">
      <thead>
        <tr className="text-note text-ink2">
          <th className="pr-6 font-normal">&nbsp;</th>
          <th className="pr-6 font-normal">in the file</th>
          <th className="font-normal">here now</th>
        </tr>
      </thead>
      <tbody>
        {rows.map(([name, there, now]) => (
          <tr key={name} className="border-t border-rule">
            <th className="py-0.5 pr-6 font-normal">{name}</th>
            <td className="pr-6">{there}</td>
            <td>{now ?? '…'}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
