import vitals from "eslint-config-next/core-web-vitals";
import typescript from "eslint-config-next/typescript";

/** What asks about React, off: there is none in these folders, and the rules take half of the time. */
const react = /^(react|react-hooks|jsx-a11y|@next\/next)\//;
const off = Object.fromEntries(
  vitals
    .flatMap(({ rules = {} }) => Object.keys(rules).filter((rule) => react.test(rule)))
    .map((rule) => [rule, "off"]),
);

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
  { files: ["src/core/**", "src/db/**", "scripts/**", "tests/**"], rules: off },
  { files: ["scripts/**", "tests/**", "**/*.bench.ts"], rules: { "no-console": "off" } },
];

export default config;
