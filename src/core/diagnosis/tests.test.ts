import { expect, it } from "vitest";
import { topologyOf } from "./circuit";
import { systemOf } from "./system";
import { worksQuestion } from "./tests";

it("asks in good English whether a stage works, whatever the stage is called", () => {
  expect(worksQuestion("Antenna coils")).toBe("Do the antenna coils work?");
  expect(worksQuestion("Batteries")).toBe("Do the batteries work?");
  expect(worksQuestion("Reservoir and smoothing")).toBe("Do the reservoir and smoothing work?");
  expect(worksQuestion("IF stage")).toBe("Does the IF stage work?");
  expect(worksQuestion("Bias supply")).toBe("Does the bias supply work?");
  expect(worksQuestion("Bias")).toBe("Does the bias work?");
});

const systemOn = (key: string, highestVolts = 300) => {
  const circuit = topologyOf(key)?.circuit;
  if (!circuit) throw new Error(key);
  return systemOf({ circuit, parts: [], years: 50, highestVolts });
};
/** Faults that a test answers to, by their ids. */
const shows = (system: ReturnType<typeof systemOn>, id: string) => {
  const test = system.testById.get(id);
  if (!test) throw new Error(`no test ${id}`);
  return system.faults.filter((_, at) => test.response[at]).map((fault) => fault.id);
};

it("with the grid of a stage grounded, noise stays that enters from there on or with a supply", () => {
  const heard = shows(systemOn("superhet"), "ground:detector");
  expect(heard).toContain("af.volume-worn");
  expect(heard).toContain("reservoir.supply-noise");
  expect(heard).not.toContain("mixer.mixer-switch");
});

it("another supply cures what the old one does, and nothing else", () => {
  const cured = shows(systemOn("vibrator"), "supply:vibrator");
  expect(cured).toContain("vibrator.vibrator-hash");
  expect(new Set(cured.map((id) => id.split(".")[0]))).toEqual(new Set(["vibrator"]));
});

it("another mode on transmit parts the way of the voice from the rest", () => {
  const voice = shows(systemOn("transceiver", 600), "mode-tx");
  expect(voice).toContain("speech.mic-cable");
  expect(voice).toContain("balanced.balance-off");
  expect(voice).not.toContain("driver.driver-coil");
});

it("a meter that is off moves what is probed, and is made sure of by itself", () => {
  const system = systemOn("superhet");
  expect(shows(system, "rail:reservoir")).toContain("mains.meter-off");
  expect(shows(system, "volts:output:plate")).toContain("mains.meter-off");
  expect(shows(system, "play")).not.toContain("mains.meter-off");
  expect(system.testById.get("check:mains:instrument")?.name).toBe("Check the meter itself");
});
