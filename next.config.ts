import type { NextConfig } from 'next';

const config: NextConfig = {
  compiler: { styledComponents: true },
  // libSQL carries a native binary; the bundler must leave it alone.
  serverExternalPackages: ['@libsql/client', 'libsql', 'pino'],
  poweredByHeader: false,
  devIndicators: false,
};

export default config;
