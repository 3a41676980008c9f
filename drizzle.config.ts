import { defineConfig } from "drizzle-kit";

export default defineConfig({
  dialect: "postgresql",
  schema: [
    "./src/db/schema.ts",
    "./src/db/access-schema.ts",
    "./src/db/money-schema.ts",
    "./src/db/order-schema.ts",
    "./src/db/plan-schema.ts",
    "./src/db/practice-schema.ts",
    "./src/db/stock-schema.ts",
    "./src/db/summary-schema.ts",
  ],
  out: "./drizzle",
});
