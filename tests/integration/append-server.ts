import { createServer } from "node:http";
import { POST } from "@/app/api/entries/route";

/** The application's append route on a plain HTTP server, so that a test can end it in the middle. */
createServer(async (incoming, outgoing) => {
  const chunks: Buffer[] = [];
  for await (const chunk of incoming) chunks.push(chunk as Buffer);
  const answer = await POST(
    new Request(`http://127.0.0.1${incoming.url}`, {
      method: "POST",
      headers: { host: incoming.headers.host ?? "", cookie: incoming.headers.cookie ?? "" },
      body: Buffer.concat(chunks),
    }),
    { params: Promise.resolve({}) },
  );
  outgoing.writeHead(answer.status, { "content-type": "application/json" });
  outgoing.end(await answer.text());
}).listen(Number(process.env.PORT), "127.0.0.1", () => console.log("listening"));
