import type { Circuit, PathKey, Stage } from "../model/circuit";
import { fedBy, withFeeders } from "./circuit";
import { PARTS, type Hazard, type Need } from "./data/faults";
import { KINDS } from "./data/kinds";
import * as OUT from "./outcomes";
import type { Electrode, Fault, Move, OutcomeFacts, Shows, Test, TestAct } from "./types";

/** What a fault does in a test: an outcome and how surely; undefined where the test does not touch it. */
type Effect = { outcome: string; share: number } | undefined;

type Sketch = Omit<Test, "response" | "effects" | "outcomes" | "slip"> & {
  outcomes: readonly OutcomeFacts[];
  slip?: number;
  effect: (fault: Fault) => Effect;
};

/** Results that are wrong whatever the set does, by act. Shop's estimates. */
const SLIPS: Partial<Record<TestAct, number>> = {
  inject: 0.05,
  trace: 0.05,
  volts: 0.04,
  rail: 0.03,
  line: 0.04,
  look: 0.06,
  tap: 0.08,
  swap: 0.08,
};
const USUAL_SLIP = 0.06;
/** A fault of one band, or one that warmth changes, is not there each time that one listens. Shop's estimates. */
const SHOWS_ON_OTHER_BANDS = 0.6;
const SHOWS_WHEN_COLD = 0.75;
/** A reading far from its supply follows it less surely. Shop's estimate. */
const FOLLOWS = 0.97;
/** With a good tube in, the fault goes, where nothing else is wrong too. Shop's estimate. */
const SWAP_CURES = 0.85;

const SIGNAL_OUTCOME = { weak: "weak", distorted: "distorted", dead: "dead" } as const;

/** Turns a sketch into a test: the few different effects, and for each fault which one it has. */
function finish({ effect, outcomes, slip, ...sketch }: Sketch, faults: readonly Fault[]): Test {
  const effects: Test["effects"][number][] = [{ outcome: 0, share: 0 }];
  const response = Uint8Array.from(faults, (fault) => {
    const seen = effect(fault);
    const outcome = seen ? outcomes.findIndex(({ key }) => key === seen.outcome) : 0;
    if (!seen || outcome <= 0 || seen.share <= 0) return 0;
    const share = Math.round(seen.share * 20) / 20;
    const known = effects.findIndex((one) => one.outcome === outcome && one.share === share);
    return known >= 0 ? known : effects.push({ outcome, share }) - 1;
  });
  return { ...sketch, outcomes, slip: slip ?? SLIPS[sketch.act] ?? USUAL_SLIP, response, effects };
}

/** How surely a fault shows at a given moment: less so as far as it is one of a band, or of warmth. */
const showing = ({ shows }: Fault["mode"], share: number) =>
  share * (1 - (1 - SHOWS_ON_OTHER_BANDS) * (shows.band ?? 0)) * (1 - (1 - SHOWS_WHEN_COLD) * (shows.warm ?? 0));

const signalIn =
  (stages: ReadonlySet<string>) =>
  ({ stage, mode }: Fault): Effect =>
    mode.signal && stages.has(stage.id)
      ? { outcome: SIGNAL_OUTCOME[mode.signal.effect], share: showing(mode, mode.signal.share) }
      : undefined;

const showsIn =
  (show: Shows, outcome: string, stages: ReadonlySet<string>) =>
  ({ stage, mode }: Fault): Effect => {
    const share = mode.shows[show];
    return share && stages.has(stage.id) ? { outcome, share } : undefined;
  };

const either =
  (...effects: ((fault: Fault) => Effect)[]) =>
  (fault: Fault): Effect => {
    for (const one of effects) {
      const seen = one(fault);
      if (seen) return seen;
    }
    return undefined;
  };

/** The part of a chain from a stage on, with all that feeds and controls it. */
const onFrom = (circuit: Circuit, chain: readonly string[], id: string) =>
  withFeeders(circuit, chain.slice(chain.indexOf(id)));
const upTo = (circuit: Circuit, chain: readonly string[], id: string) =>
  withFeeders(circuit, chain.slice(0, chain.indexOf(id) + 1));

