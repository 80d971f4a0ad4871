'use client';

import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';

interface ModalProps {
  readonly title: string;
  readonly onClose: () => void;
  /** Its place in the window and its size. */
  readonly className?: string;
  readonly children: ReactNode;
}

/** A sheet laid over the room until it is closed. What closes it beside Escape is `ModalClose`. */
export function Modal({
  title,
  onClose,
  className = 'top-[7vh] max-h-[86vh] max-w-md',
  children,
}: ModalProps) {
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-[rgb(25_31_34/0.45)]" />
        <Dialog.Content
          aria-describedby={undefined}
          className={`fixed inset-x-0 z-50 mx-auto gap-3 overflow-y-auto bg-paper p-4 text-body ${className}`}
        >
          <Dialog.Title className="display text-drawing">{title}</Dialog.Title>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

/** What closes a modal. */
export const ModalClose = Dialog.Close;
