import type { ShelfItem } from '@/core/shelf/shelf';
import type { Container } from '@/core/containers/container';
import { RoomLink } from '@/ui/controls/RoomLink';
import { benchHref, startHref } from '@/ui/session/links';
import { UndoBar } from '@/ui/session/UndoBar';
import { say } from '@/ui/session/say';
import { countText } from '@/words/format';
import type { ShelfEditing } from './useShelfEditing';
import { Button, ButtonLink } from '@/ui/controls/Button';
import { Store } from '@/data/store';
import { AppRouterInstance } from 'next/dist/shared/lib/app-router-context.shared-runtime';

/** Name, keeping and undoing of one container. */
export function ContainerHead({
  container,
  planted,
  item,
  free,
  editing,
  store,
  router,
}: {
  readonly container: Container;
  readonly planted: readonly { readonly id: string; readonly name: string }[];
  readonly item: ShelfItem;
  readonly free: number;
  readonly editing: ShelfEditing;
  readonly store: Store | null;
  readonly router: AppRouterInstance;
}) {
  return (
    <header className="flex flex-wrap items-end gap-x-5 gap-y-2 pb-2">
      <h1 className="display text-room leading-10">{container.name}</h1>
      <p className="pb-1.5 text-small text-ink2">
        {planted.length === 0 ? (
          item.count > 1 ? (
            `${item.count} of them, all empty`
          ) : (
            'Empty'
          )
        ) : (
          <>
            {planted.map(({ id, name }, i) => (
              <span key={id}>
                {i > 0 && ', '}
                <RoomLink
                  className="underline decoration-rule2 underline-offset-3"
                  href={benchHref(id)}
                >
                  {name}
                </RoomLink>
              </span>
            ))}
            {free > 0 ? `; ${countText(free, 'more', 'more')} empty` : ''}
          </>
        )}
      </p>
      <p className="ml-auto flex items-center gap-3 pb-1">
        <UndoBar editing={editing} />
        <Button
          look="plain"

          onClick={() =>
            void store?.shelf.take(item.id).then((gone) => {
              router.push('/shelf');
              if (gone)
                say(`${container.name} was taken off the shelf.`, {
                  label: 'Bring it back',
                  go: () => void store.shelf.put(gone),
                });
            })
          }
        >
          Take away
        </Button>
        <ButtonLink href="/shelf">The whole shelf</ButtonLink>
        {free > 0 && (
          <ButtonLink look="act" href={startHref('container', item.id)}>
            Plant this one
          </ButtonLink>
        )}
      </p>
    </header>
  );
}
