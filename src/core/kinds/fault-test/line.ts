import { PATH_FACTS, pathId, type KnownSet, type System, type Test, type TestAct } from "../../diagnosis";
import type { Circuit, PathKey, Stage, StageKind } from "../../model";
import {
  asWords,
  notUnderstood,
  readAs,
  tailOf,
  textOf,
  type LineReading,
  type Piece,
  type ReadContext,
} from "../../shorthand";
import type { KindLine } from "../kind";
import type { FaultTest } from "./payload";

/** Tests of the whole set; on a set with two paths `tx` behind the word means transmit. */
const WHOLE: Partial<Record<string, TestAct>> = {
  play: "play",
  listen: "play",
  output: "play",
  hum: "hum",
  noise: "noise",
  steady: "steady",
  dial: "dial",
  bands: "bands",
  warm: "warm",
  mode: "mode",
  line: "line",
  fuse: "fuse",
  lamp: "lamp",
  smell: "smell",
  glow: "glow",
  thump: "thump",
  knob: "knob",
  turn: "turn",
  aerial: "aerial",
  phono: "phono",
  phones: "phones",
  finger: "finger",
  "agc-off": "agc-off",
};
/** Tests of one stage, by the word that begins the line. */
export const STAGE_ACTS = ["inject", "trace", "look", "tap", "swap", "check", "works"] as const;
/** Tests of one stage whose word is also something else on the line: they need an equals sign. */
const MORE_ACTS = [
  "volts",
  "rail",
  "pull",
  "ground",
  "supply",
  "grid",
  "bridge",
  "freeze",
  "string",
  "ohms",
  "half",
] as const;
type StageAct = (typeof STAGE_ACTS)[number] | (typeof MORE_ACTS)[number];
/** The words that begin a test with an equals sign. */
export const WITH_EQUALS: readonly string[] = [...Object.keys(WHOLE), ...MORE_ACTS];
const ACTS: readonly StageAct[] = [...STAGE_ACTS, ...MORE_ACTS];

/** A path behind the word of a test, as it is typed: `inject tx driver`. */
const TYPED_PATH = /^(tx|fm|mod|down)(?=\s|$)\s*/i;

/** The test that a line names by its own short words: what this tool writes is found so, whatever it is. */
function testWritten(act: string, place: string, { tests, testById }: System): Test | undefined {
  const path = TYPED_PATH.exec(place)?.[1]?.toLowerCase();
  const rest = place.replace(TYPED_PATH, "").trim();
  const word = path ? `${act}-${path}` : act;
  const id = rest ? `${word}:${rest}` : word;
  return testById.get(id) ?? tests.find((test) => test.id.toLowerCase() === id.toLowerCase());
}

const EXAMPLE =
  "A test reads like: inject AF vol = loud, trace detector = nothing, tap V3 = crackles, check C14 = bad.";

/** The way of the signal that words name; of several, what is received is meant where none is named. */
function pathNamed(place: string, circuit: Circuit): PathKey {
  const keys = circuit.paths.map(({ key }) => key);
  return keys.find((key) => key !== "receive" && PATH_FACTS[key].word.test(place)) ?? keys[0] ?? "receive";
}

const WITH_A_GRID = /\b(grid|plate|anode|screen|cathode)\b/i;
/** What the diodes of a tube do that has a triode or a pentode besides. */
const DIODES: ReadonlySet<StageKind> = new Set(["detector", "agc", "limiter"]);

/**
 * One tube may serve two stages: its grid is not that of the diodes. Where only the diodes are told, the stage that follows
 * them and has no tube of its own is the rest of it.
 */
function withAGrid(inTube: readonly Stage[], circuit: Circuit): Stage[] {
  const amplify = inTube.filter(({ kind }) => !DIODES.has(kind));
  if (amplify.length > 0) return amplify;
  return inTube.flatMap(({ id }) => {
    const chain = circuit.paths.find((path) => path.chain.includes(id))?.chain ?? [];
    const next = circuit.stages.find((stage) => stage.id === chain[chain.indexOf(id) + 1]);
    return next && next.tubes.length === 0 ? [next] : [];
  });
}

const OF_THE_TUBE: ReadonlySet<StageAct> = new Set(["tap", "swap", "pull", "look"]);