const pathName = (circuit: Circuit, key: PathKey) =>
  circuit.paths.length === 1 ? "" : key === "receive" ? " on receive" : " on transmit";
/** Where there are two paths, the transmit tests have words of their own. */
export const pathId = (act: string, key: PathKey) => (key === "receive" ? act : `${act}-tx`);

type Live = { probe: Hazard; open: readonly Need[] };
const liveOf = (volts: number): Live => ({
  probe: volts <= 60 ? 1 : volts > 600 ? 3 : 2,
  open: ["open", "power"],
});

function pathTests(circuit: Circuit, key: PathKey, chain: readonly string[], live: Live): Sketch[] {
  const transmit = key === "transmit";
  const all = withFeeders(circuit, chain);
  const where = pathName(circuit, key);
  const hazard: Hazard = transmit ? 1 : 0;
  const needs: readonly Need[] = transmit ? ["power", "dummy-load"] : ["power"];
  const whole = (
    act: TestAct,
    name: string,
    how: string,
    outcomes: readonly OutcomeFacts[],
    effect: Sketch["effect"],
    minutes: number,
  ): Sketch => ({
    id: pathId(act, key),
    act,
    name: name + where,
    how,
    needs,
    minutes,
    hazard,
    outcomes,
    effect,
  });
  const listen = transmit
    ? "Key it into the dummy load and read the output."
    : "Tune a strong station or feed the generator, volume up.";
  const tests = [
    whole(
      "play",
      transmit ? "Output into the dummy load" : "Listen",
      listen,
      transmit ? OUT.POWER : OUT.SOUND,
      signalIn(all),
      1,
    ),
    whole(
      "hum",
      "Listen for hum",
      transmit ? "Listen to the carrier on another receiver." : "Volume down, then up: which hum, and does it stay?",
      OUT.HUM,
      either(showsIn("hum2", "double", all), showsIn("hum1", "line", all)),
      1,
    ),
    whole(
      "steady",
      "Is it steady?",
      transmit
        ? "Watch output and note for half a minute."
        : "Let it play half a minute: howl, motorboating, pumping, drift.",
      OUT.STEADY,
      showsIn("unsteady", "unsteady", all),
      1.5,
    ),
    whole(
      "dial",
      "Compare with the dial",
      "Two stations or the generator's marker at both ends of the dial.",
      OUT.DIAL,
      showsIn("off", "off", all),
      2,
    ),
    whole(
      "bands",
      "Go through the bands",
      transmit ? "Output on each band." : "Listen on each band: is one of them worse?",
      OUT.BANDS,
      showsIn("band", "one", all),
      2,
    ),
    whole(
      "warm",
      "Cold and warm",
      "Note it cold, let it run ten minutes with the back on, note it again.",
      OUT.WARM,
      showsIn("warm", "changes", all),
      11,
    ),
  ];
  if (!transmit)
    tests.push(
      whole(
        "noise",
        "Listen for crackle",
        "No signal, volume up: crackle, hiss, scratching controls.",
        OUT.NOISE,
        showsIn("noise", "noisy", all),
        1,
      ),
    );
  const behindVolume = chain.find((id) => circuit.stages.find((stage) => stage.id === id)?.kind === "af");
  if (!transmit && behindVolume) {
    const half = onFrom(circuit, chain, behindVolume);
    const down = (
      act: "hum" | "noise",
      what: string,
      outcomes: readonly OutcomeFacts[],
      effect: Sketch["effect"],
    ): Sketch => ({
      id: `${act}-down`,
      act,
      name: `${what} with the volume down`,
      how: "Volume to zero: what stays comes from behind the control.",
      needs: ["power"],
      minutes: 1,
      hazard: 0,
      outcomes,
      effect,
    });
    tests.push(
      down("hum", "Hum", OUT.HUM, either(showsIn("hum2", "double", half), showsIn("hum1", "line", half))),
      down("noise", "Crackle", OUT.NOISE, showsIn("noise", "noisy", half)),
    );
  }
  const stages = new Map(circuit.stages.map((stage) => [stage.id, stage]));
  const rf: Hazard = transmit && live.probe > 1 ? 3 : live.probe;
  chain.forEach((id, at) => {
    const stage = stages.get(id);
    if (!stage) return;
    const outcomes = transmit ? OUT.POWER : OUT.SOUND;
    if (at > 0)
      tests.push({
        id: `${pathId("inject", key)}:${id}`,
        act: "inject",
        stage,
        name: `Inject at ${stage.name}${where}`,
        how: `Feed a signal through a capacitor into the input of ${stage.name}: everything from there on is exercised.`,
        needs: [...live.open, "generator", ...(transmit ? (["dummy-load"] as const) : [])],
        minutes: 2,
        hazard: rf,
        outcomes,
        effect: signalIn(onFrom(circuit, chain, id)),
      });
    if (at < chain.length - 1)
      tests.push({
        id: `${pathId("trace", key)}:${id}`,
        act: "trace",
        stage,
        name: `Trace behind ${stage.name}${where}`,
        how: `Follow the signal with a high-impedance probe to the output of ${stage.name}: everything up to there is exercised.`,
        needs: [...live.open, "tracer"],
        minutes: 2,
        hazard: rf,
        outcomes,
        effect: signalIn(upTo(circuit, chain, id)),
      });
  });
  return tests;
}

