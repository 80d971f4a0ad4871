'use client';

import { Toaster } from 'sonner';

/** Where `say` writes. */
export default function Messages() {
  return (
    <Toaster
      position="bottom-center"
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
