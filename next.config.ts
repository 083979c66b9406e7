import type { NextConfig } from 'next';

process.env.NEXT_TELEMETRY_DISABLED ??= '1';

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  serverExternalPackages: ['@electric-sql/pglite'],
  allowedDevOrigins: ['127.0.0.1'],
  agentRules: false,
  experimental: { agentUpgrade: false },
  typescript: { tsconfigPath: 'tsconfig.build.json' },
} as NextConfig;

export default config;
