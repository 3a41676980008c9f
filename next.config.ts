import type { NextConfig } from "next";

const config: NextConfig = {
  poweredByHeader: false,
  devIndicators: false,
  // bin/test checks the types, once and before it builds.
  typescript: { ignoreBuildErrors: true },
  // Stock and price lists of 20,000 rows come in through an action.
  experimental: { serverActions: { bodySizeLimit: "16mb" } },
  // This folder is the root, whatever lies above it on the machine.
  turbopack: { root: import.meta.dirname },
};

export default config;
