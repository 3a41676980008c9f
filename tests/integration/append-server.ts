import { createServer } from "node:http";
import { handleAppend } from "@/server/append-handler";

/** The application's append route on a plain HTTP server, so that a test can end it in the middle. */
createServer(async (incoming, outgoing) => {
  const chunks: Buffer[] = [];
  for await (const chunk of incoming) chunks.push(chunk as Buffer);
  const answer = await handleAppend(
    new Request(`http://127.0.0.1${incoming.url}`, {
      method: "POST",
      headers: { host: incoming.headers.host ?? "" },
      body: Buffer.concat(chunks),
    }),
  );
  outgoing.writeHead(answer.status, { "content-type": "application/json" });
  outgoing.end(await answer.text());
}).listen(Number(process.env.PORT), "127.0.0.1", () => console.log("listening"));