const ELECTRODE_NAMES: Record<"plate" | "screen" | "cathode" | "grid", { tube: string; solid: string }> = {
  plate: { tube: "Plate", solid: "Collector" },
  screen: { tube: "Screen", solid: "" },
  cathode: { tube: "Cathode", solid: "Emitter" },
  grid: { tube: "Grid", solid: "Base" },
};

const SUPPLIES_OF_PLATES = new Set([
  "mains",
  "battery",
  "rectifier",
  "reservoir",
  "high-voltage",
  "regulator",
  "rails",
]);

/** What the failure of a supply does to an electrode that it feeds. */
function fromSupply(fault: Fault, electrode: Electrode): { move: Move; share: number } | undefined {
  const rail = fault.mode.volts.find((one) => one.electrode === "rail");
  if (!rail) return undefined;
  const share = rail.share * FOLLOWS;
  if (fault.stage.kind === "heaters") {
    // A cold tube draws nothing: its plate rises to the rail, its cathode falls.
    if (electrode === "plate") return { move: "high", share };
    return electrode === "cathode" ? { move: "low", share } : undefined;
  }
  if (fault.stage.kind === "bias")
    return electrode === "grid" ? { move: rail.move === "high" ? "high" : "low", share } : undefined;
  if (!SUPPLIES_OF_PLATES.has(fault.stage.kind)) return undefined;
  if (electrode === "plate" || electrode === "screen") return { move: rail.move, share };
  return electrode === "cathode"
    ? { move: rail.move === "none" ? "none" : rail.move, share: share * FOLLOWS }
    : undefined;
}

function voltageTests(circuit: Circuit, faults: readonly Fault[], live: Live): Sketch[] {
  const reach = new Map(circuit.stages.map(({ id }) => [id, fedBy(circuit, id)]));
  return circuit.stages.flatMap((stage): Sketch[] => {
    if (stage.device === "none" || KINDS[stage.kind].lane === "supply") return [];
    const device = stage.device;
    return (["plate", "screen", "cathode", "grid"] as const).flatMap((electrode): Sketch[] => {
      const name = ELECTRODE_NAMES[electrode][device];
      if (
        !name ||
        !faults.some((one) => one.stage.id === stage.id && one.mode.volts.some((v) => v.electrode === electrode))
      )
        return [];
      return [
        {
          id: `volts:${stage.id}:${electrode}`,
          act: "volts",
          stage,
          name: `${name} of ${stage.name}`,
          how: `${name} to chassis, against the chart${electrode === "grid" && device === "tube" ? "; positive volts are too high" : ""}.`,
          needs: [...live.open, "meter"],
          minutes: 1.5,
          hazard: live.probe,
          outcomes: OUT.VOLTS,
          ...(stage.tubes.length > 0 ? { parts: stage.tubes } : {}),
          effect: (fault) => {
            const own =
              fault.stage.id === stage.id ? fault.mode.volts.find((one) => one.electrode === electrode) : undefined;
            if (own) return { outcome: own.move, share: showing(fault.mode, own.share) };
            if (!reach.get(fault.stage.id)?.has(stage.id)) return undefined;
            const fed = fromSupply(fault, electrode);
            return fed ? { outcome: fed.move, share: fed.share } : undefined;
          },
        },
      ];
    });
  });
}

