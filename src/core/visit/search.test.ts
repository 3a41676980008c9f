import { describe, expect, it } from "vitest";
import { consider } from "../diagnosis";
import { settle, type Content, type Entry } from "../kinds";
import {
  amend,
  entry,
  idOf,
  note,
  powerStep,
  replace,
  resistance,
  SHEET,
  symptom,
  VISIT,
  voltage,
  work,
} from "../fixtures";
import { faultWords, foundIn, heardAgain, learntFrom, searchOf, type SearchInput } from ".";

const sheet: typeof SHEET = {
  ...SHEET,
  kind: "AC table superhet",
  supply: "transformer",
  tubes: [
    { position: "V1", type: "6K8", work: "mixer" },
    { position: "V2", type: "6K7", work: "IF" },
    { position: "V3", type: "6Q7", work: "detector and first audio" },
    { position: "V4", type: "6V6", work: "output" },
    { position: "V5", type: "5Y3", work: "rectifier" },
  ],
  components: [
    { designator: "C1", role: "reservoir", drawn: "16/450", stage: "power" },
    { designator: "C14", role: "coupling", drawn: ".05/400", stage: "output" },
    { designator: "R7", role: "anode-load", drawn: "470k", stage: "first audio" },
    { designator: "VR1", role: "control", drawn: "500k", stage: "first audio" },
  ],
  points: [],
};
const input = (entries: Entry[], change: Partial<SearchInput> = {}): SearchInput => ({
  sheet,
  year: 1937,
  settled: settle(entries).settled,
  visitId: VISIT,
  now: "2026-11-24T18:00:00.000Z",
  ...change,
});
const evidence = (...contents: Content[]) =>
  searchOf(input(contents.map((content, index) => entry(index + 1, content)))).question.evidence.map(
    ({ test, outcome }) => `${test} ${outcome}`,
  );
const searched = (test: string, outcome: string, doubtful?: boolean): Content => ({
  kind: "fault-test",
  payload: { v: 1, test, outcome, what: test, says: outcome, ...(doubtful ? { doubtful } : {}) },
});
describe("volts that the circuit has weighed at once", () => {
  const contents = [voltage("V4 plate", 180, 245), symptom("distorted"), voltage("B+", 258, 260), voltage("V3 plate", 30, 66)]; // prettier-ignore
  const entries = contents.map((content, index) => entry(index + 1, content));
  const weighed = (numbers: number[]): NonNullable<SearchInput["weighed"]> => ({
    entries: numbers.map(idOf),
    times: [["C14 leaks", 50]],
  });
  const tests = (change: Partial<SearchInput>) =>
    searchOf(input(entries, change)).question.evidence.map(({ test, id }) => `${test} ${id}`);

  it("count once: the readings themselves are no evidence beside it", () => {
    const [before, after] = [tests({}), tests({ weighed: weighed([1, 3, 4]) })];
    expect(before.filter((one) => /^(volts|rail):/.test(one))).toHaveLength(3);
    expect(after.filter((one) => /^(volts|rail):/.test(one))).toEqual([]);
    expect(after.filter((one) => one.startsWith("net "))).toEqual([`net ${idOf(4)}`]);
    // What was heard stays.
    expect(after.length).toBe(before.length - 2);
  });

  it("leave a reading alone that the circuit did not weigh", () => {
    expect(tests({ weighed: weighed([1, 3]) }).filter((one) => /^(volts|rail):/.test(one))).toHaveLength(1);
  });
});

const finding = (extra: Partial<Extract<Content, { kind: "finding" }>["payload"]> = {}): Content => ({
  kind: "finding",
  payload: {
    v: 1,
    fault: "output.coupling-leaky@C14",
    cause: "C14 leaks",
    state: "found",
    evidence: [],
    work: [],
    gone: [],
    ...extra,
  },
});

