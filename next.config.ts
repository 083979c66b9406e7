import type { NextConfig } from 'next';

process.env.NEXT_TELEMETRY_DISABLED ??= '1';

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  serverExternalPackages: ['@electric-sql/pglite'],
  allowedDevOrigins: ['127.0.0.1'],
  agentRules: false,
  headers: async () => [
    {
      source: '/:path*',
      headers: [
        { key: 'X-Content-Type-Options', value: 'nosniff' },
        { key: 'Referrer-Policy', value: 'same-origin' },
        { key: 'X-Frame-Options', value: 'DENY' },
        { key: 'Cross-Origin-Opener-Policy', value: 'same-origin' },
      ],
    },
  ],
  // A page that is gone to while the server is away waits for it; else the browser would show its own page for errors, and what was typed were lost.
  experimental: { agentUpgrade: false, useOffline: true },
  // Types are a part of `npm run check`: to look at them again at each build costs as long as the build.
  typescript: { ignoreBuildErrors: true },
} as NextConfig;

export default config;
