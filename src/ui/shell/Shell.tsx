'use client';

import dynamic from 'next/dynamic';
import { RoomLink } from '@/ui/controls/RoomLink';
import { usePathname } from 'next/navigation';
import { useEffect, type ReactNode } from 'react';
import { Spelling } from './Spelling';
import { SlowNote } from './SlowNote';
import { PaletteKeys } from './PaletteKeys';
import { PhoneBar } from './PhoneBar';
import { roomOf, ROOMS } from './rooms';
import { LibraryProvider } from '@/ui/session/LibraryProvider';
import { StoreProvider, useSettings } from '@/ui/session/StoreProvider';
import { ButtonLink } from '@/ui/controls/Button';

const Messages = dynamic(() => import('./Messages'), { ssr: false });
const Safekeeping = dynamic(() => import('./Safekeeping'), { ssr: false });
const Offline = dynamic(() => import('./Offline'), { ssr: false });
const Rehearsal = dynamic(() => import('./Rehearsal'), { ssr: false });

/** The bar with its hanging room tag, and whatever room is open below it. */
export function Shell({ children }: { readonly children: ReactNode }) {
  return (
    <StoreProvider>
      <ThemeKeeper />
      <Spelling>
        <a
          href="#room"
          className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-paper focus:p-3"
        >
          Skip to the room
        </a>
        <SlowNote />
        <RoomBar />
        <PhoneBar />
        <main
          id="room"
          className="mx-auto max-w-[1320px] px-4 pb-10 max-sm:pb-24 wide:px-6 roomy:max-w-[1720px] vast:max-w-[2400px] lying:pl-[92px]"
        >
          <LibraryProvider>
            {children}
            <Rehearsal />
          </LibraryProvider>
        </main>
        <Messages />
        <Offline />
        <Safekeeping />
      </Spelling>
    </StoreProvider>
  );
}

function RoomBar() {
  const here = roomOf(usePathname());
  return (
    <header className="border-b border-rule2 max-sm:hidden lying:hidden">
      <nav
        aria-label="Rooms"
        className="mx-auto flex min-h-11 max-w-[1320px] flex-wrap items-stretch gap-0 px-4 wide:px-6 roomy:max-w-[1720px] vast:max-w-[2400px]"
      >
        <span className="display mr-4 self-center text-word wide:mr-8" aria-hidden>
          Rillbank
        </span>
        {ROOMS.map(({ href, name }) => (
          <RoomLink
            key={href}
            href={href}
            aria-current={href === here ? 'page' : undefined}
            className={
              href === here
                ? 'tag relative z-10 -mb-3 flex h-[56px] items-start bg-ink px-4 pt-3 font-semibold whitespace-nowrap text-paper'
                : 'flex min-h-10 items-center px-2.5 whitespace-nowrap text-ink2 hover:text-ink lg:px-3.5'
            }
          >
            {name}
          </RoomLink>
        ))}
        <span className="ml-auto flex">
          <PaletteKeys rooms={ROOMS} />
        </span>
        <ButtonLink look="act" href="/start" className="my-1.5 self-center">
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
