import type { NextConfig } from 'next';
import { FILE_POLICY, PLAIN_HEADERS } from './src/headers';

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  // Small drawings are kept between visits of one build: a new one may draw otherwise.
  env: process.env.NODE_ENV === 'production' ? { BUILT: String(Date.now()) } : {},
  devIndicators: false,
  // Radix's own would write style elements, which the policy does not let in.
  turbopack: { resolveAlias: { 'react-style-singleton': './src/ui/controls/lockStyle.ts' } },
  // The dev page answers under both names of this machine.
  allowedDevOrigins: ['127.0.0.1'],
  typescript: { tsconfigPath: 'tsconfig.build.json' },
  // Pages get theirs from src/proxy.ts; files get these.
  headers: async () => [
    { source: '/:path*', headers: asList(PLAIN_HEADERS) },
    { source: '/_next/:path*', headers: asList({ 'content-security-policy': FILE_POLICY }) },
    ...['/icon.svg', '/icons/:path*', '/manifest.webmanifest', '/sw.js'].map((source) => ({
      source,
      headers: asList({ 'content-security-policy': FILE_POLICY }),
    })),
    // A browser asks for it anew each time: it is how a newer version is found.
    { source: '/sw.js', headers: asList({ 'cache-control': 'no-cache' }) },
  ],
};

function asList(headers: Readonly<Record<string, string>>) {
  return Object.entries(headers).map(([key, value]) => ({ key, value }));
}

export default config;
