import type { Metadata, Viewport } from 'next';
import type { ReactNode } from 'react';
import { Shell } from '@/ui/shell/Shell';
import './globals.css';

export const metadata: Metadata = {
  title: 'Rillbank',
  description:
    'For people who plant containers: work out what a pot holds, choose plants that suit it, see them grow, and buy what is needed.',
};
export const viewport: Viewport = {
  width: 'device-width',
  initialScale: 1,
  themeColor: [
    { media: '(prefers-color-scheme: light)', color: '#d0d4d4' },
    { media: '(prefers-color-scheme: dark)', color: '#14191b' },
  ],
};

export default function RootLayout({ children }: { readonly children: ReactNode }) {
  return (
    <html lang="en" suppressHydrationWarning>
      <body>
        <Shell>{children}</Shell>
      </body>
    </html>
  );
}
