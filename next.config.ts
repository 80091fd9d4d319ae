import type { NextConfig } from 'next';

const config: NextConfig = {
  reactCompiler: true,
  compiler: { styledComponents: true },
  // libSQL carries a native binary, pdfkit reads files beside itself; the bundler must leave them alone.
  serverExternalPackages: [
    '@node-rs/argon2',
    'better-auth',
    '@libsql/client',
    '@aws-sdk/client-s3',
    'libsql',
    'pino',
    'piscina',
    'pdfkit',
    'tesseract.js',
    'sharp',
    'libheif-js',
  ],
  // Types are a check of their own in `npm test`; a start need not wait for them.
  typescript: { ignoreBuildErrors: true },
  poweredByHeader: false,
  devIndicators: false,
};

export default config;
