import { parseArgs } from "node:util";
import { INSTRUMENT_KINDS, INSTRUMENT_WORDS, setWorld } from "@/core/instruments";
import { circuitSheet } from "@/core/visit";
import { MADE_UP_SETS } from "@/core/practice";
import { startStandIns } from "./instruments-server";

/** `bin/instruments [--port N] [--set NAME]`: a bench of stand-ins at a made-up set. */
const { values } = parseArgs({
  options: { port: { type: "string", default: "5025" }, set: { type: "string", default: "lantern" } },
});
const names = Object.keys(MADE_UP_SETS);
const made = Object.hasOwn(MADE_UP_SETS, values.set) ? MADE_UP_SETS[values.set] : undefined;
const world = made ? setWorld(circuitSheet(made.sheet)) : undefined;
const port = Number(values.port);
if (!made || !world || !(port >= 1 && port <= 65_530)) {
  console.error(
    !world
      ? `No circuit of “${values.set}” is known here: ${names.join(", ")}.`
      : "A port is a number from 1 to 65530: five more follow it.",
  );
  process.exit(1);
}
const ports = await startStandIns(world, made.sheet, port);
console.log(`Stand-ins at the ${values.set} listen on 127.0.0.1. Ctrl-C ends them.`);
console.log(`  Meter: port ${ports.meter}`);
for (const kind of INSTRUMENT_KINDS) console.log(`  ${INSTRUMENT_WORDS[kind]}: port ${ports[kind]}`);
console.log(`The meter's probe is put somewhere by STAN:PROB "B+"; the points are ${world.points.join(", ")}.`);
console.log(`The generator drives the audio below 100 kHz, the antenna socket (tuned to 1 MHz) above it.`);
