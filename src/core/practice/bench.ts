import { moveOf } from "../circuit";
import { checkId, minutesOf, TO_GET_THERE, type Evidence, type Test, type TestNeed } from "../diagnosis";
import { nodeOfPoint } from "../model";
import { TOUCH_LIMIT_VOLTS } from "../power";
import { format } from "../quantity";
import { HANDS_AWAY } from "../instruments";
import type { Act } from "./acts";
import { DANGERS, stateOf, wasExchanged, type BenchState, type Danger, type Done } from "./done";
import { evidenceOf } from "./draw";
import type { Told } from "./complaint";
import { partChecked } from "./part-checked";
import type { PracticeSet } from "./set";
import { METER_OHMS, nodeOfTest, type PracticeWorld } from "./world";

/** More than it shows, Ω. */
const MOST_OHMS = 100e6;
/** Bench minutes. Shop's estimates, as those of the tests. @example the first probe opens the chassis: 16 min, the next 1 min */
export const MINUTES = { switch: 0.5, discharge: 1, probe: 1, clip: 3, exchange: 5 };
/** The meter's digits: its last one is not sure. */
const DIGITS = 4;

/** What cannot be done as things stand, in a sentence. */
export type CannotDo = { refused: string };
export const isRefused = (one: Done | CannotDo): one is CannotDo => "refused" in one;

const rounded = (value: number): number => Number(value.toPrecision(DIGITS));

/** What an owner has told, and what was found out since: the evidence of the search. */
export function evidenceIn(set: PracticeSet, told: readonly Told[], run: readonly Done[]): Evidence[] {
  const evidence = evidenceOf(told);
  const mended: string[] = [];
  run.forEach((one, at) => {
    const { act, test, outcome, cured } = one;
    const before = mended.length > 0 ? { mended: [...mended] } : {};
    if (test !== undefined && outcome !== undefined) evidence.push({ id: `act-${at}`, test, outcome, ...before });
    if (act.do !== "exchange" || !wasExchanged(one)) return;
    mended.push(...faultsBehind(set, act.check));
    // It was listened to again, and it is as it was.
    if (!cured)
      evidence.push(
        ...evidenceOf(told).map((said) => ({ ...said, id: `again-${at}-${said.id}`, mended: [...mended] })),
      );
  });
  return evidence;
}

/** The faults that are put right with the part behind a check. */
export const faultsBehind = ({ system }: PracticeSet, check: string): string[] =>
  system.faults.filter((fault) => checkId(fault) === check).map(({ id }) => id);

/** The test of the search that volts at a point speak for. */
export function testAt(set: PracticeSet, point: string): Test | undefined {
  const node = nodeOfPoint(point);
  return set.system.tests.find((test) => nodeOfTest(set, test) === node);
}

type At = { set: PracticeSet; world: PracticeWorld; run: readonly Done[]; at: string };

/** Where hands go into a set: what is dangerous as it stands. */
function inside(state: BenchState, { sheet }: PracticeSet): Danger[] {
  if (state.on) return ["hands live"];
  return !state.discharged && sheet.highestVolts > TOUCH_LIMIT_VOLTS ? ["not discharged"] : [];
}
const underPower = (state: BenchState, { sheet }: PracticeSet): Danger[] =>
  sheet.supply === "live-chassis" && state.through === "line" ? ["not isolated"] : [];
const withDangers = (dangers: Danger[]) => (dangers.length > 0 ? { dangers } : {});
/** What it takes to get at the inside, where the chassis is not open yet. */
const opening = ({ opened }: BenchState, minutes: number) =>
  opened ? { minutes } : { minutes: minutes + (TO_GET_THERE.open ?? 0), opened: true as const };

function volts({ set, world, at }: At, state: BenchState, act: Act & { do: "volts" }): Done | CannotDo {
  if (!state.on) return { refused: "The set is off: there are no volts to read. Switch it on first." };
  const [value, should] = [world.volts(act.point, METER_OHMS), world.should(act.point, METER_OHMS)];
  if (value === undefined || should === undefined) return { refused: `${act.point} is no point of this set.` };
  const high = Math.abs(value) >= HANDS_AWAY || Math.abs(should) >= HANDS_AWAY;
  const test = testAt(set, act.point);
  const moved = moveOf(should, value);
  const outcome = moved ?? "normal";
  const known = test?.outcomes.some(({ key }) => key === outcome);
  return {
    act,
    at,
    ...opening(state, act.clip ? MINUTES.clip : MINUTES.probe),
    what: `${act.point}, volts${act.clip ? ", clipped on" : ""}`,
    said: format(rounded(value), "voltage"),
    read: {
      value: rounded(value),
      unit: "V",
      verdict: moved === undefined ? "good" : moved === "high" ? "high" : "low",
    },
    ...(test && known ? { test: test.id, outcome } : {}),
    ...withDangers([...underPower(state, set), ...(high && !act.clip ? (["no clip"] as const) : [])]),
  };
}

function ohms({ set, world, at }: At, state: BenchState, act: Act & { do: "ohms" }): Done | CannotDo {
  const value = world.ohms(act.point);
  if (value === undefined) return { refused: `${act.point} is no point of this set.` };
  const base = { act, at, ...opening(state, MINUTES.probe), what: `${act.point} to chassis, ohms` };
  if (state.on) return { ...base, said: "nothing that means anything: the set is on", ...withDangers(["ohms live"]) };
  const shown = value > MOST_OHMS ? null : rounded(Math.max(0, value));
  return {
    ...base,
    said: shown === null ? "more than 100 MΩ" : format(shown, "resistance"),
    read: { value: shown, unit: "Ω" },
    ...withDangers(inside(state, set)),
  };
}

