import { letterDocument, type Letter } from "./letter";
import { renderDocument } from "./render";

/** A process that sets one letter: it comes in as JSON, and the PDF goes out. */
const chunks: Buffer[] = [];
for await (const chunk of process.stdin) chunks.push(chunk as Buffer);
const pdf = await renderDocument(letterDocument(JSON.parse(Buffer.concat(chunks).toString("utf8")) as Letter));
await new Promise<void>((resolve, reject) => process.stdout.write(pdf, (error) => (error ? reject(error) : resolve())));
