import type { NextConfig } from 'next';

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  // types are checked by `npm test`, for everything at once; a start need not wait for it
  typescript: { ignoreBuildErrors: true },
  serverExternalPackages: ['@node-rs/argon2', '@resvg/resvg-js', 'fontkit', 'pdfkit', 'postgres'],
  sassOptions: { quietDeps: true, silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'] },
};

export default config;
