'use client';

import { usePathname } from 'next/navigation';
import { Toaster } from 'sonner';

/** Where `say` writes. */
export default function Messages() {
  const path = usePathname();
  return (
    <Toaster
      // On potting day the foot belongs to the thumb: nothing lies over the main button.
      position={path === '/potting' || path === '/rounds' ? 'top-right' : 'bottom-center'}
      // Nor over the bar of rooms that a phone has there.
      mobileOffset={{ bottom: 68, top: 12 }}
      // Nor over the links to rooms at the head, nor over the day of the round.
      offset={{ bottom: 24, top: 68, right: 24 }}
      style={{ fontFamily: 'inherit' }}
      toastOptions={{
        style: {
          borderRadius: 0,
          background: 'var(--ink)',
          color: 'var(--paper)',
          border: 0,
          boxShadow: 'none',
        },
      }}
    />
  );
}
