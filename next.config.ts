import type { NextConfig } from 'next';

const config: NextConfig = {
  compiler: { styledComponents: true },
  reactStrictMode: true,
  poweredByHeader: false,
  devIndicators: false,
  // Published shops live in folders: their addresses end in a slash, and stay so.
  skipTrailingSlashRedirect: true,
  // The stand-ins keep their journal in a folder outside the build.
  outputFileTracingExcludes: { '*': ['.arcatum/**'] },
  // What a shop takes in passes the gate: no order is larger (`most.order`, src/standins/body.ts).
  experimental: { proxyClientMaxBodySize: '1mb' },
  // It reads files of its own beside its code.
  serverExternalPackages: ['pdfkit', 'fontkit'],
  turbopack: { root: import.meta.dirname },
};

export default config;
