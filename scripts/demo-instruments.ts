import { eq, sql } from "drizzle-orm";
import { v7 } from "uuid";
import {
  INSTRUMENT_KINDS,
  KIND_PROFILES,
  PROFILES,
  setWorld,
  type InstrumentKind,
  type Link,
} from "@/core/instruments";
import { circuitSheet } from "@/core/visit";
import { MADE_UP_SETS } from "@/core/practice";
import { connect } from "@/db/client";
import { instrument, meter } from "@/db/schema";
import { startStandIns } from "./instruments-server";

/** The demo's meter that can be asked: behind its probes is the circuit of the Lantern. */
const NAME = "Bench digital";
/** What the demo's other instruments are called. */
const NAMES: Record<InstrumentKind, string> = {
  generator: "Signal generator",
  counter: "Bench counter",
  "power meter": "Power meter",
  oscilloscope: "Bench oscilloscope",
  supply: "Bench supply",
};

/** Starts the demo's stand-ins and tells its shop where they answer. @returns the meter's port; none where it could not */
export async function standInForDemo(url: string, port: number): Promise<number | undefined> {
  const { sheet } = MADE_UP_SETS.lantern ?? {};
  const world = sheet ? setWorld(circuitSheet(sheet)) : undefined;
  const profile = PROFILES.measure;
  if (!sheet || !world || !profile) return undefined;
  const started = await startStandIns(world, sheet, port).catch(() => startStandIns(world, sheet));
  const { db, close } = connect(url, 1);
  const linkTo = (at: number, how: Link["profile"]): Link => ({
    host: "127.0.0.1",
    port: at,
    profile: how,
    standIn: true,
  });
  try {
    await db
      .update(meter)
      .set({ link: linkTo(started.meter, profile) })
      .where(eq(meter.name, NAME));
    await db
      .insert(instrument)
      .values(
        INSTRUMENT_KINDS.map((kind) => ({
          ...{ id: v7(), name: NAMES[kind], kind, place: "long bench" },
          link: linkTo(started[kind], KIND_PROFILES[kind]),
        })),
      )
      .onConflictDoUpdate({ target: instrument.name, set: { link: sql`excluded.link` } });
  } finally {
    await close();
  }
  return started.meter;
}
