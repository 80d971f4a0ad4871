'use client';

import { Command as Menu } from 'cmdk';
import { useRouter } from 'next/navigation';
import { useSyncExternalStore } from 'react';
import { Dialog } from 'radix-ui';
import { benchHref } from '@/ui/session/links';
import { offered, onOffers, type Command } from '@/ui/session/commands';
import { useLive } from '@/ui/session/StoreProvider';
import { buttonLook } from '@/ui/controls/looks';

interface PaletteProps {
  readonly rooms: readonly { readonly href: string; readonly name: string }[];
  readonly show: 'palette' | 'keys';
  readonly onClose: () => void;
}

/** Keys that work everywhere. */
const EVERYWHERE = [
  ['Ctrl K', 'find something to do'],
  ['?', 'this list of keys'],
  ['Ctrl Z', 'undo'],
  ['Ctrl Shift Z', 'redo'],
  ['Tab', 'to the next thing; with Shift to the one before'],
  ['← →', 'on a slider: a step'],
] as const;

/** Everything that can be done here, found by typing a few letters; and the keys that do it. */
export default function Palette({ rooms, show, onClose }: PaletteProps) {
  const router = useRouter();
  const { commands, keys } = useSyncExternalStore(onOffers, offered, offered);
  const plantings = useLive((store) => store.plantings.names()) ?? [];
  const go = (href: string, name: string, group: string): Command => ({
    id: `go ${href}`,
    name,
    group,
    run: () => router.push(href),
  });
  const all = [
    ...commands,
    ...plantings.map(({ id, name }) => go(benchHref(id), `Put ${name} on the bench`, 'Go')),
    ...rooms.map(({ href, name }) => go(href, `To the ${name.toLowerCase()}`, 'Go')),
    go('/terrace', 'Set containers out together', 'Go'),
    go('/start', 'Start a planting', 'Go'),
  ];
  const groups = [...new Set(all.map(({ group }) => group))];
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-[rgb(25_31_34/0.45)]" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-x-3 top-[9vh] z-50 mx-auto flex max-h-[80vh] max-w-[600px] flex-col bg-paper"
        >
          <Dialog.Title className={show === 'keys' ? 'display px-5 pt-4 text-drawing' : 'sr-only'}>
            {show === 'keys' ? 'Keys' : 'Find something to do'}
          </Dialog.Title>
          {show === 'keys' ? (
            <div className="grid gap-4 overflow-y-auto px-5 py-4">
              <KeyList
                title="Everywhere"
                lines={EVERYWHERE.map(([k, does]) => ({ keys: k, does }))}
              />
              {[...new Set(keys.map(({ group }) => group))].map((group) => (
                <KeyList
                  key={group}
                  title={group}
                  lines={keys.filter((line) => line.group === group)}
                />
              ))}
              <p>
                <Dialog.Close className={buttonLook({ look: 'quiet' })}>Close</Dialog.Close>
              </p>
            </div>
          ) : (
            <Menu label="Find something to do" className="flex min-h-0 flex-col">
              <Menu.Input
                autoFocus
                placeholder="What would you do? Turn, week, pick…"
                className="h-12 border-b-[1.5px] border-tick bg-paper px-4 text-lead outline-none"
              />
              <Menu.List className="min-h-0 overflow-y-auto px-2 py-2">
                <Menu.Empty className="px-3 py-4 text-ink2">
                  Nothing is called that here.
                </Menu.Empty>
                {groups.map((group) => (
                  <Menu.Group
                    key={group}
                    heading={group}
                    className="[&_[cmdk-group-heading]]:px-2 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-note [&_[cmdk-group-heading]]:text-ink2"
                  >
                    {all
                      .filter((command) => command.group === group)
                      .map(({ id, name, keys: k, run }) => (
                        <Menu.Item
                          key={id}
                          value={`${group} ${name} ${id}`}
                          onSelect={() => {
                            onClose();
                            run();
                          }}
                          className="flex min-h-8 cursor-pointer items-center justify-between px-2 text-body data-[selected=true]:bg-ink data-[selected=true]:text-paper"
                        >
                          {name}
                          {k && <kbd className="font-sans text-note opacity-80">{k}</kbd>}
                        </Menu.Item>
                      ))}
                  </Menu.Group>
                ))}
              </Menu.List>
            </Menu>
          )}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function KeyList({
  title,
  lines,
}: {
  readonly title: string;
  readonly lines: readonly { readonly keys: string; readonly does: string }[];
}) {
  return (
    <section>
      <h3 className="border-b border-rule pb-1 font-semibold">{title}</h3>
      <dl className="grid grid-cols-[112px_1fr] gap-x-4 pt-1">
        {lines.map(({ keys, does }) => [
          <dt key={`${keys}k`} className="py-0.5 font-semibold">
            {keys}
          </dt>,
          <dd key={`${keys}d`} className="py-0.5">
            {does}
          </dd>,
        ])}
      </dl>
    </section>
  );
}