describe("what the log tells a search, without being typed twice", () => {
  it("a symptom, and that it is gone", () => {
    expect(evidence(symptom("distorted"))).toEqual(["play distorted"]);
    expect(evidence(symptom("distorted"), symptom("distorted", "gone", idOf(1)))).toEqual([
      "play distorted",
      "play fine",
    ]);
  });

  it("readings of electrodes and rails, with their verdicts", () => {
    expect(evidence(voltage("V4 cathode", 17.2, 12.5))).toEqual(["volts:output:cathode high"]);
    expect(evidence(voltage("V3 plate", 46, 47))).toEqual(["volts:af:plate normal"]);
    expect(evidence(voltage("V2 screen", 2, 96))).toEqual(["volts:if:screen none"]);
    expect(evidence(voltage("B+", 150, 260))).toEqual(["rail:reservoir low"]);
    expect(evidence(voltage("Heaters", 6.3, 6.3))).toEqual(["rail:heaters normal"]);
    expect(evidence(voltage("cabinet lamp", 6, 6))).toEqual([]);
  });

  it("ohms of a supply with the power off: few are a short", () => {
    const ohms = (point: string, value: number): Content => ({
      kind: "reading",
      payload: { v: 1, phase: "baseline", point, quantity: "resistance", measured: { text: String(value), value } },
    });
    expect(evidence(ohms("B+", 180))).toEqual(["ohms:reservoir low"]);
    expect(evidence(ohms("B+ to chassis", 47_000))).toEqual(["ohms:reservoir normal"]);
    // What the chart allows is no short, however few ohms it is.
    const allowed = ohms("B+", 180);
    if (allowed.kind !== "reading") throw new Error("no reading");
    const expected = { text: "180", value: 180, tolerance: 0.2 };
    expect(evidence({ ...allowed, payload: { ...allowed.payload, expected } })).toEqual(["ohms:reservoir normal"]);
    const above = ohms("B+", 400);
    if (above.kind !== "reading") throw new Error("no reading");
    expect(evidence({ ...above, payload: { ...above.payload, expected } })).toEqual(["ohms:reservoir normal"]);
    expect(evidence(ohms("L1 field coil", 1e12))).toEqual(["check:reservoir:choke-open bad"]);
  });

  it("a resistor above its tolerance is proof, one below in circuit is none", () => {
    expect(evidence(resistance("R7", 700e3, 470e3))).toEqual(["check:R7 bad"]);
    const low = resistance("R7", 300e3, 470e3);
    if (low.kind !== "reading") throw new Error("no reading");
    expect(evidence({ ...low, payload: { ...low.payload, inCircuit: true } })).toEqual([]);
  });

  it("a tube on the tester, and a part that was found leaky when it was changed", () => {
    const tube: Content = {
      kind: "tube-test",
      payload: { v: 1, phase: "check", designator: "V4", shorts: "found" },
    };
    expect(evidence(tube)).toEqual(["check:V4 bad"]);
    const leaky = work(["C14"], "replaced", { found: "leaky", now: [{ designator: "C14", text: "0.047/630" }] });
    expect(evidence(leaky)).toEqual(["check:C14 bad"]);
    expect(evidence(replace("C14", "0.047/630"))).toEqual([]);
  });

  it("a tube against its nominal, and the output of the set against its limit", () => {
    const test = (extra: object): Content => ({
      kind: "test-result",
      payload: {
        v: 1,
        phase: "check",
        test: "output",
        measured: { text: "1", value: 1 },
        sense: "at-least",
        ...extra,
      } as never,
    });
    expect(evidence(test({ nominal: { text: "3", value: 3 } }))).toEqual(["play weak"]);
    expect(evidence(test({ designator: "V4", test: "gm", sense: "share", nominal: { text: "3", value: 3 } }))).toEqual([
      "check:V4 bad",
    ]);
    expect(evidence(test({}))).toEqual([]);
  });

  it("a step of a power-up: no B+ with the rectifier in, and the line current", () => {
    const step = powerStep({
      stage: "rectifier-in",
      bplus: { text: "0", value: 0 },
      amps: { text: "0.6", value: 0.6 },
      expected: { fullVolts: 230, fullAmps: 0.3, bplus: 260 },
    });
    expect(evidence(step)).toEqual(["rail:reservoir none", "line high"]);
  });

  it("only what this visit saw", () => {
    const other = { ...entry(1, symptom("dead")), visitId: idOf(900) };
    expect(searchOf(input([other])).question.evidence).toEqual([]);
  });
});

