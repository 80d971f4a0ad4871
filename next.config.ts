import type { NextConfig } from 'next';

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  devIndicators: false,
  typescript: { tsconfigPath: 'tsconfig.build.json' },
};

export default config;
