'use client';

import { AlertDialog } from 'radix-ui';
import type { ReactNode } from 'react';
import { Button } from './Button';

interface ConfirmProps {
  readonly title: string;
  /** What would happen, and what would not. */
  readonly children: ReactNode;
  /** What the button that goes on says: a verb. */
  readonly go: string;
  readonly stay?: string;
  readonly onGo: () => void;
  readonly onStay: () => void;
}

/** Asks before something that takes work away. */
export function Confirm({ title, children, go, stay = 'Leave it', onGo, onStay }: ConfirmProps) {
  return (
    <AlertDialog.Root open onOpenChange={(open) => !open && onStay()}>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-40 bg-[rgb(25_31_34/0.45)]" />
        <AlertDialog.Content className="fixed inset-x-3 top-[14vh] z-50 mx-auto grid max-h-[76vh] max-w-lg gap-3 overflow-y-auto bg-paper p-5 text-lead">
          <AlertDialog.Title className="display text-drawing">{title}</AlertDialog.Title>
          <AlertDialog.Description asChild>
            <div className="grid gap-2 leading-6">{children}</div>
          </AlertDialog.Description>
          <div className="flex flex-wrap gap-3 pt-1">
            <AlertDialog.Action asChild>
              <Button look="act" onClick={onGo}>
                {go}
              </Button>
            </AlertDialog.Action>
            <AlertDialog.Cancel asChild>
              <Button>{stay}</Button>
            </AlertDialog.Cancel>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
