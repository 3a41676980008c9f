import type { Stage } from "./expectation";
import type { StopRule } from "./stop";

const FIRST = "Off, unplug, discharge through a resistor, and measure what is left.";

const AFTER: Record<StopRule, (stage: Stage) => string[]> = {
  "over-step": (stage) => tooMuch(stage),
  "over-full": (stage) => tooMuch(stage),
  "over-line": () => [
    "Selector, tap and variac: which volts reach the set?",
    "What has stood too high: heaters, dial lamps, the first capacitors. Measure B+ to chassis again, cold.",
  ],
  "over-bplus": () => [
    "Line and tap: is the set set for this line?",
    "Do the tubes draw: output tube in, its heater lit, its cathode resistor whole?",
    "Bleeder and divider: an open one leaves B+ at its peak.",
    "Look at every capacitor of the rail: those rated below what was read are not trusted any more.",
  ],
  "over-heaters": () => [
    "Line and tap, and which winding feeds the heaters.",
    "A tube of another heater in a string, or one that is open or shorted there.",
    "Filaments of battery tubes: test each for emission, they do not forgive this.",
  ],
  grows: () => [
    "Feel (discharged) which part is warm: reservoir and smoothing first, they heat when they leak.",
    "Output grid: positive volts mean a leaky coupling capacitor, and the tube runs away.",
    "Output tube and rectifier: gas, a short when hot.",
    "Transformer: warm with everything pulled means shorted turns.",
  ],
  "no-bplus": () => [
    "Rectifier: lit, seated, emission.",
    "Choke or field coil: ohms across it, cold. Open means no B+ behind it.",
    "High-voltage winding: ohms of both halves against the chart and each other.",
    "Reservoir: a dead short would have shown in the current; check B+ to chassis again.",
  ],
  smoke: () => BURNT,
  smell: () => BURNT,
  arcing: () => BURNT,
  "red-plate": () => [
    "Grid of that tube: bias there at all? Coupling capacitor leaky, grid leak open, bias supply dead.",
    "Cathode resistor: value, and its bypass for a short.",
    "The tube itself: gas, a grid short when hot. Change it with its sister and see whether the fault goes along.",
    "Transmitter: is it oscillating by itself? Parasitic suppressors, neutralising, a missing load.",
  ],
  "lamp-bright": (stage) => tooMuch(stage),
  other: () => ["Write down what it was, and find it before power comes on again."],
};

const BURNT = [
  "Find the part by eye and nose before anything else is touched.",
  "Measure B+ to chassis again, and every part that hangs on the burnt one.",
  "Smoke of a selenium rectifier is poisonous: air the room.",
];

function tooMuch(stage: Stage): string[] {
  if (stage === "rectifier-out")
    return [
      "Pull all tubes and try at a quarter of the line: still too much means transformer or wiring.",
      "Heater wiring and dial lamp sockets: a short to chassis.",
      "Capacitors across the mains.",
      "Transformer: hums, warms with no load, or one winding's ohms low: shorted turns.",
    ];
  if (stage === "filaments")
    return [
      "Filament polarity and plug.",
      "A tube of another filament, or shorted: pull them one by one.",
      "Wiring and switch.",
    ];
  return [
    "B+ to chassis, cold: against what it was before.",
    "Reservoir and smoothing capacitors: polarity, leakage at voltage, a short.",
    "Output tube: grid volts positive? Lift the coupling capacitor.",
    "Rectifier: shorted, or gassy. Decoupling capacitors on each branch of B+.",
  ];
}

/** What to check next after a stop, in order. */
export function afterStop(rules: readonly StopRule[], stage: Stage): string[] {
  return [...new Set([FIRST, ...rules.flatMap((rule) => AFTER[rule](stage))])];
}
