import type { NextConfig } from 'next'

const config: NextConfig = {
  // They are set aside by the build: only `scripts/sizes.mjs` reads them.
  productionBrowserSourceMaps: true,
  reactStrictMode: true,
  poweredByHeader: false,
  devIndicators: false,
  // `npm test` checks them, once.
  typescript: { ignoreBuildErrors: true },
}

export default config