describe("a repair is an event", () => {
  it("what was seen before it speaks of the set as it was, what came after of the set as it is", () => {
    const { question } = searchOf(
      input([
        entry(1, symptom("distorted")),
        entry(2, replace("C14", "0.047/630")),
        entry(3, searched("play", "distorted")),
      ]),
    );
    expect(question.mended).toContain("output.coupling-leaky@C14");
    expect(question.evidence[0]?.mended).toBeUndefined();
    expect(question.evidence[1]?.mended).toContain("output.coupling-leaky@C14");
    // One listens again after a repair.
    const before = searchOf(input([entry(1, symptom("distorted")), entry(2, replace("C14", "0.047/630"))]));
    expect(before.question.done).not.toContain("play");
  });

  it("the symptom stays: the part that was changed is no longer suspected, another one is", () => {
    const entries = [
      entry(1, symptom("distorted")),
      entry(2, voltage("V4 cathode", 17.2, 12.5)),
      entry(3, replace("C14", "0.047/630")),
      entry(4, searched("play", "distorted")),
    ];
    const { question } = searchOf(input(entries));
    const picture = consider(question);
    expect(picture.causes.map(({ id }) => id)).not.toContain("output.coupling-leaky@C14");
    expect(picture.causes[0]?.probability).toBeGreaterThan(0.05);
  });

  it("a control that was cleaned is mended as a contact", () => {
    const { question } = searchOf(input([entry(1, work(["VR1"], "cleaned"))]));
    expect(question.mended).toContain("af.volume-worn");
    expect(question.mended).not.toContain("af.tube-weak@V3");
  });

  it("a part that is left is not mended, and what was left before this visit is likelier", () => {
    expect(searchOf(input([entry(1, work(["C14"], "left", { why: "not tested" }))])).question.mended).toEqual([]);
    const before = { ...entry(1, work(["C14"], "left", { why: "not tested" })), visitId: idOf(900) };
    const prior = (entries: Entry[]) =>
      searchOf(input(entries)).system.faults.find(({ id }) => id === "output.coupling-leaky@C14")?.prior ?? 0;
    expect(prior([before, entry(5, symptom("weak"))])).toBeGreaterThan(prior([entry(5, symptom("weak"))]));
  });
});

describe("entries that change", () => {
  it("a wrong entry withdrawn restores the picture, wherever it stood", () => {
    const right = [entry(1, symptom("dead")), entry(3, searched("inject:af", "fine"))];
    const wrong = entry(2, searched("inject:output", "dead"));
    const withdrawn = amend(9, wrong.id, { v: 1, action: "withdraw", reason: "misread" });
    const picture = (entries: Entry[]) => consider(searchOf(input(entries)).question);
    expect(picture([...right, wrong, withdrawn])).toEqual(picture(right));
    expect(picture([...right, wrong]).stages).not.toEqual(picture(right).stages);
  });

  it("the same result once more counts little, for the same slip would give it again", () => {
    const { question } = searchOf(input([entry(1, symptom("dead")), entry(2, symptom("silent"))]));
    expect(question.evidence.map(({ weight }) => weight ?? 1)).toEqual([1, 0.2]);
  });

  it("a doubtful result counts little", () => {
    expect(searchOf(input([entry(1, searched("play", "fine", true))])).question.evidence[0]?.weight).toBeLessThan(0.5);
  });

  it("an observation about a stage that the set lacks is named and left out", () => {
    const { unread, question } = searchOf(input([entry(1, searched("works:bfo", "fails"))]));
    expect(unread).toEqual([idOf(1)]);
    expect(consider(question).unknown).toEqual([idOf(1)]);
  });
});

