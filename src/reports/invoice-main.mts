import type { Invoice } from "@/core/invoice";
import { invoiceDocument } from "./invoice";
import { renderDocument } from "./render";

/** A process that sets one invoice: it comes in as JSON, and the PDF goes out. */
const chunks: Buffer[] = [];
for await (const chunk of process.stdin) chunks.push(chunk as Buffer);
const { invoice, taxName } = JSON.parse(Buffer.concat(chunks).toString("utf8")) as {
  invoice: Invoice;
  taxName: string;
};
const pdf = await renderDocument(invoiceDocument(invoice, taxName));
await new Promise<void>((resolve, reject) => process.stdout.write(pdf, (error) => (error ? reject(error) : resolve())));
