'use client';

import { Collapsible } from 'radix-ui';
import type { ReactNode } from 'react';
import { buttonLook } from './looks';

interface MoreProps {
  readonly name: ReactNode;
  readonly children: ReactNode;
  readonly className?: string;
  readonly open?: boolean;
}

/** What is read only by those who ask: closed until its name is pressed. */
export function More({ name, children, className, open = false }: MoreProps) {
  return (
    <Collapsible.Root defaultOpen={open} className={className}>
      <Collapsible.Trigger className={buttonLook({ look: 'plain', className: 'text-left' })}>
        {name}
      </Collapsible.Trigger>
      <Collapsible.Content>{children}</Collapsible.Content>
    </Collapsible.Root>
  );
}
