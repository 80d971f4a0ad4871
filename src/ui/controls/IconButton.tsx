'use client';

import { Tooltip } from 'radix-ui';
import type { ComponentProps, ReactNode } from 'react';
import { Button } from './Button';

interface IconButtonProps extends Omit<ComponentProps<'button'>, 'name' | 'children'> {
  /** What it does: read aloud, and shown in the tip. */
  readonly name: string;
  /** More for the tip: the keys, or why it cannot be pressed. */
  readonly tip?: string;
  readonly icon: ReactNode;
}

/** A button that is only an icon, named and with a tip. */
export function IconButton({ name, tip, icon, ...rest }: IconButtonProps) {
  return (
    <Tooltip.Provider delayDuration={400}>
      <Tooltip.Root>
        <Tooltip.Trigger asChild>
          <Button look="icon" aria-label={name} {...rest}>
            {icon}
          </Button>
        </Tooltip.Trigger>
        <Tooltip.Portal>
          <Tooltip.Content
            sideOffset={4}
            collisionPadding={8}
            className="z-50 max-w-64 bg-ink px-2 py-1 text-note text-paper"
          >
            {tip ?? name}
          </Tooltip.Content>
        </Tooltip.Portal>
      </Tooltip.Root>
    </Tooltip.Provider>
  );
}