function testsNamed(act: StageAct, place: string, { circuit, system, stageNamed }: KnownSet): Test[] {
  const path = pathNamed(place, circuit);
  const words =
    place.replace(/\b(tx|rx|transmit|receive|vol(ume)?|grid|plate|input|of|the|at|behind)\b/gi, " ").trim() || place;
  const designator = words.toUpperCase();
  const byPart = system.tests.filter((test) => test.act === act && test.parts?.includes(designator));
  if (byPart.length > 0) return byPart;
  // A good capacitor goes across one that is called by its designator, or by the place that its kind has in a stage.
  if (act === "bridge") {
    const across = system.faults.flatMap((fault) =>
      fault.designator === designator
        ? (system.testById.get(`bridge:${fault.stage.id}:${fault.mode.part.replace(/^cap:/, "")}`) ?? [])
        : [],
    );
    if (across.length > 0) return [...new Set(across)];
  }
  const inTube = circuit.stages.filter(({ tubes }) => tubes.includes(designator));
  const named = stageNamed(words) ?? stageNamed(place);
  const meant = WITH_A_GRID.test(place) ? withAGrid(inTube, circuit) : inTube;
  const stages = new Set(
    (meant.length > 0 ? meant : inTube.length > 0 ? inTube : named ? [named] : []).map(({ id }) => id),
  );
  const all = system.tests.filter((test) => test.act === act && test.stage && stages.has(test.stage.id));
  // What is done to the tube is done to all of it.
  const own = OF_THE_TUBE.has(act) ? all.filter(({ stage }) => stage?.id === all[0]?.stage?.id) : all;
  // On two paths, transmit is meant only when it is said, or when there is no other.
  const chosen = own.filter((test) => test.id.startsWith(`${pathId(act, path)}:`));
  const list = chosen.length > 0 ? chosen : own;
  return act === "check" ? list.filter((test) => !test.parts) : list;
}

/** `inject AF vol = loud`: a test that was made to find the fault, and what came of it. */
export function readSearch(rest: Piece, context: ReadContext, word: string): LineReading {
  const text = textOf(rest);
  const at = text.indexOf("=");
  const [place, after] = at < 0 ? [text.trim(), ""] : [text.slice(0, at).trim(), text.slice(at + 1).trim()];
  const [answer = "", remark] = after.split(/:\s*(.*)/s).map((one) => one.trim());
  const set = context.searched();
  const act = word.toLowerCase();
  const whole = WHOLE[act];
  const stageAct = ACTS.find((one) => one === act);
  const written = testWritten(act, place, set.system);
  const id = whole && pathId(whole, pathNamed(place, set.circuit));
  const tests = written
    ? [written]
    : whole
      ? set.system.tests
          .filter((test) => test.id === id || test.id === whole || (/down/.test(place) && test.id === `${whole}-down`))
          .slice(-1)
      : stageAct && place
        ? testsNamed(stageAct, place, set)
        : [];
  if (tests.length === 0) {
    const known = set.circuit.stages.map(({ name }) => name).join(", ");
    // `works now` is a sentence and speaks of no stage.
    if (/^(?:works|fails)$/i.test(act) && place && !context.base)
      return {
        kind: "question",
        question: `This set has nothing called “${place}”. What is it?`,
        choices: asWords(rest.line),
      };
    return notUnderstood(
      rest.start,
      place && stageAct ? `This set has nothing called “${place}” to ${act}. Its stages: ${known}.` : EXAMPLE,
    );
  }
  if (tests.length > 1)
    return {
      kind: "question",
      question: `Which of them was it?`,
      choices: tests.slice(0, 4).map((test) => ({
        label: test.name,
        text: `${act} ${test.id.split(":").slice(1).join(":")}${after ? ` = ${after}` : ""}`,
      })),
    };
  const [test] = tests;
  const outcome = test?.outcomes.find(
    ({ key, words }) => key === answer.toLowerCase() || words.test(answer.toLowerCase()),
  );
  if (!test || !answer || !outcome)
    return notUnderstood(
      rest.end,
      `Say what came of it, behind =: ${(test?.outcomes ?? []).map(({ key, says }) => `${key} (${says})`).join(", ")}.`,
    );
  const doubtful = remark && /^(intermittent|doubtful|not sure)/i.test(remark) ? { doubtful: true } : {};
  const payload = {
    v: 1,
    test: test.id,
    outcome: outcome.key,
    what: test.name,
    says: outcome.says,
    ...doubtful,
    ...(remark ? { remark } : {}),
  };
  return readAs(payload, rest.end, [`${test.name}: ${outcome.says}.`]);
}

/** `check:C14` as it is typed: `check C14`. */
export function writeSearch({ test, outcome }: Pick<FaultTest, "test" | "outcome">): string {
  const [act = "", ...place] = test.split(":");
  const [word, path] = [act.replace(/-(tx|fm|mod|down)$/, ""), /-(tx|fm|mod|down)$/.exec(act)?.[1]];
  return [word, path, place.join(":"), "=", outcome].filter(Boolean).join(" ");
}

export const line: KindLine<FaultTest> = {
  words: [
    { begins: /^(inject|trace|look|tap|swap|check|works)(?=\s)\s*/i, read: readSearch },
    // These words are also names of points: an equals sign makes them a test.
    {
      begins: new RegExp(`^(${WITH_EQUALS.join("|")})(?=(?:\\s+[A-Za-z0-9:-]+){0,3}\\s*=)\\s*`, "i"),
      read: readSearch,
    },
  ],
  write: (one) => writeSearch(one) + tailOf(one.remark),
  examples: [
    {
      line: "inject AF = loud",
      says: "a test to find the fault; also trace, tap, look, swap, check, works; hum = double, fuse = blown, ohms reservoir = low",
    },
  ],
};
