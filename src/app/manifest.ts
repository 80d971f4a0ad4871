import type { MetadataRoute } from 'next';

/** What a device shows of Rillbank once it is installed. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    id: '/',
    name: 'Rillbank',
    short_name: 'Rillbank',
    description: 'Plan a pot, see it grow, keep it going.',
    start_url: '/',
    scope: '/',
    display: 'standalone',
    background_color: '#d0d4d4',
    theme_color: '#d0d4d4',
    icons: [
      { src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' },
      { src: '/icons/icon-192.png', sizes: '192x192', type: 'image/png' },
      { src: '/icons/icon-512.png', sizes: '512x512', type: 'image/png' },
      { src: '/icons/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    ],
    shortcuts: [
      { name: 'Rounds', url: '/rounds' },
      { name: 'Trolley', url: '/trolley' },
      { name: 'Diary', url: '/diary' },
    ],
  };
}
