import { renderReport } from "./render";
import type { ReportInput } from "./input";

/**
 * A process that makes one report: its input as JSON comes in, the PDF goes out, and the share that is done goes to the
 * other channel, a line each time. The application itself stays free meanwhile.
 */
const chunks: Buffer[] = [];
for await (const chunk of process.stdin) chunks.push(chunk as Buffer);
const input = JSON.parse(Buffer.concat(chunks).toString("utf8")) as ReportInput;
let said = -1;
const pdf = await renderReport(input, (share) => {
  const percent = Math.floor(share * 100);
  if (percent === said) return;
  said = percent;
  process.stderr.write(`progress ${percent}\n`);
});
await new Promise<void>((resolve, reject) => process.stdout.write(pdf, (error) => (error ? reject(error) : resolve())));
