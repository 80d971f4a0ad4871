'use client';

import dynamic from 'next/dynamic';
import { useEffect, useState } from 'react';
import { Button } from '@/ui/controls/Button';

const Palette = dynamic(() => import('./Palette'), { ssr: false });

/** Opens the palette with Ctrl or ⌘ and K, and the key map with a question mark, unless a field is being typed in. */
export function PaletteKeys({
  rooms,
}: {
  readonly rooms: readonly { readonly href: string; readonly name: string }[];
}) {
  const [show, setShow] = useState<'palette' | 'keys' | null>(null);
  // Fetched while nobody waits: what is typed right after the keys must not be lost.
  useEffect(() => {
    const timer = setTimeout(() => void import('./Palette'), 1500);
    return () => clearTimeout(timer);
  }, []);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const typing =
        event.target instanceof HTMLElement &&
        (/input|textarea|select/i.test(event.target.tagName) || event.target.isContentEditable);
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k') setShow('palette');
      else if (event.key === '?' && !typing) setShow('keys');
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  return (
    <>
      <Button
        look="bare"
        onClick={() => setShow('palette')}
        className="hidden items-center gap-1.5 self-center px-2 text-note text-ink2 hover:text-ink lg:flex"
        aria-keyshortcuts="Control+K"
      >
        Find <kbd className="border border-rule2 px-1 font-sans text-mark">Ctrl K</kbd>
      </Button>
      <Button
        look="bare"
        onClick={() => setShow('keys')}
        className="mr-2 hidden self-center px-1.5 text-note text-ink2 hover:text-ink lg:block"
        aria-keyshortcuts="?"
      >
        Keys
      </Button>
      {show && <Palette rooms={rooms} show={show} onClose={() => setShow(null)} />}
    </>
  );
}
