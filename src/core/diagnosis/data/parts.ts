/** How long and how dangerous it is to be sure of a part, and what it takes. Minutes are the shop's estimates. */
export type PartFacts = {
  name: string;
  /** how one makes sure of it */
  how: string;
  /** what the check is called, where it is no check of a part of the stage */
  asked?: string;
  /** how, where no hand goes in under power */
  cold?: string;
  minutes: number;
  needs: readonly TestNeed[];
  hazard: Hazard;
  /** the share of those that are bad which the check shows, and of the sound ones that it calls bad */
  finds: number;
  wrong: number;
};

export const NEEDS = [
  "open",
  "power",
  "meter",
  "generator",
  "tracer",
  "tube-tester",
  "bridge",
  "board-out",
  "spare",
  "dummy-load",
  "limiter",
] as const;
export type TestNeed = (typeof NEEDS)[number];
export const NEED_NAMES: Record<TestNeed, string> = {
  open: "chassis open",
  power: "power on",
  meter: "meter",
  generator: "signal generator",
  tracer: "signal tracer or scope",
  "tube-tester": "tube tester",
  bridge: "capacitor bridge or leakage tester",
  "board-out": "board out",
  spare: "a known good spare",
  "dummy-load": "dummy load",
  limiter: "lamp limiter or limited supply",
};
/** Minutes to get there when it is not so yet. Shop's estimates. */
export const TO_GET_THERE: Partial<Record<TestNeed, number>> = { open: 15, "board-out": 10 };

/** 0 nothing live, 1 low voltage or covered, 2 live high voltage by probe, 3 transmitter voltages or RF. */
export type Hazard = 0 | 1 | 2 | 3;

const part = (
  name: string,
  how: string,
  minutes: number,
  needs: readonly TestNeed[],
  finds: number,
  wrong: number,
  hazard: Hazard = 0,
): PartFacts => ({ name, how, minutes, needs, hazard, finds, wrong });

export const PARTS: Record<string, PartFacts> = {
  tube: part("tube", "Test it: shorts first, then gas, then strength.", 5, ["tube-tester"], 0.93, 0.01),
  transistor: part(
    "transistor",
    "Out or with two leads lifted: junctions, gain, leakage.",
    8,
    ["open", "meter"],
    0.93,
    0.015,
  ),
  diode: part("diode", "Forward and backward with the meter, one end lifted.", 5, ["open", "meter"], 0.92, 0.015),
  cap: part(
    "capacitor",
    "One end lifted: value, loss, leakage at its working voltage.",
    6,
    ["open", "bridge"],
    0.95,
    0.01,
  ),
  res: part(
    "resistor",
    "Unplugged and discharged: measure it; lift one end when it reads low.",
    2.5,
    ["open", "meter"],
    0.94,
    0.005,
  ),
  winding: part(
    "winding",
    "Unplugged and discharged: resistance against the chart and its sister.",
    3,
    ["open", "meter"],
    0.88,
    0.01,
  ),
  contact: part(
    "contact",
    "Unplugged: clean it and work it. Then see whether the fault is gone.",
    5,
    ["open"],
    0.88,
    0.06,
  ),
  joint: {
    ...part(
      "joint",
      "Tap with an insulated stick, one hand away; then unplug, discharge and reflow what answers.",
      6,
      ["open", "power"],
      0.82,
      0.06,
      2,
    ),
    cold: "Unplugged, discharged and measured: move each joint, look at it through a lens, reflow what is grey or cracked.",
  },
  mechanics: part("mechanics", "Move it by hand through its range, look and listen.", 4, ["open"], 0.9, 0.03),
  wiring: part(
    "wiring",
    "Unplugged: follow it with the eye, and bend it while you watch the ohmmeter.",
    5,
    ["open", "meter"],
    0.88,
    0.03,
  ),
  sight: part(
    "look",
    "Look with lamp and lens: colours, wrong parts, things that do not belong.",
    4,
    ["open"],
    0.85,
    0.03,
  ),
  adjustment: {
    ...part(
      "adjustment",
      "Note where it stands, then move it and watch the output.",
      8,
      ["open", "power", "generator"],
      0.9,
      0.05,
      2,
    ),
    cold: "Note where it stands. Move it with the power off and discharged, close the cage, then read the output again.",
  },
  fuse: {
    ...part(
      "fuse",
      "Shorts ruled out first. Then one of the right rating, on the lamp limiter: does it hold and the set play?",
      4,
      ["limiter"],
      0.97,
      0.01,
      1,
    ),
    asked: "Was it the fuse alone?",
  },
  instrument: {
    ...part(
      "meter",
      "Measure a fresh cell with it, and one point of the set with another meter: range, leads, its own battery.",
      2,
      ["meter"],
      0.95,
      0.01,
    ),
    asked: "Check the meter itself",
  },
  stage: part(
    "rest of the stage",
    "Unplugged: part by part against the drawing, each joint and lead; what is not on the list is found here.",
    30,
    ["open", "meter"],
    0.9,
    0.02,
  ),
  crystal: part(
    "crystal",
    "Try another one of that frequency, or measure its activity.",
    5,
    ["open", "spare"],
    0.93,
    0.03,
  ),
  lamp: part("lamp", "Unplugged: measure it.", 1, ["meter"], 0.98, 0.01),
  cell: part("cells", "Measure them under load.", 2, ["meter"], 0.97, 0.02),
  relay: part(
    "relay",
    "Unplugged: contact resistance, worked by hand; clean the contacts.",
    7,
    ["open", "meter"],
    0.88,
    0.04,
  ),
  meter: part(
    "movement",
    "Unplugged: resistance of the movement, and a small current through it.",
    4,
    ["open", "meter"],
    0.94,
    0.03,
  ),
};
