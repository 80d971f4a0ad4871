'use client';

import type { Store } from '@/data/store';
import { takeBackup } from '@/data/takeBackup';
import { Button } from '@/ui/controls/Button';
import { say } from '@/ui/session/say';
import { useLive } from '@/ui/session/StoreProvider';
import { countText } from '@/words/format';
import { OnItsWay } from '@/ui/controls/OnItsWay';
import type { Waiting } from './readIn';
import { useLongWork } from '@/ui/controls/useLongWork';

interface PreviewProps extends Waiting {
  readonly store: Store;
  readonly onDone: () => void;
}

/** What a backup would put in the place of what is here, list by list, before it does. */
export function RestorePreview({ store, backup, archive, renamed, onDone }: PreviewProps) {
  const here = useLive((s) => s.counts());
  const work = useLongWork();
  const restore = async () => {
    const taken = await work.run('Restoring', (ask) => takeBackup(store, { backup, archive }, ask));
    if (!taken) return;
    const { before, damaged } = taken;
    onDone();
    const lost =
      damaged > 0
        ? ` ${countText(damaged, 'photograph')} ${damaged === 1 ? 'is' : 'are'} missing from the file, or damaged.`
        : '';
    say(`Everything was restored.${lost}`, {
      label: 'Put it back as it was',
      go: () => void store.putBack(before, { only: true }),
    });
  };
  const rows = [
    ['plantings', backup.plantings.length, here?.plantings],
    ['spots', backup.spots.length, here?.spots],
    ['containers on the shelf', backup.shelf.length, here?.shelf],
    ['kept beside plantings', backup.kept.length, here?.kept],
    ['groups', backup.groups.length, here?.groups],
    ['plants of your own', backup.kinds.length, here?.kinds],
    ['lists of weather', backup.weather.length, here?.weather],
    ['entries of the diary', backup.entries.length, here?.entries],
    ['photographs', backup.photos.length + (archive?.photographs.length ?? 0), here?.photos],
  ] as const;
  const names = backup.plantings.slice(0, 6).map(({ name }) => name);
  return (
    <div
      role="alertdialog"
      aria-label="Restore everything"
      className="border-t border-rule bg-wash px-4 py-3"
    >
      <p>
        <b className="font-semibold">Put this backup in the place of all that is here?</b> It was
        written {backup.written.slice(0, 10)} and holds{' '}
        {countText(backup.plantings.length, 'planting')}
        {names.length > 0 ? `: ${names.join(', ')}` : ''}
        {backup.plantings.length > names.length ? ' and others' : ''}.
      </p>
      {renamed && <p className="pt-1">{renamed}</p>}
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
      {backup.unreadable.length > 0 && (
        <p className="text-ink2">
          {countText(backup.unreadable.length, 'record')} in it could not be read where it was
          written; {backup.unreadable.length === 1 ? 'it comes' : 'they come'} along as{' '}
          {backup.unreadable.length === 1 ? 'it lies' : 'they lie'}.
        </p>
      )}
      <OnItsWay work={work} />
      <p className="flex gap-3 pt-2">
        <Button look="act" disabled={work.at !== null} onClick={() => void restore()}>
          Restore it
        </Button>
        <Button onClick={onDone}>Leave things as they are</Button>
      </p>
    </div>
  );
}
