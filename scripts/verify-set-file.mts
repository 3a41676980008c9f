import { readFileSync } from "node:fs";
import { readSetFile } from "@/core/exchange";

/** `npm run verify -- FILE`: says whether a set's file is as it was written. Ends with 1 where it is not. */
const [file] = process.argv.slice(2);
if (!file) {
  console.error("Usage: npm run verify -- FILE");
  process.exit(2);
}
const read = readSetFile(readFileSync(file, "utf8"));
if (!read.ok) {
  for (const problem of read.problems) console.error(problem);
  process.exit(1);
}
const { entries, chain, model, set } = read.document;
console.log(
  `${model.maker} ${model.designation}, No. ${set.serial || "unknown"}: ${entries.length} entries, the chain holds (${chain.head.slice(0, 16)}…).`,
);
for (const { kind, count } of read.unknown) console.log(`${count} of a kind not known here: ${kind}`);
