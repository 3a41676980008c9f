import type { NextConfig } from "next";

const config: NextConfig = {
  poweredByHeader: false,
  devIndicators: false,
  // This folder is the root, whatever lies above it on the machine.
  turbopack: { root: import.meta.dirname },
};

export default config;
