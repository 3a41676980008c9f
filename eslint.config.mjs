import vitals from "eslint-config-next/core-web-vitals";
import typescript from "eslint-config-next/typescript";

const config = [
  ...vitals,
  ...typescript,
  { ignores: [".next/**", ".data/**", "node_modules/**", "next-env.d.ts", "test-results/**", "playwright-report/**"] },
  {
    rules: {
      "@typescript-eslint/no-unused-vars": ["error", { argsIgnorePattern: "^_", varsIgnorePattern: "^_" }],
      "no-console": ["error", { allow: ["error"] }],
    },
  },
  { files: ["scripts/**", "tests/**", "**/*.bench.ts"], rules: { "no-console": "off" } },
];

export default config;
