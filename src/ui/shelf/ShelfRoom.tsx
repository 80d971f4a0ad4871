'use client';

import { useSearchParams } from 'next/navigation';
import { Suspense } from 'react';
import { ContainerDesk } from './ContainerDesk';
import { ShelfBoard } from './ShelfBoard';
import { Waiting } from './Waiting';
import { useShelfEditing } from './useShelfEditing';
import { ButtonLink } from '@/ui/controls/Button';

/** The Shelf: one container measured when the address names it, all of them when it does not. */
export function ShelfRoom() {
  return (
    <Suspense fallback={<Waiting />}>
      <Room />
    </Suspense>
  );
}

function Room() {
  const asked = useSearchParams().get('item');
  return asked ? <OneContainer key={asked} id={asked} /> : <ShelfBoard />;
}

function OneContainer({ id }: { readonly id: string }) {
  const editing = useShelfEditing(id);
  if (editing === undefined) return <Waiting />;
  if (editing === null)
    return (
      <div className="py-16">
        <h1 className="display text-room leading-10">That container is not on the shelf</h1>
        <p className="mt-2 text-lead">
          It may have been taken away, or put there in another browser.
        </p>
        <ButtonLink look="act" href="/shelf" className="mt-5">
          The whole shelf
        </ButtonLink>
      </div>
    );
  return <ContainerDesk editing={editing} />;
}
