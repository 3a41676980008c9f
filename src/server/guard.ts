import type { IncomingHttpHeaders } from "node:http";
import { UNSTORABLE } from "@/core/log";

/** Names of this machine: what a shop that set nothing else is reached by. */
const LOOPBACK = ["localhost", "127.0.0.1", "[::1]"];

/**
 * Hosts that this shop is reached by, from `JUMELLE_HOSTS`: names or addresses with commas between, with a port or
 * without. A page of a stranger can point a name of its own at this machine; such a name is not among them.
 */
export const hostsFrom = (setting: string | undefined): readonly string[] => [
  ...LOOPBACK,
  ...(setting ?? "")
    .split(",")
    .map((one) => one.trim().toLowerCase())
    .filter((one) => one !== ""),
];

const READS = ["GET", "HEAD"];
const TAKEN = [...READS, "POST", "PATCH", "OPTIONS"];

export type Asked = { method: string; url: string; headers: IncomingHttpHeaders };
export type Refusal = { status: number; message: string };

/** The host of a request as it is compared; undefined where it is none. */
function hostOf(text: string | undefined): { host: string; hostname: string } | undefined {
  if (!text || !URL.canParse(`http://${text}/`)) return undefined;
  const { host, hostname } = new URL(`http://${text}/`);
  return { host, hostname };
}

function readable(url: string): boolean {
  try {
    return !UNSTORABLE.test(decodeURIComponent(url.replaceAll("+", " ")));
  } catch {
    return false;
  }
}

/** Did a page of another site send this? Browsers send their origin with whatever is more than reading. */
export function isForeign(origin: string | undefined, host: string | undefined): boolean {
  if (origin === undefined) return false;
  return !URL.canParse(origin) || new URL(origin).host !== hostOf(host)?.host;
}

/** What is asked of every request before anything else; undefined when it may go on. */
export function refusalOf({ method, url, headers }: Asked, hosts: readonly string[]): Refusal | undefined {
  if (!TAKEN.includes(method)) return { status: 405, message: "Nothing here answers to this method." };
  const host = hostOf(headers.host);
  if (!host || !(hosts.includes(host.hostname) || hosts.includes(host.host)))
    return {
      status: 421,
      message: "This shop is not reached by this name. The names that it has are set with JUMELLE_HOSTS.",
    };
  if (!READS.includes(method) && isForeign(headers.origin, headers.host))
    return { status: 403, message: "This request came from another site." };
  // Pages are read; what a page writes it sends to an interface, or as a call of an action.
  if (!READS.includes(method) && !url.startsWith("/api/") && !headers["next-action"])
    return { status: 405, message: "Nothing here answers to this method." };
  if (!readable(url)) return { status: 400, message: "This address cannot be read: it was cut or mistyped." };
  return undefined;
}

/** An address in which every name stands once: of what is given twice, the first counts. */
export function onceEach(url: string): string {
  const [path = "", query] = url.split("?", 2);
  if (query === undefined) return url;
  const given = new URLSearchParams(query);
  const names = [...given.keys()];
  if (new Set(names).size === names.length) return url;
  const once = new URLSearchParams();
  for (const name of names) if (!once.has(name)) once.set(name, given.get(name) ?? "");
  return `${path}?${once}`;
}

/** What a page may load and run: what comes from here, and the scripts that the server marked for this answer. */
export const contentPolicy = (nonce: string): string =>
  [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}'`,
    `style-src 'self' 'nonce-${nonce}'`,
    // Widths and places of charts are attributes of their elements.
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join("; ");

/** Headers that every answer carries. */
export const STANDING_HEADERS: Readonly<Record<string, string>> = {
  "x-content-type-options": "nosniff",
  "x-frame-options": "DENY",
  "referrer-policy": "same-origin",
  "cross-origin-opener-policy": "same-origin",
  "cross-origin-resource-policy": "same-origin",
  "permissions-policy": "camera=(self), microphone=(), geolocation=(), payment=(), usb=(), serial=(self)",
};
