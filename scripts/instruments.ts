import { parseArgs } from "node:util";
import { setWorld } from "@/core/instruments";
import { circuitSheet } from "@/core/visit";
import { MADE_UP_SETS } from "@/core/practice";
import { startStandIn } from "./instruments-server";

/** `bin/instruments [--port N] [--set NAME]`: a stand-in meter at a set of the demo. */
const { values } = parseArgs({
  options: { port: { type: "string", default: "5025" }, set: { type: "string", default: "lantern" } },
});
const names = Object.keys(MADE_UP_SETS);
const model = MADE_UP_SETS[values.set];
const world = model ? setWorld(circuitSheet(model.sheet)) : undefined;
const port = Number(values.port);
if (!world || !(port >= 1 && port <= 65_535)) {
  console.error(
    !world
      ? `No circuit of “${values.set}” is known here: ${names.join(", ")}.`
      : "A port is a number from 1 to 65535.",
  );
  process.exit(1);
}
const { port: listens } = await startStandIn(world, port);
console.log(`A stand-in meter at the ${values.set} listens at 127.0.0.1:${listens}. Ctrl-C ends it.`);
console.log(`Its probe is put somewhere by STAN:PROB "B+"; the points are ${world.points.join(", ")}.`);
