import type { NextConfig } from 'next'

const config: NextConfig = {
  poweredByHeader: false,
  devIndicators: false,
  serverExternalPackages: ['@libsql/client', 'libsql', 'pdfkit'],
  // Types are a check of their own (npm test).
  typescript: { ignoreBuildErrors: true },
  // The largest file that is taken in (server/answer.ts) and what the request puts around it.
  experimental: { proxyClientMaxBodySize: '21mb' },
}

export default config
