import type { NextConfig } from 'next';

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  compiler: { styledComponents: true },
  // Types are checked by `npm run typecheck`, once, with the core's stricter settings.
  typescript: { ignoreBuildErrors: true },
  turbopack: {
    rules: {
      '**/dist/private/**/intlStrings.mjs': { loaders: ['./scripts/lib/one-language.cjs'] },
    },
  },
  serverExternalPackages: ['@node-rs/argon2', 'pg', 'pino', 'piscina'],
};

export default config;
