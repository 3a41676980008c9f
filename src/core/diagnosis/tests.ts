import type { Circuit } from "../model";
import { PARTS, type TestNeed } from "./data/parts";
import { KINDS } from "./data/kinds";
import * as OUT from "./outcomes";
import { pathTests } from "./path-tests";
import type { Physics } from "./physics";
import { ohmsTests, railTests, voltageTests } from "./point-tests";
import { senseTests } from "./sense-tests";
import { finish, liveOf, lowVoltage, showsIn, type Live, type Sketch } from "./sketch";
import type { Nature } from "./traits";
import { stringTests, supplyTests, trickTests } from "./trick-tests";
import { modeTests, wayTests } from "./way-tests";
import type { Fault, Shows, Test } from "./types";

/**
 * However good the instrument, a check is written down wrong as often as this. Shop's estimate.
 * @example of fifty resistors that were measured, one was written down wrong
 */
const CHECK_SLIP = 0.02;
/**
 * With a good tube in, the fault goes, where nothing else is wrong too. Shop's estimate.
 * @example of twenty weak tubes, a good one in their place cures seventeen sets; three have another fault too
 */
const SWAP_CURES = 0.85;

/** `Does the IF stage work?`, `Do the antenna coils work?` */
export function worksQuestion(name: string): string {
  const several = /\band\b/.test(name) || (/s$/i.test(name) && !/(ss|us|is|bias)$/i.test(name));
  // An abbreviation and a designator keep their capitals.
  const said = /^[A-Z][a-z]/.test(name) ? name.charAt(0).toLowerCase() + name.slice(1) : name;
  return `${several ? "Do" : "Does"} the ${said} work?`;
}

function stageTests(circuit: Circuit, faults: readonly Fault[], live: Live): Sketch[] {
  return circuit.stages.flatMap((stage): Sketch[] => {
    const here = new Set([stage.id]);
    const own = faults.filter((fault) => fault.stage.id === stage.id);
    const has = (show: Shows) => own.some(({ mode }) => mode.shows[show]);
    const base = { stage, needs: live.open, hazard: live.at(stage) } as const;
    // Where transmitter voltages are, nobody taps with a stick under power.
    const handsIn = live.allowed(stage) && live.at(stage) < 3;
    const does = KINDS[stage.kind].does;
    const swappable = own.some(({ mode }) => mode.part === "tube") && stage.device === "tube";
    return [
      ...(own.some(({ mode }) => mode.key !== "other" && mode.shows.own)
        ? [
            {
              id: `works:${stage.id}`,
              act: "works" as const,
              stage,
              name: worksQuestion(stage.name),
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
      ...(has("tap") && handsIn
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
                fault.stage.id === stage.id && fault.mode.part === "tube" ? { cured: SWAP_CURES } : undefined,
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
        ? { cured: SWAP_CURES }
        : undefined,
  }));
}

/** Parts of which a stage may have several: the band switch is one contact, the gain control another one. */
const SEVERAL: ReadonlySet<string> = new Set(["contact", "adjustment", "winding", "mechanics", "relay"]);
const partKey = ({ part }: Fault["mode"]) => part.replace(":", "-");

/** The test that makes sure of a fault: one for each part that can be at fault. */
export const checkId = ({ stage, mode, designator }: Pick<Fault, "stage" | "mode" | "designator">): string => {
  if (designator) return `check:${designator}`;
  return `check:${stage.id}:${SEVERAL.has(mode.part) ? mode.key : partKey(mode)}`;
};
/** What it was called while all contacts of a stage were one check: older entries name it so. */
const lumpedId = ({ stage, mode, designator }: Fault): string | undefined =>
  !designator && SEVERAL.has(mode.part) ? `check:${stage.id}:${partKey(mode)}` : undefined;

function checkTests(faults: readonly Fault[], live: Live): Sketch[] {
  const byCheck = new Map<string, Fault[]>();
  const ids = new Map(faults.map((fault) => [fault, checkId(fault)]));
  for (const [fault, id] of ids) byCheck.set(id, [...(byCheck.get(id) ?? []), fault]);
  return [...byCheck].flatMap(([id, [first]]): Sketch[] => {
    const [what = "", role] = first?.mode.part.split(":") ?? [];
    const facts = PARTS[what];
    if (!first || !facts) return [];
    const part = first.designator ?? `${role ? `${role.replaceAll("-", " ")} ` : ""}${facts.name}`;
    // Under transmitter voltages nobody wiggles or adjusts inside: what can be seen and moved with the power off is.
    const dead =
      facts.needs.includes("power") &&
      facts.needs.includes("open") &&
      (!live.allowed(first.stage) || live.at(first.stage) > 2);
    const powered = facts.needs.includes("power") && !dead;
    // A part on a plug-in board is measured with the board out.
    const boardOut = first.stage.board && !powered && facts.needs.includes("open") && facts !== PARTS.sight;
    const cold = facts.needs.filter((need) => !dead || need !== "power");
    const needs: readonly TestNeed[] = boardOut ? [...cold, "board-out"] : cold;
    const named =
      SEVERAL.has(first.mode.part) && !first.designator ? `${first.stage.name}: ${first.mode.name}` : undefined;
    return [
      {
        id,
        act: "check",
        stage: first.stage,
        name:
          facts.asked ??
          (named ? `Check ${named}` : `Check ${first.designator ? part : `the ${part}`} of ${first.stage.name}`),
        how: dead ? (facts.cold ?? facts.how) : facts.how,
        needs,
        minutes: facts.minutes,
        hazard: powered && facts.needs.includes("open") ? live.at(first.stage) : powered ? 1 : dead ? 0 : facts.hazard,
        outcomes: facts === PARTS.fuse ? OUT.FUSE_ALONE : OUT.CHECK,
        slip: Math.max(facts.wrong, CHECK_SLIP),
        ...(first.designator ? { parts: [first.designator] } : {}),
        effect: (fault) => (ids.get(fault) === id ? { bad: facts.finds } : undefined),
      },
    ];
  });
}

/** Tests that older entries name and that are not offered any more: a check of all contacts of a stage at once. */
export function olderTests(faults: readonly Fault[]): Test[] {
  const ids = new Set(faults.flatMap((fault) => lumpedId(fault) ?? []));
  return [...ids].map((id) =>
    finish(
      {
        id,
        act: "check",
        name: id,
        how: "",
        needs: [],
        minutes: 5,
        hazard: 0,
        outcomes: OUT.CHECK,
        effect: (fault) => (lumpedId(fault) === id ? { bad: 0.88 } : undefined),
      },
      faults,
    ),
  );
}

/** Everything that can be done to a set to find what is wrong, with what may come of it, derived from its structure. */
export function testsOf(
  circuit: Circuit,
  faults: readonly Fault[],
  highestVolts: number,
  nature: Nature,
  physics?: Physics,
): Test[] {
  const live = liveOf(highestVolts, lowVoltage(circuit));
  return [
    ...senseTests(circuit, nature),
    ...wayTests(circuit, live, nature),
    ...modeTests(circuit),
    ...trickTests(circuit, faults, live, nature),
    ...stringTests(circuit, faults, nature),
    ...supplyTests(circuit, live),
    ...circuit.paths.flatMap(({ key, chain }) => pathTests(circuit, key, chain, live)),
    ...railTests(circuit, live, nature, physics),
    ...ohmsTests(circuit),
    ...voltageTests(circuit, faults, live, physics),
    ...stageTests(circuit, faults, live),
    ...boardTests(circuit),
    ...checkTests(faults, live),
  ]
    .map((sketch) => finish(sketch, faults))
    .filter((test) => test.effects.length > 1);
}
