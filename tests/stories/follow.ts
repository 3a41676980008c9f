import { consider, NEED_NAMES, topologyOf, type NextTest, type Picture, type Shown } from "@/core/diagnosis";
import { settle, type Content, type Entry } from "@/core/kinds";
import { sheetSchema, type Sheet } from "@/core/model";
import { heardAgain, searchOf, type Search } from "@/core/visit";

/**
 * Follows the board blindly, by the way of the product: what is found out is an entry of the log, the log is read into
 * a search, the search is weighed, and the first advice alone is done. Nobody thinks.
 */

const SET = "01890000-0000-7000-8000-000000000001";
const VISIT = "01890000-0000-7000-8000-000000000002";
const MINUTES_TO_MEND = 5;

/** Supplies and volts of the topologies, where they are not an AC receiver's. */
const SUPPLIES: Record<string, Pick<Sheet, "supply" | "highestVolts">> = {
  transformerless: { supply: "live-chassis", highestVolts: 160 },
  portable: { supply: "battery", highestVolts: 90 },
  transistor: { supply: "low-voltage", highestVolts: 9 },
  "solid-receiver": { supply: "transformer", highestVolts: 60 },
  "solid-amplifier": { supply: "transformer", highestVolts: 80 },
  "solid-transceiver": { supply: "low-voltage", highestVolts: 14 },
  "solid-transmitter": { supply: "low-voltage", highestVolts: 14 },
  "converter-transceiver": { supply: "low-voltage", highestVolts: 600 },
  vibrator: { supply: "low-voltage", highestVolts: 250 },
  dynamotor: { supply: "low-voltage", highestVolts: 250 },
  transmitter: { supply: "transformer", highestVolts: 600 },
  transceiver: { supply: "transformer", highestVolts: 600 },
  linear: { supply: "high-voltage", highestVolts: 1500 },
};

/** A sheet that has nothing but a topology's stages. */
export function sheetOf(topology: string): Sheet {
  const known = topologyOf(topology);
  if (!known) throw new Error(`no topology ${topology}`);
  return sheetSchema.parse({
    kind: known.name,
    supply: "transformer",
    highestVolts: 300,
    lineVolts: 230,
    tubes: [],
    components: [],
    points: [],
    cautions: [],
    ...SUPPLIES[topology],
    circuit: known.circuit,
  });
}

/** A set with something wrong: what it answers to a test, and which parts are bad. */
export type Bench = {
  /** what comes of a test; the faults that were mended are gone */
  answer: (test: { id: string; outcomes: readonly { key: string }[] }, search: Search) => string;
  /** a check has called a part bad, and it is mended: is all well now? */
  mend: (faults: readonly string[]) => { well: boolean; wasBad: boolean };
};

export type Followed = {
  found: boolean;
  tests: number;
  minutes: number;
  /** sound parts that were mended */
  falseAlarms: number;
  /** tests made in turn, with what came of them */
  steps: { test: string; outcome: string; best: string; p: number }[];
  /** advice that nobody should follow */
  dangers: string[];
  /** probabilities that were given to parts called bad, and whether they were */
  calls: { p: number; right: boolean; by: Shown | undefined }[];
};

/** What must never be advised: the line while a short is likely, a probe or a hand where it does not belong. */
function dangerOf(test: NextTest, picture: Picture, { highestVolts }: Sheet): string[] {
  const inside = test.needs.includes("open") && test.needs.includes("power");
  return [
    ...(picture.short && test.needs.includes("power") ? [`${test.name}: needs the line while a short is likely`] : []),
    ...(highestVolts > 1000 && inside && test.hazard >= 3 ? [`${test.name}: under ${highestVolts} V by hand`] : []),
    ...(test.hazard === 0 && inside && highestVolts > 60 ? [`${test.name}: open and live, and no danger named`] : []),
    ...test.needs.filter((need) => !NEED_NAMES[need]).map((need) => `${test.name}: ${need}`),
  ];
}

export type Start = {
  sheet: Sheet;
  complaint: string;
  /** what the complaint says, where it was put right */
  reads?: { test: string; outcome: string }[];
  year?: number;
  most: number;
};

export function follow({ sheet, complaint, reads, year, most }: Start, bench: Bench): Followed {
  const entries: Entry[] = [];
  const write = (content: Content): string => {
    const n = entries.length + 1;
    const id = `01890000-0000-7000-9000-${String(n).padStart(12, "0")}`;
    const at = new Date(Date.UTC(2026, 0, 5, 8, n)).toISOString();
    entries.push({ id, setId: SET, visitId: VISIT, ...content, at, recordedAt: at, by: SET, amends: null } as never);
    return id;
  };
  write({
    kind: "take-in",
    payload: { v: 1, complaint, policy: "original", received: [], missing: [], ...(reads ? { reads } : {}) },
  } as Content);
  const done: Followed = { found: false, tests: 0, minutes: 0, falseAlarms: 0, steps: [], dangers: [], calls: [] };
  const made = (id: string, outcome: string, name: string) => {
    done.tests += 1;
    return write({ kind: "fault-test", payload: { v: 1, test: id, outcome, what: name.slice(0, 200), says: outcome } });
  };
  while (done.tests < most) {
    const { settled } = settle(entries);
    const search = searchOf({
      sheet,
      year: year ?? null,
      settled,
      visitId: VISIT,
      now: "2026-01-06T08:00:00.000Z",
    } as Parameters<typeof searchOf>[0]);
    const picture = consider(search.question);
    const shown = picture.causes.find((cause) => cause.shown);
    if (shown) {
      // The board says that it is shown: it is confirmed, mended, and one listens again.
      const behind = search.system.faults
        .filter((_, at) => search.system.testById.get(shown.check)?.response[at])
        .map(({ id }) => id);
      const { well, wasBad } = bench.mend(behind);
      done.calls.push({ p: shown.probability, right: wasBad, by: shown.shown });
      if (!wasBad) done.falseAlarms += 1;
      done.minutes += MINUTES_TO_MEND;
      write({
        kind: "finding",
        payload: {
          v: 1,
          fault: shown.id,
          cause: shown.name.slice(0, 200),
          state: "found",
          evidence: [],
          work: [],
          gone: [],
          mended: "done",
        },
      } as Content);
      if (well) return { ...done, found: true };
      for (const again of heardAgain(search, shown.id)) {
        const test = search.system.testById.get(again.id);
        if (!test) continue;
        done.minutes += test.minutes;
        made(again.id, bench.answer(test, search), again.name);
      }
      continue;
    }
    const next = picture.next[0];
    if (!next) return done;
    done.dangers.push(...dangerOf(next, picture, sheet));
    const test = search.system.testById.get(next.id);
    if (!test) return done;
    const outcome = bench.answer(test, search);
    done.minutes += next.minutes;
    const best = picture.causes[0];
    done.steps.push({ test: next.id, outcome, best: best?.id ?? "", p: best?.probability ?? 0 });
    made(next.id, outcome, next.name);
  }
  return done;
}
