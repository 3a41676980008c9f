import { z } from "zod";
import { profileSchema } from "./profile";

/** An instrument that answers at a socket in the shop's own network: the server asks it. */
export const socketSchema = z.object({
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
export type SocketLink = z.infer<typeof socketSchema>;

/** Rates of serial ports that instruments have. */
export const BAUDS = [1200, 2400, 4800, 9600, 19200, 38400, 57600, 115200] as const;

/** An instrument at a serial port of the device at the bench: the browser asks it, where it can (Web Serial). */
export const serialSchema = z.object({
  serial: z.object({
    baud: z
      .number()
      .int()
      .refine((baud) => (BAUDS as readonly number[]).includes(baud), `A rate is one of ${BAUDS.join(", ")}.`),
  }),
  profile: profileSchema,
  standIn: z.literal(false).default(false),
});
export type SerialLink = z.infer<typeof serialSchema>;

/** Where an instrument answers. */
export const linkSchema = z.union([socketSchema, serialSchema]);
export type Link = SocketLink | SerialLink;
export const isSerial = (link: Link): link is SerialLink => "serial" in link;
/** The socket of an instrument, where it has one: nothing else can be asked by the server. */
export const socketOf = (link: Link | null | undefined): SocketLink | undefined =>
  link && !isSerial(link) ? link : undefined;

/** `serial`, `serial 115200`: the rate, 9600 where none is said; undefined where it is no serial port. */
export function serialIn(text: string): number | undefined {
  const found = /^serial(?:\s+(\d{3,6}))?$/i.exec(text.trim());
  return found ? Number(found[1] ?? 9600) : undefined;
}

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
export function addressText(link: Pick<SocketLink, "host" | "port"> | Pick<SerialLink, "serial">): string {
  if ("serial" in link) return `serial ${link.serial.baud}`;
  return link.host.includes(":") ? `[${link.host}]:${link.port}` : `${link.host}:${link.port}`;
}
