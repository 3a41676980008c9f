import { openAsBlob } from "node:fs";
import { createHash } from "node:crypto";
import { openContainer } from "@/container";

/** `npm run verify -- FILE`: says whether a set's file is as it was written. Ends with 1 where it is not. */
const [file] = process.argv.slice(2);
if (!file) {
  console.error("Usage: npm run verify -- FILE");
  process.exit(2);
}
const { read, bytes } = await openContainer(await openAsBlob(file));
if (!read.ok) {
  for (const problem of read.problems) console.error(problem);
  process.exit(1);
}
const { entries, attachments, chain, model, set } = read.document;
for (const { id, name, sha256 } of attachments) {
  const content = await bytes(id, false).catch(() => undefined);
  if (content && createHash("sha256").update(content).digest("hex") === sha256) continue;
  console.error(`${name}: ${content ? "not the photo or file that was sealed" : "it is missing"}.`);
  process.exitCode = 1;
}
console.log(
  `${model.maker} ${model.designation}, No. ${set.serial || "unknown"}: ${entries.length} entries and ${attachments.length} files, the chain holds (${chain.head.slice(0, 16)}…).`,
);
for (const { kind, count } of read.unknown) console.log(`${count} of a kind not known here: ${kind}`);