describe("findings", () => {
  const states = (...contents: Content[]) =>
    searchOf(input(contents.map((content, index) => entry(index + 1, content)))).findings.map(({ state }) => state);
  const about = { about: idOf(1) };

  it("are found, mended, shown gone, and reopened when it stays", () => {
    expect(states(finding())).toEqual(["found"]);
    expect(states(finding(), finding({ ...about, mended: "C14 replaced" }))).toEqual(["mended"]);
    const closed = finding({ ...about, mended: "C14 replaced", gone: [idOf(7)] });
    expect(states(finding(), closed)).toEqual(["closed"]);
    expect(states(finding(), closed, finding({ ...about, state: "reopened", why: "still distorted" }))).toEqual([
      "reopened",
    ]);
  });

  it("what was found is as sure as its own check, also when it was mended first", () => {
    const { question } = searchOf(input([entry(1, replace("C14", "0.047/630")), entry(2, finding())]));
    const own = question.evidence.find(({ id }) => id === idOf(2));
    expect(own).toMatchObject({ test: "check:C14", outcome: "bad" });
    expect(own?.mended ?? []).not.toContain("output.coupling-leaky@C14");
    expect(question.confirmed).toEqual(["output.coupling-leaky@C14"]);
  });

  it("teach the shop once they are closed; one that was reopened teaches nothing", () => {
    const file = (contents: Content[]) => ({
      model: { id: "model", sheet },
      visits: [{ id: VISIT, job: 1187 }],
      settled: settle(contents.map((content, index) => entry(index + 1, content))).settled,
    });
    const closed = finding({ ...about, mended: "C14 replaced", gone: [idOf(7)] });
    const found = foundIn(file([finding(), closed]));
    expect(found).toMatchObject([
      { fault: "output.coupling-leaky", kind: "output", mode: "coupling-leaky", job: 1187 },
    ]);
    expect(foundIn(file([finding()]))).toEqual([]);
    expect(foundIn(file([finding(), closed, finding({ ...about, state: "reopened", why: "back" })]))).toEqual([]);
    expect(learntFrom(found, "model", "another visit")).toMatchObject({
      visits: 1,
      found: { "output.coupling-leaky": 1 },
    });
    expect(learntFrom(found, "another model", "x")).toMatchObject({ elsewhere: { "output.coupling-leaky": 1 } });
    // A visit does not learn from itself.
    expect(learntFrom(found, "model", VISIT)).toMatchObject({ visits: 0, found: {} });
  });

  it("are named also where the circuit has changed since", () => {
    const { circuit } = searchOf(input([]));
    expect(faultWords("output.coupling-leaky@C14", circuit)).toBe("Coupling capacitor leaks (C14), Output stage");
    expect(faultWords("bfo.gone-by", circuit)).toBe("gone-by, bfo");
  });
});

describe("what a search is asked with", () => {
  const OTHER = idOf(700);
  const other = (n: number, content: Content): Entry => ({ ...entry(n, content), visitId: OTHER });
  const question = (entries: Entry[], change: Partial<SearchInput> = {}) => searchOf(input(entries, change)).question;

  it("the age of the set, what its record says of its parts before this visit, and what the shop has learnt", () => {
    const before = { ...other(1, replace("C14", "47n/630")), at: "2024-01-01T00:00:00.000Z" };
    const left = { ...other(2, work(["R7"], "left", { why: "good" })), at: "2024-01-01T00:00:00.000Z" };
    const mine = { ...entry(3, symptom("hum")), at: "2026-01-01T00:00:00.000Z" };
    const { facts } = question([before, left, mine, entry(4, replace("C1", "22/450"))]);
    expect(facts.years).toBe(89);
    expect(facts.record).toEqual({ C14: { changedYears: expect.closeTo(2, 1) }, R7: { left: true } });
    expect(question([mine], { year: null }).facts).not.toHaveProperty("years");
    const learnt = learntFrom([], "model", VISIT);
    expect(question([mine], { learnt }).facts).toHaveProperty("learnt");
    expect(question([mine], { learnt, figures: { often: {}, learns: false } }).facts).not.toHaveProperty("learnt");
    expect(question([mine], { learnt, figures: { often: {}, learns: true } }).facts).toHaveProperty("learnt");
    expect(question([mine]).facts).not.toHaveProperty("learnt");
  });
  it("the tests that were made; after a repair one listens again, and what was found sound stays so", () => {
    const heard = [entry(1, symptom("distorted")), entry(2, voltage("V4 plate", 240, 245))];
    const before = question(heard);
    expect(before.done).toContain("play");
    const after = question([...heard, entry(3, replace("C14", "47n/630"))]);
    expect(after.done).not.toContain("play");
    expect(after.done).toEqual(before.done.filter((id) => id !== "play"));
    expect(question([...heard, entry(3, note("looked at"))]).done).toEqual(before.done);
  });
  it("the same result again counts a fifth; with a repair in between in full", () => {
    const heard = (n: number) => entry(n, searched("play", "distorted"));
    const weights = (entries: Entry[]) => question(entries).evidence.map(({ weight }) => weight);
    expect(weights([heard(1), heard(2)])).toEqual([undefined, 0.2]);
    expect(weights([heard(1), entry(2, replace("C14", "47n/630")), heard(3)]).at(-1)).toBeUndefined();
  });
  it("whether the set is open and was under power, in this visit", () => {
    expect(question([entry(1, symptom("hum"))]).met).toEqual([]);
    expect(question([entry(1, replace("C14", "47n/630"))]).met).toEqual(["open"]);
    expect(question([other(1, replace("C14", "47n/630"))]).met).toEqual([]);
    expect(question([entry(1, symptom("hum")), entry(2, replace("C14", "47n/630"))]).met).toEqual(["open"]);
  });
  it("what is found and not mended yet, of this visit, and what is not at hand", () => {
    expect(question([entry(1, finding())]).confirmed).toEqual(["output.coupling-leaky@C14"]);
    expect(question([entry(1, finding({ mended: "C14 replaced" }))]).confirmed).toEqual([]);
    expect(question([entry(1, finding({ work: [idOf(9)] }))]).confirmed).toEqual([]);
    expect(question([other(1, finding())]).confirmed).toEqual([]);
    expect(question([entry(1, symptom("hum"))]).lacking).toEqual([]);
    expect(question([entry(1, symptom("hum"))], { lacking: ["scope" as never] }).lacking).toEqual(["scope"]);
  });
  it("names entries that no test of this circuit asks for", () => {
    const { unread } = searchOf(input([entry(1, searched("no-such-test", "bad")), entry(2, symptom("distorted"))]));
    expect(unread).toEqual([idOf(1)]);
  });
  it("a finding's later words belong to it alone", () => {
    const two = [
      entry(1, finding()),
      entry(2, finding({ fault: "output.tube-weak@V4", cause: "V4 weak" })),
      entry(3, finding({ about: idOf(1), mended: "C14 replaced" })),
    ];
    expect(searchOf(input(two)).findings.map(({ cause, state }) => [cause, state])).toEqual([
      ["C14 leaks", "mended"],
      ["V4 weak", "found"],
    ]);
  });
  it("a fault that its circuit does not know any more is named all the same", () => {
    expect(faultWords("gone.strange", searchOf(input([])).circuit)).toBe("strange, gone");
    expect(faultWords("nonsense", searchOf(input([])).circuit)).toBe(", ");
  });
});

