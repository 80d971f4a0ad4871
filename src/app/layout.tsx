import type { Metadata, Viewport } from 'next';
import { headers } from 'next/headers';
import type { ReactNode } from 'react';
import { Shell } from '@/ui/shell/Shell';
import './globals.css';

export const metadata: Metadata = {
  title: 'Rillbank',
  description:
    'For people who plant containers: work out what a pot holds, choose plants that suit it, see them grow, and buy what is needed.',
};
export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

export default async function RootLayout({ children }: { readonly children: ReactNode }) {
  // Reading the request keeps pages dynamic, so that the policy's nonce reaches every inline script.
  await headers();
  return (
    <html lang="en" suppressHydrationWarning>
      <body>
        <Shell demo={process.env.RILLBANK_DEMO === '1'}>{children}</Shell>
      </body>
    </html>
  );
}
