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
  turbopack: { root: import.meta.dirname },
};

export default config;
