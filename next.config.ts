import type { NextConfig } from 'next';

const config: NextConfig = {
  compiler: { styledComponents: true },
  // libSQL carries a native binary; the bundler must leave it alone.
  serverExternalPackages: ['@libsql/client', 'libsql', 'pino'],
  // Types are a check of their own in `npm test`; a start need not wait for them.
  typescript: { ignoreBuildErrors: true },
  poweredByHeader: false,
  devIndicators: false,
};

export default config;
