import { eq } from "drizzle-orm";
import { PROFILES, setWorld, type Link } from "@/core/instruments";
import { circuitSheet } from "@/core/visit";
import { connect } from "@/db/client";
import { meter } from "@/db/schema";
import { MADE_UP_SETS } from "@/core/practice";
import { startStandIn } from "./instruments-server";

/** The demo's meter that can be asked: behind its probes is the circuit of the Lantern. */
const NAME = "Bench digital";

/** Starts the demo's stand-in and tells its shop where it answers. @returns its port; none where it could not start */
export async function standInForDemo(url: string, port: number): Promise<number | undefined> {
  const { sheet } = MADE_UP_SETS.lantern ?? {};
  const world = sheet ? setWorld(circuitSheet(sheet)) : undefined;
  const profile = PROFILES.measure;
  if (!world || !profile) return undefined;
  const started = await startStandIn(world, port).catch(() => startStandIn(world));
  const { db, close } = connect(url, 1);
  try {
    const link: Link = { host: "127.0.0.1", port: started.port, profile, standIn: true };
    await db.update(meter).set({ link }).where(eq(meter.name, NAME));
  } finally {
    await close();
  }
  return started.port;
}
