'use client';

import { Popover } from 'radix-ui';
import type { ReactNode } from 'react';
import { buttonLook } from './looks';

interface PopProps {
  readonly icon?: ReactNode;
  readonly name: string;
  /** What is set now, shown on the button after its name's icon; the name alone when there is nothing to tell. */
  readonly now?: string;
  /** Only the icon is seen. */
  readonly bare?: boolean;
  readonly disabled?: boolean;
  readonly children: ReactNode;
}

/** A button that opens a small sheet of settings beside it. */
export function Pop({ icon, name, now, bare = false, disabled = false, children }: PopProps) {
  return (
    <Popover.Root>
      <Popover.Trigger
        className={buttonLook({ look: 'tool' })}
        aria-label={now ? `${name}: ${now}` : name}
        disabled={disabled}
      >
        {icon}
        {!bare && <span className="truncate">{now ?? name}</span>}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          aria-label={name}
          side="bottom"
          align="start"
          sideOffset={4}
          collisionPadding={8}
          className="z-40 grid w-[min(320px,calc(100vw-16px))] gap-3 border-[1.5px] border-rule2 bg-paper p-3.5 text-small"
        >
          {children}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
