import { AsyncLocalStorage } from "node:async_hooks";
import { randomBytes } from "node:crypto";
import { createServer, type IncomingMessage, type ServerResponse } from "node:http";
import next from "next";
import { callsAre, type Call } from "@/server/call";
import { contentPolicy, hostsFrom, onceEach, refusalOf, STANDING_HEADERS } from "@/server/guard";
import { logFailure } from "@/server/log";
import { PATH_HEADER } from "@/server/access/path-header";

/**
 * Serves the built application on loopback: `node --import tsx scripts/serve.ts PORT`. Every request passes the guard
 * first, whatever it asks for, and every answer carries the headers that a browser is to go by.
 */
// The runner turns them on, and every file that is loaded then keeps its map for good: half of what the process took.
// A failure that is logged reads the map of its own file.
process.setSourceMapsEnabled(false);

const port = Number(process.argv[2]);
const hosts = hostsFrom(process.env.JUMELLE_HOSTS);

/** Is a proxy in front that speaks TLS? Then browsers are told never to come without it, and cookies are for TLS alone. */
const tls = process.env.JUMELLE_TLS === "yes";

const calls = new AsyncLocalStorage<Call>();
callsAre(calls);

const app = next({ dev: false, hostname: "127.0.0.1", port });
await app.prepare();
const handle = app.getRequestHandler();

const AWAY = "The database does not answer. Nothing that was saved is lost; try again in a moment.";

const problem = (message: string) => JSON.stringify({ problems: [{ path: "", message }] });

function refuse(response: ServerResponse, url: string, status: number, message: string): void {
  const api = url.startsWith("/api/");
  response.statusCode = status;
  response.setHeader("content-type", api ? "application/json" : "text/plain; charset=utf-8");
  // What is still on its way is not waited for.
  response.setHeader("connection", "close");
  response.end(api ? problem(message) : `${message}\n`);
}

async function answer(request: IncomingMessage, response: ServerResponse): Promise<void> {
  const url = request.url ?? "/";
  const nonce = randomBytes(16).toString("base64");
  const policy = contentPolicy(nonce);
  for (const [name, value] of Object.entries(STANDING_HEADERS)) response.setHeader(name, value);
  response.setHeader("content-security-policy", policy);
  if (tls) response.setHeader("strict-transport-security", "max-age=31536000");
  const refused = refusalOf({ method: request.method ?? "", url, headers: request.headers }, hosts);
  if (refused) return refuse(response, url, refused.status, refused.message);
  // Next marks its own scripts with the nonce that it finds here.
  request.headers["content-security-policy"] = policy;
  // A page that asks for a sign-in leads back to where somebody wanted to go.
  request.headers[PATH_HEADER] = url;
  request.url = onceEach(url);
  const call: Call = {};
  const [writeHead, write, end] = [
    response.writeHead.bind(response),
    response.write.bind(response),
    response.end.bind(response),
  ] as [
    (status: number, ...rest: unknown[]) => ServerResponse,
    (...rest: unknown[]) => boolean,
    (...rest: unknown[]) => ServerResponse,
  ];
  // A page comes in hundreds of small pieces: those of one turn go out together.
  let held = false;
  response.write = ((...rest: unknown[]) => {
    if (!held) {
      held = true;
      response.cork();
      setImmediate(() => {
        held = false;
        response.uncork();
      });
    }
    return write(...rest);
  }) as ServerResponse["write"];
  // A page has its own words for a database that is away; an interface gets a sentence here.
  let wordless = false;
  response.end = ((...rest: unknown[]) => (wordless ? end(problem(AWAY)) : end(...rest))) as ServerResponse["end"];
  response.writeHead = ((status: number, ...rest: unknown[]) => {
    const own = status === 500 ? (call.status ?? 500) : status;
    // What an interface gives out stays in no cache, unless it says otherwise itself: pictures do.
    if (url.startsWith("/api/") && !response.hasHeader("cache-control"))
      response.setHeader("cache-control", "no-store");
    if (own === 503) response.setHeader("retry-after", "1");
    wordless = own === 503 && url.startsWith("/api/");
    if (wordless) response.setHeader("content-type", "application/json");
    return writeHead(own, ...rest);
  }) as ServerResponse["writeHead"];
  await calls.run(call, () => handle(request, response));
}

const server = createServer((request, response) => {
  answer(request, response).catch((error: unknown) => {
    const reference = logFailure("request", error);
    if (response.headersSent) response.destroy();
    else refuse(response, request.url ?? "/", 500, `This could not be answered. Reference ${reference}.`);
  });
});
// A large file over a slow network takes its time; one that stops coming is given up where it is read.
server.requestTimeout = 0;
server.listen(port, "127.0.0.1");

for (const signal of ["SIGINT", "SIGTERM"] as const)
  process.on(signal, () => {
    server.close(() => process.exit(0));
    server.closeIdleConnections();
    setTimeout(() => process.exit(0), 5000).unref();
  });
