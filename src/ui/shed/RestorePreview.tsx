'use client';

import type { Backup } from '@/core/files/plantingFile';
import type { Store } from '@/data/store';
import { Button } from '@/ui/controls/Button';
import { say } from '@/ui/session/say';
import { useLive } from '@/ui/session/StoreProvider';
import { countText } from '@/words/format';

interface PreviewProps {
  readonly store: Store;
  readonly backup: Backup;
  /** Kinds it calls by an old name, in words; empty when there are none. */
  readonly renamed: string;
  readonly onDone: () => void;
}

/** What a backup would put in the place of what is here, list by list, before it does. */
export function RestorePreview({ store, backup, renamed, onDone }: PreviewProps) {
  const here = useLive((s) => s.counts());
  const restore = async () => {
    const before = await store.restore(backup);
    onDone();
    say('Everything was restored.', {
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
      <p className="flex gap-3 pt-2">
        <Button look="act" onClick={() => void restore()}>
          Restore it
        </Button>
        <Button onClick={onDone}>Leave things as they are</Button>
      </p>
    </div>
  );
}