const WITH_A_RAIL = new Set(["reservoir", "high-voltage", "heaters", "bias", "regulator", "rails", "battery", "agc"]);

function railTests(circuit: Circuit, live: Live): Sketch[] {
  const reach = new Map(circuit.stages.map(({ id }) => [id, fedBy(circuit, id)]));
  const rails = circuit.stages.filter(({ kind }) => WITH_A_RAIL.has(kind));
  const atRail = (stage: Stage): Sketch => {
    const safe = ["heaters", "bias", "rails", "battery", "agc"].includes(stage.kind);
    return {
      id: `rail:${stage.id}`,
      act: "rail",
      stage,
      name: `Volts of ${stage.name}`,
      how: `Measure what ${stage.name} gives, against the chart.`,
      needs: stage.kind === "battery" ? ["meter"] : [...live.open, "meter"],
      minutes: 1.5,
      hazard: safe ? 1 : live.probe,
      outcomes: OUT.VOLTS,
      effect: (fault) => {
        const rail = fault.mode.volts.find((one) => one.electrode === "rail");
        if (!rail) return undefined;
        if (fault.stage.id === stage.id) return { outcome: rail.move, share: showing(fault.mode, rail.share) };
        return reach.get(fault.stage.id)?.has(stage.id)
          ? { outcome: rail.move, share: rail.share * FOLLOWS }
          : undefined;
      },
    };
  };
  const line: Sketch = {
    id: "line",
    act: "line",
    name: circuit.stages.some(({ kind }) => kind === "battery") ? "Battery current" : "Line current",
    how: "Current at the supply, warm, against what the set should draw.",
    needs: ["power", "meter"],
    minutes: 1.5,
    hazard: 1,
    outcomes: OUT.VOLTS.slice(0, 3),
    effect: (fault) => {
      const own = fault.mode.volts.find((one) => one.electrode === "line");
      return own ? { outcome: own.move === "high" ? "high" : "low", share: own.share } : undefined;
    },
  };
  return [...rails.map(atRail), line];
}

function stageTests(circuit: Circuit, faults: readonly Fault[], live: Live): Sketch[] {
  return circuit.stages.flatMap((stage): Sketch[] => {
    const here = new Set([stage.id]);
    const own = faults.filter((fault) => fault.stage.id === stage.id);
    const has = (show: Shows) => own.some(({ mode }) => mode.shows[show]);
    const base = { stage, needs: live.open, hazard: live.probe } as const;
    const does = KINDS[stage.kind].does;
    const swappable = own.some(({ mode }) => mode.part === "tube") && stage.device === "tube";
    return [
      ...(has("own")
        ? [
            {
              id: `works:${stage.id}`,
              act: "works" as const,
              stage,
              name: `Does ${stage.name} work?`,
              how: `See whether it ${does ?? "does its part"}.`,
              needs: ["power"] as const,
              minutes: 1.5,
              hazard: 0 as const,
              outcomes: OUT.WORKS,
              effect: showsIn("own", "fails", here),
            },
          ]
        : []),
      ...(has("seen")
        ? [
            {
              ...base,
              id: `look:${stage.id}`,
              act: "look" as const,
              name: `Look at ${stage.name}`,
              how: "Unplugged, lamp and lens: burnt, cracked, wrong, loose.",
              needs: ["open"] as const,
              hazard: 0 as const,
              minutes: 2,
              outcomes: OUT.LOOK,
              effect: showsIn("seen", "seen", here),
            },
          ]
        : []),
      ...(has("tap")
        ? [
            {
              ...base,
              id: `tap:${stage.id}`,
              act: "tap" as const,
              name: `Tap and wiggle at ${stage.name}`,
              how: "Insulated stick, one hand away: tubes, joints, switches, leads.",
              minutes: 2,
              outcomes: OUT.TAP,
              effect: showsIn("tap", "reacts", here),
            },
          ]
        : []),
      ...(swappable
        ? [
            {
              ...base,
              id: `swap:${stage.id}`,
              act: "swap" as const,
              name: `Try a known good tube in ${stage.name}`,
              how: "Switched off to change it. A spare that was tested itself; put the old one back after.",
              needs: ["spare", "power"] as const,
              hazard: 1 as const,
              minutes: 4,
              outcomes: OUT.SWAP,
              ...(stage.tubes.length > 0 ? { parts: stage.tubes } : {}),
              effect: (fault: Fault) =>
                fault.stage.id === stage.id && fault.mode.part === "tube"
                  ? { outcome: "cured", share: SWAP_CURES }
                  : undefined,
            },
          ]
        : []),
    ];
  });
}

