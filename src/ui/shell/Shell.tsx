'use client';

import dynamic from 'next/dynamic';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useEffect, type ReactNode } from 'react';
import { SlowNote } from './SlowNote';
import { PaletteKeys } from './PaletteKeys';
import { LibraryProvider } from '@/ui/session/LibraryProvider';
import { StoreProvider, useSettings } from '@/ui/session/StoreProvider';
import { ButtonLink } from '@/ui/controls/Button';

const Messages = dynamic(() => import('./Messages'), { ssr: false });
const YardAhead = dynamic(() => import('@/ui/yard/YardAhead'), { ssr: false });

/** The rooms that are open. */
const ROOMS = [
  { href: '/', name: 'Yard' },
  { href: '/spot', name: 'Spot' },
  { href: '/shelf', name: 'Shelf' },
  { href: '/bench', name: 'Bench' },
  { href: '/plants', name: 'Plant book', short: 'Plants' },
  { href: '/trolley', name: 'Trolley' },
  { href: '/potting', name: 'Potting day', short: 'Pot' },
  { href: '/rounds', name: 'Rounds' },
  { href: '/diary', name: 'Diary' },
  { href: '/shed', name: 'Shed' },
] as const satisfies readonly {
  readonly href: string;
  readonly name: string;
  /** Where there is little room. */
  readonly short?: string;
}[];

/** The bar with its hanging room tag, and whatever room is open below it. */
export function Shell({
  demo,
  children,
}: {
  readonly demo: boolean;
  readonly children: ReactNode;
}) {
  return (
    <StoreProvider demo={demo}>
      <ThemeKeeper />
      <a
        href="#room"
        className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-paper focus:p-3"
      >
        Skip to the room
      </a>
      <SlowNote />
      <RoomBar />
      <main id="room" className="mx-auto max-w-[1320px] px-4 pb-10 wide:px-6 roomy:max-w-[1720px]">
        <LibraryProvider>
          {children}
          <YardAhead />
        </LibraryProvider>
      </main>
      <Messages />
    </StoreProvider>
  );
}

function RoomBar() {
  const path = usePathname();
  const here = path === '/start' ? '/bench' : path === '/terrace' ? '/' : path;
  return (
    <header className="border-b border-rule2">
      <nav
        aria-label="Rooms"
        className="mx-auto flex min-h-11 max-w-[1320px] flex-wrap items-stretch gap-0 px-4 max-sm:px-1 wide:px-6 roomy:max-w-[1720px]"
      >
        <span className="display mr-4 hidden self-center text-word wide:mr-8 sm:block" aria-hidden>
          Rillbank
        </span>
        {ROOMS.map((room) => {
          const { href, name } = room;
          const open = href === here;
          return (
            <Link
              key={href}
              href={href}
              aria-current={open ? 'page' : undefined}
              className={
                open
                  ? 'tag relative z-10 flex items-start bg-ink px-2.5 pt-3 font-semibold whitespace-nowrap text-paper max-sm:-my-1 max-sm:h-12 max-sm:px-1.5 max-sm:pt-2.5 max-sm:text-note sm:-mb-3 sm:h-[56px] sm:px-4'
                  : 'flex min-h-10 items-center px-0.5 whitespace-nowrap text-ink2 hover:text-ink max-sm:text-note sm:px-2.5 lg:px-3.5'
              }
            >
              {'short' in room ? (
                <>
                  <span className="sm:hidden" aria-hidden>
                    {room.short}
                  </span>
                  <span className="max-sm:sr-only">{name}</span>
                </>
              ) : (
                name
              )}
            </Link>
          );
        })}
        <span className="ml-auto flex">
          <PaletteKeys rooms={ROOMS} />
        </span>
        <ButtonLink look="act" href="/start" className="my-1.5 self-center max-sm:hidden">
          Start a planting
        </ButtonLink>
      </nav>
    </header>
  );
}

/** Puts the chosen theme on the page, following the system when asked to. */
function ThemeKeeper() {
  const { theme } = useSettings();
  useEffect(() => {
    const query = window.matchMedia('(prefers-color-scheme: dark)');
    const put = () => {
      document.documentElement.dataset.theme =
        theme === 'system' ? (query.matches ? 'dark' : 'light') : theme;
    };
    put();
    query.addEventListener('change', put);
    return () => query.removeEventListener('change', put);
  }, [theme]);
  return null;
}
