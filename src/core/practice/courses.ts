import { chanceFrom } from "../diagnosis";
import { caseOf, type Drawn } from "./draw";
import type { PracticeSet } from "./set";

/** A set of a course with its fault, and what the teacher says of it at the end. */
export type CourseCase = {
  /** a made-up set that ships, by its key */
  set: string;
  fault: string;
  /** what to notice; shown at the end alone */
  notice: string;
};

export type Course = { key: string; name: string; about: string; cases: readonly CourseCase[] };

/** Six short courses. Their sets are the made-up ones that ship; nothing in them is a real set. */
export const COURSES: readonly Course[] = [
  {
    key: "supply",
    name: "The power supply",
    about: "No B+, too little of it, or hum: the supply is the first thing to measure, and the last to trust.",
    cases: [
      {
        set: "lantern",
        fault: "rectifier.rectifier-weak@V5",
        notice:
          "B+ is low and every plate with it, each by about the same share. One measurement at the reservoir says so before any stage is looked at.",
      },
      {
        set: "fjord",
        fault: "reservoir.smoothing-dry@C2",
        notice:
          "B+ is as it should be, and it hums all the same. A half-wave set hums at the line frequency, so the pitch does not point at a heater here. Hum that stays with the volume down is made behind the control, or in the supply.",
      },
      {
        set: "regent",
        fault: "reservoir.choke-open",
        notice:
          "The field coil is the choke. Volts before it and none behind it; the resistance chart tells the same with the power off and is the safer way.",
      },
      {
        set: "lantern",
        fault: "reservoir.reservoir-short@C1",
        notice:
          "A blown fuse blew because of something. Ohms from B+ to chassis come first, with the set unplugged and discharged; a second fuse is no test.",
      },
    ],
  },
  {
    key: "coupling",
    name: "The leaky coupling capacitor",
    about: "The commonest fault of old audio stages, and what is easily taken for it.",
    cases: [
      {
        set: "fjord",
        fault: "output.coupling-leaky@C7",
        notice:
          "The grid of the output tube is positive. The cathode is high, for the tube draws too much, and its resistor runs hot. Pull the tube: volts that stay at the grid come through the capacitor.",
      },
      {
        set: "regent",
        fault: "output.coupling-leaky@C6",
        notice:
          "A leak of a few hundred kilohms is enough with a grid leak of half a megohm. Measured at 10 V it looks sound: test leakage at the working voltage.",
      },
      {
        set: "lantern",
        fault: "output.tube-gassy@V4",
        notice:
          "The same positive grid, and the capacitor is sound. With the tube out the grid is at nothing: then it was the tube. It gets worse as it warms.",
      },
      {
        set: "lantern",
        fault: "af.coupling-leaky@C9",
        notice:
          "Earlier in the chain the same leak is heard less and spoils the grid of the first audio stage. The volume control crackles with direct current on it.",
      },
    ],
  },
  {
    key: "avc",
    name: "The AVC line",
    about: "Strong stations blast, weak ones vanish, or the set howls: the line that nobody measures.",
    cases: [
      {
        set: "lantern",
        fault: "agc.agc-leaky@C6",
        notice:
          "The AVC line does not go negative on a strong station. A meter of 20 kΩ/V loads it to nothing: here the input of the meter matters more than its accuracy.",
      },
      {
        set: "fjord",
        fault: "agc.agc-open@C6",
        notice:
          "The line is there, and its filter is open: what should be held is not, and stages talk to each other through it. Bridge it with a good one and listen.",
      },
      {
        set: "skipper",
        fault: "agc.agc-leaky@C4",
        notice:
          "In a transistor set the AVC moves a base by tenths of a volt. A leak of some ten kilohms takes the bias of the first IF stage with it.",
      },
    ],
  },
  {
    key: "oscillator",
    name: "The oscillator",
    about: "Nothing heard, or only here and there on the dial: does it oscillate, where, and does it stay?",
    cases: [
      {
        set: "lantern",
        fault: "oscillator.osc-switch",
        notice:
          "One band alone is dead, the others play: what they share is sound. A contact answers to tapping and to being worked; cleaning is both test and cure.",
      },
      {
        set: "fjord",
        fault: "oscillator.osc-joint",
        notice: "The frequency jumps. All volts are right: they cannot show it. Tap, one part at a time, with a stick.",
      },
      {
        set: "lantern",
        fault: "oscillator.osc-drift@C12",
        notice:
          "It drifts for longer than the set takes to warm. Freeze and heat tell the part; a capacitor in the tuned circuit counts for more than any other.",
      },
    ],
  },
  {
    key: "alignment",
    name: "Alignment, and a wrong padder",
    about: "When the dial is wrong it is seldom the trimmers that somebody has turned.",
    cases: [
      {
        set: "fjord",
        fault: "oscillator.osc-padder",
        notice:
          "Right at the high end of the band and off at the low end: the trimmer rules the one, the padder the other. No trimmer mends a padder of the wrong value.",
      },
      {
        set: "lantern",
        fault: "if.if-align",
        notice:
          "Weak everywhere, on the dial everywhere, and all volts right. Before a core is turned, note where it stands.",
      },
      {
        set: "regent",
        fault: "antenna.antenna-trimmed",
        notice:
          "Weak on one end of one band. Another antenna and the antenna trimmer come before the stages behind them.",
      },
      {
        set: "lantern",
        fault: "oscillator.osc-padder@C12",
        notice:
          "Here the part has a name in the sheet: measure it. A mica capacitor that has moved by five per cent puts the low end off by more than the dial forgives.",
      },
    ],
  },
  {
    key: "transmitter",
    name: "A transmitter with low output",
    about: "High voltage: plan each reading before the hand moves. Off, discharged, clip on, hands away, on.",
    cases: [
      {
        set: "t60",
        fault: "rectifier.rectifier-weak@V7",
        notice:
          "Everything is low together: output, modulation, B+. Read the high voltage with a clip, once, and leave the final alone.",
      },
      {
        set: "t60",
        fault: "tank.tank-switch",
        notice:
          "Input as always, output low on one band, and something gets warm that should not. A contact that arcs under RF looks sound to an ohmmeter.",
      },
      {
        set: "kestrel",
        fault: "amplifier.tube-soft-one@V1",
        notice:
          "One tube of a bank draws less than its sisters. Compare them: each tells what the others should do. Nobody changes one of a matched bank alone without measuring it.",
      },
    ],
  },
];

/** So many manners are tried until one is noticed. */
const MANNERS = 40;

/** A case of a course, always the same one. @returns undefined where the set does not have that fault */
export function courseCase(set: PracticeSet, { fault }: CourseCase, seed: number): Drawn | undefined {
  const known = set.system.faults.find(({ id }) => id === fault);
  if (!known) return undefined;
  const chance = chanceFrom(seed);
  for (let manner = 0; manner < MANNERS; manner += 1) {
    const drawn = caseOf(set, known, chance);
    if (drawn) return drawn;
  }
  return undefined;
}