function boardTests(circuit: Circuit): Sketch[] {
  const boards = new Set(circuit.stages.flatMap(({ board }) => (board ? [board] : [])));
  return [...boards].map((board): Sketch => ({
    id: `swap:board-${board.toLowerCase().replaceAll(/[^a-z0-9]+/g, "-")}`,
    act: "swap",
    name: `Try a known good ${board}`,
    how: "Switched off to change it. A spare that was tested itself; coax plugs by the body, never by the cable.",
    needs: ["spare", "open", "power"],
    minutes: 6,
    hazard: 1,
    outcomes: OUT.SWAP,
    effect: (fault) =>
      fault.stage.board === board && (fault.mode.signal ?? fault.mode.shows.own ?? fault.mode.shows.unsteady)
        ? { outcome: "cured", share: SWAP_CURES }
        : undefined,
  }));
}

/** The test that makes sure of a fault: one for each part that can be at fault. */
export const checkId = ({ stage, mode, designator }: Pick<Fault, "stage" | "mode" | "designator">): string => {
  if (designator) return `check:${designator}`;
  return `check:${stage.id}:${mode.part.replace(":", "-")}`;
};

function checkTests(faults: readonly Fault[], live: Live): Sketch[] {
  const byCheck = new Map<string, Fault[]>();
  const ids = new Map(faults.map((fault) => [fault, checkId(fault)]));
  for (const [fault, id] of ids) byCheck.set(id, [...(byCheck.get(id) ?? []), fault]);
  return [...byCheck].flatMap(([id, [first]]): Sketch[] => {
    const [what = "", role] = first?.mode.part.split(":") ?? [];
    const facts = PARTS[what];
    if (!first || !facts) return [];
    const part = first.designator ?? `${role ? `${role.replaceAll("-", " ")} ` : ""}${facts.name}`;
    const powered = facts.needs.includes("power");
    // A part on a plug-in board is measured with the board out.
    const boardOut = first.stage.board && !powered && facts.needs.includes("open") && facts !== PARTS.sight;
    const needs: readonly Need[] = boardOut ? [...facts.needs, "board-out"] : facts.needs;
    return [
      {
        id,
        act: "check",
        stage: first.stage,
        name: `Check ${first.designator ? part : `the ${part}`} of ${first.stage.name}`,
        how: facts.how,
        needs,
        minutes: facts.minutes,
        hazard: powered ? live.probe : facts.hazard,
        outcomes: OUT.CHECK,
        slip: facts.wrong * 2,
        ...(first.designator ? { parts: [first.designator] } : {}),
        effect: (fault) => (ids.get(fault) === id ? { outcome: "bad", share: facts.finds } : undefined),
      },
    ];
  });
}

/** Everything that can be done to a set to find what is wrong, with what may come of it, derived from its structure. */
export function testsOf(circuit: Circuit, faults: readonly Fault[], highestVolts: number): Test[] {
  const live = liveOf(highestVolts);
  return [
    ...circuit.paths.flatMap(({ key, chain }) => pathTests(circuit, key, chain, live)),
    ...railTests(circuit, live),
    ...voltageTests(circuit, faults, live),
    ...stageTests(circuit, faults, live),
    ...boardTests(circuit),
    ...checkTests(faults, live),
  ]
    .map((sketch) => finish(sketch, faults))
    .filter((test) => test.effects.length > 1);
}
