import { z } from "zod";
import { profileSchema } from "./profile";

/** Where an instrument answers: a socket in the shop's own network. */
export const linkSchema = z.object({
  /** a name or a number of the network; nothing else is ever contacted */
  host: z
    .string()
    .trim()
    .min(1, "Write its address, like 192.168.1.40.")
    .max(253)
    .regex(/^[A-Za-z0-9]([A-Za-z0-9.:-]*[A-Za-z0-9])?$/, "An address is a name or a number, like 192.168.1.40."),
  port: z.number().int().min(1, "A port is 1 to 65535.").max(65_535, "A port is 1 to 65535."),
  profile: profileSchema,
  /** it is none: somebody has to tell it where the probe is */
  standIn: z.boolean().default(false),
});
export type Link = z.infer<typeof linkSchema>;

/** The port that SCPI over a socket is spoken at as a rule (registered as scpi-raw). */
export const SCPI_PORT = 5025;

/** `192.168.1.40`, `192.168.1.40:5025`, `[fe80::1]:5025` in its two parts; undefined where it does not read. */
export function addressIn(text: string): { host: string; port: number } | undefined {
  const found = /^(?:\[([0-9A-Fa-f:]+)\]|([^\s:[\]]+))(?::(\d{1,5}))?$/.exec(text.trim());
  const host = found?.[1] ?? found?.[2];
  if (!host) return undefined;
  const port = found?.[3] === undefined ? SCPI_PORT : Number(found[3]);
  return port >= 1 && port <= 65_535 ? { host, port } : undefined;
}

/** The address as it is typed. */
export const addressText = ({ host, port }: Pick<Link, "host" | "port">): string =>
  host.includes(":") ? `[${host}]:${port}` : `${host}:${port}`;
