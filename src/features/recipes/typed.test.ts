import { expect, it } from "vitest";
import { EMPTY_RECIPE, readRecipe, typedOf, type TypedRecipe } from "./typed";

const OUTLET: TypedRecipe = {
  ...EMPTY_RECIPE,
  name: "Line-level audio outlet",
  what: "A socket that takes the sound from the volume control, for a recorder",
  needs: "stages detector, af: a detector and an audio stage\nlook: a spare hole in the back panel",
  parts: "J1 phono socket\nR901 100k 0.5W\nC901 0.1/400",
  taps: "signal VR1 top 0 V to 3 V\nground VR1 foot",
  chassis: "existing-hole",
  steps:
    "Take the bottom plate off | opens bottom plate | screws 6\nSleeve every lead before it is soldered | caution the heater wiring runs beside it",
  verify: "level at the outlet with full volume",
  recalibrate: "dial check at three points",
  undo: "Unsolder R901 at VR1, take the socket out",
  instructions: "Into a line input of a recorder; the volume control does not act on it.",
  minutes: "90",
};

it("reads what it writes", () => {
  const read = readRecipe(OUTLET);
  expect(read).toMatchObject({ ok: true, value: { chassis: "existing-hole", reversible: true, minutes: 90 } });
  if (!read.ok) return;
  expect(read.value.steps[0]).toEqual({ text: "Take the bottom plate off", opens: "bottom plate", screws: 6 });
  expect(readRecipe(typedOf({ id: "x", version: 1, ...read.value }))).toEqual(read);
});

it("puts every problem beside its field, with the line", () => {
  const read = readRecipe({
    ...OUTLET,
    needs: "stages detector: fine\nstages flux: what",
    taps: "somewhere",
    minutes: "soon",
    steps: "",
  });
  expect(read).toMatchObject({
    ok: false,
    problems: {
      needs: expect.stringMatching(/^Line 2: “flux” is not a kind of stage/),
      taps: expect.stringContaining("begins with its kind"),
      minutes: expect.stringContaining("whole number"),
      steps: expect.stringContaining("has steps"),
    },
  });
});

it("asks how it is put back, unless a hole is drilled", () => {
  expect(readRecipe({ ...OUTLET, undo: "" })).toMatchObject({
    ok: false,
    problems: { undo: expect.stringContaining("put it back") },
  });
  expect(readRecipe({ ...OUTLET, undo: "", chassis: "drilled" })).toMatchObject({
    ok: true,
    value: { reversible: false },
  });
});