describe("a lamp in series", () => {
  const rise = (lamp: "dim" | "bright", stage: "rectifier-out" | "rectifier-in"): Content => ({
    kind: "power-step",
    payload: { v: 1, method: "lamp", stage, fraction: 1, lamp, seen: [], expected: {} } as never,
  });
  it("is no proof for B+ while the rectifier is out, and a sign of a short whenever it stays bright", () => {
    expect(evidence(rise("dim", "rectifier-out"))).toEqual([]);
    expect(evidence(rise("dim", "rectifier-in"))).toEqual(["lamp dim"]);
    expect(evidence(rise("bright", "rectifier-out"))).toEqual(["lamp bright"]);
  });
});

describe("after a repair", () => {
  it("a part with a work of its own that failed is open again after a repair, and asked for by its question", () => {
    const mended: Content = {
      kind: "finding",
      payload: {
        ...{ v: 1, fault: "agc.agc-leaky", cause: "leaks", state: "found", mended: "replaced" },
        ...{ evidence: [], work: [], gone: [] },
      },
    };
    const search = searchOf(input([entry(1, searched("works:agc", "fails")), entry(2, mended)]));
    expect(search.question.done).not.toContain("works:agc");
    const again = heardAgain(search, "agc.agc-leaky").find(({ id }) => id === "works:agc");
    expect(again).toMatchObject({ bad: { key: "fails" }, good: { key: "works" } });
    expect(again?.name).toMatch(/^Again: .*\?$/);
  });

  it("what the same check makes sure of is mended with it, and what was complained of is heard again", () => {
    const search = searchOf(
      input([entry(1, symptom("distorted, hums")), entry(2, finding({ mended: "C14 replaced" }))]),
    );
    expect(search.question.mended).toContain("output.coupling-leaky@C14");
    expect(search.question.mended).toContain("output.coupling-open@C14");
    const again = heardAgain(search, "output.coupling-leaky@C14");
    expect(again.map(({ id }) => id)).toEqual(["play"]);
    expect(again[0]).toMatchObject({ name: "Listened again", good: { key: "fine" }, bad: { key: "distorted" } });
  });

  it("to listen opens nothing", () => {
    const met = (test: string) => searchOf(input([entry(1, searched(test, "fine"))])).question.met;
    expect(met("play")).not.toContain("open");
    expect(met("inject:af")).toContain("open");
  });

  it("a reading that was put right stands for the words", () => {
    const words: Content = {
      kind: "symptom",
      payload: { v: 1, what: "dead", state: "present", reads: [{ test: "hum", outcome: "line" }] },
    };
    expect(evidence(words)).toEqual(["hum line"]);
    expect(evidence({ ...words, payload: { ...words.payload, reads: [] } })).toEqual([]);
  });
});
