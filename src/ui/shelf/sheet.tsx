import type { ReactNode } from 'react';
import type { Units } from '@/words/format';
import type { ShelfEditing } from './useShelfEditing';

export interface SheetProps {
  readonly editing: ShelfEditing;
  readonly units: Units;
}

/** One line of a list of figures. */
export function FigureRow({
  name,
  children,
  strong = false,
}: {
  readonly name: ReactNode;
  readonly children: ReactNode;
  readonly strong?: boolean;
}) {
  return (
    <>
      <dt className="text-ink2">{name}</dt>
      <dd className={`text-right ${strong ? 'font-semibold' : ''}`}>{children}</dd>
    </>
  );
}