function tested({ set, world, at }: At, state: BenchState, act: Act & { do: "test" }): Done | CannotDo {
  const test = set.system.testById.get(act.test);
  if (!test) return { refused: "This set has no such test." };
  const powered = test.needs.includes("power");
  if (powered && !state.on) return { refused: `“${test.name}” needs the power on.` };
  const met: TestNeed[] = [...(state.opened ? (["open"] as const) : []), "power"];
  const base = {
    act,
    at,
    minutes: minutesOf(test, { lacking: new Set(), met: new Set(met) }),
    what: test.name,
    ...(test.needs.includes("open") && !state.opened ? { opened: true as const } : {}),
  };
  const hands = test.needs.includes("open") && !powered ? inside(state, set) : [];
  if (hands.includes("hands live"))
    return { act, at, minutes: 0, what: test.name, said: "not done: the set is on", dangers: hands };
  const outcome = world.outcome(test);
  const says = test.outcomes.find(({ key }) => key === outcome)?.says ?? outcome;
  const signs = ["smell", "look", "glow"].includes(test.act)
    ? world.signs.filter((sign) => seenBy(test, sign, set))
    : [];
  return {
    ...base,
    said: [says, ...signs.map(({ text }) => text)].join(". "),
    test: test.id,
    outcome,
    ...withDangers([...hands, ...(powered ? underPower(state, set) : [])]),
  };
}

/** A look at a stage shows its own parts; the nose tells no part; through the back one sees red plates. */
const seenBy = (test: Test, sign: { part: string; kind: string }, set: PracticeSet): boolean =>
  test.act === "glow"
    ? sign.kind === "red plate"
    : test.act === "look"
      ? set.facts.parts.some(
          ({ designator, stage }) => designator === sign.part.split("/")[0] && stage === test.stage?.id,
        )
      : false;

/** A set that blows fuses was switched on from the wall before. */
const blew = (run: readonly Done[]): boolean =>
  run.some(
    ({ test, outcome }) => (test === "fuse" && outcome === "blown") || (test === "lamp" && outcome === "bright"),
  );

/** Does one thing at the bench. Nothing is ever undone: time has passed. */
export function doAct(bench: At, act: Act): Done | CannotDo {
  const { set, world, run, at } = bench;
  const state = stateOf(run);
  if (state.ended) return { refused: "This practice has ended." };
  const plain = (minutes: number, what: string, said: string, dangers: Danger[] = []): Done => ({
    ...{ act, at, minutes, what, said },
    ...withDangers(dangers),
  });
  switch (act.do) {
    case "on": {
      if (state.on) return { refused: "It is on already." };
      const bright = world.signs.map(({ text }) => text).join(" ");
      const lamp = set.system.testById.get("lamp");
      if (act.through === "lamp" && lamp) {
        const outcome = world.outcome(lamp);
        const says = lamp.outcomes.find(({ key }) => key === outcome)?.says ?? "";
        return { ...plain(2, "On through the lamp limiter", `The lamp ${says}.`), test: "lamp", outcome };
      }
      const fuse = set.system.testById.get("fuse");
      const blows = fuse !== undefined && world.outcome(fuse) === "blown";
      const said = blows ? "The fuse blows at once." : ["It is on.", bright].join(" ").trim();
      return {
        ...plain(
          MINUTES.switch,
          act.through === "isolated" ? "On through an isolating transformer" : "On, from the wall",
          said,
          blows && blew(run) && act.through === "line" ? ["short live"] : [],
        ),
        ...(blows ? { test: "fuse", outcome: "blown" } : {}),
      };
    }
    case "off":
      return state.on ? plain(MINUTES.switch, "Off and unplugged", "") : { refused: "It is off already." };
    case "discharge":
      if (state.on) return { refused: "Switch it off and unplug it first." };
      return plain(MINUTES.discharge, "Discharged, and measured", "below 1 V");
    case "volts":
      return volts(bench, state, act);
    case "ohms":
      return ohms(bench, state, act);
    case "test":
      return tested(bench, state, act);
    case "exchange": {
      const [first] = set.system.tests.filter(({ id }) => id === act.check);
      if (!first || first.act !== "check") return { refused: "This set has no such part." };
      const hands = inside(state, set);
      const what = `Put right: ${partChecked(first.name)}`;
      if (hands.includes("hands live")) return plain(0, what, "not done: the set is on", hands);
      const cured = world.isBad(act.check);
      return {
        ...plain(0, what, cured ? "The fault is gone." : "It is as it was.", hands),
        ...opening(state, MINUTES.exchange),
        cured,
      };
    }
    case "advice":
      return plain(0, "Asked for advice", "");
    case "give-up":
      return plain(0, "Given up", "");
  }
}

/** What was dangerous, each with how often, in words. */
export function dangersIn(run: readonly Done[]): { danger: Danger; text: string; times: number }[] {
  const all = run.flatMap(({ dangers = [] }) => dangers);
  return [...new Set(all)].map((danger) => ({
    danger,
    text: DANGERS[danger],
    times: all.filter((one) => one === danger).length,
  }));
}
