import { render, type RenderResult } from '@testing-library/react';
import type { ReactNode } from 'react';
import { BOOK } from '@/core/plants/book/index';
import { libraryOf } from '@/core/plants/library';
import type { OwnKind } from '@/core/plants/own';
import { LibraryContext } from '@/ui/session/LibraryProvider';

/** The book, open, with what a gardener told of it. */
export function WithBook({
  own = [],
  children,
}: {
  readonly own?: readonly OwnKind[];
  readonly children: ReactNode;
}) {
  const early = libraryOf(BOOK, own, 'european');
  return (
    <LibraryContext.Provider value={{ ...early, ready: true, early }}>
      {children}
    </LibraryContext.Provider>
  );
}

/** Renders with the book open. */
export function renderWithBook(element: ReactNode): RenderResult {
  return render(element, { wrapper: WithBook });
}
